// The last step of the build: what browsers fetch lies there packed as well, so that nothing is packed as it is asked for.
import { copyFile, mkdir, readdir, readFile, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';

const packed = { brotli: promisify(brotliCompress), gzip: promisify(gzip) };
const kinds = /\.(html|js|mjs|json|css|svg|xml|wasm|txt|webmanifest)$/;
/** What is smaller is as quick unpacked, in bytes; what is larger is packed less thoroughly: it takes long and gains little. */
const [least, large] = [1024, 1_000_000];

/** @param {string} file */
async function pack(file) {
	const bytes = await readFile(file);
	if (bytes.length < least) return;
	const quality = bytes.length > large ? 6 : 11;
	const params = {
		[constants.BROTLI_PARAM_QUALITY]: quality,
		[constants.BROTLI_PARAM_SIZE_HINT]: bytes.length
	};
	await Promise.all([
		packed.brotli(bytes, { params }).then((out) => writeFile(`${file}.br`, out)),
		packed.gzip(bytes, { level: Math.min(9, quality) }).then((out) => writeFile(`${file}.gz`, out))
	]);
}

const folder = 'build/client';
// The library that sees pictures goes along as it is: bundlers would go through its ten megabytes for nothing.
const [, libraryAt] =
	/libraryAt = '([^']+)'/.exec(await readFile('src/lib/sight/library-at.ts', 'utf8')) ?? [];
if (!libraryAt) throw new Error('library-at.ts names no library');
await mkdir(path.join(folder, path.dirname(libraryAt)), { recursive: true });
await copyFile('node_modules/@techstark/opencv-js/dist/opencv.js', path.join(folder, libraryAt));

const files = await readdir(folder, { recursive: true });
await Promise.all(
	files.filter((file) => kinds.test(file)).map((file) => pack(path.join(folder, file)))
);
