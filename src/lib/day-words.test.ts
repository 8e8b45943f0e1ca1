import { expect, it } from 'vitest';
import { longDayWords, momentWords, shortDayWords, yearDayWords } from './day-words';

it('days are said as one volunteer would say them, whatever zone the machine is in', () => {
	expect(shortDayWords('2026-11-24')).toBe('24 Nov');
	expect(yearDayWords('2026-11-24')).toBe('24 Nov 2026');
	expect(yearDayWords(new Date('2026-11-24T23:59:59Z'))).toBe('24 Nov 2026');
	expect(longDayWords('2026-03-01')).toBe('1 March 2026');
});

it('a moment has its time', () =>
	expect(momentWords(new Date(2026, 10, 24, 18, 5))).toBe('24 Nov 2026, 18:05'));
