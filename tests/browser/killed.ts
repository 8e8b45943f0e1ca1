import type { APIRequestContext } from '@playwright/test';
import { expect, type App } from './app';

export interface SentEntry {
	readonly key: string;
	readonly type: string;
	readonly typed: Readonly<Record<string, string>>;
}

/**
 * Sends entries at eight connections, kills the app once so many are acknowledged, and sends all of
 * them once more, as a device would.
 *
 * @param to where they go
 * @param keysNow the keys of such entries that the database has
 */
export async function sendWhileKilled(
	app: App,
	request: APIRequestContext,
	entries: readonly SentEntry[],
	killAfter: number,
	keysNow: () => Promise<ReadonlySet<string>>,
	to = '/api/entries'
): Promise<void> {
	const send = async (entry: SentEntry): Promise<boolean> => {
		try {
			const answer = await request.post(`${app.address}${to}`, {
				data: { entries: [entry] }
			});
			const { answers } = (await answer.json()) as { answers: { outcome: string }[] };
			return ['kept', 'duplicate'].includes(answers[0]?.outcome ?? '');
		} catch {
			return false;
		}
	};
	const acknowledged = new Set<string>();
	let next = 0;
	const worker = async () => {
		while (next < entries.length) {
			const entry = entries[next++];
			if (entry && (await send(entry))) acknowledged.add(entry.key);
		}
	};
	const working = Promise.all(Array.from({ length: 8 }, worker));
	await expect.poll(() => acknowledged.size).toBeGreaterThan(killAfter);
	await app.restart('SIGKILL');
	await working;
	expect(acknowledged.size).toBeLessThan(entries.length);
	const afterCrash = await keysNow();
	for (const key of acknowledged) expect(afterCrash.has(key)).toBe(true);
	for (const entry of entries) expect(await send(entry)).toBe(true);
	expect((await keysNow()).size).toBe(entries.length);
}
