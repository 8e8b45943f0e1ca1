import { z } from 'zod';
import type { Bound } from '$lib/core/domain-error';
import type { PlanPath } from '$lib/core/model/limits';
import { colourNames } from '$lib/core/colour/colours';
import { joiningHands, jointKinds, spins } from '$lib/core/joint/joints';
import { packings } from '$lib/core/techniques/peg-loom/peg-loom-mat';
import { mostAlso, mostColours, planLimits } from '$lib/core/model/limits';
import type { Plan } from '$lib/core/model/types';
import { toCamelKeys, toSnakeKeys } from './case';

/** A number within the limits the core sets for this path. */
function bounded(path: PlanPath) {
	const bound: Bound = planLimits[path];
	const number = bound.isWhole ? z.int() : z.number();
	return number.min(bound.atLeast ?? -Infinity).max(bound.atMost ?? Infinity);
}

/** The ways to cut, at the path they stand at: a plan's own cut, or a loom's weft. */
export function cutShape(at: 'cut' | 'technique.weft_cut') {
	const trims = {
		trim_bottom_mm: bounded(`${at}.trim_bottom_mm`),
		trim_top_mm: bounded(`${at}.trim_top_mm`)
	};
	return z.discriminatedUnion('style', [
		z.strictObject({
			style: z.literal('loops'),
			equal_strips: bounded(`${at}.equal_strips`).optional(),
			strip_width_mm: bounded(`${at}.strip_width_mm`).optional(),
			...trims
		}),
		z.strictObject({
			style: z.literal('spiral'),
			strip_width_mm: bounded(`${at}.strip_width_mm`),
			margin_mm: bounded(`${at}.margin_mm`).optional(),
			...trims
		}),
		z.strictObject({ style: z.literal('half-bag') }),
		z.strictObject({
			style: z.literal('whole-tube'),
			handles: z.enum(['cut', 'kept']).optional(),
			...trims
		})
	]);
}

const techniqueShape = z.discriminatedUnion('kind', [
	z.strictObject({
		kind: z.literal('crochet'),
		stitch: z.enum(['sc', 'hdc', 'dc']),
		hook_mm: bounded('technique.hook_mm'),
		/** Hooks that are there: what is advised is one of them. */
		hooks_mm: z.array(bounded('technique.hook_mm')).min(1).max(40).optional(),
		direction: z.enum(['across', 'lengthwise']).optional()
	}),
	z.strictObject({
		kind: z.literal('peg-loom'),
		pitch_mm: bounded('technique.pitch_mm'),
		/** Of the loom that stands there: the size of the mat follows from it. */
		pegs: bounded('technique.pegs').optional(),
		peg_to_peg_mm: bounded('technique.peg_to_peg_mm').optional(),
		end_gap_mm: bounded('technique.end_gap_mm').optional(),
		packing: z.enum(packings),
		double_edges: z.boolean().optional(),
		weft_cut: cutShape('technique.weft_cut'),
		short_piece: z.enum(['end', 'middle']).optional(),
		ends: z.enum(['one', 'both']).optional(),
		far_first_pass: z.enum(['over', 'under']).optional()
	}),
	z.strictObject({
		kind: z.literal('twined'),
		pitch_mm: bounded('technique.pitch_mm'),
		/** Of the frame that stands there. */
		nails: bounded('technique.nails').optional(),
		warp: z.enum(['cloth', 'film']).optional(),
		cloth_width_mm: bounded('technique.cloth_width_mm').optional(),
		frame_width_mm: bounded('technique.frame_width_mm').optional(),
		frame_length_mm: bounded('technique.frame_length_mm').optional()
	}),
	z.strictObject({
		kind: z.literal('finger-bands'),
		warp_strands: bounded('technique.warp_strands')
	})
]);

export const bagShape = z.strictObject({
	flat_width_mm: bounded('bag.flat_width_mm'),
	gusset_mm: bounded('bag.gusset_mm'),
	body_mm: bounded('bag.body_mm'),
	handle_mm: bounded('bag.handle_mm'),
	mass_g: bounded('bag.mass_g')
});
export const targetShape = z.strictObject({
	width_mm: bounded('target.width_mm'),
	length_mm: bounded('target.length_mm')
});

/** A plan as it stands in a plan file and in the worked cases: millimetres and grams, snake_case. */
export const planShape = z.strictObject({
	bag: bagShape,
	/** Further kinds of bag, from version 2 on. */
	mix: z
		.strictObject({
			by: z.enum(['share', 'count']),
			amount: bounded('mix.amount'),
			also: z
				.array(
					z.strictObject({
						name: z.string().min(1).max(80).optional(),
						bag: bagShape,
						amount: bounded('mix.amount')
					})
				)
				.min(1)
				.max(mostAlso)
		})
		.optional(),
	cut: cutShape('cut'),
	target: targetShape,
	technique: techniqueShape,
	join: z
		.strictObject({
			kind: z.enum(jointKinds),
			hands: z.enum(joiningHands).optional(),
			spin: z.enum(spins).optional()
		})
		.optional(),
	finish: z
		.strictObject({
			ties: z.enum(['chain', 'braid', 'none']),
			has_strap: z.boolean(),
			tie_count: bounded('finish.tie_count').optional(),
			tie_length_mm: bounded('finish.tie_length_mm').optional(),
			strap_length_mm: bounded('finish.strap_length_mm').optional()
		})
		.optional(),
	work: z
		.strictObject({
			cutting_tool: z.enum(['scissors', 'rolling-blade']),
			bags_per_ball: bounded('work.bags_per_ball'),
			stack_bags: bounded('work.stack_bags').optional(),
			stack_folds: bounded('work.stack_folds').optional()
		})
		.optional(),
	sleeper_height_mm: bounded('sleeper_height_mm').optional(),
	colours: z.array(z.enum(colourNames)).min(1).max(mostColours).optional()
});

export const planFormat = 'nest-row plan';
export const planVersion = 2;

/** A plan as it is stored, and as a plan file holds it beside its name. */
export const planDocument = z.strictObject({
	format: z.literal(planFormat),
	version: z.union([z.literal(1), z.literal(planVersion)]),
	plan: planShape
});

export type PlanShape = z.infer<typeof planShape>;
export type PlanDocument = z.infer<typeof planDocument>;

export const planOfShape = (shape: PlanShape): Plan => toCamelKeys(shape);

export const documentOf = (plan: Plan): PlanDocument => ({
	format: planFormat,
	// What an older Nest Row can open stays a file that it opens.
	version: plan.mix ? planVersion : 1,
	plan: toSnakeKeys(plan) as PlanShape
});
