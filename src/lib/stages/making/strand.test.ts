import { describe, expect, it } from 'vitest';
import type { ColourName } from '$lib/core/colour/colours';
import type { BallContent } from '$lib/stages/prepare/balls';
import { firstPasses, meetingOf } from './loom-meeting';
import { nothingSaid } from './mat-view';
import { ballInWork, densityOf, strandOf } from './strand-in-hand';
import { workOrder } from './work-order';

const rows = (...pairs: readonly (readonly [ColourName, number])[]) =>
	pairs.map(([colour, count]) => ({ colour, rows: count }));
const ball = (code: string, colour: ColourName, metres: number, grams = metres * 2) => ({
	code,
	content: {
		colours: [{ colour, bags: 10 }],
		bags: 10,
		metres: { expected: metres, low: metres, high: metres },
		filmMg: grams * 1000
	} as unknown as BallContent
});
const given = (...balls: readonly ReturnType<typeof ball>[]) => ({
	issued: balls,
	given: balls.map(({ content }, at) => ({
		colour: content.colours[0]?.colour ?? ('mixed' as const),
		metres: content.metres.expected,
		at: at + 1
	})),
	weighed: []
});

describe('stripes in the order they are worked', () => {
	const stripes = rows(['blue', 10], ['white', 10], ['green', 10]);
	it('are as they lie where a mat grows from one end', () =>
		expect(workOrder(stripes, { near: 12, far: 0 })).toEqual(stripes));
	it('have the rows of the far end before what is left', () =>
		expect(workOrder(stripes, { near: 12, far: 14 })).toEqual(
			rows(['blue', 10], ['white', 2], ['green', 10], ['white', 4], ['white', 4])
		));
});

describe('the strand of a mat', () => {
	const look = { stripes: rows(['blue', 10], ['white', 10]), rowM: 2 };
	it('is short where a colour will not do, in the row that cannot be made whole', () => {
		const said = given(ball('A', 'blue', 20), ball('B', 'white', 13));
		expect(strandOf(look, { near: 4, far: 0 }, said)).toMatchObject({
			left: [
				{ colour: 'blue', neededM: 12, inHandM: 12, lacksM: 0 },
				{ colour: 'white', neededM: 20, inHandM: 13, lacksM: 7 }
			],
			lacks: [{ colour: 'white', lacksM: 7, row: 17 }]
		});
	});
	it('is of any colour where none was planned', () => {
		const plain = { stripes: rows(['mixed', 20]), rowM: 2 };
		const { left, givenM } = strandOf(plain, { near: 5, far: 0 }, given(ball('A', 'red', 30)));
		expect(givenM).toEqual({ mixed: 30 });
		expect(left).toMatchObject([{ colour: 'mixed', inHandM: 20, lacksM: 10 }]);
	});
	it('has a density by the balls of its colour', () => {
		const said = given(ball('A', 'blue', 20, 44), ball('B', 'white', 10, 50));
		expect(densityOf(said.issued, 'blue')).toBeCloseTo(2.2, 9);
		expect(densityOf(said.issued, 'green')).toBeNull();
	});
	it('comes from one ball after the other: which is in work, and the row it ends in', () => {
		const said = given(ball('A', 'blue', 9), ball('B', 'blue', 11), ball('C', 'white', 20));
		const at = (near: number) => ballInWork(look, { near, far: 0 }, said);
		expect(at(0)).toEqual({ code: 'A', row: 5 });
		// Four rows and a half came from the first.
		expect(at(4)).toEqual({ code: 'A', row: 5 });
		// The second does to the end of its stripe.
		expect(at(5)).toBeNull();
		expect(ballInWork(look, { near: 0, far: 0 }, given())).toBeNull();
	});
	it('that was weighed makes its balls shorter', () => {
		const said = {
			...given(ball('A', 'blue', 20)),
			weighed: [{ colour: 'blue' as const, leftM: 5, made: 4, at: 9 }]
		};
		expect(ballInWork(look, { near: 4, far: 0 }, said)).toEqual({ code: 'A', row: 7 });
	});
});

describe('the ends of a loom', () => {
	const mat = {
		rows: { total: 40, parts: 1, each: 40, ends: 2, part: 'mat' } as const,
		look: {
			kind: 'peg-loom' as const,
			widthMm: 850,
			lengthMm: 1850,
			isLengthwise: false,
			rowM: 2,
			bagsPerM: 0.5,
			ballM: 30,
			stitch: null,
			loom: { strands: 33, farFirstPass: 'under' as const },
			stripes: []
		},
		said: nothingSaid
	};
	it('began as they were said, else as they are planned', () => {
		expect(firstPasses(mat)).toEqual({ near: 'over', far: 'under' });
		const said = { ...nothingSaid, firstPass: { near: 'under' as const, far: 'over' as const } };
		expect(firstPasses({ ...mat, said })).toEqual({ near: 'under', far: 'over' });
	});
	it('meet as opposites whoever weaves what is left, and not where one began otherwise', () => {
		for (const made of [
			{ near: 3, far: 2 },
			{ near: 20, far: 20 },
			{ near: 0, far: 0 }
		])
			expect(meetingOf(mat, made)?.verdict).toBe('fine');
		const said = { ...nothingSaid, firstPass: { near: 'under' as const, far: null } };
		expect(meetingOf({ ...mat, said }, { near: 3, far: 2 })?.verdict).toBe('add-row');
		expect(meetingOf({ ...mat, said }, { near: 20, far: 20 })?.verdict).toBe('drop-row');
		expect(
			meetingOf({ ...mat, look: { ...mat.look, loom: null } }, { near: 1, far: 1 })
		).toBeNull();
	});
});
