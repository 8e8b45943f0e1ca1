import { suggestions as say } from '$lib/words/today';
import type { LeverName } from '$lib/core/season/forecast';
import { byPressing } from '$lib/core/season/urgency';
import type { CheckOverview } from '$lib/stages/check/check-view';
import type { DryingPile } from '$lib/stages/gather/lines';
import type { AskLine } from '$lib/stages/hand-over/hand-over-view';
import { needOf } from '$lib/stages/making/mat-view';
import type { MatLine, MatNeed } from '$lib/stages/making/mat-view';
import { matNeedWords, whoseWords } from '$lib/stages/making/mat-words';
import type { SeasonSaid } from '$lib/stages/season/season-said';
import type { SeasonBasis } from '$lib/stages/season/season-view';
import { addsWords, chanceWords, leverWords } from '$lib/stages/season/season-words';
import { nearDayWords, shortDayWords, weekdayWords } from '$lib/ui/day-words';
import { daysBetween } from '$lib/ui/days';
import { capital, smallNumber, wholeNumber } from '$lib/ui/number-words';
import type { TodayAct } from './today-view';

/** A season as it stands, with the mats, the asks and the checks it is made of. */
export interface SeasonThere {
	readonly basis: SeasonBasis;
	readonly mats: readonly MatLine[];
	readonly asks: readonly AskLine[];
	readonly checks: CheckOverview;
	/** What is to be begun for what places ask. */
	readonly need: {
		readonly asks: readonly {
			readonly id: number;
			readonly placeName: string;
			readonly byDay: string;
			readonly toBegin: number;
			readonly beginBy: string | null;
			readonly isLate: boolean;
		}[];
	};
}

/** The next table day: who said they come, and how many of them have a seat. */
export interface NextDay {
	readonly id: string;
	readonly day: string;
	readonly people: number;
	readonly seated: number;
	/** Of those who said yes, how many nobody reminded of it. */
	readonly untold: number;
	/** When it begins, minutes after midnight in the hall. */
	readonly fromMinute: number;
	/** It was begun, and not ended yet. */
	readonly isOpen: boolean;
}

/** How long a need of a mat can wait, and what is done about it. */
const needWaits: Readonly<Partial<Record<MatNeed, { days: number; does: string }>>> = {
	finish: { days: 2, does: say.finishIt() },
	ball: { days: 1, does: say.giveABall() },
	fetch: { days: 4, does: say.takeCareOfIt() },
	lacks: { days: 6, does: say.seeWhatLacks() },
	narrows: { days: 4, does: say.lookAtIt() },
	ask: { days: 7, does: say.writeAMessage() }
};
/** A mat that is hardly begun is worth as much as this, in mats: its strand lies in it. */
const leastWorth = 0.2;

/** What stands in a mat already is what would be lost with it. */
const matActs = (mats: readonly MatLine[]): TodayAct[] =>
	mats.flatMap((mat): TodayAct[] => {
		const need = needOf(mat);
		const own = needWaits[need];
		if (!own) return [];
		return [
			{
				id: `mat-${mat.code}`,
				title: capital(`${whoseWords(mat)}: ${matNeedWords(need, mat)}`),
				reason: say.made({ plan: mat.planName, percent: Math.round(100 * mat.share) }),
				when: own.days <= 1 ? 'now' : say.thisWeek(),
				href: `/make/${mat.code}`,
				worth: Math.max(leastWorth, mat.share),
				...own
			}
		];
	});

const askActs = (asks: readonly AskLine[], today: string): TodayAct[] =>
	asks.flatMap((ask): TodayAct[] => {
		const { id, placeName, mats, handed, promised, byDay, counts, isDone } = ask;
		const days = daysBetween(today, byDay);
		if (isDone || days < 0) return [];
		const open = mats - handed;
		const owed = Math.max(0, (promised ?? 0) - handed);
		if (owed > counts.high)
			return [
				{
					id: `short-${id}`,
					title: say.willComeShortTellThem({ placeName }),
					reason: say.arePromisedStillAndAt({
						owed: capital(smallNumber(owed)),
						high: smallNumber(counts.high)
					}),
					when: shortDayWords(byDay),
					href: '/hand-over/asks',
					does: say.lookAtThePromise(),
					worth: owed - counts.high,
					days: Math.min(days, 7)
				}
			];
		if (counts.ready === 0) return [];
		return [
			{
				id: `pack-${id}`,
				title: say.packFor({ ready: smallNumber(counts.ready), placeName }),
				reason: say.theyAskForMoreBy({
					open: wholeNumber(open),
					shortDay: shortDayWords(byDay),
					ready: smallNumber(counts.ready)
				}),
				when: shortDayWords(byDay),
				href: '/hand-over',
				does: say.packThem(),
				worth: counts.ready,
				days: Math.min(days, 14)
			}
		];
	});

