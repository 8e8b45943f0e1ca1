import { describe, expect, it } from 'vitest';
import { DomainError } from '../domain-error';
import { stripesOfBalls } from './stripes-of-balls';

const planned = [
	{ colour: 'blue', rows: 60 },
	{ colour: 'white', rows: 40 }
] as const;
const white = { colour: 'white', bags: 30 } as const;
const green = { colour: 'green', bags: 10 } as const;

describe('a mat by the balls that lie in it', () => {
	it('is drawn in their colours where they are others than its plan has, all its rows of them', () => {
		expect(stripesOfBalls([white, white, green], planned, 1)).toEqual([
			{ colour: 'white', rows: 86 },
			{ colour: 'green', rows: 14 }
		]);
	});
	it('is of no known colour where the labels say nothing of it', () => {
		expect(stripesOfBalls([white], planned, 0.3)).toEqual([
			{ colour: 'white', rows: 30 },
			{ colour: 'mixed', rows: 70 }
		]);
	});
	it('is as planned where its balls are, where any will do, and where none is known', () => {
		expect(stripesOfBalls([white, { colour: 'blue', bags: 4 }], planned, 0.2)).toBeNull();
		expect(stripesOfBalls([white], [{ colour: 'mixed', rows: 9 }], 1)).toBeNull();
		expect(stripesOfBalls([], planned, 1)).toBeNull();
	});
	it.each([NaN, 0, 1.1])('of a share of %d is none', (share) => {
		expect(() => stripesOfBalls([white], planned, share)).toThrow(DomainError);
	});
});
