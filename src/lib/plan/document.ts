import { z } from 'zod';
import type { Bound } from '../core/domain-error';
import type { PlanPath } from '../core/plan/limits';
import { planLimits } from '../core/plan/limits';
import type { Plan } from '../core/plan/types';
import { toCamelKeys, toSnakeKeys } from './case';

/** A number within the limits the core sets for this path. */
function bounded(path: PlanPath) {
	const bound: Bound = planLimits[path];
	const number = bound.isWhole ? z.int() : z.number();
	return number.min(bound.atLeast ?? -Infinity).max(bound.atMost ?? Infinity);
}

/** A plan as it stands in a plan file and in the worked cases: millimetres and grams, snake_case. */
export const planShape = z.strictObject({
	bag: z.strictObject({
		flat_width_mm: bounded('bag.flat_width_mm'),
		gusset_mm: bounded('bag.gusset_mm'),
		body_mm: bounded('bag.body_mm'),
		handle_mm: bounded('bag.handle_mm'),
		mass_g: bounded('bag.mass_g')
	}),
	cut: z.strictObject({
		style: z.literal('loops'),
		equal_strips: bounded('cut.equal_strips').optional(),
		strip_width_mm: bounded('cut.strip_width_mm').optional(),
		trim_bottom_mm: bounded('cut.trim_bottom_mm'),
		trim_top_mm: bounded('cut.trim_top_mm')
	}),
	target: z.strictObject({
		width_mm: bounded('target.width_mm'),
		length_mm: bounded('target.length_mm')
	}),
	technique: z.strictObject({
		kind: z.literal('crochet'),
		stitch: z.enum(['sc', 'hdc', 'dc']),
		hook_mm: bounded('technique.hook_mm'),
		direction: z.enum(['across', 'lengthwise']).optional()
	}),
	finish: z
		.strictObject({ ties: z.enum(['chain', 'braid', 'none']), has_strap: z.boolean() })
		.optional(),
	work: z
		.strictObject({
			cutting_tool: z.enum(['scissors', 'rolling-blade']),
			bags_per_ball: bounded('work.bags_per_ball')
		})
		.optional(),
	sleeper_height_mm: bounded('sleeper_height_mm').optional()
});

export const planFormat = 'nest-row plan';
export const planVersion = 1;

/** A plan as it is stored, and as a plan file holds it beside its name. */
export const planDocument = z.strictObject({
	format: z.literal(planFormat),
	version: z.literal(planVersion),
	plan: planShape
});

export type PlanShape = z.infer<typeof planShape>;
export type PlanDocument = z.infer<typeof planDocument>;

export const planOfShape = (shape: PlanShape): Plan => toCamelKeys(shape);

export const documentOf = (plan: Plan): PlanDocument => ({
	format: planFormat,
	version: planVersion,
	plan: toSnakeKeys(plan) as PlanShape
});
