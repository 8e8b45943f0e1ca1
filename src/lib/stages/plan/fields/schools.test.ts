import { describe, expect, it } from 'vitest';
import * as planWords from '$lib/words/plan';
import { totalSeconds } from '$lib/core/effort/stations';
import type { Model } from '$lib/core/model/model';
import { startingPlan } from '$lib/core/model/starting-plan';
import { barePractice } from '$lib/core/practice/practice';
import { schoolsFor } from './schools';

const questions = schoolsFor(startingPlan, 'cm', barePractice);
/** The models of the schools on one question, in their order. */
const modelsOf = (question: string): Model[] =>
	(questions.find((one) => one.question === question)?.schools ?? []).flatMap(({ made }) =>
		made ? [made.model] : []
	);
const { cuttingQuestions, makingQuestions, finishingQuestions } = planWords;

describe('what is said of a school is what its figures say', () => {
	it('of trims: a close one leaves less scrap, and thicker yarn from the same loops', () => {
		const trims = modelsOf(cuttingQuestions.howMuchToTrim());
		expect(trims).toHaveLength(3);
		const [generous, close, none] = trims;
		for (const [more, less] of [
			[generous, close],
			[close, none]
		] as const) {
			expect(more?.mass.scrapG).toBeGreaterThan(less?.mass.scrapG ?? NaN);
			expect(more?.yield.bulkDiameterMm).toBeLessThan(less?.yield.bulkDiameterMm ?? NaN);
			// It is not more of it: each loop loses a little more to its joint.
			expect(more?.yield.strandPerBagMm).toBeGreaterThan(less?.yield.strandPerBagMm ?? NaN);
		}
	});

	it('of cuts: a spiral has one knot a bag and takes longer to cut, half bags waste nothing, a whole tube takes more bags for fewer joints', () => {
		const [rings, spiral, half, whole] = modelsOf(cuttingQuestions.whichCut());
		expect(spiral?.yield.pieces).toBe(1);
		expect((spiral?.seconds.cut ?? 0) / (spiral?.bags ?? 1)).toBeGreaterThan(
			(rings?.seconds.cut ?? 0) / (rings?.bags ?? 1)
		);
		expect(half?.mass.scrapG).toBeCloseTo(0, 6);
		expect(whole?.toCollect).toBeGreaterThan(rings?.toCollect ?? NaN);
		expect(whole?.joints).toBeLessThan(rings?.joints ?? NaN);
		expect(whole?.yield.bulkDiameterMm).toBeGreaterThan(rings?.yield.bulkDiameterMm ?? NaN);
	});

	it('of strips: narrow ones make many joints, wide ones are quick and hold more', () => {
		const strips = modelsOf(cuttingQuestions.howWideAStrip()).slice(0, 4);
		for (const [at, wider] of strips.entries()) {
			const narrower = strips[at - 1];
			if (!narrower) continue;
			expect(wider.joints).toBeLessThan(narrower.joints);
			expect(totalSeconds(wider.seconds)).toBeLessThan(totalSeconds(narrower.seconds));
			expect(wider.yield.solidSectionMm2).toBeGreaterThan(narrower.yield.solidSectionMm2);
		}
	});

	it('of rows: lengthwise there are fewer than half the turns', () => {
		const [across, lengthwise] = modelsOf(makingQuestions.whichWayCrochetRuns());
		expect((lengthwise?.mat.rows ?? NaN) / (across?.mat.rows ?? NaN)).toBeLessThan(0.5);
	});

	it('of ties: braids need less yarn', () => {
		const [chain, braid] = modelsOf(finishingQuestions.howTiesAreMade());
		expect(braid?.tieStrandMm).toBeLessThan(chain?.tieStrandMm ?? NaN);
	});
});
