import { ifInDomain } from '../domain-error';
import type { Knowledge } from '../factors/factors';
import type { Basis, PracticePoint, Practice } from '../practice/practice';
import { barePractice, knowledgeOf, pointOf } from '../practice/practice';
import { smooth } from '../factors/rounding';
import { modelPlan } from './model';
import type { Plan } from './types';

/** What a practice knows of one plan. */
export interface KnownFor {
	readonly practice: Practice;
	readonly knowledge: Knowledge;
	readonly middle: PracticePoint;
	/** Whose measures the figures rest on. */
	readonly basis: Basis;
	/** The plan cannot be made as measured (bags so heavy that a ring is lost in its own knot, say), so the craft's figures stand in. */
	readonly isUnfit: boolean;
}

/** The middle of a practice for a plan: each further kind of bag weighs what was found of it. */
function middleOf({ bag, mix }: Plan, practice: Practice): PracticePoint {
	const point = pointOf(practice, bag);
	if (!mix || practice === barePractice) return point;
	return {
		...point,
		alsoMass: mix.also.map((kind) => knowledgeOf(practice, kind.bag).bagMass.median)
	};
}

const knownBy = (plan: Plan, practice: Practice, isUnfit: boolean): KnownFor => ({
	practice,
	knowledge: knowledgeOf(practice, plan.bag),
	middle: middleOf(plan, practice),
	basis: practice.basis,
	isUnfit
});

/**
 * What a practice knows of a plan: the one door from measures to figures. Where a plan that can be
 * made by the craft cannot be made by the measures, the craft's own stand in for all of them, and
 * the answer says so.
 *
 * @throws DomainError never on account of the practice
 * @example knownFor(startingPlan, barePractice).isUnfit // false
 */
export function knownFor(plan: Plan, practice: Practice): KnownFor {
	const known = knownBy(plan, practice, false);
	if (practice === barePractice) return known;
	return ifInDomain(() => modelPlan(plan, known.middle, smooth))
		? known
		: knownBy(plan, barePractice, true);
}

/**
 * The middle of what a practice knows of a plan.
 *
 * @example pointFor(startingPlan, barePractice).factors.pieceLength // 1
 */
export const pointFor = (plan: Plan, practice: Practice): PracticePoint =>
	knownFor(plan, practice).middle;
