// The small page behind a maker's link, apart from the application: its script with its styles, and the
// worker that keeps it on the phone. Built after the application, once for each.
import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';
import { plainWords } from './scripts/lib/plain-words.mjs';

export default defineConfig(({ mode }) => ({
	plugins: [tailwindcss(), plainWords(), svelte({ compilerOptions: { runes: true } })],
	resolve: { alias: { $lib: fileURLToPath(new URL('src/lib', import.meta.url)) } },
	build: {
		outDir: 'build/client/m',
		emptyOutDir: mode === 'maker',
		rolldownOptions: {
			input: { [mode]: `src/lib/maker/${mode}.ts` },
			output: {
				entryFileNames: '[name].js',
				assetFileNames: '[name][extname]',
				codeSplitting: false
			}
		}
	},
	publicDir: false
}));
