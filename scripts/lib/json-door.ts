// What every door that reads a file and prints one JSON object does alike.
import { readFileSync } from 'node:fs';

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
