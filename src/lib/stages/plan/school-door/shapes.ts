import { z } from 'zod';
import { bandPatternLimits } from '$lib/core/techniques/bands/band-colours';
import { bagSources } from '$lib/core/hand-over/kept';
import { hookLimits } from '$lib/core/techniques/crochet/hook-intents';
import { kindLimits } from '$lib/core/kinds/mix-kinds';
import { pillowLimits } from '$lib/core/finish/pillow-covers';
import { packings } from '$lib/core/techniques/peg-loom/peg-loom-mat';
import { ballFedLimits } from '$lib/core/techniques/peg-loom/warp-from-ball';
import { countedLimits } from '$lib/core/techniques/peg-loom/counted-loops';
import { endToEndLimits } from '$lib/core/techniques/twined/end-to-end';
import { scrapLimits } from '$lib/core/strand/scrap-strand';
import { stackLimits } from '$lib/core/cut/own-stack';
import { stackTools } from '$lib/core/cut/stack';
import { tieLimits } from '$lib/core/finish/own-ties';
import type { Bound } from '$lib/core/domain-error';
import { bagShape, cutShape } from '../document/document';

/** A number within the limits the core sets. */
function within(bound: Bound) {
	const number = bound.isWhole ? z.int() : z.number();
	const least = bound.atLeast === undefined ? number : number.min(bound.atLeast);
	const most = bound.atMost === undefined ? least : least.max(bound.atMost);
	return bound.moreThan === undefined ? most : most.gt(bound.moreThan);
}

const positive = within({ moreThan: 0, atMost: 1_000_000_000 });
const fromZero = within({ atLeast: 0, atMost: 1_000_000_000 });
const wholeFromZero = within({ atLeast: 0, atMost: 1_000_000, isWhole: true });
const cut = cutShape('cut');
const trims = { trim_bottom_mm: fromZero, trim_top_mm: fromZero };
const size = { width_mm: positive, length_mm: positive };
const scrap = within(scrapLimits.bags).optional();

/** What each practice is asked with, as its case file has it. */
export const schoolShapes = {
	'warp-from-ball': z.strictObject({
		bag: bagShape,
		warp_cut: cut,
		weft_cut: cut,
		pegs: within(ballFedLimits.pegs),
		pitch_mm: positive,
		peg_to_peg_mm: positive,
		bags_per_ball: within(ballFedLimits.bagsPerBall),
		double_edges: z.boolean().optional(),
		packing: z.enum(packings).optional(),
		end_gap_mm: fromZero.optional()
	}),
	'counted-loops': z
		.strictObject({
			bag: bagShape,
			cut,
			nails: within(countedLimits.nails),
			loops: within(countedLimits.loops).optional(),
			span_mm: positive.optional()
		})
		.refine(({ loops, span_mm }) => (loops === undefined) !== (span_mm === undefined), {
			path: ['loops']
		}),
	'end-to-end': z.strictObject({
		bag: bagShape,
		cut,
		frame: z.strictObject({
			nails: within(endToEndLimits.nails),
			pitch_mm: positive,
			length_mm: within(endToEndLimits.frameLengthMm)
		}),
		target_length_mm: positive,
		cloth_width_mm: within(endToEndLimits.clothWidthMm)
	}),
	stack: z.strictObject({
		bag: bagShape,
		tool: z.enum(stackTools),
		bags: within(stackLimits.bags),
		folds: within(stackLimits.folds).default(0)
	}),
	'scrap-strand': z.strictObject({
		bag: bagShape,
		...trims,
		bags: z
			.strictObject({ whole_handles: scrap, torn_handles: scrap, bottoms: scrap, tops: scrap })
			.default({}),
		grams: z
			.strictObject({
				whole_handles: fromZero.optional(),
				torn_handles: fromZero.optional(),
				bottoms: fromZero.optional(),
				tops: fromZero.optional()
			})
			.default({})
	}),
	'pillow-covers': z.strictObject({
		pillow: z.strictObject({
			width_mm: within(pillowLimits.side),
			length_mm: within(pillowLimits.side),
			height_mm: within(pillowLimits.height)
		}),
		packing: z.enum(['soft', 'full']).default('full'),
		cloth_width_mm: positive,
		scrap_g: fromZero,
		covers: wholeFromZero.optional()
	}),
	'band-colours': z.strictObject({
		bag: bagShape,
		cut,
		...size,
		strands: within({ atLeast: 3, atMost: 4, isWhole: true }).default(3),
		pattern: z
			.array(
				z.strictObject({
					middle: z.string().min(1).max(40),
					outer: z.string().min(1).max(40),
					weaver: z.string().min(1).max(40)
				})
			)
			.min(bandPatternLimits.patterns.atLeast)
			.max(bandPatternLimits.patterns.atMost)
	}),
	'mixed-kinds': z.strictObject({
		reference: z.strictObject({ bag: bagShape, cut }),
		kinds: z
			.array(
				z
					.strictObject({
						id: z.string().min(1).max(80),
						bag: bagShape,
						share: within(kindLimits.share).optional(),
						bags: within(kindLimits.bags).optional()
					})
					.refine(({ share, bags }) => share !== undefined || bags !== undefined, {
						path: ['share']
					})
			)
			.min(kindLimits.kinds.atLeast)
			.max(kindLimits.kinds.atMost),
		strand_m: positive
	}),
	ties: z.strictObject({
		how: z.enum(['chain', 'braid']),
		count: within(tieLimits.count).default(2),
		tie_mm: within(tieLimits.lengthMm),
		strap_mm: fromZero.default(0),
		folded: z.boolean().default(true),
		mat: z.strictObject({ ...size, thickness_mm: positive })
	}),
	kept: z.strictObject({
		handed_over: z
			.array(
				z
					.array(
						z.strictObject({
							source: z.enum(bagSources),
							bags: fromZero,
							mass_g: positive
						})
					)
					.max(1000)
			)
			.max(10_000)
	}),
	check: z.strictObject({
		plan: z.strictObject({ ...size, mass_g: positive }),
		mat: z.strictObject({
			made: z.enum(['crochet-across', 'crochet-lengthwise', 'peg-loom', 'twined', 'finger-bands']),
			...size,
			mass_g: positive.optional(),
			through: within({ atLeast: 0, atMost: 15, isWhole: true }).default(0),
			faults: within({ atLeast: 0, atMost: 1000, isWhole: true }).default(0)
		}),
		place: z
			.strictObject({
				least_length_mm: positive.optional(),
				least_width_mm: positive.optional(),
				most_length_mm: positive.optional(),
				most_width_mm: positive.optional()
			})
			.optional(),
		sleeper_mm: positive.optional()
	}),
	hooks: z.strictObject({
		strand_mm: within(hookLimits.bulkDiameterMm),
		stitch: z.enum(['sc', 'hdc', 'dc']),
		own: z.array(positive).max(100).optional()
	})
};

export type SchoolName = keyof typeof schoolShapes;
export type SchoolInput<Name extends SchoolName> = z.infer<(typeof schoolShapes)[Name]>;
export const schoolNames = Object.keys(schoolShapes) as SchoolName[];
