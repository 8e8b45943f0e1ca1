import { expect, it } from 'vitest';
import { labelAddress } from '$lib/ui/label-address';
import { pagesToFind } from './pages-to-find';

it.each([
	['https://mats.example/prepare/things/K7QM4', '/prepare/things/K7QM4'],
	['HTTPS://MATS.EXAMPLE/PREPARE/THINGS/K7QM4', '/prepare/things/K7QM4'],
	[
		'http://10.0.0.12:4173/plan/0b3c1c52-5e53-4e0e-9a55-0d8a3f3f2a11',
		'/plan/0b3c1c52-5e53-4e0e-9a55-0d8a3f3f2a11'
	],
	// Nothing that a strange code says leads anywhere else.
	['https://mats.example/account', null],
	['https://mats.example/prepare/things/K7QM4/../../account', null],
	['https://mats.example/prepare/things/K7QM4?next=/account', null],
	['javascript:alert(1)//prepare/things/K7QM4', null],
	['K7QM4', null]
])('a square code %s leads to %s', (read, address) => expect(labelAddress(read)).toBe(address));

it('finds pages by what is done there, and those of members only where people sign in', () => {
	const hrefs = (isSignedIn: boolean) => pagesToFind(isSignedIn).map(({ href }) => href);
	expect(hrefs(false)).not.toContain('/members');
	expect(hrefs(true)).toContain('/members');
	expect(hrefs(true)).not.toContain('/search');
	expect(hrefs(true).filter((href) => href.includes('['))).toEqual([]);
	expect(pagesToFind(true).find(({ href }) => href === '/members')?.about).toContain('invite');
});
