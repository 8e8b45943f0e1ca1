import { describe, expect, it } from 'vitest';
import { DomainError } from '../domain-error';
import { edgeDrift } from '../techniques/crochet/edge-drift';
import { rowsPerBall } from '../techniques/crochet/rows-per-ball';
import { panelsFor } from '../techniques/twined/panels';
import { pillowMassG, pillowsFrom } from './pillow';
import { rollMat, rollsInCrate } from './roll';

describe('a rolled mat', () => {
	const roll = rollMat({ widthMm: 850, lengthMm: 1850, thicknessMm: 7 });

	it('holds the mat: the area of its end is the folded mat’s cut edge and the core', () => {
		const end = (Math.PI / 4) * (roll.diameterMm ** 2 - 60 ** 2);
		expect(end).toBeCloseTo(2 * 7 * 1850, 6);
	});

	it('fits a crate along the edge that holds most', () => {
		expect(
			rollsInCrate(
				{ diameterMm: 200, lengthMm: 400 },
				{ widthMm: 600, depthMm: 400, heightMm: 420 }
			)
		).toBe(6);
		expect(
			rollsInCrate(
				{ diameterMm: 200, lengthMm: 900 },
				{ widthMm: 600, depthMm: 400, heightMm: 420 }
			)
		).toBe(0);
	});

	it.each([NaN, Infinity, -1, 0])('refuses a thickness of %s mm', (thicknessMm) =>
		expect(() => rollMat({ widthMm: 1, lengthMm: 1, thicknessMm })).toThrow(DomainError)
	);
});

describe('pillows', () => {
	it('of the usual size take 300 g', () => expect(pillowMassG(400, 300, 100)).toBeCloseTo(300, 9));
	it('are counted whole, and what is left stays', () =>
		expect(pillowsFrom(1000)).toEqual({ pillows: 3, leftG: 100 }));
});

describe('a crocheted edge', () => {
	it.each([
		[850, 'even', 0],
		[846, 'even', 0],
		[830, 'narrows', 2],
		[880, 'waves', 3]
	] as const)('measured %s mm of 850 is %s by %s stitches', (measured, kind, stitches) => {
		const drift = edgeDrift(measured, 850, 10);
		expect(drift.kind).toBe(kind);
		if (drift.kind !== 'even') expect(drift.stitches).toBe(stitches);
	});

	it('a ball makes its strand over the strand of a row', () =>
		expect(rowsPerBall(36_000, 4000)).toBe(9));
});

describe('panels of a frame smaller than the mat', () => {
	it('are as many as it takes each way, all alike, and seam by seam make the mat', () => {
		const panels = panelsFor({ widthMm: 900, lengthMm: 1800 }, { widthMm: 400, lengthMm: 1000 });
		expect([panels.across, panels.along, panels.count]).toEqual([3, 2, 6]);
		expect(panels.widthMm * panels.across).toBeCloseTo(900, 9);
		expect([panels.seamAlongMm, panels.seamAcrossMm]).toEqual([3600, 900]);
	});

	it('are one where the frame is just as large', () =>
		expect(
			panelsFor({ widthMm: 900, lengthMm: 1800 }, { widthMm: 900, lengthMm: 1800 }).count
		).toBe(1));
});
