import { describe, expect, it } from 'vitest';
import { plansOfAllSorts } from './plans.arbitrary';
import { planValues } from './plan-values';
import { startingPlan } from './starting-plan';

/** What a plan holds at the paths of its cut, technique and work; what it does not use left out. */
const held = (plan: typeof startingPlan) =>
	Object.fromEntries(
		Object.entries(planValues(plan)).filter(
			([path, value]) => value !== undefined && !/^(bag|target)\./.test(path)
		)
	);
const named = (start: string) => {
	const found = Object.entries(plansOfAllSorts).find(([name]) => name.startsWith(start));
	if (!found) throw new Error(`no plan ${start}`);
	return found[1];
};
const usual = { 'work.bags_per_ball': 20, sleeper_height_mm: 1750 };
const trims = { 'cut.trim_bottom_mm': 12, 'cut.trim_top_mm': 15 };

describe('the values of a plan', () => {
	it('are its bag’s and its target’s', () =>
		expect(planValues(startingPlan)).toMatchObject({
			'bag.flat_width_mm': 300,
			'bag.gusset_mm': 80,
			'bag.body_mm': 385,
			'bag.handle_mm': 150,
			'bag.mass_g': 5.2,
			'target.width_mm': 850,
			'target.length_mm': 1850
		}));

	it('are those of rings, and of its hook', () =>
		expect(held(startingPlan)).toEqual({
			...usual,
			'cut.trim_bottom_mm': 50,
			'cut.trim_top_mm': 50,
			'cut.equal_strips': 4,
			'technique.hook_mm': 8
		}));

	it('are those of measured rings, and of how it is worked', () =>
		expect(held({ ...named('measured rings'), sleeperHeightMm: 1600 })).toEqual({
			...trims,
			'work.bags_per_ball': 12,
			sleeper_height_mm: 1600,
			'cut.strip_width_mm': 38,
			'technique.hook_mm': 10
		}));

	it('are none of a half bag’s cut', () =>
		expect(held(named('half bags'))).toEqual({ ...usual, 'technique.hook_mm': 20 }));

	it('are those of a loom and of its weft, each cut for itself', () => {
		expect(held(named('a spiral'))).toEqual({
			...usual,
			...trims,
			'cut.equal_strips': 3,
			'technique.pitch_mm': 25,
			'technique.end_gap_mm': 20,
			'technique.weft_cut.trim_bottom_mm': 12,
			'technique.weft_cut.trim_top_mm': 15,
			'technique.weft_cut.strip_width_mm': 60,
			'technique.weft_cut.margin_mm': 30
		});
		expect(held(named('whole pouches'))).toEqual({
			...usual,
			...trims,
			'technique.pitch_mm': 40,
			'technique.weft_cut.trim_bottom_mm': 10,
			'technique.weft_cut.trim_top_mm': 0
		});
	});

	it('are those of a frame', () =>
		expect(held(named('a frame with cloth'))).toEqual({
			...usual,
			...trims,
			'cut.strip_width_mm': 50,
			'technique.pitch_mm': 20,
			'technique.cloth_width_mm': 900,
			'technique.frame_width_mm': 500,
			'technique.frame_length_mm': 2000
		}));

	it('are the strands of bands, and the usual work where none is said', () =>
		expect(
			held({ ...named('bands of three'), work: undefined, sleeperHeightMm: undefined })
		).toEqual({
			...usual,
			'cut.trim_bottom_mm': 50,
			'cut.trim_top_mm': 50,
			'cut.equal_strips': 4,
			'technique.warp_strands': 3
		}));
});
