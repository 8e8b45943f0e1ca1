import { describe, expect, it } from 'vitest';
import { bagPresets } from '../bag/presets';
import { modelPlan } from '../model/model';
import { startingPlan } from '../model/starting-plan';
import { barePractice, pointOf } from '../practice/practice';
import { strandMassGPerM } from './strand-mass';

describe('the mass of the strand', () => {
	it.each(bagPresets.map(({ bag }) => bag))('times its length is the mass of the mat', (bag) => {
		const model = modelPlan({ ...startingPlan, bag }, pointOf(barePractice, bag));
		const matM = model.mat.strandMm / 1000;
		expect(matM * strandMassGPerM(model.yield)).toBeCloseTo(model.mass.matG, 1);
	});
});
