// Every page through a whole fleet, the proxy, the pooler and the standby included, beside a bare page that comes the
// same way.
import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { freePort } from '../lib/cluster.mjs';
import { startFleet } from '../lib/fleet/fleet.mjs';
import { ensureFleetPrograms } from '../lib/system.mjs';
import { benchPages } from './pages.mjs';
import { loadDemo } from '../lib/load-demo.mjs';

export async function benchFleet() {
	await ensureFleetPrograms();
	process.env.NEST_ROW_BENCH = 'yes';
	const folder = mkdtempSync(path.join(os.tmpdir(), 'nest-row-bench-fleet-'));
	const fleet = await startFleet(folder, {
		webPort: await freePort(),
		loadDemo
	});
	try {
		await benchPages(fleet.address, 'fleet');
	} finally {
		await fleet.stop();
		rmSync(folder, { recursive: true, force: true });
	}
}
