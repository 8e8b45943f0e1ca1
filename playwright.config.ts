import { defineConfig } from '@playwright/test';
import { chromiumArguments } from './scripts/lib/chromium.mjs';

const western = /(gather|gather-input|asks|lists|measures|holds)\.spec\.ts$/;

export default defineConfig({
	testDir: 'tests/browser',
	workers: 2,
	fullyParallel: true,
	timeout: 60_000,
	expect: { timeout: 10_000 },
	reporter: process.env.PLAYWRIGHT_JSON_OUTPUT_NAME ? [['list'], ['json']] : 'list',
	// A day is the hall's day: half of the pages are walked on either side of the date line.
	projects: [
		{ name: 'west', testMatch: western, use: { timezoneId: 'America/Denver' } },
		{ name: 'east', testIgnore: western, use: { timezoneId: 'Pacific/Auckland' } }
	],
	use: {
		viewport: { width: 1280, height: 800 },
		locale: 'en-GB',
		launchOptions: {
			executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
			args: chromiumArguments
		}
	}
});
