// npm run attack -- minutes: the app under kills and odd requests for so long; a seed makes it the same again.
import { writeFileSync } from 'node:fs';
import { startApp } from '../../scripts/lib/app.mjs';
import { ensureBuild, ensureModules } from '../../scripts/lib/built.mjs';
import { freePort, startThrowawayCluster } from '../../scripts/lib/cluster.mjs';
import { ensureDatabase, migrate } from '../../scripts/lib/migrate.mjs';
import { runMain, say } from '../../scripts/lib/say.mjs';
import { ensurePostgres } from '../../scripts/lib/system.mjs';
import { attackDurability } from './durability';
import { attackByRequests } from './hostile';

const minutes = Number(process.argv[2] ?? '1');
const seed = Number(process.env.SEED ?? Math.floor(Date.now() / 1000));
const report = process.env.ATTACK_REPORT;

async function withApp<Result>(work: (address: string) => Promise<Result>): Promise<Result> {
	const cluster = await startThrowawayCluster();
	try {
		const databaseUrl = cluster.url('attack');
		await ensureDatabase(databaseUrl);
		await migrate(databaseUrl);
		const app = await startApp({ databaseUrl, port: await freePort(), stdio: 'ignore' });
		try {
			return await work(app.address);
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
			() => withApp((address) => attackByRequests(address, Math.round(4500 * minutes), seed))
		],
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
