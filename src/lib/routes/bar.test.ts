import { expect, it } from 'vitest';
import { bar } from './bar';

const labels = (links: readonly { readonly label: string }[] = []) =>
	links.map(({ label }) => label);

it('leads through the stages in the order of the work, and through their parts', () => {
	expect(bar.stages.map(({ href }) => href)).toEqual([
		'/plan',
		'/gather',
		'/prepare',
		'/make',
		'/check',
		'/hand-over'
	]);
	expect(bar.parts['gather']?.map(({ href }) => href)).toEqual(
		['', '/sort', '/store', '/asks', '/kinds', '/lists'].map((part) => `/gather${part}`)
	);
	expect(bar.parts['hand-over']?.map(({ href }) => href)).toEqual(
		['', '/asks', '/pillows', '/account'].map((part) => `/hand-over${part}`)
	);
	expect(bar.parts['prepare']?.at(-1)?.href).toBe('/people');
	for (const links of [bar.stages, ...Object.values(bar.parts)])
		expect(new Set(labels(links)).size).toBe(links.length);
});
