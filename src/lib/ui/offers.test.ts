import { describe, expect, it } from 'vitest';
import { actAsked, isOffered, withoutOffers, type NotOffered } from './offers';

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

describe('a page', () => {
	it('is written without what is not offered', () => {
		const page = withoutOffers(
			`<form class="x" method="POST" action="?/delete"><button>No</button></form>
			<form method="POST" action="?/rename"></form>
			<form method="POST" action="?/keep"><!--[--><input type="hidden" name="type" value="deliver"/></form>
			<form action="/prepare/labels.pdf"></form>
			<a href="/links?x=1">Links</a><a href="/linked">Others</a>`,
			not,
			'/plans'
		);
		expect(page.match(/<form hidden[^>]*action="([^"]*)"/g)).toHaveLength(2);
		expect(page).toContain('<form hidden class="x" method="POST" action="?/delete">');
		expect(page).toContain('<a hidden href="/links?x=1">');
		expect(page).toContain('<a href="/linked">');
	});
	it('that is one form as a whole stays, without the button that keeps it', () => {
		const page = withoutOffers(
			'<form data-offers="always" method="POST" action="?/keep"><button data-act="?/keep">Keep</button><button formaction="?/work">Work</button></form>',
			not,
			'/plan'
		);
		expect(page).toContain('<form data-offers');
		expect(page).toContain('<button hidden data-act');
		expect(page).toContain('<button formaction');
	});
});
