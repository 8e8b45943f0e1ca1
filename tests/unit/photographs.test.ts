// Photographs with known truths, through the library as it is: every measure within its bounds, ranges that hold.
import { beforeAll, describe, expect, it } from 'vitest';
import type { Measured } from '../../src/lib/core/photo/measured';
import type { Sight } from '../../src/lib/core/photo/sight';
import { heldAgainst, known, measured, sightHere, type Held } from '../photos/within';

let sight: Sight;
beforeAll(async () => {
	sight = await sightHere();
});

const held: Held[] = [];

describe('photographs with known truths', () => {
	it.each(known.filter(({ problem }) => problem === null))('$file is measured', async (one) => {
		const answer = (await measured(sight, one)) as Measured;
		expect(answer.problem).toBeNull();
		const own = heldAgainst(one, answer);
		held.push(...own);
		expect(own.length).toBeGreaterThan(0);
		// Pitches are told beside the sizes, and have no bound of their own.
		expect(
			own.filter(({ name, isWithin }) => !isWithin && !/stitch_|row_|peg_/.test(name))
		).toEqual([]);
		for (const [name, { value, isSure }] of Object.entries(answer.counts))
			expect([name, value, isSure]).toEqual([name, one.truth[name], true]);
		if (one.of === 'strips') {
			expect(answer.strips).toHaveLength((one.truth.widths_mm as number[]).length);
			expect(answer.strips.map(({ isOdd }) => isOdd).indexOf(true)).toBe(one.truth.odd_one);
			expect(answer.strips.filter(({ isOdd }) => isOdd)).toHaveLength(1);
		}
		if (one.of === 'mat') expect(answer.isNarrowing).toBe(one.truth.narrows);
		if (one.of === 'bag') expect(answer.film?.colour).toBe(one.truth.film);
	});

	it('have ranges of which seven to nine in ten hold the truth', () => {
		expect(held.length).toBeGreaterThan(60);
		const share = held.filter(({ isInRange }) => isInRange).length / held.length;
		expect(share).toBeGreaterThanOrEqual(0.7);
		expect(share).toBeLessThanOrEqual(0.9);
	});

	it.each(known.filter(({ problem }) => problem !== null))(
		'$file is refused: $problem',
		async (one) => {
			const answer = await measured(sight, one);
			expect(answer.problem).toBe(one.problem);
			expect('measures' in answer).toBe(false);
		}
	);
});
