import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Outbox } from '$lib/entries/outbox.svelte';
import { countedOnce } from '$lib/ui/slip';
import { EntryActions } from './trestle.svelte';

/** A table on a device whose shelf takes what is put on it once it is let. */
function table(isCounter = false) {
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
	const trestle = new EntryActions(outbox as unknown as Outbox, isCounter);
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
		expect(trestle.said).toEqual({ words: `Saved: 76 joined. ${countedOnce}`, isProblem: false });
		await act(76);
		expect(words()).toEqual(['76 joined']);
	});

	it('each count where they are another act, however long the shelf takes', () => {
		const { act, trestle, words } = table();
		void act(76);
		void act(38);
		void trestle.takeBack(7, '20 cut');
		void trestle.takeBack(8, '20 laid flat');
		expect(words()).toEqual(['76 joined', '38 joined', 'undone: 20 cut', 'undone: 20 laid flat']);
	});

	it('count again once it was no slip any more, whether the first is safe or not', async () => {
		const { act, words } = table();
		void act(76);
		await vi.advanceTimersByTimeAsync(400);
		void act(76);
		expect(words()).toHaveLength(2);
	});

	it('of a counter count as quickly as they are tapped, once the one before is safe', async () => {
		const { act, put, words } = table(true);
		for (let at = 0; at < 5; at += 1) {
			void act(1);
			void act(1);
			put[at]?.shelve();
		}
		expect(words()).toHaveLength(5);
	});
});
