import { describe, expect, it } from 'vitest';
import { seededRng } from '../statistics/rng';
import { line, nothing } from './day.arbitrary';
import { moved } from './move-people';
import { evenly } from './people';
import type { Search, SeatPlan } from './seat-plans';

const person = (name: string) => ({
	name,
	speeds: evenly(1),
	may: ['ball', 'join'] as const,
	fromS: 0,
	toS: 3600
});
const people = [person('Pia'), person('Odo')];
const search: Search = {
	day: { line, stock: { ...nothing, pieces: 400 }, room: {}, lengthS: 3600 },
	people,
	free: people,
	may: [
		['ball', 'join'],
		['ball', 'join']
	],
	rules: { cutTool: 'scissors', tools: {}, children: new Set() },
	judged: new Set(['Pia', 'Odo']),
	isHeld: false
};
const plan: SeatPlan = [
	[
		{ station: 'ball', fromS: 0 },
		{ station: 'join', fromS: 1200 }
	],
	[
		{ station: 'join', fromS: 0 },
		{ station: 'ball', fromS: 1800 }
	]
];
const all = () => Array.from({ length: 4000 }, (_, seed) => moved(search, plan, seededRng(seed)));

describe('a plan a little otherwise', () => {
	it('seats everybody from when they come, one place after the other, nowhere for too little', () => {
		expect(new Set(all().map((one) => JSON.stringify(one))).size).toBeGreaterThan(100);
		for (const stretches of all().flat()) {
			expect(stretches[0]?.fromS).toBe(0);
			for (const [at, { fromS, station }] of stretches.entries()) {
				const next = stretches[at + 1];
				// Five minutes at the least, beside the time to change.
				expect((next?.fromS ?? 3600) - fromS).toBeGreaterThanOrEqual(300);
				expect(next?.station).not.toBe(station);
				expect(fromS % 60).toBe(0);
			}
		}
	});
	it('is now and then two who change places from a moment on, each as before until then', () => {
		const changed = all().filter(
			([mine, theirs]) =>
				JSON.stringify(mine?.map(({ station }) => station)) === '["ball","join","ball"]' &&
				JSON.stringify(theirs?.map(({ station }) => station)) === '["join","ball","join"]' &&
				mine?.[1]?.fromS === theirs?.[1]?.fromS
		);
		expect(changed.length).toBeGreaterThan(20);
		for (const [mine, theirs] of changed) {
			expect(mine?.[1]?.fromS).toBeLessThan(1200);
			// What was to come for the one comes for the other.
			expect([mine?.[2]?.fromS, theirs?.[2]?.fromS]).toEqual([1800, 1200]);
		}
	});
	it('leaves whoever may sit nowhere where they are', () => {
		const nowhere = { ...search, may: [[], []] };
		for (let seed = 0; seed < 50; seed++) expect(moved(nowhere, plan, seededRng(seed))).toBe(plan);
	});
});
