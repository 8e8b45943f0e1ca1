import { faultsOf } from '$lib/core/check/faults';
import { remedySketches } from '$lib/core/check/remedies';
import { techniqueKinds } from '$lib/core/techniques/technique';
import { describe, expect, it } from 'vitest';
import { remedyWords } from '$lib/stages/check/check-words';
import { signsOf } from './signs';

describe('what one sees of a mat', () => {
	it.each(techniqueKinds)(
		'leads to every fault that a mat of %s can have, and to no other',
		(technique) => {
			const reached = signsOf(technique).flatMap(({ answers }) =>
				answers.map(({ mended }) => mended)
			);
			expect([...new Set(reached)].toSorted()).toEqual(
				['through', ...faultsOf(technique)].toSorted()
			);
		}
	);
	it.each(techniqueKinds)(
		'is answered by a remedy with a drawing for each step, in %s',
		(technique) => {
			for (const { answers } of signsOf(technique))
				for (const { mended } of answers) {
					const words = remedyWords(mended, technique);
					expect(words.length, mended).toBeGreaterThan(0);
					expect(remedySketches(mended, technique), mended).toHaveLength(words.length);
				}
		}
	);
	it('asks only what can be in that technique', () => {
		const of = (technique: (typeof techniqueKinds)[number], id: string) =>
			signsOf(technique)
				.find((sign) => sign.id === id)
				?.answers.map(({ mended }) => mended);
		expect(of('crochet', 'not-flat')).toEqual(['waves', 'cups']);
		expect(of('finger-bands', 'not-flat')).toEqual(['band-curls']);
		expect(of('crochet', 'rows')).toBeUndefined();
		expect(of('peg-loom', 'rows')).toEqual(['loose-rows', 'ends-alike', 'knot-at-peg']);
		expect(of('twined', 'frame-edge')).toHaveLength(3);
	});
});
