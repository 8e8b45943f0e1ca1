import type { Bound } from '../domain-error';

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
	'cut.equal_strips': { atLeast: 1, atMost: 100, isWhole: true },
	'cut.strip_width_mm': { atLeast: 5, atMost: 2000 },
	'cut.trim_bottom_mm': { atLeast: 0, atMost: 1000 },
	'cut.trim_top_mm': { atLeast: 0, atMost: 1000 },
	'target.width_mm': { atLeast: 100, atMost: 4000 },
	'target.length_mm': { atLeast: 100, atMost: 6000 },
	'technique.hook_mm': { atLeast: 2, atMost: 40 },
	'work.bags_per_ball': { atLeast: 1, atMost: 200, isWhole: true },
	sleeper_height_mm: { atLeast: 500, atMost: 2300 }
} as const satisfies Record<string, Bound>;

export type PlanPath = keyof typeof planLimits;
