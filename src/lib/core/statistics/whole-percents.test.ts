import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DomainError } from '../domain-error';
import { wholePercents } from './whole-percents';

const sum = (percents: object) =>
	(Object.values(percents) as number[]).reduce((all, one) => all + one, 0);

describe('shares as whole percent', () => {
	it('add up to 100, each within one of what it is', () => {
		fc.assert(
			fc.property(
				fc.array(fc.double({ min: 0.001, max: 1, noNaN: true }), { minLength: 1, maxLength: 7 }),
				(shares) => {
					const whole = shares.reduce((all, one) => all + one, 0);
					const percents = wholePercents(
						Object.fromEntries(shares.map((share, at) => [`n${at}`, share]))
					);
					expect(sum(percents)).toBe(100);
					for (const [at, share] of shares.entries())
						expect(Math.abs((percents[`n${at}`] ?? 0) - (100 * share) / whole)).toBeLessThan(1);
				}
			)
		);
	});
	it('are what they are where they are whole, and nothing of nothing', () => {
		expect(wholePercents({ bags: 0.1, strand: 0.5, makers: 0.4 })).toEqual({
			bags: 10,
			strand: 50,
			makers: 40
		});
		expect(wholePercents({})).toEqual({});
		expect(wholePercents({ bags: 0 })).toEqual({ bags: 0 });
	});
	it.each([NaN, Infinity, -1])('of %d are none', (share) => {
		expect(() => wholePercents({ bags: share })).toThrow(DomainError);
	});
});
