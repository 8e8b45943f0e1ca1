// The nightly copies: where they lie, when the next is due, and which of the old ones go.
import { existsSync, mkdirSync, readdirSync, rmSync } from 'node:fs';
import path from 'node:path';
import { backUp } from './backup.mjs';

const day = 24 * 3600 * 1000;
const ending = '.nest-row-copy';

/** The name of a copy made at a moment: it sorts by time. @param {Date} at */
export const copyName = (at) => `${at.toISOString().slice(0, 19).replaceAll(':', '-')}${ending}`;

/** When a copy was made, by its name; null for other files. @param {string} name */
export function madeAt(name) {
	const [, date, hour, minute, second] =
		/^(\d{4}-\d\d-\d\d)T(\d\d)-(\d\d)-(\d\d)\.nest-row-copy$/.exec(name) ?? [];
	return date ? new Date(`${date}T${hour}:${minute}:${second}Z`) : null;
}

/**
 * Which copies stay: of the last seven days the newest of each, of the last five weeks the newest of each, and always
 * the newest of all.
 *
 * @param {readonly string[]} names @param {Date} now
 * @returns {Set<string>}
 */
export function keptCopies(names, now) {
	const copies = names
		.flatMap((name) => {
			const at = madeAt(name);
			return at ? [{ name, age: now.getTime() - at.getTime() }] : [];
		})
		.sort((one, other) => one.age - other.age);
	/** @type {Set<string>} */
	const kept = new Set(copies.slice(0, 1).map(({ name }) => name));
	for (const [step, count] of /** @type {const} */ ([
		[day, 7],
		[7 * day, 5]
	]))
		for (let nth = 0; nth < count; nth++) {
			const newest = copies.find(({ age }) => age >= nth * step && age < (nth + 1) * step);
			if (newest) kept.add(newest.name);
		}
	return kept;
}

/** When the newest copy of a folder was made, as text; null where there is none. @param {string} folder */
export function newestCopy(folder) {
	if (!existsSync(folder)) return null;
	const times = readdirSync(folder).flatMap((name) => madeAt(name)?.getTime() ?? []);
	return times.length > 0 ? new Date(Math.max(...times)).toISOString() : null;
}

/** Whether the next nightly copy is due: none was made since three in the morning. @param {readonly string[]} names @param {Date} now */
export function isDue(names, now) {
	const night = new Date(now);
	night.setHours(3, 0, 0, 0);
	if (night > now) night.setDate(night.getDate() - 1);
	return !names.some((name) => (madeAt(name)?.getTime() ?? 0) >= night.getTime());
}

/**
 * Makes the nightly copy where it is due, and lets old ones go. The name of what was made, or null.
 *
 * @param {string} url @param {string} folder @param {import('./copy-file.mjs').Seal | null} seal @param {Date} now
 */
export async function nightly(url, folder, seal, now) {
	mkdirSync(folder, { recursive: true, mode: 0o700 });
	if (!isDue(readdirSync(folder), now)) return null;
	const file = path.join(folder, copyName(now));
	await backUp(url, file, seal);
	const names = readdirSync(folder);
	const kept = keptCopies(names, now);
	// What another night left half written goes as well; what is not ours stays.
	for (const name of names)
		if ((madeAt(name) && !kept.has(name)) || name.endsWith(`${ending}.half`))
			rmSync(path.join(folder, name), { force: true });
	return file;
}
