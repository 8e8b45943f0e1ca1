import { defineConfig } from '@playwright/test';
import { chromiumArguments } from './scripts/lib/chromium.mjs';
import { chromiumPath } from './scripts/lib/system.mjs';

/** Begun first: at the end one of these would run while the other workers have nothing left. */
const long = /(everywhere|launch|sizes|stored-script|offline|sign-in)\.spec\.ts$/;
const western = /(gather|gather-input|asks|lists|measures|holds)\.spec\.ts$/;

/** What `npm test` takes: a walk through all stages, every page once, doors and roles, what waits, acts that are alike. */
const few = /(walk|pages|sign-in|shared-tablet|one-press|presses|link-data|offline)\.spec\.ts/;
/** Those few, the rest of them, or all where neither is asked for. */
const which = process.env.NEST_ROW_SPECS;

export default defineConfig({
	testDir: 'tests/browser',
	...(which === 'few' ? { grep: few } : {}),
	...(which === 'rest' ? { grepInvert: few } : {}),
	// One more than the cores that are there: half of a test is waiting.
	workers: 3,
	// A file stays with one browser process and its one application: starting these costs more than most tests.
	fullyParallel: false,
	// A machine that is shared may stand still for seconds; a test that is right says so sooner.
	timeout: 120_000,
	expect: { timeout: 20_000 },
	reporter: process.env.PLAYWRIGHT_JSON_OUTPUT_NAME ? [['list'], ['json']] : 'list',
	// A day is the hall's day: half of the pages are walked on either side of the date line.
	projects: [
		{ name: 'long', testMatch: long, use: { timezoneId: 'Pacific/Auckland' } },
		{ name: 'west', testMatch: western, use: { timezoneId: 'America/Denver' } },
		{ name: 'east', testIgnore: [western, long], use: { timezoneId: 'Pacific/Auckland' } }
	],
	use: {
		viewport: { width: 1280, height: 800 },
		locale: 'en-GB',
		// Pages are laid by only where a test is about that: else each would have all of them laid by.
		serviceWorkers: 'block',
		launchOptions: {
			executablePath: chromiumPath() ?? undefined,
			args: chromiumArguments
		}
	}
});
