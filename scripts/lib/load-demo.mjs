// The demo world, loaded by a process of its own: what it is made of is the application's.
import { run, withProgress } from './say.mjs';

/** Fills a database that is migrated with the demo world, or fills it afresh. @param {string} databaseUrl @param {{ isFresh?: boolean }} [how] */
export const loadDemo = (databaseUrl, { isFresh = false } = {}) =>
	withProgress('Filling the demo world', () =>
		run(
			process.execPath,
			['--import', 'tsx', 'scripts/load-demo.ts', ...(isFresh ? ['--fresh'] : [])],
			{ env: { DATABASE_URL: databaseUrl } }
		)
	);
