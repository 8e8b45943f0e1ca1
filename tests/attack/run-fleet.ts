// npm run attack:fleet -- entries rounds: the fleet under kills of every part; a seed makes it the same again.
import { writeFileSync } from 'node:fs';
import { ensureBuild, ensureModules } from '../../scripts/lib/built.mjs';
import { run, runMain, say } from '../../scripts/lib/say.mjs';
import { ensureChromium, ensureFleetPrograms, ensurePostgres } from '../../scripts/lib/system.mjs';
import { attackFleet } from './fleet';

const [entries, rounds] = [Number(process.argv[2] ?? 10_000), Number(process.argv[3] ?? 3)];
const seed = Number(process.env.SEED ?? Math.floor(Date.now() / 1000));

await runMain(async () => {
	if (!(entries > 0 && rounds > 0)) {
		say('Say how many entries and rounds: npm run attack:fleet -- 10000 3');
		return 2;
	}
	// A machine that is shared stands still at times: the database does not count as away for that.
	process.env.NEST_ROW_PATIENCE ??= '4';
	await ensurePostgres();
	await ensureFleetPrograms();
	await ensureChromium();
	await ensureModules();
	await ensureBuild();
	say(`The seed is ${seed}.`);
	let failed = 0;
	try {
		const walk = ({ address, ownerUrl }: { address: string; ownerUrl: string }) =>
			run('npx', ['--no-install', 'playwright', 'test', 'walk.spec.ts', '--reporter=line'], {
				env: { NEST_ROW_WALK_AT: address, DATABASE_URL: ownerUrl, PLAYWRIGHT_JSON_OUTPUT_NAME: '' }
			});
		say(`✓ fleet: ${await attackFleet({ entries, rounds, seed, atTheEnd: walk })}`);
	} catch (error) {
		failed = 1;
		say(`✗ fleet: ${(error as Error).message}`);
	}
	if (process.env.ATTACK_REPORT)
		writeFileSync(
			process.env.ATTACK_REPORT,
			JSON.stringify({ numPassedTests: 1 - failed, numFailedTests: failed })
		);
	return failed;
});
