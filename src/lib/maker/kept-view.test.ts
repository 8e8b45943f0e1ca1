import { describe, expect, it } from 'vitest';
import { keepView, newestView } from './kept-view';
import type { MakerView } from './maker-view';

describe('what a phone showed last', () => {
	const view = (readAt: number) =>
		({ code: 'GXVEY', group: { groupId: 'one' }, readAt }) as unknown as MakerView;
	const storage = () => {
		const kept = new Map<string, string>();
		return () =>
			({
				getItem: (name: string) => kept.get(name) ?? null,
				setItem: (name: string, text: string) => void kept.set(name, text)
			}) as unknown as Storage;
	};
	it('stands where it is newer than what the page came with', () => {
		const own = storage();
		keepView(view(20), own);
		expect(newestView(view(10), own).readAt).toBe(20);
		expect(newestView(view(30), own).readAt).toBe(30);
	});
	it('is of its own mat, and nothing on a phone that remembers nothing', () => {
		const own = storage();
		keepView({ ...view(20), code: 'ABCDE' }, own);
		expect(newestView(view(10), own).readAt).toBe(10);
		const none = () => {
			throw new Error('no store');
		};
		expect(() => keepView(view(20), none)).not.toThrow();
		expect(newestView(view(10), none).readAt).toBe(10);
	});
});
