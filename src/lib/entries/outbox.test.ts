import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Outbox } from './outbox.svelte';
import type { Waiting } from './waiting';

/** The device's shelf, as the browser keeps it: it outlives the page. */
const shelf = new Map<string, Waiting>();
let isFull = false;
/** What another tab does as soon as something lies there. */
let afterPut = () => Promise.resolve();
const put = async (entry: Waiting) => {
	if (isFull) throw new Error('QuotaExceeded');
	shelf.set(entry.key, entry);
	await afterPut();
};
vi.mock('idb', () => ({
	openDB: () =>
		Promise.resolve({
			put: (_: string, entry: Waiting) => put(entry),
			delete: (_: string, key: string) => Promise.resolve(void shelf.delete(key)),
			getAll: () => Promise.resolve([...shelf.values()]),
			transaction: () => ({
				store: { get: (key: string) => Promise.resolve(shelf.get(key)), put },
				done: Promise.resolve()
			})
		})
}));

interface Sent {
	entries: { key: string; type: string; typed: Record<string, string>; at?: string }[];
}
/** What comes by itself comes at once; a machine that is shared may stand still meanwhile. */
const patient = { timeout: 60_000 };
/** A server that answers as told, and remembers what it was sent. */
let sent: Sent['entries'][] = [];
/** Under which account it was told that entries were typed. */
let under: string | null = null;
let answer: (entries: Sent['entries']) => Response;
const keptAll = (entries: Sent['entries']) =>
	Response.json({ answers: entries.map(({ key }) => ({ key, outcome: 'kept', id: 1 })) });

const readBy = () => ({ system: 'cm', today: '2026-11-26' }) as const;
/** The group that the device works for. */
let group = 'harbour';
/** Who is signed in. */
let account: { id: string; name: string } | null = null;
const stops: (() => void)[] = [];
/** No form waits here. */
const sendForm = () => Promise.resolve({ outcome: 'waits', why: 'network' } as const);
const begun = (onkept = () => {}) => {
	const outbox = new Outbox(
		'/api/entries',
		onkept,
		readBy,
		() => group,
		sendForm,
		() => account
	);
	stops.push(outbox.begin());
	return outbox;
};

beforeEach(() => {
	shelf.clear();
	isFull = false;
	afterPut = () => Promise.resolve();
	group = 'harbour';
	account = null;
	sent = [];
	answer = keptAll;
	vi.stubGlobal('window', new EventTarget());
	vi.stubGlobal('fetch', (_: string, { body, headers }: { body: string; headers: object }) => {
		const { entries } = JSON.parse(body) as Sent;
		under = (headers as Record<string, string>)['x-nest-row-account'] ?? null;
		sent.push(entries);
		try {
			return Promise.resolve(answer(entries));
		} catch (error) {
			return Promise.reject(error as Error);
		}
	});
});
afterEach(() => {
	for (const stop of stops.splice(0)) stop();
	vi.unstubAllGlobals();
	vi.useRealTimers();
});

const away = () => {
	throw new TypeError('no network');
};

