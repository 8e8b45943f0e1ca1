import { describe, expect, it } from 'vitest';
import { actAsked, forGroup, isOffered, type NotOffered } from './offers';

const not: NotOffered = {
	acts: ['/plans delete', '/groups make', '/plan keep'],
	entries: ['deliver'],
	pages: ['/links']
};

describe('an act', () => {
	it.each([
		['?/delete', '/plans', '/plans delete'],
		['/groups?/make', '/plans', '/groups make'],
		['?back=3&/keep#take-back', '/gather', '/gather keep'],
		['?dried=4&group=x&/keep', '/gather/sort', '/gather/sort keep'],
		['/plan', '/plans', null],
		['', '/plans', null]
	])('%s on %s is %s', (action, routeId, act) => expect(actAsked(action, routeId)).toBe(act));
	it('is offered by its name, and by the type of entry it keeps', () => {
		expect(isOffered(not, '?/delete', '/plans', null)).toBe(false);
		expect(isOffered(not, '?/delete', '/gather', null)).toBe(true);
		expect(isOffered(not, '?/keep', '/hand-over', 'deliver')).toBe(false);
		expect(isOffered(not, '?/keep', '/hand-over', 'row')).toBe(true);
	});
});

it.each([
	['?/want', '?/want&group=g'],
	['/links?/make', '/links?/make&group=g'],
	['?back=3&/keep#take-back', '?back=3&/keep&group=g#take-back'],
	['/prepare/things', '/prepare/things'],
	['', '']
])('the address %s says its group: %s', (action, said) => expect(forGroup(action, 'g')).toBe(said));
