import type { ExerciseKind } from '$lib/core/know-how/exercises';
import type { CutStyle } from '$lib/core/cut/types';
import { seatStations } from '$lib/stages/people/seats';
import type { ActName } from './links/lesson-titles';
import { actsOfStation } from './links/lessons-at';

/** What is known of somebody who learns: where they may sit, where they sat, where they sit next. */
export interface Learner {
	/** Stations they may take; none where nobody said so. */
	readonly may: readonly string[];
	/** Stations they sat at on days behind, one for each day, the last day's first. */
	readonly sat: readonly string[];
	/** Their station on the next table day. */
	readonly next: string | null;
	/** Practice that sits. */
	readonly sits: ReadonlySet<ExerciseKind>;
}

/** Why an act comes next: they sit there next, go on where they sat, try the station after it, or begin. */
export type NextWhy = 'seat' | 'on' | 'after' | 'begin';

export interface NextAct {
	readonly act: ActName;
	readonly station: string;
	readonly why: NextWhy;
}

/**
 * The act that comes next for somebody, by what they did. At a station its acts come in order: one a day they sat
 * there, and what was practised until it sits is passed over.
 *
 * @param practiceOf what an act is practised by
 */
export function nextAct(
	{ may, sat, next, sits }: Learner,
	cut: CutStyle,
	practiceOf: (act: ActName) => ExerciseKind | undefined
): NextAct | null {
	const daysAt = (station: string): number => sat.filter((one) => one === station).length;
	const actAt = (station: string): ActName | null => {
		const acts = actsOfStation(station, cut);
		const open = acts.filter((act) => {
			const practice = practiceOf(act);
			return practice === undefined || !sits.has(practice);
		});
		const left = open.length > 0 ? open : acts;
		return left[Math.min(daysAt(station), left.length - 1)] ?? null;
	};
	const at = (station: string | undefined, why: NextWhy): NextAct | null => {
		const act = station === undefined ? null : actAt(station);
		return act && station !== undefined ? { act, station, why } : null;
	};
	if (next !== null) return at(next, 'seat');
	const [last] = sat;
	if (last === undefined)
		return at(seatStations.find((one) => may.includes(one)) ?? 'flatten', 'begin');
	if (daysAt(last) < actsOfStation(last, cut).length) return at(last, 'on');
	const beyond = seatStations.slice(seatStations.indexOf(last) + 1);
	const fresh = beyond.find((one) => may.includes(one) && daysAt(one) === 0);
	return at(fresh ?? last, fresh === undefined ? 'on' : 'after');
}
