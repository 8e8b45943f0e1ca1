// What every door that reads a file and prints one JSON object does alike.
import { readFileSync } from 'node:fs';
import type { ReadFile } from '../../src/lib/ui/read-json';

/** Lines on standard error, one a problem, and the exit code of a file that cannot be used. */
export function refuse(lines: readonly string[]): void {
	for (const line of lines) process.stderr.write(`${line}\n`);
	process.exitCode = 2;
}

/** The text of a file, or of standard input for `-`; null where it cannot be read. */
export function textOf(place: string): string | null {
	try {
		return readFileSync(place === '-' ? 0 : place, 'utf8');
	} catch {
		return null;
	}
}

/** Answers the file that a door was called with, as JSON; or says all that is wrong with it. */
export function answerFile<Value>(
	name: string,
	read: (text: string) => ReadFile<Value>,
	answer: (value: Value) => object
): void {
	const [file] = process.argv.slice(2);
	if (!file) {
		refuse([`Usage: npm run --silent ${name} -- FILE   (or - to read standard input)`]);
		return;
	}
	const text = textOf(file);
	const found = text === null ? null : read(text);
	if (!found) refuse([`${file}: this file cannot be read.`]);
	else if (found.problems)
		refuse(found.problems.map(({ path, sentence }) => `${path}: ${sentence}`));
	else process.stdout.write(`${JSON.stringify(answer(found.value), null, '\t')}\n`);
}
