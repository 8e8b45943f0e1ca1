import { groupOf } from '../season';
import type { GroupWeeks } from '../../making/group-weeks';
import type { HandPlan, HeldMat, HeldSeason, Pass } from './held';
import { asHeld, freeAfter, seasonWith, takersOf } from './held';
import type { WeekPromise } from './promise';
import { chanceOfShare, weekPromise } from './promise';

/** Roughly what each maker promises, and what each mat promises in each hand. */
export interface Promises {
	readonly of: (maker: string) => WeekPromise;
	/** Chance that a mat is ready in time with a maker who goes on with it after so many weeks. */
	readonly inTime: (mat: HeldMat, maker: string, rest: number) => number;
}

/** Weeks at the end in which what is finished is still in check. */
const weeksOfCheck = 1;

/**
 * Roughly what a season's makers promise.
 *
 * @example promisesOf({ season: { weeks: 9, handedOver: 0, ready: 0, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, mats: [], makers: [{ id: 'a', weeks: [] }] }).of('a').mean // 0.060
 */
export function promisesOf(held: HeldSeason): Promises {
	const group: GroupWeeks = groupOf(seasonWith(held, asHeld(held)));
	const all = new Map(
		held.makers.map((maker) => [
			maker.id,
			{ away: maker.away ?? [], promise: weekPromise(maker, group) }
		])
	);
	const nobody = { away: [], promise: { mean: 0, ofWeek: 0, ofMean: 0 } };
	const weeks = held.season.weeks - weeksOfCheck;
	const known = new Map<string, number>();
	const inTime: Promises['inTime'] = ({ done }, maker, rest) => {
		const { away, promise } = all.get(maker) ?? nobody;
		const lost = away.filter((week) => week > rest && week <= weeks).length;
		return chanceOfShare(promise, 1 - done, weeks - rest - lost);
	};
	return {
		of: (maker) => (all.get(maker) ?? nobody).promise,
		inTime(mat, maker, rest) {
			const key = `${mat.id} ${rest} ${maker}`;
			const chance = known.get(key) ?? inTime(mat, maker, rest);
			known.set(key, chance);
			return chance;
		}
	};
}

/** A step from one plan: mats that go to others, and roughly how many mats in time that adds. */
interface Step {
	readonly to: readonly (readonly [HeldMat, string])[];
	readonly hope: number;
}

/** The passes of a plan with one mat in other hands: none where it is back in its own. */
const handed = (passes: readonly Pass[], mat: HeldMat, to: string): Pass[] => [
	...passes.filter((pass) => pass.mat !== mat.id),
	...(to === mat.maker ? [] : [{ mat: mat.id, from: mat.maker, to }])
];

/** Who begins after some mats changed hands: as before, without those who hold one now, and with those who are newly free, or without. */
function beginsAfter(
	held: HeldSeason,
	{ passes, begin }: HandPlan,
	after: readonly Pass[]
): string[][] {
	const free = freeAfter(held, after);
	const still = begin.filter((id) => free.includes(id));
	const before = new Set(freeAfter(held, passes));
	const newly = free.filter((id) => !before.has(id));
	return newly.length > 0 ? [[...still, ...newly], still] : [still];
}

/** All steps from a plan, the likeliest to help first. */
function stepsFrom(held: HeldSeason, { passes }: HandPlan, promises: Promises): Step[] {
	const free = freeAfter(held, passes);
	const passedTo = new Map(passes.map(({ mat, to }) => [mat, to]));
	const inHands = (mat: HeldMat, maker: string) =>
		promises.inTime(mat, maker, maker === mat.maker ? (mat.restWeeks ?? 0) : 1);
	const now = held.mats
		.filter(({ done }) => done < 1)
		.map((mat) => {
			const holder = passedTo.get(mat.id) ?? mat.maker;
			return { mat, holder, hope: inHands(mat, holder) };
		});
	const steps: Step[] = [];
	for (const [at, { mat, holder, hope }] of now.entries()) {
		for (const to of free) steps.push({ to: [[mat, to]], hope: inHands(mat, to) - hope });
		for (const other of now.slice(at + 1)) {
			if (other.holder === holder) continue;
			steps.push({
				to: [
					[mat, other.holder],
					[other.mat, holder]
				],
				hope: inHands(mat, other.holder) + inHands(other.mat, holder) - hope - other.hope
			});
		}
	}
	return steps.toSorted((one, other) => other.hope - one.hope);
}

