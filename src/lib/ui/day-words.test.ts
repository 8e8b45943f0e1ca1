import { describe, expect, it } from 'vitest';
import { monthWords, nearDayWords } from './day-words';

describe('a day as it is said today', () => {
	it.each([
		['2026-12-03', '2026-11-26', 'Thu 3 Dec'],
		['2026-11-05', '2026-11-26', 'Thu 5 Nov'],
		['2027-01-07', '2026-12-31', 'Thu 7 Jan'],
		// Another month than this and the next, before or after.
		['2027-02-04', '2026-12-31', 'Thu 4 Feb 2027'],
		['2026-10-29', '2026-11-26', 'Thu 29 Oct 2026'],
		['2025-12-04', '2026-12-03', 'Thu 4 Dec 2025']
	])('%s on %s', (day, today, said) => expect(nearDayWords(day, today)).toBe(said));
});

it('months are counted from January', () => {
	expect([1, 9, 12].map(monthWords)).toEqual(['Jan', 'Sept', 'Dec']);
});
