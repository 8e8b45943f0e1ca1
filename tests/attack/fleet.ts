// Sixteen who write through the fleet while its parts are killed, one after the other: nothing that was acknowledged is
// lost, and it works again within its time.
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { asked } from '../../scripts/lib/asked.mjs';
import { freePort } from '../../scripts/lib/cluster.mjs';
import { waitUntilHealthy } from '../../scripts/lib/app.mjs';
import { startFleet } from '../../scripts/lib/fleet/fleet.mjs';
import { pause, say } from '../../scripts/lib/say.mjs';
import { seededRng } from '../../src/lib/core/statistics/rng';
import { judgeKept, kindOfAll, newEntry, sendUntilKept, usualPatienceMs, type Sent } from './kept';

const connections = 16;
/** Back within so long after a process was killed, and after a whole node was, ms. */
const processMs = 15_000;
const nodeMs = 40_000;
/** While a new version comes an answer that is late is late, and only one that never comes has failed, ms. */
const upgradePatienceMs = 60_000;
/** Each waits so long between two entries, ms: there is work at every moment, and the kills have their time. */
const restMs = 100;

type Fleet = Awaited<ReturnType<typeof startFleet>>;

/** Which of the two leads, and the other. */
async function roles({ ports }: Fleet): Promise<{ leads: 1 | 2; stands: 1 | 2 }> {
	const answer = await fetch(`http://127.0.0.1:${ports.api1}/primary`, {
		signal: AbortSignal.timeout(2000)
	}).catch(() => null);
	await answer?.text();
	return answer?.status === 200 ? { leads: 1, stands: 2 } : { leads: 2, stands: 1 };
}

/** Whether what is read comes from the one that stands by, and not from the one that leads. */
async function isReadFromStandby({ ownerUrl, ports }: Fleet): Promise<boolean> {
	const reading = new URL(ownerUrl);
	reading.port = String(ports.reading);
	const { rows } = await asked(reading.href, (client) =>
		client.query<{ stands: boolean }>('select pg_is_in_recovery() as stands')
	);
	return rows[0]?.stands === true;
}

/** The proxy asks each second who stands by. */
async function untilReadFromStandby(fleet: Fleet): Promise<void> {
	for (const end = performance.now() + 10_000; performance.now() < end; await pause(300))
		if (await isReadFromStandby(fleet).catch(() => false)) return;
	throw new Error('a standby stands by, and what is read comes from the leader all the same');
}

/** The database server that a part keeps. */
const postmasterOf = ({ folder }: Fleet, which: 1 | 2): number => {
	const file = path.join(folder, `database${which}/data/postmaster.pid`);
	return Number(readFileSync(file, 'utf8').split('\n')[0]);
};

/** A whole node is gone: its keeper and its server, and nobody starts them for a while. */
async function loseNode(fleet: Fleet, which: 1 | 2): Promise<void> {
	const postmaster = postmasterOf(fleet, which);
	const gone = fleet.keeper.end(`database${which}`, 0);
	process.kill(postmaster, 'SIGKILL');
	await gone;
}

/** How long others had the processors of a machine that is shared, ms of each since it began: the fleet stood still then. */
function stolenMs(): number {
	const [sum = ''] = readFileSync('/proc/stat', 'utf8').split('\n');
	// user nice system idle iowait irq softirq steal, in hundredths of a second of all.
	return (Number(sum.trim().split(/\s+/)[8] ?? 0) * 10) / os.cpus().length;
}

/** Everything that is killed: what it is called, how, within which time all works again, and what is put right then. */
const kills: Readonly<
	Record<string, { withinMs: number; kill: (fleet: Fleet) => Promise<(() => void) | void> }>
> = {
	'a web process': {
		withinMs: processMs,
		kill: async ({ keeper }) => void process.kill(keeper.pid('web2'), 'SIGKILL')
	},
	'the pooler': {
		withinMs: processMs,
		kill: async ({ keeper }) => void process.kill(keeper.pid('pooler'), 'SIGKILL')
	},
	'the proxy': {
		withinMs: processMs,
		kill: async ({ keeper }) => void process.kill(keeper.pid('proxy'), 'SIGKILL')
	},
	'the leading database': {
		withinMs: processMs,
		kill: async (fleet) =>
			void process.kill(postmasterOf(fleet, (await roles(fleet)).leads), 'SIGKILL')
	},
	'the standby': {
		withinMs: processMs,
		kill: async (fleet) =>
			void process.kill(postmasterOf(fleet, (await roles(fleet)).stands), 'SIGKILL')
	},
	'the whole node that leads': {
		withinMs: nodeMs,
		kill: async (fleet) => {
			const { leads } = await roles(fleet);
			await loseNode(fleet, leads);
			return () => fleet.keeper.again(`database${leads}`);
		}
	}
};

const pagesAsked = ['/gather', '/gather/store', '/prepare', '/make', '/know-how', '/plans'];

