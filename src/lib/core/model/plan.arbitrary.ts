import fc from 'fast-check';
import type { Cut } from '../cut/types';
import type { Technique, TechniqueKind } from '../techniques/technique';
import { techniqueKinds } from '../techniques/technique';
import { planProblems } from './plan-problems';
import type { Plan } from './types';

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });

export const anyBag = fc.record({
	flatWidthMm: between(120, 700),
	gussetMm: between(0, 120),
	bodyMm: between(150, 900),
	handleMm: between(0, 250),
	massG: between(2, 60)
});

/** Any cut of a bag, over the widths a table meets. */
export const anyCut: fc.Arbitrary<Cut> = fc
	.record({ trimBottomMm: between(0, 60), trimTopMm: between(0, 60) })
	.chain((trims) =>
		fc.oneof(
			fc
				.integer({ min: 1, max: 12 })
				.map((equalStrips): Cut => ({ style: 'loops', ...trims, equalStrips })),
			between(10, 120).map((stripWidthMm): Cut => ({ style: 'loops', ...trims, stripWidthMm })),
			between(10, 120).map((stripWidthMm): Cut => ({ style: 'spiral', ...trims, stripWidthMm })),
			fc.constant<Cut>({ style: 'half-bag' }),
			fc
				.constantFrom('cut' as const, 'kept' as const)
				.map((handles): Cut => ({ style: 'whole-tube', ...trims, handles }))
		)
	);

const techniques: { [Kind in TechniqueKind]: fc.Arbitrary<Technique> } = {
	crochet: fc.record({
		kind: fc.constant('crochet' as const),
		stitch: fc.constantFrom('sc' as const, 'hdc' as const, 'dc' as const),
		hookMm: between(4, 25),
		direction: fc.constantFrom('across' as const, 'lengthwise' as const)
	}),
	'peg-loom': fc.record({
		kind: fc.constant('peg-loom' as const),
		pitchMm: between(12, 50),
		endGapMm: between(0, 60),
		packing: fc.constantFrom('firm' as const, 'medium' as const, 'loose' as const),
		doubleEdges: fc.boolean(),
		weftCut: anyCut
	}),
	twined: fc.record({
		kind: fc.constant('twined' as const),
		pitchMm: between(8, 40),
		warp: fc.constantFrom('cloth' as const, 'film' as const),
		frameWidthMm: between(300, 1200)
	}),
	'finger-bands': fc.record({
		kind: fc.constant('finger-bands' as const),
		warpStrands: fc.integer({ min: 3, max: 4 })
	})
};

/** For tests: any plan of a technique that can be made, over the whole range of bags and mats a table meets. */
export const anyPlanOf = (kind: TechniqueKind): fc.Arbitrary<Plan> =>
	fc
		.record({
			bag: anyBag,
			cut: anyCut,
			target: fc.record({ widthMm: between(500, 1200), lengthMm: between(900, 2200) }),
			technique: techniques[kind]
		})
		.filter((plan) => planProblems(plan).length === 0);

export const anyPlan: fc.Arbitrary<Plan> = fc.oneof(...techniqueKinds.map(anyPlanOf));
