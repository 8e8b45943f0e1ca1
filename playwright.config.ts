import { defineConfig } from '@playwright/test';
import { chromiumArguments } from './scripts/lib/chromium.mjs';

export default defineConfig({
	testDir: 'tests/browser',
	workers: 2,
	fullyParallel: true,
	timeout: 60_000,
	expect: { timeout: 10_000 },
	reporter: process.env.PLAYWRIGHT_JSON_OUTPUT_NAME ? [['list'], ['json']] : 'list',
	use: {
		viewport: { width: 1280, height: 800 },
		locale: 'en-GB',
		timezoneId: 'UTC',
		launchOptions: {
			executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
			args: chromiumArguments
		}
	}
});
