import { afterEach, describe, expect, it } from 'vitest';
import { longDayWords, momentWords, shortDayWords, yearDayWords } from './day-words';
import { isTimeZone, todayIn } from './days';
import { figure, wholeNumber } from './number-words';
import { isLocale } from './reader';
import { AsyncLocalStorage } from 'node:async_hooks';
import {
	newWriter,
	writeAs,
	writeFor,
	written,
	writtenMoment,
	type Writer
} from '../words/writing';

it('days are said as one volunteer would say them, whatever zone the machine is in', () => {
	expect(shortDayWords('2026-11-24')).toBe('24 Nov');
	expect(yearDayWords('2026-11-24')).toBe('24 Nov 2026');
	expect(yearDayWords(new Date('2026-11-24T23:59:59Z'))).toBe('24 Nov 2026');
	expect(longDayWords(new Date('2026-03-01T12:00:00Z'))).toBe('1 March 2026');
});

it('a moment has the hall’s time, and the hall’s day', () => {
	const evening = new Date('2026-11-25T02:05:00Z');
	writeAs({ locale: 'en-US', timeZone: 'America/Denver' });
	expect(momentWords(evening)).toBe('24 Nov 2026, 19:05');
	expect([shortDayWords(evening), yearDayWords(evening), longDayWords(evening)]).toEqual([
		'24 Nov',
		'24 Nov 2026',
		'24 November 2026'
	]);
	writeAs({ locale: 'en-NZ', timeZone: 'Pacific/Auckland' });
	expect(momentWords(evening)).toBe('25 Nov 2026, 15:05');
});

it('today is the hall’s day: a US evening is not tomorrow, an Auckland morning not yesterday', () => {
	const at = new Date('2026-11-25T02:05:00Z');
	expect(todayIn('America/Denver', at)).toBe('2026-11-24');
	expect(todayIn('UTC', at)).toBe('2026-11-25');
	expect(todayIn('Pacific/Auckland', new Date('2026-11-24T20:00:00Z'))).toBe('2026-11-25');
	expect([isTimeZone('Europe/Lisbon'), isTimeZone('Alder/Quay'), isTimeZone('')]).toEqual([
		true,
		false,
		false
	]);
});

describe('numbers', () => {
	afterEach(() => writeAs({ locale: 'en-GB', timeZone: 'UTC' }));

	it.each([
		['en-GB', '10,120', '0.94'],
		['de-DE', '10.120', '0,94'],
		['sv-SE', '10\u00a0120', '0,94']
	])('are written as in %s', (locale, whole, small) => {
		writeAs({ locale, timeZone: 'UTC' });
		expect(wholeNumber(10_120)).toBe(whole);
		expect(figure(0.94)).toBe(small);
	});

	it('have as many digits as their size deserves once they are rounded', () => {
		expect([0.996, 0.994, 9.96, 9.94, 99.6, -0.001].map(figure)).toEqual([
			'1.0',
			'0.99',
			'10',
			'9.9',
			'100',
			'-0.00'
		]);
	});

	it('are never grouped by a locale that is none', () => {
		expect([isLocale('pt-PT'), isLocale('xx-nowhere-at-all-here'), isLocale('')]).toEqual([
			true,
			false,
			false
		]);
	});
});

it('each of two who are written for at once is written for by their own', async () => {
	const writers = new AsyncLocalStorage<Writer>();
	writeFor(() => writers.getStore());
	const page = (locale: string, zone: string) =>
		writers.run(newWriter(), async () => {
			writeAs({ locale, timeZone: zone });
			await new Promise((resolve) => setTimeout(resolve, 5));
			return [written(1234.5, 1), writtenMoment(new Date('2026-11-24T18:05:00Z'))];
		});
	const [one, other] = await Promise.all([page('en-GB', 'UTC'), page('pt-PT', 'Asia/Tokyo')]);
	writeFor(() => undefined);
	expect(one).toEqual(['1,234.5', '24 Nov 2026, 18:05']);
	expect(other[0]).not.toBe('1,234.5');
	expect(other[1]).toBe('25 Nov 2026, 03:05');
});
