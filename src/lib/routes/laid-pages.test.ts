import { describe, expect, it } from 'vitest';
import { agoWords } from '../ui/day-words';
import { isLaidBy, laidAt, pagesToLayBy } from './laid-pages';

it.each([
	[20_000, 'just now'],
	[61_000, '1 minute ago'],
	[3_600_000 * 2.9, '2 hours ago'],
	[3_600_000 * 47, '47 hours ago'],
	[3_600_000 * 72, '3 days ago']
])('%d ms are said as %s', (ms, words) => expect(agoWords(ms)).toBe(words));

describe('pages that are laid by', () => {
	it.each([
		['/gather', true],
		['/prepare/days/0f/__data.json', true],
		['/make/22222', true],
		['/gather/lists/store.csv', false],
		['/prepare/days/calendar.ics', false],
		['/know-how/cards.pdf', false],
		['/plan', false],
		['/account', false],
		['/gatherings', false],
		['/gather/bare', false],
		['/gather/nothing-there', false],
		['/__data.json', true],
		['/', true],
		['/know-how/loop-joint/picture.svg', false]
	])('%s: %s', (path, is) => expect(isLaidBy(path)).toBe(is));

	it('are all of the table', () => {
		for (const page of pagesToLayBy) expect(isLaidBy(page)).toBe(true);
	});

	it.each([
		['/gather', '/gather'],
		['/gather?of=2', '/gather?of=2'],
		['/gather/__data.json?x-sveltekit-invalidated=01', '/gather/__data.json'],
		['/gather/__data.json?of=2&x-sveltekit-invalidated=01', '/gather/__data.json?of=2'],
		['/gather/__data.json?x-sveltekit-invalidated=01&of=2', '/gather/__data.json?of=2']
	])('%s lies at %s', (address, at) =>
		expect(laidAt(new URL(address, 'http://127.0.0.1'))).toBe(at)
	);
});
