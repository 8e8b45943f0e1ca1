import { within } from '../../domain-error';
import type { MakerOfSeason, MatBeingMade, SeasonNow } from '../now';

/** A mat being made, and whose it is. */
export interface HeldMat {
	readonly id: string;
	readonly maker: string;
	/** The share that is made. */
	readonly done: number;
	readonly isOnLoom: boolean;
	/** Weeks from now in which it gains nothing as it is, whole, 0 or more. */
	readonly restWeeks?: number;
}

/** Somebody who makes mats, by an id. */
export interface MakerById extends MakerOfSeason {
	readonly id: string;
	/** What can be given to them: yarn and mats, yarn only, or nothing any more; all where it is not said. */
	readonly takes?: 'all' | 'yarn' | 'nothing';
}

/** Whether a mat can go to somebody. */
const takesMats = ({ takes = 'all' }: MakerById) => takes === 'all';

/** A season with its mats in the hands they are in. Whoever holds none is free, in the list's order. */
export interface HeldSeason {
	/** All else of it; its own mats and makers are not read. */
	readonly season: SeasonNow;
	readonly mats: readonly HeldMat[];
	readonly makers: readonly MakerById[];
	/** Who takes up yarn as it is, in that order; all who are free where it is not said. */
	readonly begin?: readonly string[];
}

/**
 * Ids of those whom a mat can go to.
 *
 * @example takersOf({ season: { weeks: 0, handedOver: 0, ready: 0, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, mats: [], makers: [{ id: 'a', weeks: [], takes: 'yarn' }, { id: 'b', weeks: [] }] }) // new Set(['b'])
 */
export const takersOf = ({ makers }: Pick<HeldSeason, 'makers'>): ReadonlySet<string> =>
	new Set(makers.filter(takesMats).map(({ id }) => id));

/** A mat that goes to another maker. */
export interface Pass {
	readonly mat: string;
	readonly from: string;
	readonly to: string;
}

/** Who makes what from now on: mats passed on, and who of those who are free takes up yarn, in their order. */
export interface HandPlan {
	readonly passes: readonly Pass[];
	readonly begin: readonly string[];
}

/** The place of somebody in the list of makers. */
const placeOf = (makers: readonly MakerById[], maker: string) =>
	within(
		`place of ${maker}`,
		makers.findIndex(({ id }) => id === maker),
		{ atLeast: 0 }
	);

/** Weeks that a mat rests when it is passed on, and its maker then. */
const restOfPass = 1;

/**
 * Refuses mats without a maker, and ids that stand twice.
 *
 * @throws DomainError
 * @example checkHeld({ season: { weeks: 0, handedOver: 0, ready: 0, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, mats: [], makers: [] }) // undefined
 */
export function checkHeld({ mats, makers }: HeldSeason): void {
	for (const list of [mats, makers]) {
		const ids = new Set(list.map(({ id }) => id));
		within('ids that stand twice', list.length - ids.size, { atMost: 0 });
	}
	for (const { maker } of mats) placeOf(makers, maker);
}

/**
 * Who holds no mat after some are passed on: those who are free today in the list's order, then those whose mats went.
 *
 * @example freeAfter({ season: { weeks: 0, handedOver: 0, ready: 0, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, mats: [{ id: 'm', maker: 'a', done: 0, isOnLoom: false }], makers: [{ id: 'a', weeks: [] }, { id: 'b', weeks: [] }] }, [{ mat: 'm', from: 'a', to: 'b' }]) // ['a']
 */
export function freeAfter({ mats, makers }: HeldSeason, passes: readonly Pass[]): string[] {
	const to = new Map(passes.map((pass) => [pass.mat, pass.to]));
	const holding = new Set(mats.map(({ id, maker }) => to.get(id) ?? maker));
	const held = new Set(mats.map(({ maker }) => maker));
	const free = makers
		.filter(({ id, takes }) => takes !== 'nothing' && !holding.has(id))
		.map(({ id }) => id);
	return [...free.filter((id) => !held.has(id)), ...free.filter((id) => held.has(id))];
}

/**
 * The plan that changes nothing: no mat passed on, and who is free takes up yarn as it is.
 *
 * @example asHeld({ season: { weeks: 0, handedOver: 0, ready: 0, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, mats: [], makers: [{ id: 'b', weeks: [] }] }) // { passes: [], begin: ['b'] }
 */
export const asHeld = (held: HeldSeason): HandPlan => ({
	passes: [],
	begin: held.begin ?? freeAfter(held, [])
});

/**
 * A season with its mats in the hands that a plan puts them in: whoever waits is left out of it.
 *
 * @throws DomainError where a plan names nobody
 * @example seasonWith({ season: { weeks: 1, handedOver: 0, ready: 0, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, mats: [{ id: 'm', maker: 'a', done: 0.5, isOnLoom: false }], makers: [{ id: 'a', weeks: [0.1] }, { id: 'b', weeks: [0.2] }] }, { passes: [{ mat: 'm', from: 'a', to: 'b' }], begin: ['a'] }).mats // [{ id: 'm', done: 0.5, isOnLoom: false, weeks: [0.2], away: [], restWeeks: 1 }]
 */
export function seasonWith(held: HeldSeason, { passes, begin }: HandPlan): SeasonNow {
	const byId = new Map(held.makers.map((maker) => [maker.id, maker]));
	const makerOf = (id: string) => byId.get(id) ?? held.makers[placeOf(held.makers, id)]!;
	const to = new Map(passes.map((pass) => [pass.mat, pass.to]));
	const holders = new Set(held.mats.map(({ maker }) => maker));
	return {
		...held.season,
		mats: held.mats.map(({ id, maker, done, isOnLoom, restWeeks = 0 }): MatBeingMade => {
			const passedTo = to.get(id);
			const { weeks, away = [] } = makerOf(passedTo ?? maker);
			return {
				...{ id, done, isOnLoom, weeks, away },
				restWeeks: passedTo === undefined ? restWeeks : restOfPass
			};
		}),
		freeMakers: begin.map((id): MakerOfSeason => {
			const { weeks, away = [] } = makerOf(id);
			return { id, weeks, away: holders.has(id) ? [restOfPass, ...away] : away };
		})
	};
}
