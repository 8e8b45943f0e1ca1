import { expect, it } from 'vitest';
import { dayOf } from './typed-day';

it.each([
	['2026-12-20', '2026-12-20'],
	['20 Dec', '2026-12-20'],
	['20 December 2026', '2026-12-20'],
	['Thu 3 Dec', '2026-12-03'],
	['Sun, 20 Dec.', '2026-12-20'],
	// The nearest: eleven months ahead is another year.
	['15 Jan', '2027-01-15'],
	['30 Sep', '2026-09-30'],
	['today', '2026-11-24'],
	['Tomorrow', '2026-11-25'],
	['yesterday', '2026-11-23'],
	// The 24th is a Tuesday itself: the next one is meant.
	['Tuesday', '2026-12-01'],
	['thu', '2026-11-26'],
	['29 Feb 2028', '2028-02-29'],
	['29 Feb 2027', null],
	['31 Nov', null],
	['2026-02-30', null],
	['20 Foo', null],
	['soon', null],
	['', null]
])('“%s” is %s', (typed, day) => expect(dayOf(typed, '2026-11-24')).toBe(day));

it.each([
	['2026-12-20', '2026-12-20'],
	['20 Dec 2026', '2026-12-20'],
	['20 Dec', null],
	['tomorrow', null],
	['Thursday', null]
])('“%s” is %s where nobody knows what day it is', (typed, day) =>
	expect(dayOf(typed, null)).toBe(day)
);
