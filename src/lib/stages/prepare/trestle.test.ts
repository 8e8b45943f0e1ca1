import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Outbox } from '$lib/entries/outbox.svelte';
import { Trestle } from './trestle.svelte';

/** A table on a device whose shelf takes what is put on it once it is let. */
function table() {
	const put: { words: string; shelve: () => void }[] = [];
	const outbox = {
		add: (_type: string, _typed: object, words: string, onshelved: (key: string) => void) =>
			new Promise((resolve) => {
				const shelve = () => {
					onshelved(words);
					resolve({ outcome: 'kept' });
				};
				put.push({ words, shelve });
			})
	};
	const trestle = new Trestle(outbox as unknown as Outbox);
	const act = (pieces: number) =>
		trestle.act({ type: 'join', typed: { pieces: String(pieces) }, words: `${pieces} joined` });
	return { trestle, act, put, words: () => put.map((one) => one.words) };
}

describe('taps at the table', () => {
	beforeEach(() => void vi.useFakeTimers());
	afterEach(() => void vi.useRealTimers());

	it('of one moment are one, where they are the same', async () => {
		const { act, put, words, trestle } = table();
		const first = act(76);
		await vi.advanceTimersByTimeAsync(399);
		await act(76);
		expect(words()).toEqual(['76 joined']);
		put[0]?.shelve();
		await first;
		expect(trestle.said).toEqual({ words: 'Kept: 76 joined.', isProblem: false });
	});

	it('each count where they are another act, however long the shelf takes', () => {
		const { act, trestle, words } = table();
		void act(76);
		void act(38);
		void trestle.takeBack(7, '20 cut');
		void trestle.takeBack(8, '20 laid flat');
		expect(words()).toEqual([
			'76 joined',
			'38 joined',
			'taken back: 20 cut',
			'taken back: 20 laid flat'
		]);
	});

	it('count again once the first is safe, and once it was no slip any more', async () => {
		const { act, put, words } = table();
		void act(76);
		put[0]?.shelve();
		void act(76);
		expect(words()).toHaveLength(2);
		await vi.advanceTimersByTimeAsync(400);
		void act(76);
		expect(words()).toHaveLength(3);
	});
});
