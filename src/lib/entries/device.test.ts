import { describe, expect, it } from 'vitest';
import { thisDevice } from './device';

const storage = () => {
	const kept = new Map<string, string>();
	return {
		getItem: (name: string) => kept.get(name) ?? null,
		setItem: (name: string, value: string) => void kept.set(name, value)
	} as Storage;
};

describe('a device', () => {
	it('is always the same and counts its entries', () => {
		const kept = storage();
		const marks = [1, 2, 3].map(() => thisDevice(() => kept));
		expect(marks.map(({ sequence }) => sequence)).toEqual([1, 2, 3]);
		expect(new Set(marks.map(({ device }) => device)).size).toBe(1);
		expect(thisDevice(storage).device).not.toBe(marks[0]?.device);
	});

	it('that remembers nothing has no mark', () =>
		expect(
			thisDevice(() => {
				throw new Error('no storage');
			})
		).toEqual({}));
});
