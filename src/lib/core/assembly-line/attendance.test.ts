import { describe, expect, it } from 'vitest';
import { defaults } from '../defaults';
import { attendanceOf, meanAttendance } from './attendance';

describe('how likely somebody comes', () => {
	it('is the craft’s share before anything is known, and nears what they did', () => {
		expect(attendanceOf({ known: 0, came: 0 })).toBe(defaults.attendance.value);
		expect(attendanceOf({ known: 5, came: 0 })).toBeCloseTo(0.4, 12);
		expect(attendanceOf({ known: 1000, came: 500 })).toBeCloseTo(504 / 1005, 12);
	});
	it('of several is their mean, each worth as much', () => {
		expect(
			meanAttendance([
				{ known: 5, came: 5 },
				{ known: 5, came: 0 }
			])
		).toBeCloseTo(0.65, 12);
	});
	it.each([
		[-1, -1, 'known'],
		[NaN, 0, 'known'],
		[2, 3, 'came'],
		[2, -1, 'came']
	])('of %d known and %d come is refused by its name: %s', (known, came, name) =>
		expect(() => attendanceOf({ known, came })).toThrow(
			expect.objectContaining({ parameter: name })
		)
	);
});
