// What the machine's pages say of its copies: written by whoever makes one or puts one back, read by the application.
import { asked } from './asked.mjs';

/**
 * @typedef {object} CopyNote
 * @property {boolean} isOn a copy is made every night
 * @property {string} folder where it lies
 * @property {boolean} isSealed
 * @property {string | null} lastAt when the last was made
 * @property {string | null} problem why the last could not be made
 */

/**
 * Notes what is so now; what a note does not say stays as it was said before.
 * @param {string} databaseUrl @param {'copy' | 'put-back'} name @param {Partial<CopyNote> | { madeAt: string }} said
 */
export const noteHouse = (databaseUrl, name, said) =>
	asked(databaseUrl, (client) =>
		client.query(
			`insert into house_note (name, said) values ($1, $2)
			 on conflict (name) do update set said = house_note.said || excluded.said, at = now()`,
			[name, said]
		)
	);
