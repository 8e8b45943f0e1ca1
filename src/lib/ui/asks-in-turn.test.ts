import { describe, expect, it, vi } from 'vitest';
import { asksInTurn } from './asks-in-turn';

/** What is asked for, and answers when it is told to. */
function asked() {
	const answers: (() => void)[] = [];
	const ask = () => new Promise<void>((resolve) => answers.push(resolve));
	return { ask, answers };
}
const turn = () => new Promise((resolve) => setTimeout(resolve));
const atOnce = () => Promise.resolve();

describe('asks in turn', () => {
	it('begin when the one before has been answered, and as often as something changed since', async () => {
		const { ask, answers } = asked();
		const askAnew = asksInTurn(atOnce, () => true);
		askAnew(ask);
		await turn();
		expect(answers).toHaveLength(1);
		// Three more while it is on its way: one of them is asked for all.
		for (let more = 0; more < 3; more++) askAnew(ask);
		await turn();
		expect(answers).toHaveLength(1);
		answers[0]?.();
		await turn();
		expect(answers).toHaveLength(2);
		answers[1]?.();
		await turn();
		expect(answers).toHaveLength(2);
		askAnew(ask);
		await turn();
		expect(answers).toHaveLength(3);
	});

	it('of different things are all asked', async () => {
		const [one, other] = [asked(), asked()];
		const askAnew = asksInTurn(atOnce, () => true);
		askAnew(one.ask);
		askAnew(other.ask);
		await turn();
		expect([one.answers.length, other.answers.length]).toEqual([1, 0]);
		one.answers[0]?.();
		await turn();
		expect(other.answers).toHaveLength(1);
	});

	it('that fail, or cannot be asked just now, hold up no other', async () => {
		let isAble = false;
		const { ask, answers } = asked();
		const askAnew = asksInTurn(
			() => Promise.reject(new Error('the page did not come')),
			() => isAble
		);
		askAnew(ask);
		await turn();
		expect(answers).toHaveLength(0);
		isAble = true;
		askAnew(() => Promise.reject(new Error('no answer')));
		askAnew(ask);
		await turn();
		expect(answers).toHaveLength(1);
	});

	it('that get no answer hold up the next for half a minute', async () => {
		vi.useFakeTimers();
		const { ask, answers } = asked();
		const askAnew = asksInTurn(atOnce, () => true);
		askAnew(() => new Promise(() => {}));
		askAnew(ask);
		await vi.advanceTimersByTimeAsync(29_000);
		expect(answers).toHaveLength(0);
		await vi.advanceTimersByTimeAsync(1_100);
		expect(answers).toHaveLength(1);
		vi.useRealTimers();
	});
});
