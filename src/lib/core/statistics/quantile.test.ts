import { describe, expect, it } from 'vitest';
import { quantileSorted } from './quantile';

describe('the nearest-rank quantile', () => {
	const ten = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10];
	it.each([
		[0.1, 1],
		[0.11, 2],
		[0.5, 5],
		[0.9, 9],
		[1, 10],
		[1e-12, 1]
	])('of ten at %d is %d', (share, value) => expect(quantileSorted(ten, share)).toBe(value));
	it('is not a rank too far where the share of the count is a hair above a whole number', () =>
		expect(
			quantileSorted(
				Array.from({ length: 30 }, (_, at) => at),
				0.1
			)
		).toBe(2));
	it.each([0, -0.1, 1.1, NaN])('at %d is refused', (share) =>
		expect(() => quantileSorted(ten, share)).toThrow('share')
	);
	it('of nothing is refused', () => expect(() => quantileSorted([], 0.5)).toThrow('count'));
});
