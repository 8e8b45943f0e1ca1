import { describe, expect, it } from 'vitest';
import { nowSaid, typedAt } from './typed-at';

const now = new Date('2026-11-19T20:00:00Z');

describe('when an entry was typed', () => {
	it('is what its device said, though it waited for hours', () => {
		expect(typedAt('2026-11-19T14:05:00.000Z', now)).toEqual(new Date('2026-11-19T14:05:00Z'));
		expect(typedAt(now.toISOString(), now)).toEqual(now);
	});
	it.each([
		['nothing', undefined],
		['no time', 'this afternoon'],
		['a clock that runs ahead', '2026-11-19T20:00:01Z'],
		['a clock that was never set', '1970-01-01T00:00:00Z']
	])('is now where the device says %s', (_, said) => {
		expect(typedAt(said, now)).toBe(now);
	});
	it('is said so that it can be read again', () => {
		expect(typedAt(nowSaid(), new Date(Date.now() + 1000)).getTime()).toBeGreaterThan(
			Date.now() - 5000
		);
	});
});
