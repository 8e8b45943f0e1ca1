import { describe, expect, it } from 'vitest';
import { widthCourse } from './narrowing';
import { lastSitting, sittingPauseMin, timedRows } from './sitting';

const taps = (...atMin: number[]) => atMin.map((at) => ({ step: 1, atMin: at }));

describe('a sitting', () => {
	it('goes on over a pause of twenty minutes, and ends with a longer one', () => {
		expect(sittingPauseMin).toBe(20);
		expect(lastSitting(taps(0, 2, 4, 24, 26, 28))).toEqual({ rows: 5, minutes: 28 });
		expect(lastSitting(taps(0, 2, 4, 24.1, 26, 28))).toBeNull();
	});
	it('teaches from five rows and five minutes on', () => {
		expect(lastSitting(taps(0, 1, 2, 3, 4, 5))).toEqual({ rows: 5, minutes: 5 });
		expect(lastSitting(taps(0, 1, 2, 3, 4, 4.9))).toBeNull();
		expect(lastSitting(taps(0, 2, 4, 6, 8))).toBeNull();
	});
	it('adds to the others of its device, those too short left out', () =>
		expect(timedRows(taps(0, 2, 4, 6, 8, 10, 60, 61, 100, 102, 104, 106, 108, 110))).toEqual({
			rows: 10,
			minutes: 20
		}));
});

describe('the course of a width', () => {
	it('is known by Student’s t with as many degrees as widths but two', () => {
		const course = widthCourse(
			[
				{ row: 10, widthMm: 850 },
				{ row: 60, widthMm: 845 },
				{ row: 110, widthMm: 846 }
			],
			11.9,
			204
		);
		expect(course?.slopeMm).toBeCloseTo(-0.04, 9);
		// Three widths leave one degree: 3.0777 times the root of 6 over 5000.
		expect(course?.highMm).toBeCloseTo(-0.04 + 3.0777 * Math.sqrt(6 / 5000), 4);
	});
	it('is none from two rows, however often they were measured', () =>
		expect(
			widthCourse(
				[
					{ row: 10, widthMm: 850 },
					{ row: 10, widthMm: 849 },
					{ row: 60, widthMm: 848 }
				],
				11.9,
				204
			)
		).toBeNull());
});