/** Mats' worth of strand that a table day makes where none is behind. */
const usualDay = 0.8;

function dayActs(day: NextDay | null, { today, perTableDay }: SeasonBasis): TodayAct[] {
	if (!day) return [];
	const days = daysBetween(today, day.day);
	const open = day.people - day.seated;
	if (days > 10 || (open <= 0 && day.people > 0)) return [];
	const name = weekdayWords(day.day);
	const made = perTableDay.filter((mats) => mats > 0);
	const wholeDay =
		made.length > 0 ? made.reduce((sum, mats) => sum + mats, 0) / made.length : usualDay;
	return [
		{
			id: `day-${day.id}`,
			title:
				day.people === 0
					? say.whoComesOn({ name })
					: say.withoutASeatOn({ open: capital(smallNumber(open)), name }),
			reason:
				day.people === 0
					? say.nobodyHasSaidYesYet()
					: say.saidTheyComeASeat({ people: capital(smallNumber(day.people)) }),
			when: days === 0 ? 'today' : shortDayWords(day.day),
			href: day.people === 0 ? `/prepare/days#day-${day.id}` : `/prepare/days/${day.id}`,
			does: day.people === 0 ? say.sayWhoComes() : say.chooseSeats(),
			worth: wholeDay * (day.people === 0 ? 1 : open / day.people),
			days
		}
	];
}

/** From three days before, those who said yes are reminded, each once. */
function remindActs(day: NextDay | null, { today }: SeasonBasis): TodayAct[] {
	if (!day || day.untold === 0 || day.isOpen) return [];
	const days = daysBetween(today, day.day);
	if (days < 1 || days > 3) return [];
	return [
		{
			id: `remind-${day.id}`,
			title: say.remindThem({ count: day.untold, day: nearDayWords(day.day, today) }),
			reason: say.theySaidYes(),
			when: shortDayWords(day.day),
			href: '/season/words',
			does: say.sendReminder(),
			worth: usualDay / 4,
			days: days - 1
		}
	];
}

/** Where mats are wanted, and nobody said when the table meets: no chance can be told before. */
const rhythmActs = ({ goals, hasRhythm }: SeasonBasis): TodayAct[] =>
	hasRhythm || goals.length === 0
		? []
		: [
				{
					id: 'rhythm',
					title: say.setTheRhythm(),
					reason: say.thenWeCanTell(),
					when: 'now',
					href: '/prepare/days#rhythm',
					does: say.setRhythm(),
					worth: 1,
					days: 1
				}
			];

/** Mats that wait to be checked, and to be mended. */
export function waitingOf({ mats }: Pick<CheckOverview, 'mats'>): {
	readonly toCheck: number;
	readonly toMend: number;
} {
	const toMend = mats.filter(({ state }) => state === 'to-mend').length;
	return { toCheck: mats.length - toMend, toMend };
}

const checkActs = (checks: CheckOverview): TodayAct[] => {
	const { toCheck, toMend } = waitingOf(checks);
	const counted = (count: number, act: string) =>
		count === 1 ? say.oneMatTo({ act }) : say.matsTo({ count: capital(smallNumber(count)), act });
	const acts = [
		{
			id: 'check',
			title: counted(toCheck, 'check'),
			reason: say.aGoodOneCanGo(),
			does: toCheck === 1 ? say.checkIt() : say.checkThem(),
			worth: toCheck,
			days: 4
		},
		{
			id: 'mend',
			title: counted(toMend, 'mend'),
			reason: say.minutesEachAndItIs(),
			does: say.seeHow(),
			worth: toMend,
			days: 6
		}
	];
	return acts
		.filter(({ worth }) => worth > 0)
		.map((act) => ({ ...act, when: say.thisWeek(), href: '/check' }));
};

