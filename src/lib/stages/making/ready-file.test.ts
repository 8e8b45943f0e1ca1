import { describe, expect, it } from 'vitest';
import { readyAnswer } from './ready-answer';
import { readReadyFile } from './ready-file';

const mat = { today: '2026-11-26', done: 0.41, weeks: [0.03, 0, 0.05, 0.04], seed: 1, runs: 2000 };
const answerOf = (text: string) => {
	const read = readReadyFile(text);
	return read.problems ? undefined : readyAnswer(read.value);
};

describe('the door that says when mats are ready', () => {
	it('answers each mat of its list with the first days of weeks', () => {
		const [first, done, idle] =
			answerOf(
				JSON.stringify([
					mat,
					{ today: '2026-12-31', done: 1 },
					{ ...mat, weeks: Array.from({ length: 500 }, () => 0) }
				])
			) ?? [];
		const days = [first?.low, first?.middle, first?.high].map(
			(day) => (Date.parse(day ?? '') - Date.parse(mat.today)) / 86_400_000
		);
		for (const day of days) expect(day % 7).toBe(0);
		expect(days[0]).toBeGreaterThan(28);
		expect(days[1]).toBeGreaterThan(days[0] ?? NaN);
		expect(days[2]).toBeGreaterThan(days[1] ?? NaN);
		expect(days[2]).toBeLessThan(400);
		expect(done).toEqual({ low: '2026-12-31', middle: '2026-12-31', high: '2026-12-31' });
		expect(idle).toEqual({ low: null, middle: null, high: null });
		expect(answerOf('[]')).toEqual([]);
	});
	it.each([
		['{', 'file'],
		[JSON.stringify(mat), 'file'],
		[JSON.stringify([{ ...mat, today: '2026-02-30' }]), '0.today'],
		[JSON.stringify([mat, { ...mat, done: 1.2 }]), '1.done'],
		[JSON.stringify([{ ...mat, done: undefined }]), '0.done'],
		[JSON.stringify([{ ...mat, weeks: [0.1, -0.2] }]), '0.weeks.1'],
		[JSON.stringify([{ ...mat, runs: 0 }]), '0.runs'],
		[JSON.stringify([{ ...mat, seed: -1 }]), '0.seed'],
		[JSON.stringify([{ ...mat, knots: 3 }]), '0']
	])('says what is wrong with %s', (text, path) =>
		expect(readReadyFile(text).problems?.map((one) => one.path)).toEqual([path])
	);
});
