// The file that a copy of a database is: what stands before it, its seal, and how it is written whole or not at all
// and looked at to its last byte before any of it is used.
import { Decrypter, Encrypter } from 'age-encryption';
import { createHash } from 'node:crypto';
import {
	closeSync,
	createReadStream,
	createWriteStream,
	fsyncSync,
	openSync,
	readSync,
	renameSync,
	rmSync,
	statSync,
	writeSync
} from 'node:fs';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { readMigrations } from './migrate.mjs';
import { Stop } from './say.mjs';

/** What a copy begins with: its name, so many bytes of a line, and the line. */
const magic = 'nest-row-copy';
const format = 1;
const headBytes = 1024;

/**
 * @typedef {object} Head what stands before the bytes of a copy
 * @property {number} format
 * @property {number} schema the newest migration that its database had
 * @property {string} madeAt
 * @property {boolean} isSealed
 * @property {number} bytes of what follows
 * @property {string} sha256 of what follows
 */

/**
 * @typedef {object} Seal
 * @property {string} passphrase
 * @property {number} workFactor how dear each guess at it is made: 2 to this many rounds
 */

/** The seal of a passphrase, as dear to guess as its package advises; none where there is no passphrase. @param {string | undefined} passphrase @returns {Seal | null} */
export const sealOf = (passphrase) => (passphrase ? { passphrase, workFactor: 18 } : null);

/** @param {Head} head */
function headOf(head) {
	const line = `${magic}\n${JSON.stringify(head)}\n`;
	return Buffer.from(line.padEnd(headBytes, ' '));
}

/** Begins a file that only its owner can read, with room for its head. @param {string} file */
function writeFileStart(file) {
	const handle = openSync(file, 'w', 0o600);
	writeSync(handle, Buffer.alloc(headBytes, ' '));
	closeSync(handle);
}

/** @param {Readable} plain @param {Seal} seal */
async function sealedBy(plain, { passphrase, workFactor }) {
	const encrypter = new Encrypter();
	encrypter.setScryptWorkFactor(workFactor);
	encrypter.setPassphrase(passphrase);
	return Readable.fromWeb(
		/** @type {any} */ (await encrypter.encrypt(/** @type {any} */ (Readable.toWeb(plain))))
	);
}

/**
 * Writes what comes into the file of a copy. Until all of it is on the disk it lies under another name; where that
 * fails, nothing stays.
 *
 * @param {string} file
 * @param {number} schema of the database that it comes from
 * @param {Seal | null} seal null leaves it open
 * @param {() => { plain: Readable, isDone: Promise<unknown> }} begin what comes, and whether all of it came
 * @returns {Promise<Head>}
 */
export async function writeCopy(file, schema, seal, begin) {
	const half = `${file}.half`;
	try {
		writeFileStart(half);
		const { plain, isDone } = begin();
		const hash = createHash('sha256');
		let bytes = 0;
		/** @param {AsyncIterable<Uint8Array>} source */
		async function* counted(source) {
			for await (const chunk of source) {
				hash.update(chunk);
				bytes += chunk.length;
				yield chunk;
			}
		}
		const sealed = seal === null ? plain : await sealedBy(plain, seal);
		await Promise.all([
			pipeline(sealed, counted, createWriteStream(half, { flags: 'r+', start: headBytes })),
			isDone
		]);
		/** @type {Head} */
		const head = {
			format,
			schema,
			madeAt: new Date().toISOString(),
			isSealed: seal !== null,
			bytes,
			sha256: hash.digest('hex')
		};
		const handle = openSync(half, 'r+');
		try {
			writeSync(handle, headOf(head), 0, headBytes, 0);
			fsyncSync(handle);
		} finally {
			closeSync(handle);
		}
		renameSync(half, file);
		return head;
	} catch (error) {
		rmSync(half, { force: true });
		throw error;
	}
}

/** Reads what stands before a copy, and looks at every byte of it. @param {string} file @returns {Promise<Head>} */
export async function lookAt(file) {
	let handle;
	try {
		handle = openSync(file, 'r');
	} catch {
		throw new Stop(`There is no file ${file} that could be read.`);
	}
	const start = Buffer.alloc(headBytes);
	const read = readSync(handle, start, 0, headBytes, 0);
	closeSync(handle);
	const [name, line = ''] = start.subarray(0, read).toString('utf8').split('\n');
	if (name !== magic)
		throw new Stop('This is no copy of Nest Row, or it was never written to its end.');
	/** @type {Head} */
	let head;
	try {
		head = JSON.parse(line);
	} catch {
		throw new Stop('This copy is damaged: what stands before it cannot be read.');
	}
	if (head.format !== format)
		throw new Stop(`This copy is of format ${head.format}, and this Nest Row reads ${format}.`);
	const newest = Math.max(...readMigrations().map(({ number }) => number));
	if (head.schema > newest)
		throw new Stop(
			`This copy was made by a newer Nest Row (${head.schema}; this one knows ${newest}). Bring this one up to date first.`
		);
	const wrong = new Stop('This copy is damaged or half written: not a byte of it was used.');
	if (statSync(file).size !== headBytes + head.bytes) throw wrong;
	const hash = createHash('sha256');
	for await (const chunk of createReadStream(file, { start: headBytes })) hash.update(chunk);
	if (hash.digest('hex') !== head.sha256) throw wrong;
	return head;
}

/** @param {string} file @param {string} open @param {string} passphrase */
async function unseal(file, open, passphrase) {
	const decrypter = new Decrypter();
	decrypter.addPassphrase(passphrase);
	try {
		const plain = await decrypter.decrypt(
			/** @type {any} */ (Readable.toWeb(createReadStream(file, { start: headBytes })))
		);
		await pipeline(
			Readable.fromWeb(/** @type {any} */ (plain)),
			createWriteStream(open, { mode: 0o600 })
		);
	} catch {
		throw new Stop('That is not the passphrase of this copy. Nothing was touched.');
	}
}

/**
 * Reads what a copy holds. A sealed one is opened to its end before any of it is given: a wrong passphrase, or a changed
 * byte, touches nothing.
 *
 * @param {string} file that was looked at
 * @param {Head} head
 * @param {string | null} passphrase
 * @param {(held: Readable) => Promise<unknown>} use
 */
export async function readCopy(file, head, passphrase, use) {
	if (!head.isSealed) return use(createReadStream(file, { start: headBytes }));
	const open = `${file}.open`;
	try {
		await unseal(file, open, passphrase ?? '');
		return await use(createReadStream(open));
	} finally {
		rmSync(open, { force: true });
	}
}
