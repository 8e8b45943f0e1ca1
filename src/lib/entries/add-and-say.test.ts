import * as commonWords from '$lib/words/common';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { countedOnce } from '../ui/slip';
import { addAndSay } from './add-and-say';
import type { Outbox } from './outbox.svelte';
import type { Sent } from './waiting';

/** A outbox that counts what it is given. */
function counting(how: Sent) {
	const given: string[] = [];
	const outbox = {
		add: (_: string, typed: { wish: string }) => (given.push(typed.wish), Promise.resolve(how))
	};
	const press = (wish: string) =>
		addAndSay(outbox as unknown as Outbox, { type: 'wish', typed: { wish }, words: wish }, 'Said.');
	return { given, press };
}

describe('one press', () => {
	beforeEach(() => void vi.useFakeTimers());
	afterEach(() => void vi.useRealTimers());

	it('made twice within a moment counts once, and says so', async () => {
		const { given, press } = counting({ outcome: 'kept' });
		const first = press('ball');
		await vi.advanceTimersByTimeAsync(300);
		expect([await first, await press('ball')]).toEqual(['Said.', `Said. ${countedOnce}`]);
		expect(given).toEqual(['ball']);
	});

	it('made again later, or another, is an act of its own', async () => {
		const { given, press } = counting({ outcome: 'kept' });
		await press('word');
		await press('fetch');
		await vi.advanceTimersByTimeAsync(400);
		await press('fetch');
		expect(given).toEqual(['word', 'fetch', 'fetch']);
	});

	it('that did not count may be made again at once', async () => {
		const { given, press } = counting({ outcome: 'lost' });
		await press('ball');
		expect(await press('ball')).toBe(commonWords.addAndSay.notSavedNoNetwork());
		expect(given).toHaveLength(2);
	});
});
