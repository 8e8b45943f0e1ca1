import { describe, expect, it } from 'vitest';
import type { Stock } from './allocate-store';
import { demandLeft } from './demand-left';

const demand = {
	bags: 100,
	byColour: { blue: 30, white: 20 },
	ofAnyColour: 50,
	bagsPerBall: 20,
	bagsPerPiece: 0.25,
	bagsPerGood: 1.25
} as const;
const given = (
	...lines: readonly [Stock['colour'], Stock['form'], number, bagsEach?: number][]
): Stock[] =>
	lines.map(([colour, form, amount, bagsEach = null]) => ({
		kind: 'Thin carrier',
		colour,
		form,
		amount,
		bagsEach
	}));

describe('a mat that is begun', () => {
	it('asks for all of it while it has nothing', () =>
		expect(demandLeft(demand, [])).toEqual(demand));

	it('asks for less of a colour by its balls, its pieces and its bags of that colour', () => {
		const left = demandLeft(
			demand,
			given(['blue', 'ball', 1], ['blue', 'piece', 8], ['white', 'bag', 5])
		);
		expect(left.byColour).toEqual({ blue: 8, white: 15 });
		expect([left.ofAnyColour, left.bags]).toEqual([50, 73]);
	});

	it('counts a ball by the bags in it, with what was spoiled on the way', () => {
		const left = demandLeft(demand, given(['blue', 'ball', 2, 8], ['white', 'piece', 3, 0.5]));
		expect(left.byColour).toEqual({ blue: 30 - 2 * 8 * 1.25, white: 20 - 3 * 0.5 * 1.25 });
	});

	it('uses what is over of a colour, and what is of no named one, for what may be of any', () => {
		const left = demandLeft(demand, given(['blue', 'ball', 2], ['mixed', 'bag', 15]));
		expect(left.byColour).toEqual({ white: 20 });
		expect([left.ofAnyColour, left.bags]).toEqual([50 - 10 - 15, 45]);
	});

	it('asks for nothing where it has more than it takes', () => {
		const left = demandLeft(demand, given(['blue', 'ball', 4], ['white', 'ball', 4]));
		expect(left).toEqual({ ...demand, bags: 0, byColour: {}, ofAnyColour: 0 });
	});
});
