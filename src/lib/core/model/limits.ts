import { stackLimits } from '../cut/own-stack';
import type { Bound } from '../domain-error';
import { tieLimits } from '../finish/own-ties';

const trimMm = { atLeast: 0, atMost: 1000 };
const stripWidthMm = { atLeast: 5, atMost: 2000 };
const equalStrips = { atLeast: 1, atMost: 100, isWhole: true };
const marginMm = { atLeast: 5, atMost: 200 };

/**
 * What a plan may hold, by the path of the value in a plan file. Wide enough for any bag or mat a
 * table has met, narrow enough to catch a slip of the pen; in millimetres and grams.
 */
export const planLimits = {
	'bag.flat_width_mm': { atLeast: 40, atMost: 2000 },
	'bag.gusset_mm': { atLeast: 0, atMost: 500 },
	'bag.body_mm': { atLeast: 40, atMost: 3000 },
	'bag.handle_mm': { atLeast: 0, atMost: 600 },
	'bag.mass_g': { atLeast: 0.2, atMost: 1000 },
	'cut.equal_strips': equalStrips,
	'cut.strip_width_mm': stripWidthMm,
	'cut.trim_bottom_mm': trimMm,
	'cut.trim_top_mm': trimMm,
	'cut.margin_mm': marginMm,
	'target.width_mm': { atLeast: 100, atMost: 4000 },
	'target.length_mm': { atLeast: 100, atMost: 6000 },
	'technique.hook_mm': { atLeast: 2, atMost: 40 },
	'technique.pitch_mm': { atLeast: 5, atMost: 100 },
	'technique.pegs': { atLeast: 3, atMost: 400, isWhole: true },
	'technique.peg_to_peg_mm': { atLeast: 450, atMost: 6000 },
	'technique.nails': { atLeast: 2, atMost: 800, isWhole: true },
	'technique.end_gap_mm': { atLeast: 0, atMost: 200 },
	'technique.cloth_width_mm': { atLeast: 100, atMost: 4000 },
	'technique.frame_width_mm': { atLeast: 100, atMost: 4000 },
	'technique.frame_length_mm': { atLeast: 100, atMost: 6000 },
	'technique.warp_strands': { atLeast: 3, atMost: 4, isWhole: true },
	'technique.weft_cut.equal_strips': equalStrips,
	'technique.weft_cut.strip_width_mm': stripWidthMm,
	'technique.weft_cut.trim_bottom_mm': trimMm,
	'technique.weft_cut.trim_top_mm': trimMm,
	'technique.weft_cut.margin_mm': marginMm,
	'work.bags_per_ball': { atLeast: 1, atMost: 200, isWhole: true },
	'work.stack_bags': stackLimits.bags,
	'work.stack_folds': stackLimits.folds,
	'finish.tie_count': tieLimits.count,
	'finish.tie_length_mm': tieLimits.lengthMm,
	'finish.strap_length_mm': { atLeast: 200, atMost: 6000 },
	'mix.amount': { atLeast: 0.001, atMost: 1_000_000 },
	sleeper_height_mm: { atLeast: 500, atMost: 2300 }
} as const satisfies Record<string, Bound>;

export type PlanPath = keyof typeof planLimits;

/** Kinds of bag a plan may hold beside its own. */
export const mostAlso = 5;

/** Balls a plan may name colours for. */
export const mostColours = 200;
