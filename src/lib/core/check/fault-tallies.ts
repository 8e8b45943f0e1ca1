import { groupBy } from '../group-by';
import type { TechniqueKind } from '../techniques/technique';
import type { FaultKind, WorkStep } from './faults';
import { faultKinds, faults } from './faults';

/** What was found at the first check of a mat, and what it was made of: nobody is named. */
export interface FirstFound {
	readonly kinds: readonly FaultKind[];
	/** Null where its plan cannot be made any more. */
	readonly technique: TechniqueKind | null;
	/** The kind of bag in it; null where no label says so. */
	readonly bag: string | null;
	/** The Monday of the week it was checked in, as `2026-11-23`. */
	readonly week: string;
}

/** So many of so many mats. */
export interface OfMats {
	readonly mats: number;
	readonly of: number;
}

/** A fault over the mats that can have it, and where it comes more often than elsewhere. */
export interface FaultTally extends OfMats {
	readonly kind: FaultKind;
	readonly step: WorkStep;
	readonly byTechnique: readonly (OfMats & { readonly technique: TechniqueKind })[];
	readonly byBag: readonly (OfMats & { readonly bag: string })[];
	/** The newest weeks that had checks, the oldest of them first. */
	readonly byWeek: readonly (OfMats & { readonly week: string })[];
}

/** Weeks that are looked back on. */
const weeksBack = 8;

/** Mats apart by a word, each with how many have the fault; those without a word are left out. */
const talliedBy = <Word extends string>(
	mats: readonly FirstFound[],
	kind: FaultKind,
	wordOf: (mat: FirstFound) => Word | null
): [Word, OfMats][] =>
	[...groupBy(mats, wordOf)].flatMap(([word, own]): [Word, OfMats][] =>
		word === null
			? []
			: [[word, { mats: own.filter(({ kinds }) => kinds.includes(kind)).length, of: own.length }]]
	);

/**
 * Which faults come with which step, technique, kind of bag and week, over the first checks of mats; the
 * most frequent first. A mat whose technique cannot have a fault is not counted for it.
 *
 * @example faultTallies([{ kinds: ['narrows'], technique: 'crochet', bag: null, week: '2026-11-23' }])[0]?.step // 'make'
 */
export const faultTallies = (firsts: readonly FirstFound[]): FaultTally[] =>
	faultKinds
		.map((kind): FaultTally => {
			const { techniques, step } = faults[kind];
			const mats = firsts.filter(
				({ technique }) => technique === null || techniques.includes(technique)
			);
			return {
				kind,
				step,
				mats: mats.filter(({ kinds }) => kinds.includes(kind)).length,
				of: mats.length,
				byTechnique: talliedBy(mats, kind, ({ technique }) => technique).map(
					([technique, own]) => ({
						technique,
						...own
					})
				),
				byBag: talliedBy(mats, kind, ({ bag }) => bag)
					.map(([bag, own]) => ({ bag, ...own }))
					.toSorted((one, other) => other.mats / other.of - one.mats / one.of),
				byWeek: talliedBy(mats, kind, ({ week }) => week)
					.map(([week, own]) => ({ week, ...own }))
					.toSorted((one, other) => (one.week < other.week ? -1 : 1))
					.slice(-weeksBack)
			};
		})
		.filter(({ mats }) => mats > 0)
		.toSorted((one, other) => other.mats / other.of - one.mats / one.of || other.mats - one.mats);
