// What a house writes down for its next start: a start that is cut off, or somebody who reads meanwhile, meets it whole.
import { randomBytes } from 'node:crypto';
import { chmodSync, existsSync, readFileSync, renameSync, writeFileSync } from 'node:fs';

/** Writes a file that is there whole, or as it was before; for its owner alone. @param {string} file @param {string} text */
export function writeWhole(file, text) {
	const half = `${file}.${process.pid}.half`;
	writeFileSync(half, text, { mode: 0o600, flush: true });
	renameSync(half, file);
}

/** The secret word that a file keeps; made where there is none. @param {string} file @param {number} bytes of chance, where it is made */
export function keptWord(file, bytes) {
	const word = () => (existsSync(file) ? readFileSync(file, 'utf8').trim() : '');
	// Nothing at all is what a start that was cut off has left.
	if (word() === '') writeWhole(file, randomBytes(bytes).toString('base64url'));
	chmodSync(file, 0o600);
	return word();
}
