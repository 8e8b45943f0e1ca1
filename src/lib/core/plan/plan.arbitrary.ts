import fc from 'fast-check';
import { planProblems } from './plan-problems';
import type { Plan } from './types';

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** For tests: any plan that can be made, over the whole range of bags and mats a table meets. */
export const anyPlan: fc.Arbitrary<Plan> = fc
	.record({
		bag: fc.record({
			flatWidthMm: between(120, 700),
			gussetMm: between(0, 120),
			bodyMm: between(150, 900),
			handleMm: between(0, 250),
			massG: between(2, 60)
		}),
		cut: fc.record({ trimBottomMm: between(0, 60), trimTopMm: between(0, 60) }).chain((trims) =>
			fc.oneof(
				fc
					.integer({ min: 1, max: 12 })
					.map((equalStrips) => ({ style: 'loops' as const, ...trims, equalStrips })),
				between(10, 120).map((stripWidthMm) => ({
					style: 'loops' as const,
					...trims,
					stripWidthMm
				}))
			)
		),
		target: fc.record({ widthMm: between(500, 1200), lengthMm: between(900, 2200) }),
		technique: fc.record({
			kind: fc.constant('crochet' as const),
			stitch: fc.constantFrom('sc' as const, 'hdc' as const, 'dc' as const),
			hookMm: between(4, 25),
			direction: fc.constantFrom('across' as const, 'lengthwise' as const)
		})
	})
	.filter((plan) => planProblems(plan).length === 0);