/** A plan that differs from another by one step. */
export interface Move {
	readonly plan: HandPlan;
	readonly hope: number;
}

/**
 * Plans that put one mat into other hands, or two into each other's; the likeliest to help first, and so many at the most.
 *
 * @example passMoves({ season: { weeks: 9, handedOver: 0, ready: 0, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, mats: [], makers: [] }, { passes: [], begin: [] }, { of: () => ({ mean: 0, ofWeek: 0, ofMean: 0 }), inTime: () => 0 }, 5) // []
 */
export function passMoves(
	held: HeldSeason,
	plan: HandPlan,
	promises: Promises,
	most: number
): Move[] {
	const moves: Move[] = [];
	for (const { to, hope } of stepsFrom(held, plan, promises)) {
		if (moves.length >= most) break;
		let { passes } = plan;
		for (const [mat, maker] of to) passes = handed(passes, mat, maker);
		if (!holdsOnce(held, passes)) continue;
		for (const begin of beginsAfter(held, plan, passes))
			moves.push({ plan: { passes, begin }, hope });
	}
	return moves;
}

/** Nobody who gets a mat holds another, and each can take one. */
function holdsOnce(held: HeldSeason, passes: readonly Pass[]): boolean {
	const takers = takersOf(held);
	const passedTo = new Map(passes.map(({ mat, to }) => [mat, to]));
	const holders = new Map<string, number>();
	for (const { id, maker } of held.mats) {
		const holder = passedTo.get(id) ?? maker;
		holders.set(holder, (holders.get(holder) ?? 0) + 1);
	}
	return passes.every(({ to }) => takers.has(to) && holders.get(to) === 1);
}

/**
 * Steps that change who begins: somebody left out, or put in or moved to another place.
 *
 * @example beginMoves({ season: { weeks: 9, handedOver: 0, ready: 0, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, mats: [], makers: [{ id: 'a', weeks: [] }] }, { passes: [], begin: ['a'] }) // [{ passes: [], begin: [] }]
 */
export function beginMoves(held: HeldSeason, { passes, begin }: HandPlan): HandPlan[] {
	return freeAfter(held, passes).flatMap((id) => {
		const without = begin.filter((other) => other !== id);
		const at = begin.indexOf(id);
		const orders = Array.from({ length: without.length + 1 }, (_, place) =>
			without.toSpliced(place, 0, id)
		).filter((_, place) => place !== at);
		return [...(at < 0 ? [] : [without]), ...orders].map((order) => ({ passes, begin: order }));
	});
}

/**
 * The first few who begin, the most promising first: one plan for each number of them.
 *
 * @example promisingFirst({ season: { weeks: 9, handedOver: 0, ready: 0, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, mats: [], makers: [{ id: 'a', weeks: [] }] }, [], { of: () => ({ mean: 1, ofWeek: 0, ofMean: 0 }), inTime: () => 0 }) // [{ passes: [], begin: [] }, { passes: [], begin: ['a'] }]
 */
export function promisingFirst(
	held: HeldSeason,
	passes: readonly Pass[],
	promises: Promises
): HandPlan[] {
	const order = freeAfter(held, passes).toSorted(
		(one, other) => promises.of(other).mean - promises.of(one).mean
	);
	return Array.from({ length: order.length + 1 }, (_, count) => ({
		passes,
		begin: order.slice(0, count)
	}));
}
