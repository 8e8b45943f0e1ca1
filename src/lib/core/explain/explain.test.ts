import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { barePoint } from '../practice/practice';
import type { PracticePoint } from '../practice/practice';
import { techniqueKinds } from '../techniques/technique';
import { pointValuesOf, tallyNames } from '../estimate/estimate';
import { modelPlan } from '../model/model';
import { anyPlanOf } from '../model/plan.arbitrary';
import { explainFigure, explainPlan, stepOfFigure } from './explain-plan';
import type { Step } from './trail';
import { stepsTo, symbolsIn } from './trail';

/** What a relation comes to with the values of the other steps. */
function worth(relation: string, trail: readonly Step[]): number {
	const values = new Map(trail.map(({ symbol, value }) => [symbol, value]));
	const symbols = symbolsIn(relation);
	const known = symbols.filter((symbol) => values.has(symbol));
	expect(known, relation).toEqual(symbols);
	// A measured width is counted with a grain of floating point to spare.
	const work = new Function(
		...symbols,
		`const { sqrt, round, max, min } = Math; const floor = (x) => Math.floor(x + 1e-9); return ${relation};`
	) as (...values: number[]) => number;
	return work(...symbols.map((symbol) => values.get(symbol) ?? NaN));
}

const measured: PracticePoint = {
	...barePoint,
	factors: {
		bagMass: 1.1,
		pieceLength: 0.96,
		stitchWidth: 1.05,
		rowHeight: 0.93,
		strandPerStitch: 0.9,
		loomPitch: 1.2,
		framePitch: 0.93,
		bandGauge: 1.07,
		bandPitch: 0.88
	},
	hands: { ...barePoint.hands, crochet: 1.3, 'peg-loom': 1.2, twined: 0.9, join: 0.8 }
};

describe.each(techniqueKinds)('the explanation of a %s plan', (kind) => {
	it('has relations that hold for the values beside them, and ends in the tally', () => {
		fc.assert(
			fc.property(anyPlanOf(kind), fc.constantFrom(barePoint, measured), (plan, middle) => {
				const trail = explainPlan(plan, middle);
				for (const { symbol, relation, value } of trail) {
					if (relation === null) continue;
					const wanted = worth(relation, trail);
					expect(Math.abs(wanted - value), `${symbol} = ${relation}`).toBeLessThanOrEqual(
						1e-4 * Math.abs(value) + 1e-9
					);
				}
				const figures = pointValuesOf(modelPlan(plan, middle));
				for (const name of tallyNames) {
					const last = explainFigure(plan, name, middle).at(-1);
					const scale = name === 'matKg' ? 1000 : 1;
					expect(last?.symbol).toBe(stepOfFigure[name]);
					expect((last?.value ?? NaN) / scale).toBeCloseTo(figures[name], 6);
				}
			}),
			{ numRuns: 60 }
		);
	});
});

describe('the steps to one figure', () => {
	it('are those it follows from and no others, in the order of the trail', () => {
		const trail: Step[] = ['a', 'b', 'c', 'd'].map((symbol, index) => ({
			symbol,
			name: symbol,
			value: index,
			unit: '',
			relation: { c: 'sqrt(a) * 2', d: 'c + 1' }[symbol] ?? null
		}));
		expect(stepsTo(trail, 'd').map(({ symbol }) => symbol)).toEqual(['a', 'c', 'd']);
	});
});
