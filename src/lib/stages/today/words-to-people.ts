import { clockWords } from '$lib/stages/table-day/clock';
import { seatStations } from '$lib/stages/people/seats';
import type { SeasonGoal } from '$lib/stages/season/season-view';
import type { SeasonSaid } from '$lib/stages/season/season-said';
import { heldWords } from '$lib/stages/season/season-words';
import { weekdayWords, yearDayWords } from '$lib/ui/day-words';
import { capital, smallNumber } from '$lib/ui/number-words';
import type { SeasonThere } from './suggestions';
import { waitingOf } from './suggestions';

/** A table day to come, as those who said they come are told of it. */
export interface DayToTell {
	readonly id: string;
	readonly day: string;
	readonly place: string;
	/** By the hall's clock, minutes of the day. */
	readonly from: number;
	readonly to: number;
	readonly people: readonly {
		readonly id: string;
		readonly name: string;
		/** Where they begin; null where nobody said. */
		readonly station: string | null;
		readonly isTold: boolean;
	}[];
}

/** What is done at a station, as one is told of one's seat. */
const doings: Readonly<Record<string, string>> = {
	flatten: 'flattening',
	cut: 'cutting',
	join: 'joining',
	ball: 'winding balls',
	load: 'loading a loom',
	weave: 'weaving',
	crochet: 'crochet',
	twine: 'twining',
	bands: 'weaving bands',
	finish: 'finishing',
	check: 'checking',
	pillows: 'stuffing pillows'
};

/** Every station has its word. */
export const untold = seatStations.filter((station) => !(station in doings));

const when = ({ day, place, from, to }: Pick<DayToTell, 'day' | 'place' | 'from' | 'to'>): string =>
	`on ${weekdayWords(day)} at ${place}, from ${clockWords(from)} to ${clockWords(to)}`;

/** A word to somebody who said they come to a day: when, where, and what they begin with. */
export function dayWord(
	day: Pick<DayToTell, 'day' | 'place' | 'from' | 'to'>,
	station: string | null
): string {
	const seat = station === null ? '' : ` You begin with ${doings[station] ?? station}.`;
	return `The table meets ${when(day)}. You said you come.${seat} Should it not work out, a word is enough: somebody else sits there then.`;
}

/** What the week brings, of all that is there; nobody is named in it. */
export interface Week {
	readonly groupName: string;
	readonly there: SeasonThere;
	readonly day: DayToTell | null;
	readonly goal: SeasonGoal | null;
	readonly said: SeasonSaid | null;
}

const mats = (count: number): string => (count === 1 ? 'one mat' : `${smallNumber(count)} mats`);

const likely = (count: number): string =>
	count === 0
		? 'none is likely'
		: count === 1
			? 'about one is likely'
			: `about ${smallNumber(count)} are likely`;

/** The note of the week, a line for each thing there is to say. */
export function weekNote({ groupName, there, day, goal, said }: Week): string {
	const { basis, checks } = there;
	const { toCheck, toMend } = waitingOf(checks);
	const [most] = heldWords(said?.heldBackBy ?? {});
	const lines = [
		day &&
			`The table meets ${when(day)}. ${capital(smallNumber(day.people.length))} said they come; whoever has time is welcome.`,
		there.mats.length > 0 &&
			`${capital(mats(there.mats.length))} ${there.mats.length === 1 ? 'is' : 'are'} in hand.`,
		toCheck > 0 && `${capital(mats(toCheck))} ${toCheck === 1 ? 'waits' : 'wait'} for a check.`,
		toMend > 0 &&
			`${capital(mats(toMend))} ${toMend === 1 ? 'wants' : 'want'} mending: minutes of work.`,
		basis.ready > 0 &&
			`${capital(mats(basis.ready))} ${basis.ready === 1 ? 'lies' : 'lie'} ready to go.`,
		basis.strandMats >= 1 &&
			`Balls are there for ${mats(Math.floor(basis.strandMats))}: who would begin one?`,
		goal &&
			said &&
			`${capital(mats(goal.wanted))} ${goal.wanted === 1 ? 'is' : 'are'} asked for by ${yearDayWords(goal.by)}: ${likely(Math.round(said.expected))}.${
				most?.[0] === 'bags'
					? ' Bags lack most: bring what you have, clean and dry.'
					: most?.[0] === 'strand'
						? ' Strand lacks most: every pair of hands at the table helps.'
						: most?.[0] === 'makers'
							? ' Hands for mats lack most: who knows somebody who would like to learn?'
							: ''
			}`
	];
	return [`${groupName}, this week`, ...lines.filter((line) => typeof line === 'string')].join(
		'\n'
	);
}
