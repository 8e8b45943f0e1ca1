import { describe, expect, it } from 'vitest';
import { oddDropOff, oddMovement, oddSorting, usualDropOff } from './odd-count';

const nothing = { bags: 0, dropOffs: 0, sorted: 0 };
const kiosk = { bags: 240, dropOffs: 2, sorted: 100 };

describe('bags that came in', () => {
	it.each([
		[{ bags: 3000, sacks: 0, meanG: null }, nothing, null],
		[{ bags: 3001, sacks: 0, meanG: null }, nothing, 'more-than-a-hall'],
		[{ bags: 1200, sacks: 2, meanG: null }, nothing, null],
		[{ bags: 1201, sacks: 2, meanG: null }, nothing, 'more-than-sacks-hold'],
		[{ bags: 1200, sacks: 0, meanG: null }, kiosk, null],
		[{ bags: 1201, sacks: 0, meanG: null }, kiosk, 'far-more-than-usual'],
		[{ bags: 500, sacks: 0, meanG: 0.19 }, nothing, 'bag-too-light'],
		[{ bags: 5, sacks: 0, meanG: 520 }, nothing, 'bag-too-heavy'],
		[{ bags: 500, sacks: 0, meanG: 5.2 }, nothing, null],
		[{ bags: 500, sacks: 0, meanG: 0.8 }, nothing, null],
		[{ bags: 5, sacks: 0, meanG: 150 }, nothing, null],
		[{ bags: 5, sacks: 0, meanG: 150.1 }, nothing, 'bag-too-heavy'],
		// One drop-off before is no habit; a hundred bags are no crowd, whatever came before.
		[{ bags: 2000, sacks: 0, meanG: null }, { bags: 50, dropOffs: 1, sorted: 0 }, null],
		[{ bags: 100, sacks: 0, meanG: null }, { bags: 8, dropOffs: 2, sorted: 0 }, null],
		[
			{ bags: 101, sacks: 0, meanG: null },
			{ bags: 8, dropOffs: 2, sorted: 0 },
			'far-more-than-usual'
		]
	] as const)('%j of a place that brought %j: %s', (came, before, code) =>
		expect(oddDropOff(came, before)?.code ?? null).toBe(code)
	);
});

describe('bags that are sorted', () => {
	it('are asked about where they are more than came, by more than counts may be off', () => {
		expect(oddSorting(164, kiosk)).toBeNull();
		expect(oddSorting(165, kiosk)).toEqual({ code: 'more-than-came', all: 265, came: 240 });
		expect(oddSorting(100_000, nothing)).toBeNull();
	});
});

describe('a movement of the store', () => {
	it.each([
		[20_000, false, null],
		[20_001, false, { code: 'more-than-a-day', pieces: 20_001 }],
		[-20_001, false, { code: 'more-than-a-day', pieces: 20_001 }],
		[200_000, true, null],
		[-200_001, true, { code: 'more-scrap-than-sacks', scrapG: 200_001 }]
	] as const)('of %d, scrap: %s: %j', (amount, isScrap, odd) =>
		expect(oddMovement(amount, isScrap)).toEqual(odd)
	);
});

it('takes for usual what a place brings at a time, and nothing where it brought nothing', () => {
	expect(usualDropOff(kiosk)).toBe(120);
	expect(usualDropOff(nothing)).toBe(0);
});