/** Every web process makes room for its next version, one after the other, while pages are asked: how many were, and how many failed. */
async function upgrade({
	keeper,
	address,
	ports
}: Fleet): Promise<{ asked: number; failed: string[] }> {
	let isOver = false;
	let asked = 0;
	const failed: string[] = [];
	const ask = async (from: number) => {
		for (let nth = from; !isOver; nth++) {
			const path = pagesAsked[nth % pagesAsked.length] ?? '/';
			const answer = await fetch(address + path, { signal: AbortSignal.timeout(upgradePatienceMs) })
				.then(async (response) => `${response.status} ${(await response.text()).length > 2000}`)
				.catch((error: Error) => `${error.name}: ${String(error.cause ?? error.message)}`);
			asked += 1;
			if (answer !== '200 true') failed.push(`${path} ${answer}`);
			await pause(50);
		}
	};
	const asking = Promise.all([0, 1, 2, 3].map(ask));
	for (const which of [1, 2, 3] as const) {
		await keeper.end(`web${which}`);
		keeper.again(`web${which}`);
		await waitUntilHealthy(`http://127.0.0.1:${ports[`web${which}`]}`, () => false);
		// The proxy asks each second whether it is there.
		await pause(1500);
	}
	isOver = true;
	await asking;
	return { asked, failed };
}

/** The end of what each part has written, for whoever looks for what went wrong: the folder goes. */
function sayLogs(folder: string): void {
	for (const name of readdirSync(folder).filter((one) => one.endsWith('.log'))) {
		const lines = readFileSync(path.join(folder, name), 'utf8').trimEnd().split('\n');
		say(`--- ${name}\n${lines.slice(-30).join('\n')}`);
	}
}

export interface FleetAttack {
	/** At least so many entries are written, and each part is killed so often. */
	readonly entries: number;
	readonly rounds: number;
	readonly seed: number;
	/** What is done at its address at the end, when all was killed and came again. */
	readonly atTheEnd: (fleet: { address: string; ownerUrl: string }) => Promise<unknown>;
}

/** Kills each part in turn, so often, while at least so many entries are written, and then has it take a new version. */
export async function attackFleet({
	entries,
	rounds,
	seed,
	atTheEnd
}: FleetAttack): Promise<string> {
	const chance = seededRng(seed);
	const folder = mkdtempSync(path.join(os.tmpdir(), 'nest-row-fleet-'));
	const fleet = await startFleet(folder, { webPort: await freePort() });
	const ask = <Row extends object>(text: string): Promise<Row[]> =>
		asked(fleet.ownerUrl, async (client) => (await client.query<Row>(text)).rows);
	let isOver = false;
	try {
		const kind = await kindOfAll(ask);
		const sent: Sent[] = [];
		let lastKept = performance.now();
		const patience = { patienceMs: usualPatienceMs, isOver: () => isOver };
		const write = async () => {
			while (!isOver) {
				const entry = newEntry(chance);
				sent.push(entry);
				await sendUntilKept(fleet.address, entry, kind, patience);
				if (entry.isAcknowledged) lastKept = performance.now();
				await pause(restMs);
			}
		};
		const writing = Promise.all(Array.from({ length: connections }, write));
		// Whoever fails is heard at the end.
		writing.catch(() => {});
		const took: string[] = [];
		for (let round = 0; round < rounds; round++)
			for (const [name, { withinMs, kill }] of Object.entries(kills)) {
				await fleet.untilStandsBy();
				await pause(500 + chance() * 1500);
				const [from, stolen] = [performance.now(), stolenMs()];
				const after = await kill(fleet);
				// The longest that nothing was kept, until it has been kept for a while without a break.
				let longest = 0;
				for (let calm = performance.now(); performance.now() - calm < 3000; await pause(50)) {
					const silence = performance.now() - Math.max(lastKept, from);
					longest = Math.max(longest, silence);
					if (silence > 1000) calm = performance.now();
					if (silence > withinMs + stolenMs() - stolen)
						throw new Error(`${name} was killed, and nothing was kept for ${withinMs / 1000} s`);
				}
				took.push(`${name} ${(longest / 1000).toFixed(1)} s`);
				say(`  ${took.at(-1)}`);
				after?.();
			}
		await fleet.untilStandsBy();
		await untilReadFromStandby(fleet);
		const before = sent.length;
		patience.patienceMs = upgradePatienceMs;
		const { asked: pages, failed } = await upgrade(fleet);
		if (failed.length > 0)
			throw new Error(
				`${failed.length} of ${pages} pages failed while a new version came: ${failed[0]}`
			);
		const again = sent.slice(before).flatMap((entry) => entry.again);
		if (again.length > 0)
			throw new Error(
				`entries had to be sent again ${again.length} times while a new version came: ${[...new Set(again)].join('; ')}`
			);
		say(`  a new version came: ${pages} pages and ${sent.length - before} entries, none failed`);
		while (sent.length < entries) await pause(200);
		isOver = true;
		await writing;
		const acknowledged = await judgeKept(ask, sent);
		if (acknowledged < entries * 0.95) throw new Error(`only ${acknowledged} were acknowledged`);
		await atTheEnd(fleet);
		return `${acknowledged} acknowledged entries, none lost, doubled or wrong; nothing was kept for: ${took.join(', ')}`;
	} catch (error) {
		sayLogs(folder);
		throw error;
	} finally {
		isOver = true;
		await fleet.stop();
		rmSync(folder, { recursive: true, force: true });
	}
}
