import { doingWords } from '$lib/ui/doing-words';
import { matsWords } from '$lib/stages/hand-over/hand-over-words';
import { wordsToPeople as msg } from '$lib/words/today';
import { clockWords } from '$lib/stages/table-day/clock';
import { seatStations } from '$lib/stages/people/seats';
import type { SeasonGoal } from '$lib/stages/season/season-view';
import type { SeasonSaid } from '$lib/stages/season/season-said';
import { heldWords } from '$lib/stages/season/season-words';
import { dayAfter } from '$lib/ui/days';
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
	readonly isOpen: boolean;
	readonly people: readonly {
		readonly id: string;
		readonly name: string;
		/** Where they begin; null where nobody said. */
		readonly station: string | null;
		readonly isTold: boolean;
	}[];
}

/** From this day on those who said yes are reminded of a table day: three days before. */
export const remindedFrom = (day: string): string => dayAfter(day, -3);

/** What is done at a station, as one is told of one's seat. */
const doings: Readonly<Record<string, string>> = {
	...doingWords,
	load: msg.loadingALoom(),
	weave: msg.weaving(),
	twine: msg.twining(),
	bands: msg.weavingBands(),
	pillows: msg.stuffingPillows()
};

/** Every station has its word. */
export const untold = seatStations.filter((station) => !(station in doings));

const when = ({ day, place, from, to }: Pick<DayToTell, 'day' | 'place' | 'from' | 'to'>): string =>
	msg.onAtFromTo({
		weekday: weekdayWords(day),
		place,
		clock: clockWords(from),
		clock2: clockWords(to)
	});

/** A word to somebody who said they come to a day: when, where, and what they begin with. */
export function dayWord(
	day: Pick<DayToTell, 'day' | 'place' | 'from' | 'to'>,
	station: string | null
): string {
	const seat = station === null ? '' : msg.youBeginWith({ doings: doings[station] ?? station });
	return msg.theTableMeetsYouSaid({ when: when(day), seat });
}

/** What the week brings, of all that is there; nobody is named in it. */
export interface Week {
	readonly groupName: string;
	readonly there: SeasonThere;
	readonly day: DayToTell | null;
	readonly goal: SeasonGoal | null;
	readonly said: SeasonSaid | null;
}

const likely = (count: number): string =>
	count === 0
		? msg.noneIsLikely()
		: count === 1
			? msg.aboutOneIsLikely()
			: msg.aboutAreLikely({ count: smallNumber(count) });

/** The note of the week, a line for each thing there is to say. */
export function weekNote({ groupName, there, day, goal, said }: Week): string {
	const { basis, checks } = there;
	const { toCheck, toMend } = waitingOf(checks);
	const [most] = heldWords(said?.heldBackBy ?? {});
	const lines = [
		day &&
			msg.theTableMeetsSaidThey({
				when: when(day),
				length: capital(smallNumber(day.people.length))
			}),
		there.mats.length > 0 &&
			msg.lengthPluralOneOtherIn({
				mats: capital(matsWords(there.mats.length)),
				length: there.mats.length
			}),
		toCheck > 0 && msg.tocheckPluralOneOtherFor({ mats: capital(matsWords(toCheck)), toCheck }),
		toMend > 0 && msg.tomendPluralOneOtherMending({ mats: capital(matsWords(toMend)), toMend }),
		basis.ready > 0 &&
			msg.readyPluralOneOtherReady({ mats: capital(matsWords(basis.ready)), ready: basis.ready }),
		basis.strandMats >= 1 &&
			msg.ballsAreThereForWho({ mats: matsWords(Math.floor(basis.strandMats)) }),
		goal &&
			said &&
			msg.wantedPluralOneOtherAsked({
				mats: capital(matsWords(goal.wanted)),
				wanted: goal.wanted,
				yearDay: yearDayWords(goal.by),
				likely: likely(Math.round(said.expected)),
				part:
					most?.[0] === 'bags'
						? msg.bagsLackMostBringWhat()
						: most?.[0] === 'strand'
							? msg.weNeedYarnMostEvery()
							: most?.[0] === 'makers'
								? msg.weNeedMakersMostDo()
								: ''
			})
	];
	return [msg.thisWeek({ groupName }), ...lines.filter((line) => typeof line === 'string')].join(
		'\n'
	);
}