function dryingActs(drying: readonly DryingPile[], bagsPerMat: number, at: Date): TodayAct[] {
	const hangs = drying.filter(({ endedAt }) => !endedAt);
	const hanging = hangs.reduce((sum, one) => sum + one.hanging, 0);
	const [first] = hangs;
	if (!first || hanging <= 0) return [];
	const days = Math.max(0, Math.round((first.lookAgainAt.getTime() - at.getTime()) / 86_400_000));
	return [
		{
			id: 'drying',
			title: say.bagsHangToDry({ hanging: wholeNumber(hanging) }),
			reason: say.fromDampBagsStartTo({ place: first.place }),
			// Due later today is not due now.
			when: first.lookAgainAt <= at ? 'now' : days === 0 ? 'today' : say.thisWeek(),
			href: '/gather/sort',
			does: say.lookAgain(),
			worth: hanging / bagsPerMat,
			days
		}
	];
}

/** A lever that adds less than this to a season is not worth asking anybody for, in mats. */
const worthAsking = 0.25;

const leverActs: Readonly<Record<LeverName, Pick<TodayAct, 'title' | 'href' | 'does' | 'days'>>> = {
	'bags-300': { title: say.askForBags(), href: '/gather/asks', does: say.whatToAskFor(), days: 7 },
	'table-day': {
		title: say.findAnotherTableDay(),
		href: '/prepare/days',
		does: say.planADay(),
		days: 10
	},
	'two-makers': {
		title: say.askWhoElseWouldMake(),
		href: '/people',
		does: say.seeWhoIsFree(),
		days: 10
	}
};

/** What would help the season, as its forecast has it. */
const seasonActs = (said: SeasonSaid | null): TodayAct[] =>
	(said?.levers ?? [])
		.filter(({ adds }) => adds >= worthAsking)
		.map(({ what, adds, outlook }) => ({
			id: `lever-${what}`,
			...leverActs[what],
			reason: say.chanceToMakeTheSeason({
				lever: capital(leverWords(what, 1)),
				adds: addsWords(adds),
				chance: chanceWords(outlook.chance)
			}),
			when: say.thisWeek(),
			worth: adds
		}));

/** Mats that are to be begun for what a place asks, the soonest first: by when at the latest, and for how many there is yarn. */
const beginForActs = (
	{ asks }: SeasonThere['need'],
	{ today, strandMats }: SeasonBasis
): TodayAct[] =>
	asks
		.filter(({ toBegin, beginBy }) => toBegin > 0 && beginBy !== null)
		.map(({ id, placeName, byDay, toBegin, beginBy, isLate }) => {
			const by = nearDayWords(byDay, today);
			const when = nearDayWords(beginBy ?? byDay, today);
			return {
				id: `begin-${id}`,
				title: say.beginFor({ count: toBegin, place: placeName }),
				reason: `${isLate ? say.beginLate({ by }) : say.beginBy({ day: when, by })} ${say.yarnFor({
					mats: wholeNumber(Math.floor(strandMats))
				})}`,
				when: isLate ? 'now' : when,
				href: '/season#chain',
				does: say.startOne(),
				worth: toBegin * leastWorth,
				days: isLate ? 7 : Math.max(0, daysBetween(today, beginBy ?? byDay))
			};
		})
		.slice(0, 2);

/** Somebody without a mat, and strand for one. */
function beginActs({ freeMakers, strandMats, newMat }: SeasonBasis): TodayAct[] {
	const count = Math.min(freeMakers.length, Math.floor(strandMats));
	if (count < 1) return [];
	return [
		{
			id: 'begin',
			title:
				count === 1
					? say.aMatCouldBeBegun()
					: say.matsCouldBeBegun({ count: capital(smallNumber(count)) }),
			reason: say.bagsLieInBallsAnd({
				strandMats: wholeNumber(strandMats * newMat.bags),
				length: smallNumber(freeMakers.length),
				length2: freeMakers.length
			}),
			when: say.thisWeek(),
			href: '/make#begin',
			does: say.startOne(),
			worth: count * leastWorth,
			days: 7
		}
	];
}

/** The next few acts, those that press most first. */
export const actsOf = (
	{ basis, mats, asks, checks, need }: SeasonThere,
	{ day, drying, said, at }: BesideSeason
): TodayAct[] =>
	byPressing([
		...matActs(mats),
		...askActs(asks, basis.today),
		...dayActs(day, basis),
		...remindActs(day, basis),
		...rhythmActs(basis),
		...checkActs(checks),
		...dryingActs(drying, basis.newMat.bags, at),
		...seasonActs(said),
		...beginForActs(need, basis),
		...(need.asks.some(({ toBegin }) => toBegin > 0) ? [] : beginActs(basis))
	]);

/** What acts rest on beside the season. */
export interface BesideSeason {
	readonly day: NextDay | null;
	readonly drying: readonly DryingPile[];
	readonly said: SeasonSaid | null;
	readonly at: Date;
}