describe('entries on a device', () => {
	it('are sent at once, leave the shelf once they are kept, and say so', async () => {
		const onkept = vi.fn();
		const outbox = begun(onkept);
		const before = new Date().toISOString();
		expect(await outbox.add('timed', { units: '4' }, '4 joints')).toEqual({ outcome: 'kept' });
		expect(sent).toHaveLength(1);
		expect(sent[0]?.[0]).toMatchObject({ type: 'timed', typed: { units: '4' } });
		const at = sent[0]?.[0]?.at ?? '';
		expect(at >= before && at <= new Date().toISOString()).toBe(true);
		expect(outbox.waiting).toEqual([]);
		expect(shelf.size).toBe(0);
		expect(onkept).toHaveBeenCalledTimes(1);
		expect(outbox.isAway).toBe(false);
	});

	it('wait while the network is away, and go up under the same keys when it is back', async () => {
		const outbox = begun();
		answer = away;
		expect(await outbox.add('timed', { units: '1' }, 'one')).toEqual({ outcome: 'waits' });
		await outbox.add('timed', { units: '2' }, 'two');
		expect(outbox.isAway).toBe(true);
		expect(outbox.waiting.map(({ words }) => words)).toEqual(['one', 'two']);
		const keys = [...shelf.keys()];
		answer = keptAll;
		window.dispatchEvent(new Event('online'));
		await expect.poll(() => outbox.waiting, patient).toEqual([]);
		expect(sent.at(-1)?.map(({ key }) => key)).toEqual(keys);
		expect(outbox.isAway).toBe(false);
	});

	it('go up under the name they were typed under only, and hold up nobody else’s', async () => {
		account = { id: 'odo', name: 'Odo' };
		const outbox = begun();
		answer = away;
		await outbox.add('timed', { units: '1' }, 'one');
		account = { id: 'wren', name: 'Wren' };
		answer = keptAll;
		expect(await outbox.add('timed', { units: '2' }, 'two')).toEqual({ outcome: 'kept' });
		expect(sent.at(-1)?.map(({ typed }) => typed['units'])).toEqual(['2']);
		expect(under).toBe('wren');
		expect([outbox.waiting, outbox.ahead.map(({ words }) => words)]).toEqual([[], ['two']]);
		expect(outbox.others.map(({ accountName, words }) => [accountName, words])).toEqual([
			['Odo', 'one']
		]);
		account = { id: 'odo', name: 'Odo' };
		await outbox.send();
		expect(sent.at(-1)?.map(({ typed }) => typed['units'])).toEqual(['1']);
		expect([under, outbox.waiting, outbox.others]).toEqual(['odo', [], []]);
	});

	it('of others can be thrown away', async () => {
		account = { id: 'odo', name: 'Odo' };
		const outbox = begun();
		answer = away;
		await outbox.add('timed', { units: '1' }, 'one');
		account = null;
		await outbox.send();
		const [other] = outbox.others;
		await outbox.drop(other?.key ?? '');
		expect([outbox.others, shelf.size]).toEqual([[], 0]);
	});

	it.each([
		[421, 'account'],
		[401, 'signed-out'],
		[503, 'server']
	])('that are answered %d wait, and say why', async (status, why) => {
		const outbox = begun();
		answer = () => new Response('{}', { status });
		expect(await outbox.add('timed', { units: '1' }, 'one')).toEqual({ outcome: 'waits' });
		expect([outbox.why, outbox.isAway, shelf.size]).toEqual([why, true, 1]);
	});

	it('that whoever typed them may not keep say so, and hold up nothing', async () => {
		account = { id: 'odo', name: 'Odo' };
		const outbox = begun();
		answer = () => Response.json({ problems: ['You read here.'] }, { status: 403 });
		expect(await outbox.add('timed', { units: '1' }, 'one')).toMatchObject({
			outcome: 'refused',
			problems: { entry: 'You read here.' }
		});
		answer = keptAll;
		expect(await outbox.add('timed', { units: '2' }, 'two')).toEqual({ outcome: 'kept' });
	});

	it('are of one group: what was typed for another waits until the device works for that again', async () => {
		const outbox = begun();
		answer = away;
		await outbox.add('timed', { units: '1' }, 'one');
		const [key = ''] = shelf.keys();
		group = 'hill';
		answer = keptAll;
		await outbox.add('timed', { units: '2' }, 'two');
		expect(sent.at(-1)?.map(({ typed }) => typed.units)).toEqual(['2']);
		expect([...shelf.keys()]).toEqual([key]);
		expect(outbox.waiting).toEqual([]);
		group = 'harbour';
		await outbox.send();
		expect(sent.at(-1)?.map((entry) => entry.key)).toEqual([key]);
		expect(shelf.size).toBe(0);
	});

	it('laid there before groups were told apart are of the one there was', async () => {
		const old = { key: 'k', type: 'timed', typed: { units: '3' }, words: 'three' };
		shelf.set('k', old as unknown as Waiting);
		begun();
		await expect.poll(() => sent.at(-1)?.[0]?.typed.units, patient).toBe('3');
	});

	it('are sent again where the answer was lost, so that the server can count them once', async () => {
		const outbox = begun();
		answer = () => new Response('', { status: 502 });
		await outbox.add('timed', { units: '1' }, 'one');
		expect(outbox.waiting).toHaveLength(1);
		answer = (entries) =>
			Response.json({ answers: entries.map(({ key }) => ({ key, outcome: 'duplicate', id: 1 })) });
		await outbox.send();
		expect(outbox.waiting).toEqual([]);
		expect(new Set(sent.flat().map(({ key }) => key)).size).toBe(1);
	});

	it('sent by another tab are read again on the page where they were typed', async () => {
		const [here, there] = [vi.fn(), vi.fn()];
		const outbox = begun(here);
		await outbox.send();
		const other = begun(there);
		await other.send();
		afterPut = () => other.send();
		expect(await outbox.add('timed', { units: '1' }, 'one')).toEqual({ outcome: 'kept' });
		expect([sent.length, here.mock.calls.length, there.mock.calls.length]).toEqual([1, 1, 1]);
		// What waited here for a network that another tab met first.
		afterPut = () => Promise.resolve();
		answer = away;
		expect(await outbox.add('timed', { units: '2' }, 'two')).toEqual({ outcome: 'waits' });
		answer = keptAll;
		await other.send();
		expect(here).toHaveBeenCalledTimes(1);
		await outbox.send();
		expect(here).toHaveBeenCalledTimes(2);
		expect(outbox.waiting).toEqual([]);
	});

	it('outlive the page: the next one sends what lay there', async () => {
		const first = begun();
		answer = away;
		await first.add('timed', { units: '1' }, 'one');
		stops.splice(0).forEach((stop) => stop());
		answer = keptAll;
		const next = begun();
		await expect.poll(() => shelf.size, patient).toBe(0);
		expect(next.waiting).toEqual([]);
	});

	it('that are refused stay with their reason, are not sent again, and can be thrown away', async () => {
		const outbox = begun();
		answer = (entries) =>
			Response.json({
				answers: entries.map(({ key, typed }) =>
					typed.units === '9'
						? { key, outcome: 'refused', problems: { amount: 'Not that much.' } }
						: { key, outcome: 'kept', id: 1 }
				)
			});
		const refused = await outbox.add('timed', { units: '9' }, 'nine');
		expect(refused).toEqual({
			outcome: 'refused',
			key: outbox.waiting[0]?.key,
			problems: { amount: 'Not that much.' }
		});
		expect(outbox.waiting[0]).toMatchObject({
			words: 'nine',
			problems: { amount: 'Not that much.' }
		});
		const before = sent.length;
		await outbox.send();
		expect(sent).toHaveLength(before);
		await outbox.add('timed', { units: '1' }, 'one');
		expect(sent.at(-1)).toHaveLength(1);
		await outbox.drop(outbox.waiting[0]?.key ?? '');
		expect(outbox.waiting).toEqual([]);
	});

	it('go up in the order they were typed: what goes out may have come in just before', async () => {
		vi.useFakeTimers({ toFake: ['Date'] });
		const outbox = begun();
		answer = away;
		for (let at = 0; at < 12; at++) {
			vi.setSystemTime(Date.UTC(2026, 10, 19, 18, 0, at));
			await outbox.add('timed', { units: `${at}` }, `${at}`);
		}
		answer = keptAll;
		await outbox.send();
		expect(sent.at(-1)?.map(({ typed }) => typed.units)).toEqual(
			Array.from({ length: 12 }, (_, at) => `${at}`)
		);
	});

	it('are ahead of the page until it was read since they were kept, and then no more', async () => {
		const outbox = begun();
		const ahead = () => outbox.ahead.map(({ words }) => words);
		await outbox.add('timed', { units: '1' }, 'one');
		answer = away;
		await outbox.add('timed', { units: '2' }, 'two');
		expect(outbox.waiting.map(({ words }) => words)).toEqual(['two']);
		expect(ahead()).toEqual(['one', 'two']);
		outbox.asked();
		answer = keptAll;
		await outbox.add('timed', { units: '3' }, 'three');
		expect(outbox.waiting).toEqual([]);
		expect(ahead()).toEqual(['one', 'two', 'three']);
		outbox.arrived();
		expect(ahead()).toEqual(['two', 'three']);
		await outbox.read(() => Promise.resolve());
		expect(ahead()).toEqual([]);
	});

	it('are not sent while the page is read, nor is it read while they are: nobody knew whether they were in it', async () => {
		const outbox = begun();
		const done: string[] = [];
		let readIt = () => {};
		const reading = outbox.read(() =>
			new Promise<void>((resolve) => (readIt = resolve)).then(() => void done.push('read'))
		);
		await new Promise((resolve) => setTimeout(resolve, 20));
		const adding = outbox.add('timed', { units: '1' }, 'one').then(() => done.push('kept'));
		await new Promise((resolve) => setTimeout(resolve, 20));
		expect(sent).toEqual([]);
		const again = outbox.read(() => Promise.resolve(done.push('read again')));
		readIt();
		await Promise.all([reading, adding, again]);
		expect(done).toEqual(['read', 'kept', 'read again']);
		expect(outbox.ahead).toEqual([]);
	});

	it('are not held up for ever by a page that is never read, and stay ahead of one that could not be', async () => {
		vi.useFakeTimers();
		const outbox = begun();
		void outbox.read(() => new Promise(() => {}));
		await vi.advanceTimersByTimeAsync(1);
		const adding = outbox.add('timed', { units: '1' }, 'one');
		await vi.advanceTimersByTimeAsync(2900);
		expect(sent).toEqual([]);
		await vi.advanceTimersByTimeAsync(200);
		expect(await adding).toEqual({ outcome: 'kept' });
		const failed = expect(outbox.read(() => Promise.reject(new Error('away')))).rejects.toThrow(
			'away'
		);
		await vi.advanceTimersByTimeAsync(1);
		await failed;
		expect(outbox.ahead.map(({ words }) => words)).toEqual(['one']);
	});

	it('that are refused or thrown away are ahead of nothing', async () => {
		const outbox = begun();
		answer = away;
		await outbox.add('timed', { units: '1' }, 'one');
		const [first = { key: '' }] = outbox.waiting;
		const sending = outbox.send();
		await outbox.drop(first.key);
		await sending;
		expect(outbox.ahead).toEqual([]);
		answer = (entries) =>
			Response.json({
				answers: entries.map(({ key }) => ({ key, outcome: 'refused', problems: {} }))
			});
		await outbox.add('timed', { units: '9' }, 'nine');
		expect([outbox.waiting.length, outbox.ahead]).toEqual([1, []]);
	});

	it('typed while another is being sent go up right after it, and say what is true', async () => {
		const outbox = begun();
		const both = [
			outbox.add('timed', { units: '1' }, 'one'),
			outbox.add('timed', { units: '2' }, 'two'),
			outbox.add('timed', { units: '3' }, 'three')
		];
		expect(await Promise.all(both)).toEqual(both.map(() => ({ outcome: 'kept' })));
		expect(outbox.waiting).toEqual([]);
		expect(
			sent
				.flat()
				.map(({ typed }) => typed.units)
				.sort()
		).toEqual(['1', '2', '3']);
	});

	it('go up fifty at a time', async () => {
		const outbox = begun();
		answer = away;
		for (let at = 0; at < 60; at++) await outbox.add('timed', { units: `${at}` }, `${at}`);
		answer = keptAll;
		await outbox.send();
		expect(sent.at(-1)).toHaveLength(50);
		expect(outbox.waiting).toHaveLength(10);
		await outbox.send();
		expect(outbox.waiting).toEqual([]);
	});

	it('are each answered for: what the server would not read as a whole is sent one by one', async () => {
		const outbox = begun();
		answer = away;
		for (const units of ['1', 'bad', '2']) await outbox.add('timed', { units }, units);
		answer = (entries) =>
			entries.some(({ typed }) => typed.units === 'bad')
				? new Response('{"problems":[]}', { status: 422 })
				: keptAll(entries);
		await outbox.send();
		expect(outbox.waiting.map(({ words }) => words)).toEqual(['bad']);
		expect(outbox.waiting[0]?.problems?.entry).toContain('could not read this');
		answer = keptAll;
		await outbox.add('timed', { units: '3' }, 'three');
		expect(outbox.waiting.map(({ words }) => words)).toEqual(['bad']);
	});

	it.each([429, 500, 502, 503])(
		'wait where the server answers %i: nothing is known of any',
		async (status) => {
			const outbox = begun();
			answer = () => new Response('', { status });
			expect(await outbox.add('timed', { units: '1' }, 'one')).toEqual({ outcome: 'waits' });
			expect(outbox.waiting[0]?.problems).toBeUndefined();
		}
	);

	it('that could not be kept just now wait, and hold up no other', async () => {
		const outbox = begun();
		answer = (entries) =>
			Response.json({
				answers: entries.map(({ key, typed }) => ({
					key,
					outcome: typed.units === '9' ? 'waits' : 'kept'
				}))
			});
		expect(await outbox.add('timed', { units: '9' }, 'nine')).toEqual({ outcome: 'waits' });
		expect(await outbox.add('timed', { units: '1' }, 'one')).toEqual({ outcome: 'kept' });
		expect(outbox.waiting.map(({ words }) => words)).toEqual(['nine']);
	});

	it('that are long go up in portions that the server takes', async () => {
		const outbox = begun();
		answer = away;
		for (let at = 0; at < 20; at++) await outbox.add('timed', { note: 'x'.repeat(4000) }, `${at}`);
		answer = keptAll;
		for (let at = 0; at < 4; at++) await outbox.send();
		const sizes = sent.slice(-4).map((entries) => JSON.stringify({ entries }).length);
		expect(outbox.waiting).toEqual([]);
		expect(Math.max(...sizes)).toBeLessThan(64_000);
	});

	it('on a device that keeps nothing are sent at once, and said to be lost where nothing answers', async () => {
		const outbox = begun();
		isFull = true;
		const shelved = vi.fn();
		expect(await outbox.add('timed', { units: '1' }, 'one', shelved)).toEqual({ outcome: 'kept' });
		answer = away;
		expect(await outbox.add('timed', { units: '2' }, 'two', shelved)).toEqual({ outcome: 'lost' });
		expect(shelved).not.toHaveBeenCalled();
	});

	it('refused late are not brought back where another tab has had them kept meanwhile', async () => {
		const outbox = begun();
		answer = (entries) => {
			// Another tab has sent it, and the server has it: it lies here no more.
			shelf.clear();
			return Response.json({
				answers: entries.map(({ key }) => ({ key, outcome: 'refused', problems: {} }))
			});
		};
		await outbox.add('timed', { units: '1' }, 'one');
		expect([shelf.size, outbox.waiting]).toEqual([0, []]);
	});

	it('are tried again by themselves, until the page is left', async () => {
		vi.useFakeTimers();
		const outbox = new Outbox(
			'/api/entries',
			() => {},
			readBy,
			() => group,
			sendForm
		);
		const stop = outbox.begin();
		answer = away;
		await outbox.add('timed', { units: '1' }, 'one');
		const before = sent.length;
		await vi.advanceTimersByTimeAsync(9000);
		expect(sent.length).toBeGreaterThanOrEqual(before + 2);
		stop();
		const after = sent.length;
		await vi.advanceTimersByTimeAsync(9000);
		expect(sent).toHaveLength(after);
	});
});
