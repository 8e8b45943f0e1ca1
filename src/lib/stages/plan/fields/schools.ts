import type { Practice } from '$lib/core/practice/practice';
import type { Plan } from '$lib/core/model/types';
import type { LengthSystem } from '$lib/core/units/format-length';
import { cuttingQuestions } from './schools/cutting-questions';
import { finishingQuestions } from './schools/finishing-questions';
import { makingQuestions } from './schools/making-questions';
import { waysOf, type Question } from './schools/ways';

/** Where practitioners disagree, each with the figures of every school for the plan on the bench. */
export function schoolsFor(plan: Plan, system: LengthSystem, practice: Practice): Question[] {
	const ways = waysOf(plan, system, practice);
	return [cuttingQuestions, makingQuestions, finishingQuestions].flatMap((of) => of(ways));
}
