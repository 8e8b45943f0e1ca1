import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { DomainError } from '../domain-error';
import { packRolls } from './pack-rolls';
import { rollsInCrate } from './roll';

const crate = { widthMm: 400, depthMm: 600, heightMm: 300 };
const rollOf = (diameterMm: number, lengthMm = 425) => ({ diameterMm, lengthMm });

/** The fewest crates that hold some squares laid in rows: every way to share them out is tried. */
function fewest(sizes: readonly number[], width: number, height: number): number {
	const ways = (items: readonly number[]): readonly number[][] =>
		items.length === 0
			? [[]]
			: items.flatMap((one, at) =>
					ways(items.filter((_, other) => other !== at)).map((rest) => [one, ...rest])
				);
	let best = Infinity;
	for (const order of ways(sizes)) {
		// Rows as they come: a new row where the row is full, a new crate where the crate is.
		let [crates, y, x, row] = [1, 0, 0, 0];
		for (const size of order) {
			if (x + size > width || (row > 0 && size > row)) [y, x, row] = [y + row, 0, 0];
			if (y + size > height) [crates, y, x, row] = [crates + 1, 0, 0, 0];
			if (row === 0) row = size;
			x += size;
		}
		best = Math.min(best, crates);
	}
	return best;
}

describe('rolls in crates', () => {
	it('of one size are as many a crate as are said to fit', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 90, max: 320 }),
				fc.integer({ min: 100, max: 620 }),
				fc.integer({ min: 1, max: 40 }),
				(diameter, length, count) => {
					const roll = rollOf(diameter, length);
					const most = rollsInCrate(roll, crate);
					const { crates, left } = packRolls(
						Array.from({ length: count }, () => roll),
						crate
					);
					if (most === 0) expect(left).toHaveLength(count);
					else expect(crates).toHaveLength(Math.ceil(count / most));
				}
			),
			{ numRuns: 300 }
		));
	it('lie within their crate, none in another, every one of them once', () =>
		fc.assert(
			fc.property(fc.array(fc.integer({ min: 80, max: 330 }), { maxLength: 14 }), (sizes) => {
				const rolls = sizes.map((size) => rollOf(size));
				const { crates, left } = packRolls(rolls, crate);
				const seen = [...left, ...crates.flatMap((one) => one.rolls.map(({ roll }) => roll))];
				expect(seen.sort((one, other) => one - other)).toEqual(sizes.map((_, at) => at));
				for (const { widthMm, heightMm, rolls: own } of crates)
					for (const [at, one] of own.entries()) {
						const radius = (sizes[one.roll] ?? 0) / 2;
						expect(one.xMm - radius).toBeGreaterThanOrEqual(-1e-6);
						expect(one.xMm + radius).toBeLessThanOrEqual(widthMm + 1e-6);
						expect(one.yMm + radius).toBeLessThanOrEqual(heightMm + 1e-6);
						for (const other of own.slice(at + 1)) {
							if (other.layer !== one.layer) continue;
							const apart = Math.hypot(one.xMm - other.xMm, one.yMm - other.yMm);
							expect(apart).toBeGreaterThanOrEqual(radius + (sizes[other.roll] ?? 0) / 2 - 1e-6);
						}
					}
			}),
			{ numRuns: 300 }
		));
	it('of few are in no more crates than every other way of laying them in rows takes', () =>
		fc.assert(
			fc.property(
				fc.array(fc.integer({ min: 90, max: 290 }), { minLength: 1, maxLength: 6 }),
				(sizes) => {
					// A crate in which they lie one way only.
					const long = { widthMm: 400, depthMm: 560, heightMm: 300 };
					const rolls = sizes.map((size) => rollOf(size, 540));
					const { crates } = packRolls(rolls, long);
					expect(crates.length).toBeLessThanOrEqual(fewest(sizes, 400, 300));
				}
			),
			{ numRuns: 60 }
		));
	it('that fit no crate are left, and sizes of nothing are refused', () => {
		expect(packRolls([rollOf(500), rollOf(200, 900)], crate)).toEqual({
			crates: [],
			left: [0, 1]
		});
		expect(() => packRolls([rollOf(0)], crate)).toThrow(DomainError);
		expect(packRolls([], crate)).toEqual({ crates: [], left: [] });
	});
});
