import { expect, it } from 'vitest';
import { isUnder } from '../ui/is-under';
import { bar } from './bar';

const labels = (links: readonly { readonly label: string }[] = []) =>
	links.map(({ label }) => label);
const hrefs = (links: readonly { readonly href: string }[] = []) => links.map(({ href }) => href);

it('leads through the stages in the order of the work, and through their parts', () => {
	expect(hrefs(bar.stages)).toEqual([
		'/',
		'/plan',
		'/gather',
		'/prepare',
		'/make',
		'/check',
		'/hand-over',
		'/season',
		'/know-how'
	]);
	expect(hrefs(bar.onPhone)).toEqual(['/', '/gather', '/prepare', '/make']);
	expect(hrefs(bar.parts['gather'])).toEqual(
		['', '/sort', '/store', '/asks', '/kinds', '/lists'].map((part) => `/gather${part}`)
	);
	expect(hrefs(bar.parts['hand-over'])).toEqual(
		['', '/asks', '/pillows', '/account'].map((part) => `/hand-over${part}`)
	);
	expect(bar.parts['prepare']?.at(-1)?.href).toBe('/prepare/tools');
	expect(hrefs(bar.parts['know-how'])).toContain('/know-how/faults');
	for (const links of [bar.stages, ...Object.values(bar.parts)])
		expect(new Set(labels(links)).size).toBe(links.length);
});

it('names every page that is under More, where it leads there', () => {
	for (const href of ['/people', '/places', '/measures', '/links', '/reach', '/entry', '/backup'])
		expect(bar.titles[href], href).toMatch(/^\p{Lu}/u);
});

it.each([
	['/', '/', true],
	['/gather/sort', '/gather', true],
	['/gather', '/', false],
	['/plans', '/plan', true],
	['/hand-over/asks', '/hand-over', true],
	['/people', '/prepare', false]
])('a page at %s under the stage %s: %s', (pathname, stage, is) =>
	expect(isUnder(pathname, stage)).toBe(is)
);
