// The core's own tests and nothing else: what the mutation tester runs.
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

export default defineConfig({
	resolve: { alias: { $lib: fileURLToPath(new URL('src/lib', import.meta.url)) } },
	test: {
		environment: 'node',
		include: ['src/lib/core/**/*.test.ts'],
		// What is mutated is watched, and runs many times slower.
		testTimeout: 60_000
	}
});
