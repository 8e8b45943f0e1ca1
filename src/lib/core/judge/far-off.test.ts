import { describe, expect, it } from 'vitest';
import { DomainError } from '../domain-error';
import { farOff } from './far-off';

describe('a figure', () => {
	it.each([
		[21_000, 2100, 10],
		[210, 2100, 0.1],
		[5300, 2100, 5300 / 2100]
	])('of %d where %d was expected is asked about', (value, expected, ratio) => {
		expect(farOff(value, expected)).toEqual({ ratio });
	});
	it.each([
		[2100, 2100],
		[5200, 2100],
		[850, 2100],
		[7, 0]
	])('of %d where %d was expected is not', (value, expected) => {
		expect(farOff(value, expected)).toBeNull();
	});
	it('that differs by too little to matter is not asked about', () => {
		expect(farOff(9, 3, 10)).toBeNull();
		expect(farOff(14, 3, 10)).not.toBeNull();
	});
	it.each([NaN, Infinity, -1])('of %d is none', (value) => {
		expect(() => farOff(value, 1)).toThrow(DomainError);
	});
});
