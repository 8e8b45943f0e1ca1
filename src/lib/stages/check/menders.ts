import { menders as say } from '$lib/words/check';
import type { FaultTally } from '$lib/core/check/fault-tallies';
import { faults } from '$lib/core/check/faults';
import type { TechniqueKind } from '$lib/core/techniques/technique';
import type { PlannedDay } from '$lib/stages/table-day/day-view';
import type { SeatName } from '$lib/stages/people/seats';
import type { MadeMatLine } from './check-view';

/** The seat at which a technique is worked. */
const seatOf: Readonly<Record<TechniqueKind, SeatName>> = {
	crochet: 'crochet',
	'peg-loom': 'weave',
	twined: 'twine',
	'finger-bands': 'bands'
};

/** A mat to mend at a day: how long it takes, and whose seat it can be mended at. */
export interface ToMendAt {
	readonly code: string;
	readonly planName: string;
	readonly minutes: number;
	/** It takes hands that know the technique. */
	readonly isPractised: boolean;
	/** Those who sit where it is mended that day; else those who come and may sit there. */
	readonly names: readonly string[];
	readonly isSeated: boolean;
}

/** Whether any of its faults takes hands that know the technique. */
export const takesPractised = ({ last }: Pick<MadeMatLine, 'last'>): boolean =>
	last?.faults.some(({ kind }) => faults[kind].who === 'practised') ?? false;

/** Mats to mend, and at which seats of a day: finishing, or where the technique is worked. */
export function mendingAt(
	mats: readonly MadeMatLine[],
	{ people, seats }: Pick<PlannedDay, 'people' | 'seats'>
): ToMendAt[] {
	return mats.map((mat): ToMendAt => {
		const own = seatOf[mat.look?.kind ?? 'crochet'];
		const isPractised = takesPractised(mat);
		const may = people.filter(({ seats: can }) =>
			isPractised ? can[own] === 'usual' || can[own] === 'practised' : can[own] || can.finish
		);
		const seated = may.filter(({ id }) =>
			seats.some(
				({ personId, station }) =>
					personId === id && (station === own || (station === 'finish' && !isPractised))
			)
		);
		const isSeated = seated.length > 0;
		return {
			code: mat.code,
			planName: mat.planName,
			minutes: mat.last?.minutes ?? 0,
			isPractised,
			names: (isSeated ? seated : may).map(({ name }) => name),
			isSeated
		};
	});
}

/** Faults that came in more than one mat of late: their steps are shown again at the next table day. */
export const toShowAgain = (faults: readonly FaultTally[]): FaultTally[] =>
	faults.filter(({ mats }) => mats > 1).slice(0, 3);

/** At whose seat a mat is mended, in a line. */
export const mendingWords = ({ names, isSeated, isPractised, minutes }: ToMendAt): string =>
	say.aboutMinutes({
		minutes,
		part:
			names.length === 0
				? isPractised
					? say.andNobodyWhoComesKnows()
					: say.anyoneCanDoIt()
				: isSeated
					? say.atTheSeatOf({ names: names.join(' or ') })
					: say.maySeatThemAtFinishing({ names: names.join(' or ') })
	});
