import type { FaultKind } from '../check/faults';
import { faultsOf } from '../check/faults';
import type { Rng } from '../statistics/rng';
import type { TechniqueKind } from '../techniques/technique';
import { techniqueKinds } from '../techniques/technique';
import { someOf, wholeFrom } from './draw-lots';

/** Where a bag with a hole is trimmed: so far above its seam, mm; 0 not at all, it goes to the stuffing. */
export interface TrimExercise {
	readonly kind: 'trim';
	readonly bodyMm: number;
	/** The hole's middle above the seam, mm. */
	readonly holeMm: number;
}
/** Whether a joint is as it should be. */
export interface SnugExercise {
	readonly kind: 'snug';
	/** The hole a joint leaves, over the thickness of its strand. */
	readonly open: number;
	/** How much longer one side of the ring is than the other, over the ring’s length. */
	readonly uneven: number;
}
/** Which of some seats is free of blades. */
export interface SeatExercise {
	readonly kind: 'seat';
	readonly tasks: readonly SeatTask[];
}
/** Which of some remedies mends what is seen of a mat. */
export interface FaultExercise {
	readonly kind: 'fault';
	readonly technique: TechniqueKind;
	readonly fault: FaultKind;
	/** Whose remedies are offered. */
	readonly remedies: readonly FaultKind[];
}
export type ByEye = TrimExercise | SnugExercise | SeatExercise | FaultExercise;

/** What is done at a seat, and whether it takes a blade or sharp scissors. */
const bladeTasks = {
	'cut-rings': true,
	'cut-spiral': true,
	'trim-bags': true,
	'trim-tails': true,
	'cut-stack': true,
	flatten: false,
	join: false,
	ball: false,
	weave: false,
	crochet: false,
	label: false,
	roll: false
} as const;
export type SeatTask = keyof typeof bladeTasks;
const seatTasks = Object.keys(bladeTasks) as SeatTask[];

/** Above this a hole lies in the body: its film is too weak for strand. */
const bodyFromMm = 100;
/** Film that is torn about a hole, and film that nobody gives away for it, mm. */
const [tornMm, wastedMm] = [10, 70];

/** What comes of a trim: right; nowhere though the hole goes with the seam; below the hole, above it by far; a strip with the hole in it. */
export type TrimCall = 'right' | 'needless-stuffing' | 'torn' | 'wasted' | 'weak';

/**
 * What comes of a bag with a hole that is cut so far above its seam, or of one that is not cut at all.
 *
 * @param trim where its hole lies, mm above the seam
 * @param cutMm above the seam; 0 where it goes to the stuffing
 * @example [judgeTrim({ holeMm: 60 }, 75), judgeTrim({ holeMm: 200 }, 50)] // ['right', 'weak']
 */
export function judgeTrim({ holeMm }: Pick<TrimExercise, 'holeMm'>, cutMm: number): TrimCall {
	if (holeMm >= bodyFromMm) return cutMm === 0 ? 'right' : 'weak';
	if (cutMm === 0) return 'needless-stuffing';
	if (cutMm < holeMm + tornMm) return 'torn';
	return cutMm > holeMm + wastedMm ? 'wasted' : 'right';
}

/** How a joint is judged: as it should be, a hole in it, uneven, or a bead. */
export const jointCalls = ['snug', 'loose', 'uneven', 'tight'] as const;
export type JointCall = (typeof jointCalls)[number];

/**
 * What a joint is, by its hole and its sides: uneven before anything else, for that is slid level first.
 *
 * @param joint the hole over the strand's thickness, and the difference of the sides over the ring's length, 0 or more
 * @source bench default
 * @example [judgeJoint({ open: 0.5, uneven: 0 }), judgeJoint({ open: 2, uneven: 0.01 })] // ['snug', 'loose']
 */
export function judgeJoint({ open, uneven }: Pick<SnugExercise, 'open' | 'uneven'>): JointCall {
	if (uneven > 0.08) return 'uneven';
	if (open > 1) return 'loose';
	return open < 0.15 ? 'tight' : 'snug';
}

/** Faults whose picture tells them from every other of their technique. */
const seenFaults: readonly FaultKind[] = [
	'torn-joint',
	'uneven-ring',
	'double-strip',
	'narrows',
	'loose-rows',
	'ends-alike',
	'knot-at-peg',
	'edge-missed',
	'rod-off',
	'loose-tail',
	'damp'
];

/**
 * The question of a kind that is answered by eye, and its answers in rising order.
 * @example byEye('snug', () => 0.5).options // [0, 1, 2, 3]
 */
export function byEye(
	kind: ByEye['kind'],
	rng: Rng
): { readonly facts: ByEye; readonly options: readonly number[] } {
	switch (kind) {
		case 'trim': {
			const bodyMm = 10 * wholeFrom(rng, 34, 44);
			const isNear = rng() < 0.6;
			const holeMm = isNear ? 5 * wholeFrom(rng, 4, 16) : 10 * wholeFrom(rng, 14, 24);
			const right = holeMm <= 40 ? 50 : holeMm + 15;
			return {
				facts: { kind, bodyMm, holeMm },
				options: isNear
					? someOf(rng, [right, 0, 12, right + 120], 4)
					: someOf(rng, [0, 12, 50, holeMm + 20], 4)
			};
		}
		case 'snug': {
			const call = jointCalls[wholeFrom(rng, 0, 3)] ?? 'snug';
			const open = call === 'loose' ? 1.6 + rng() : call === 'tight' ? 0 : 0.3 + 0.3 * rng();
			return {
				facts: { kind, open, uneven: call === 'uneven' ? 0.14 + 0.1 * rng() : 0.02 * rng() },
				options: jointCalls.map((_, at) => at)
			};
		}
		case 'seat': {
			const lots = (isBlade: boolean) => seatTasks.filter((task) => bladeTasks[task] === isBlade);
			const pick = (from: readonly SeatTask[], count: number): SeatTask[] =>
				someOf(
					rng,
					[wholeFrom(rng, 0, from.length - 1), ...from.map((_, at) => at)],
					count
				).flatMap((at) => from[at] ?? []);
			const free = pick(lots(false), 1);
			const tasks = [...pick(lots(true), 3)];
			tasks.splice(wholeFrom(rng, 0, 3), 0, ...free);
			return { facts: { kind, tasks }, options: tasks.map((_, at) => at) };
		}
		case 'fault': {
			const technique = techniqueKinds[wholeFrom(rng, 0, techniqueKinds.length - 1)] ?? 'crochet';
			const can = faultsOf(technique).filter((one) => seenFaults.includes(one));
			const fault = can[wholeFrom(rng, 0, can.length - 1)] ?? 'damp';
			const remedies = someOf(rng, [can.indexOf(fault), ...can.map((_, at) => at)], 4).flatMap(
				(at) => can[at] ?? []
			);
			return { facts: { kind, technique, fault, remedies }, options: remedies.map((_, at) => at) };
		}
	}
}

/**
 * Whether an answer by eye is right, worked out from what is asked.
 *
 * @param answer of a trim the height, mm; else which of what is offered, from 0
 * @example isRightByEye({ kind: 'trim', bodyMm: 385, holeMm: 60 }, 75) // true
 */
export function isRightByEye(facts: ByEye, answer: number): boolean {
	switch (facts.kind) {
		case 'trim':
			return judgeTrim(facts, answer) === 'right';
		case 'snug':
			return jointCalls[answer] === judgeJoint(facts);
		case 'seat': {
			const task = facts.tasks[answer];
			return task !== undefined && !bladeTasks[task];
		}
		case 'fault':
			return facts.remedies[answer] === facts.fault;
	}
}
