import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { noFactors } from '../../factors/factors';
import { twinedMat } from './twined-mat';

const made = (frameWidthMm: number, frameLengthMm: number, pitchMm = 14) =>
	twinedMat(
		{ widthMm: 850, lengthMm: 1850 },
		{ kind: 'twined', pitchMm, frameWidthMm, frameLengthMm },
		4.1,
		noFactors
	);

describe('a mat in panels', () => {
	it('is all of its panels together, nail for nail and row for row', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 200, max: 900 }),
				fc.integer({ min: 300, max: 2000 }),
				fc.integer({ min: 8, max: 30 }),
				(width, length, pitch) => {
					const { panel, panels, nails, rows, weftStrandMm, warpMm, warpEnds } = made(
						width,
						length,
						pitch
					);
					expect(nails).toBe(panel.nails * panels.across);
					expect(rows).toBe(panel.rows * panels.along);
					expect(warpEnds).toBe(2 * nails);
					expect(weftStrandMm).toBeCloseTo(panel.weftStrandMm * panels.count, 6);
					expect(warpMm).toBeCloseTo(panel.warpMm * panels.count, 6);
					expect(panel.spacingMm * panel.nails).toBeCloseTo(panels.widthMm, 9);
				}
			)
		));

	it('keeps the frame that was chosen, and its nails evenly spaced', () => {
		const { panel, panels } = made(450, 2000);
		expect([panels.across, panels.along]).toEqual([2, 1]);
		expect([panel.frameWidthMm, panel.frameLengthMm]).toEqual([450, 2000]);
		expect(panel.nails).toBe(Math.round(425 / 14));
		expect(panel.spacingMm).toBeCloseTo(425 / 30, 9);
	});
});
