import { expect, it } from 'vitest';
import { readEntry } from './read-entry';

const said = (hook: string) =>
	readEntry(
		'tool',
		{ tool: '', kind: 'hook', sort: 'hook', name: 'Hook', count: '1', hook },
		{ system: 'cm', today: '2026-12-01' }
	);

it('a hook is known by millimetres or by its letter, and where makers differ it is asked which', () => {
	const mm = (hook: string) => {
		const { entry } = said(hook);
		return entry?.type === 'tool' && entry.tool?.sort === 'hook' ? entry.tool.mm : null;
	};
	expect([mm('8'), mm('l'), mm('H'), mm('3,5')]).toEqual([8, 8, 5, 3.5]);
	expect(mm('P')).toBeNull();
	expect(said('P').problems?.['hook']).toContain('10, 11.5, 15');
	expect(mm('Z')).toBeNull();
});
