import { webcrypto } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { newKey } from './new-key';

const shape = /^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/;
const bare = {
	getRandomValues: <Bytes extends ArrayBufferView | null>(bytes: Bytes) =>
		webcrypto.getRandomValues(bytes as never)
};

describe('a key', () => {
	it('is made where the browser makes none by itself, as good as where it does', () => {
		const keys = Array.from({ length: 2000 }, () => newKey(bare as never));
		for (const key of keys) expect(key).toMatch(shape);
		expect(new Set(keys).size).toBe(2000);
		expect(newKey()).toMatch(shape);
	});

	it('is the random bytes, with the marks of its version in their place', () => {
		const ones = { getRandomValues: (bytes: Uint8Array) => bytes.fill(0xff) };
		expect(newKey(ones as never)).toBe('ffffffff-ffff-4fff-bfff-ffffffffffff');
	});
});
