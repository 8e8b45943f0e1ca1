import type { ExerciseKind } from '$lib/core/know-how/exercises';
import type { SeatName } from './seats';

/** Seats that practice may open, where the coordinator wishes it: never one with a blade, for which hands are trained. */
export const seatsOfPractice: Readonly<Record<ExerciseKind, readonly SeatName[]>> = {
	slit: [],
	trim: [],
	seat: [],
	snug: ['join'],
	'ball-end': ['ball'],
	'over-under': ['weave', 'twine'],
	'wrong-row': ['weave'],
	crossings: ['bands'],
	hook: ['crochet'],
	fault: ['check']
};

/** How a kind of question went under somebody’s name. */
export interface KindPractised {
	readonly kind: ExerciseKind;
	readonly asked: number;
	readonly right: number;
	readonly sits: boolean;
}
