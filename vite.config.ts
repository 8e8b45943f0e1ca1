import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { plainWords } from './scripts/lib/plain-words.mjs';
import { defineConfig } from 'vitest/config';

/** A machine that is shared may stand still for a minute and more; a test that is right says so sooner, in ms. */
const standstill = 300_000;

export default defineConfig({
	plugins: [tailwindcss(), plainWords(), sveltekit()],
	environments: {
		client: {
			build: {
				rolldownOptions: {
					output: {
						// What every stage shares comes in one file: many small ones each wait their turn on a slow line.
						// Charts are not for every page, and what draws them is large.
						codeSplitting: {
							groups: [
								{ name: 'shared', test: /src\/lib\/(ui\/(?!chart-look)[^/]+\.ts|core\/units\/)/ }
							]
						}
					}
				}
			}
		}
	},
	test: {
		// All cores, and not all but one: on a small machine that is twice as many.
		maxWorkers: '100%',
		// Files of tests share what they import; none leaves anything behind that another would meet.
		isolate: false,
		projects: [
			{
				extends: true,
				test: {
					name: 'unit',
					environment: 'node',
					include: ['src/**/*.test.ts', 'tests/unit/**/*.test.ts'],
					testTimeout: standstill
				}
			},
			{
				extends: true,
				test: {
					name: 'database',
					environment: 'node',
					include: ['tests/db/**/*.test.ts'],
					testTimeout: standstill,
					hookTimeout: standstill,
					// The database may stand still as well; where waiting is what is tested, a file says 1.
					env: { NEST_ROW_PATIENCE: '20' }
				}
			}
		]
	}
});
