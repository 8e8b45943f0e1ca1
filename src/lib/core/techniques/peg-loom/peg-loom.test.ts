import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DomainError } from '../../domain-error';
import { isKnotForbidden, knotsOfStrand, layStrand } from './lay-strand';
import type { FirstPass } from './meeting';
import { endsOf, meetingCheck } from './meeting';
import { isOver } from './over-under';
import { fourSeats } from './seats';

/** A loom woven row by row as two people would: the grid as seen from the near left corner. */
function weave(near: [number, FirstPass], far: [number, FirstPass], strands: number): boolean[][] {
	const pass = (first: FirstPass, row: number) =>
		Array.from({ length: strands }, (_, j) => (first === 'over') === ((row + j) % 2 === 0));
	const nearRows = Array.from({ length: near[0] }, (_, row) => pass(near[1], row));
	// The far weaver's left is our right, and their first row is our last.
	const farRows = Array.from({ length: far[0] }, (_, row) => pass(far[1], row).reverse());
	return [...nearRows, ...farRows.reverse()];
}

describe('where two weavers meet', () => {
	const rows = fc.integer({ min: 1, max: 40 });
	const first = fc.constantFrom<FirstPass>('over', 'under');

	it('the check says what the woven grid shows, and its cure makes neighbours opposite', () => {
		fc.assert(
			fc.property(rows, first, rows, first, fc.integer({ min: 2, max: 40 }), (a, p, b, q, n) => {
				const areOpposite = (nearRows: number) => {
					const grid = weave([nearRows, p], [b, q], n);
					const [last, next] = [grid[nearRows - 1] ?? [], grid[nearRows] ?? []];
					return last.every((over, j) => over !== next[j]);
				};
				const verdict = meetingCheck({ rows: a, firstPass: p }, { rows: b, firstPass: q }, n);
				expect(verdict.verdict === 'fine').toBe(areOpposite(a));
				if (verdict.verdict !== 'fine') expect(areOpposite(a + 1)).toBe(true);
			})
		);
	});

	it('adds a row where there is room for one and drops one where there is not', () => {
		const end = { rows: 4, firstPass: 'over' as const };
		const clash = [end, { rows: 5, firstPass: 'over' as const }, 8] as const;
		const other = meetingCheck(...clash).verdict === 'fine' ? 7 : 8;
		expect(meetingCheck(clash[0], clash[1], other, 0.9).verdict).toBe('add-row');
		expect(meetingCheck(clash[0], clash[1], other, 0.1).verdict).toBe('drop-row');
	});

	it('shares the rows of a mat between both ends', () => {
		const [near, far] = endsOf(635, 'under');
		expect([near.rows, far.rows]).toEqual([318, 317]);
	});

	it.each([NaN, Infinity, -1, 0, 2.5])('refuses %s rows', (rows) => {
		const good = { rows: 3, firstPass: 'over' as const };
		expect(() => meetingCheck({ ...good, rows }, good, 8)).toThrow(DomainError);
	});
});

describe('a strand from peg to peg', () => {
	const length = fc.double({ min: 300, max: 4000, noNaN: true });
	const piece = fc.double({ min: 80, max: 1500, noNaN: true });

	it('has pieces that sum to peg to peg, and its knots where they end', () => {
		fc.assert(
			fc.property(
				length,
				piece,
				fc.constantFrom('end' as const, 'middle' as const),
				(Lp, L, place) => {
					const { lengthsMm, knotsMm, pieces, fit } = layStrand(Lp, L, place);
					expect(lengthsMm.reduce((a, b) => a + b, 0)).toBeCloseTo(Lp, 6);
					expect(lengthsMm).toHaveLength(pieces + (fit === 'add-short' ? 1 : 0));
					let at = 0;
					const walked = lengthsMm.slice(0, -1).map((each) => (at += each));
					expect(knotsMm).toEqual(walked);
					for (const each of lengthsMm) expect(each).toBeGreaterThan(0);
				}
			)
		);
	});

	it('has the same knots from the other end in every other strand', () => {
		const laid = layStrand(1850, 418.6);
		expect(laid.fit).toBe('add-short');
		const mirrored = knotsOfStrand(laid, 1850, 1).map((knot) => 1850 - knot);
		const near = knotsOfStrand(laid, 1850, 0);
		mirrored.reverse().forEach((knot, index) => expect(knot).toBeCloseTo(near[index] ?? NaN, 9));
		expect(near).toHaveLength(4);
	});

	it('forbids a knot near either peg and none between', () => {
		expect([10, 74, 76, 900, 1770, 1776].map((knot) => isKnotForbidden(knot, 1850))).toEqual([
			true,
			true,
			false,
			false,
			false,
			true
		]);
	});

	it('moves the short piece off the peg when it lies in the middle', () => {
		const [Lp, L] = [1300, 410];
		const atEnd = layStrand(Lp, L, 'end');
		expect(atEnd.knotsMm.some((knot) => isKnotForbidden(knot, Lp))).toBe(true);
		const inMiddle = layStrand(Lp, L, 'middle');
		expect(inMiddle.knotsMm.some((knot) => isKnotForbidden(knot, Lp))).toBe(false);
	});

	it.each([NaN, Infinity, -1, 0])('refuses a piece of %s mm', (bad) =>
		expect(() => layStrand(1850, bad)).toThrow(DomainError)
	);
});

describe('the weave', () => {
	it('passes every strand by the opposite of its neighbours in strand and row', () => {
		for (let row = 1; row < 6; row++) {
			for (let strand = 1; strand < 6; strand++) {
				expect(isOver(row, strand)).not.toBe(isOver(row + 1, strand));
				expect(isOver(row, strand)).not.toBe(isOver(row, strand + 1));
			}
		}
	});

	it('is shared by four seats without a crossing left over', () => {
		fc.assert(
			fc.property(fc.integer({ min: 2, max: 90 }), fc.integer({ min: 2, max: 900 }), (n, r) => {
				const crossings = fourSeats(n, r).reduce((sum, seat) => sum + seat.crossings, 0);
				expect(crossings).toBe(n * r);
			})
		);
	});
});

describe('the weft', () => {
	it('passes over a strand where row and strand are both odd or both even', () =>
		expect([isOver(1, 1), isOver(2, 2), isOver(3, 1), isOver(1, 2), isOver(4, 1)]).toEqual([
			true,
			true,
			true,
			false,
			false
		]));
});
