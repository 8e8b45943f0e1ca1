import { barePractice, barePoint } from '../practice/practice';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bagPresets } from '../bag/presets';
import { modelPlan } from '../model/model';
import { planProblems } from '../model/plan-problems';
import { compareAll } from './compare-all';
import { paretoFront } from './pareto-front';

describe('the field of methods', () => {
	const target = { widthMm: 850, lengthMm: 1850 };
	const methods = compareAll(bagPresets[0].bag, target, barePractice);

	it('holds thousands, of every technique and every cut, all of which can be made', () => {
		expect(methods.length).toBeGreaterThan(2000);
		const kinds = new Set(methods.map(({ technique }) => technique.kind));
		expect([...kinds].sort()).toEqual(['crochet', 'finger-bands', 'peg-loom', 'twined']);
		expect(new Set(methods.map(({ cut }) => cut.style)).size).toBe(4);
		for (let index = 0; index < methods.length; index += 97) {
			const { cut, technique } = methods[index] as (typeof methods)[number];
			expect(planProblems({ bag: bagPresets[0].bag, target, cut, technique })).toEqual([]);
		}
	});

	it('has the figures of the plan each method would be', () => {
		const { cut, technique, bags } = methods[123] as (typeof methods)[number];
		const model = modelPlan({ bag: bagPresets[0].bag, target, cut, technique }, barePoint);
		expect(bags).toBe(model.toCollect);
	});

	it('grows with finer steps', () => {
		expect(compareAll(bagPresets[0].bag, target, barePractice, { stepMm: 10 }).length).toBeLessThan(
			methods.length
		);
	});

	it('tells how far it has come', () => {
		const shares: number[] = [];
		compareAll(bagPresets[1].bag, target, barePractice, {
			onProgress: (share) => shares.push(share)
		});
		expect(shares[0]).toBe(0);
		expect(shares.at(-1)).toBe(1);
	});
});

describe('the methods nothing else beats', () => {
	it('are those that a look at every pair would leave', () => {
		const figure = fc.integer({ min: 1, max: 12 });
		fc.assert(
			fc.property(
				fc.array(fc.record({ bags: figure, hours: figure, cover: figure }), { maxLength: 60 }),
				(methods) => {
					const wanted = methods.map(
						(one) =>
							!methods.some(
								(other) =>
									other.bags <= one.bags &&
									other.hours <= one.hours &&
									other.cover >= one.cover &&
									(other.bags < one.bags || other.hours < one.hours || other.cover > one.cover)
							)
					);
					expect(paretoFront(methods)).toEqual(wanted);
				}
			)
		);
	});
});
