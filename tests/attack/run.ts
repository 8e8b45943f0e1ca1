// npm run attack -- minutes: the app under kills and odd requests for so long; a seed makes it the same again.
import { writeFileSync } from 'node:fs';
import { startApp } from '../../scripts/lib/app.mjs';
import { ensureBuild, ensureModules } from '../../scripts/lib/built.mjs';
import { freePort, startThrowawayCluster } from '../../scripts/lib/cluster.mjs';
import { ensureDatabase, migrate } from '../../scripts/lib/migrate.mjs';
import { runMain, say } from '../../scripts/lib/say.mjs';
import { ensurePostgres } from '../../scripts/lib/system.mjs';
import { theCoordinator } from '../browser/visitor';
import { attackDoors } from './doors';
import { attackDurability } from './durability';
import { attackByRequests } from './hostile';

const minutes = Number(process.argv[2] ?? '1');
const seed = Number(process.env.SEED ?? Math.floor(Date.now() / 1000));
const report = process.env.ATTACK_REPORT;

async function withApp<Result>(
	signsIn: boolean,
	work: (app: { address: string; databaseUrl: string }) => Promise<Result>
): Promise<Result> {
	const cluster = await startThrowawayCluster();
	try {
		const databaseUrl = cluster.url('attack');
		await ensureDatabase(databaseUrl);
		await migrate(databaseUrl);
		const env = signsIn
			? { NEST_ROW_SIGN_IN: 'yes', NEST_ROW_SECRET: 'a secret of the attack, and of no other' }
			: {};
		const app = await startApp({ databaseUrl, port: await freePort(), stdio: 'ignore', env });
		try {
			return await work({ address: app.address, databaseUrl });
		} finally {
			await app.stop();
		}
	} finally {
		await cluster.stop();
	}
}

await runMain(async () => {
	if (!(minutes > 0)) {
		say('Say for how many minutes: npm run attack -- 5');
		return 2;
	}
	await ensurePostgres();
	await ensureModules();
	await ensureBuild();
	let failed = 0;
	const attacks: [string, () => Promise<string>][] = [
		[
			'odd requests',
			() =>
				withApp(false, ({ address }) => attackByRequests(address, Math.round(2500 * minutes), seed))
		],
		[
			'odd requests of somebody who is signed in',
			() =>
				withApp(true, async (app) => {
					const { cookie } = await theCoordinator(app);
					return attackByRequests(app.address, Math.round(2500 * minutes), seed + 1, cookie);
				})
		],
		['doors ajar', () => withApp(true, (app) => attackDoors(app, seed))],
		['kills', () => attackDurability(40 * minutes, seed)]
	];
	say(`The seed is ${seed}.`);
	for (const [name, attack] of attacks) {
		try {
			say(`✓ ${name}: ${await attack()}`);
		} catch (error) {
			failed++;
			say(`✗ ${name}: ${(error as Error).message}`);
		}
	}
	if (report)
		writeFileSync(
			report,
			JSON.stringify({ numPassedTests: attacks.length - failed, numFailedTests: failed })
		);
	return failed > 0 ? 1 : 0;
});
