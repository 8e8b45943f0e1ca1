// Entries that are sent until they are kept, and what must be true of them then.
import { pause } from '../../scripts/lib/say.mjs';

export interface Sent {
	readonly key: string;
	readonly amount: number;
	isAcknowledged: boolean;
	/** Why it had to be sent again, each time that it had. */
	readonly again: string[];
}

/** An entry that nobody has yet, of an amount by chance. */
export const newEntry = (chance: () => number): Sent => ({
	key: crypto.randomUUID(),
	amount: 1 + Math.floor(chance() * 9),
	isAcknowledged: false,
	again: []
});

/** Who has no answer after so long sends again while something is killed, ms. */
export const usualPatienceMs = 8000;

/** Sends one entry until it is answered: no answer in time, and an answer that it waits, mean that it is sent again. */
export async function sendUntilKept(
	address: string,
	entry: Sent,
	kind: string,
	{ patienceMs, isOver }: { patienceMs: number; isOver: () => boolean }
) {
	const body = JSON.stringify({
		entries: [
			{
				key: entry.key,
				type: 'movement',
				typed: {
					kind,
					colour: 'blue',
					form: 'bag',
					direction: 'in',
					amount: String(entry.amount),
					reason: 'counted'
				}
			}
		]
	});
	for (;;) {
		const begun = performance.now();
		const answer = await fetch(`${address}/api/entries`, {
			method: 'POST',
			headers: { 'content-type': 'application/json' },
			body,
			signal: AbortSignal.timeout(patienceMs)
		})
			.then((response) => (response.ok ? response.json() : `${response.status}`))
			.catch((error: Error) => `${error.name}: ${String(error.cause ?? error.message)}`);
		const outcome = (answer as { answers?: { outcome: string }[] }).answers?.[0]?.outcome;
		if (outcome === 'kept' || outcome === 'duplicate') {
			entry.isAcknowledged = true;
			return;
		}
		if (outcome === 'refused') throw new Error(`an entry was refused: ${JSON.stringify(answer)}`);
		// Once the time is over it is known well enough that this one was never acknowledged.
		if (isOver()) return;
		const ms = Math.round(performance.now() - begun);
		entry.again.push(`${outcome ?? String(answer)} after ${ms} ms`);
		await pause(60);
	}
}

type Ask = <Row extends object>(text: string) => Promise<Row[]>;

/** The kind of bag that all of them are of. */
export async function kindOfAll(ask: Ask): Promise<string> {
	const [kind] = await ask<{ id: string }>('select id from bag_kind order by created_at limit 1');
	return kind?.id ?? '';
}

/** How many were acknowledged. @throws Error where one of these is lost, doubled or wrong, or the ledger and its balance differ */
export async function judgeKept(ask: Ask, sent: readonly Sent[]): Promise<number> {
	const rows = await ask<{ key: string; amount: string }>(
		`select e.key, m.amount from movement m
		 join entry e on e.group_id = m.group_id and e.id = m.entry_id where m.holder = 'store'`
	);
	const kept = new Map(rows.map(({ key, amount }) => [key, Number(amount)]));
	const lost = sent.filter(({ key, isAcknowledged }) => isAcknowledged && !kept.has(key));
	const wrong = sent.filter(({ key, amount }) => kept.has(key) && kept.get(key) !== amount);
	const keys = new Set(sent.map(({ key }) => key));
	const strange = rows.filter(({ key }) => !keys.has(key));
	const [balance] = await ask<{ amount: string }>(
		`select sum(amount) as amount from balance where holder = 'store'`
	);
	const sum = rows.reduce((all, { amount }) => all + Number(amount), 0);
	const faults = [
		kept.size !== rows.length && 'an entry counts twice',
		lost.length > 0 && `${lost.length} acknowledged entries are lost`,
		wrong.length > 0 && `${wrong.length} entries are not as they were sent`,
		strange.length > 0 && `${strange.length} entries came from nowhere`,
		Number(balance?.amount) !== sum && `the balance is ${balance?.amount}, the ledger ${sum}`
	].filter(Boolean);
	if (faults.length > 0) throw new Error(faults.join('; '));
	return sent.filter(({ isAcknowledged }) => isAcknowledged).length;
}
