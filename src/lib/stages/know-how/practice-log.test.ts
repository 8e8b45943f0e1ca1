import { describe, expect, it } from 'vitest';
import type { KindAnswered } from './practice-log';
import {
	addToLog,
	nextKind,
	practisedKinds,
	readLog,
	repeatsOf,
	repeatWords
} from './practice-log';

/** A device’s store, so large and no larger. */
function storeOf(first: string | null, room = Infinity) {
	let kept = first;
	return {
		getItem: () => kept,
		setItem: (_: string, text: string) => {
			if (text.length > room) throw new Error('full');
			kept = text;
		}
	};
}
const at = Date.parse('2026-11-28T10:00:00Z');
const one: KindAnswered = { kind: 'snug', at, isRight: true };

describe('practice on a device', () => {
	it('is what was answered there, the newest last, and no more than it holds', () => {
		const store = storeOf(null);
		for (let nth = 0; nth < 450; nth++)
			expect(addToLog(store, { ...one, at: at + nth })).toBe(true);
		expect(readLog(store)).toHaveLength(400);
		expect(readLog(store).at(-1)?.at).toBe(at + 449);
	});
	it.each([
		null,
		'no json',
		'{}',
		'[{"kind":"x","at":1,"isRight":true}]',
		'[null]',
		'[{"kind":"snug"}]'
	])('of a store that holds %s is nothing', (text) => expect(readLog(storeOf(text))).toEqual([]));
	it('is said not to be kept where the store is full', () =>
		expect(addToLog(storeOf(null, 10), one)).toBe(false));
});

describe('what comes next', () => {
	it('is what is due longest, and never what was just asked', () => {
		const log: KindAnswered[] = [
			{ ...one, kind: 'hook', isRight: false, at: at - 3_600_000 },
			{ ...one, kind: 'slit', at }
		];
		expect(nextKind(repeatsOf(log), at, 'slit')).toBe('hook');
		expect(nextKind(repeatsOf(log), at, 'hook')).toBe('over-under');
	});
	it('is said in minutes, hours or days', () => {
		const due = (ms: number, sits = false) => repeatWords({ due: at + ms, sits, answers: 1 }, at);
		expect([undefined].map((none) => repeatWords(none, at))).toEqual(['not tried yet']);
		expect([due(-1), due(30_000), due(5 * 60_000), due(5 * 3_600_000)]).toEqual([
			'again now',
			'again in 1 min',
			'again in 5 min',
			'again in 5 hours'
		]);
		expect(due(9 * 86_400_000, true)).toBe('it sits; again in 9 days');
	});
	it('tells of each kind how it went', () =>
		expect(practisedKinds([one, { ...one, at: at + 1, isRight: false }])).toEqual([
			{ kind: 'snug', asked: 2, right: 1, sits: false }
		]));
});
