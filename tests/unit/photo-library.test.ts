// The library that sees pictures: one version everywhere, and nowhere but where pictures are measured.
import { readdirSync, readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { libraryAt } from '../../src/lib/sight/library-at';
import packages from '../../package.json' with { type: 'json' };

it('is fetched by a browser in the version that is pinned', () => {
	const pinned = packages.dependencies['@techstark/opencv-js'];
	expect(pinned).toMatch(/^\d+\.\d+\.\d+-release\.\d+$/);
	expect(libraryAt).toContain(`-${pinned}.js`);
});

it('is named by the one interface before it and by the server’s own loading of it alone', () => {
	const naming = readdirSync('src', { recursive: true, encoding: 'utf8' })
		.filter((file) => /\.(ts|svelte)$/.test(file))
		.filter((file) => readFileSync(`src/${file}`, 'utf8').includes('@techstark/opencv-js'));
	expect(naming.sort()).toEqual(['lib/server/photo/library.ts', 'lib/sight/open-sight.ts']);
});
