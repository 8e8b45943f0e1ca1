import { describe, expect, it } from 'vitest';
import { byPressing, pressing } from './urgency';

describe('how much an act presses', () => {
	it('is its worth over the days it can wait; what is overdue presses as what is due today, and no more', () => {
		expect(pressing({ worth: 3, days: 5 })).toBe(0.5);
		expect(pressing({ worth: 3, days: 0 })).toBe(3);
		expect(pressing({ worth: 3, days: -9 })).toBe(3);
		expect(pressing({ worth: 3, days: -1 })).toBe(3);
	});
	it('puts them in order, alike ones as they are', () => {
		const acts = [
			{ name: 'late', worth: 1, days: -4 },
			{ name: 'today', worth: 1, days: 0 },
			{ name: 'large', worth: 9, days: 2 },
			{ name: 'far', worth: 1, days: 9 }
		];
		expect(byPressing(acts).map(({ name }) => name)).toEqual(['large', 'late', 'today', 'far']);
	});
	it('of less than nothing is refused', () =>
		expect(() => pressing({ worth: -1, days: 1 })).toThrow('worth'));
});
