import { describe, expect, it } from 'vitest';
import { DomainError } from '../domain-error';
import { judgeJoint } from './exercises-by-eye';
import { repeatOf } from './repeats';

const minute = 60_000;
const day = 24 * 60 * minute;

describe('a kind of question', () => {
	it('comes back in minutes where it went wrong, and in days where it went right again and again', () => {
		const wrong = repeatOf([{ at: 0, isRight: false }]);
		expect(wrong.due).toBeLessThanOrEqual(10 * minute);
		expect(wrong.sits).toBe(false);
		const right = [0, 15 * minute, 3 * day].map((at) => ({ at, isRight: true }));
		expect(repeatOf(right).due).toBeGreaterThan(3 * day + 4 * day);
	});
	it('sits once it would be known a week on, and no more once it goes wrong', () => {
		const right = [0, 15 * minute, 3 * day, 14 * day].map((at) => ({ at, isRight: true }));
		expect(repeatOf(right.slice(0, 1)).sits).toBe(false);
		expect(repeatOf(right).sits).toBe(true);
		const after = repeatOf([...right, { at: 30 * day, isRight: false }]);
		expect(after.sits).toBe(false);
		expect(after.due).toBeLessThan(31 * day);
	});
	it('comes back the same whatever order its answers are read in', () => {
		const answers = [5 * day, 0, 20 * minute].map((at) => ({ at, isRight: at !== 0 }));
		expect(repeatOf(answers)).toEqual(repeatOf(answers.toReversed()));
		expect(() => repeatOf([])).toThrow(DomainError);
	});
});

describe('a joint', () => {
	it.each([
		[{ open: 0.4, uneven: 0 }, 'snug'],
		[{ open: 1.4, uneven: 0 }, 'loose'],
		[{ open: 0.05, uneven: 0 }, 'tight'],
		[{ open: 1.4, uneven: 0.2 }, 'uneven']
	] as const)('of %j is %s', (joint, call) => expect(judgeJoint(joint)).toBe(call));
});
