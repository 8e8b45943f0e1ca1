import { describe, expect, it } from 'vitest';
import { specsFor } from '../../scripts/lib/changed.mjs';

describe('browser tests that a change asks for', () => {
	it('are those that go where it is, and a walk through all stages', () => {
		const specs = specsFor(['src/lib/stages/season/season-words.ts']);
		expect(specs).toContain('season.spec.ts');
		expect(specs).toContain('walk.spec.ts');
		expect(specs).not.toContain('drawings.spec.ts');
	});
	it('follow what the server does to the pages that show it', () => {
		expect(specsFor(['src/lib/server/making/rows.ts'])).toContain('make.spec.ts');
		expect(specsFor(['src/routes/gather/sort/+page.svelte'])).toContain('sorting.spec.ts');
	});
	it('are the walk alone where all rests on it, and none where nothing of the application changed', () => {
		expect(specsFor(['src/lib/core/cut/rings.ts'])).toEqual(['walk.spec.ts']);
		expect(specsFor(['docs/model.md', 'src/lib/core/cut/rings.test.ts'])).toEqual([]);
	});
	it('are those that were changed themselves', () =>
		expect(specsFor(['tests/browser/tools.spec.ts'])).toEqual(['tools.spec.ts']));
});
