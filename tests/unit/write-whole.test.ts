import {
	closeSync,
	mkdtempSync,
	openSync,
	readFileSync,
	readdirSync,
	rmSync,
	statSync,
	writeFileSync
} from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { keptWord, writeWhole } from '../../scripts/lib/write-whole.mjs';

let folder = '';
beforeEach(() => void (folder = mkdtempSync(path.join(os.tmpdir(), 'nest-row-whole-'))));
afterEach(() => rmSync(folder, { recursive: true, force: true }));

describe('what a house writes down', () => {
	it('is whole for whoever reads meanwhile, and for its owner alone', () => {
		const file = path.join(folder, 'running.json');
		writeWhole(file, '{"app":1}');
		const reader = openSync(file, 'r');
		writeWhole(file, '{"app":22222}');
		expect(readFileSync(reader, 'utf8')).toBe('{"app":1}');
		closeSync(reader);
		expect(readFileSync(file, 'utf8')).toBe('{"app":22222}');
		expect((statSync(file).mode & 0o777).toString(8)).toBe('600');
		expect(readdirSync(folder)).toEqual(['running.json']);
	});

	it('keeps a word once made, and makes it where a start that was cut off left nothing in its file', () => {
		const file = path.join(folder, 'sign-in-secret');
		writeFileSync(file, '', { mode: 0o644 });
		const word = keptWord(file, 32);
		expect(word).toMatch(/^[\w-]{43}$/);
		expect(keptWord(file, 32)).toBe(word);
		expect(keptWord(path.join(folder, 'another'), 32)).not.toBe(word);
		writeFileSync(file, 'given\n');
		expect(keptWord(file, 32)).toBe('given');
	});
});
