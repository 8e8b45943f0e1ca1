// What the page that measures photographs weighs: its own first load, and the library it asks for afterwards.
import { readdirSync, readFileSync, statSync } from 'node:fs';
import path from 'node:path';
import { print } from './figures.mjs';

const client = 'build/client';

/** All that a part of the page loads with it, as packed bytes. @param {string} file @param {Set<string>} seen */
function weigh(file, seen) {
	if (seen.has(file)) return 0;
	seen.add(file);
	const packed = `${file}.gz`;
	let bytes;
	try {
		bytes = statSync(packed).size;
	} catch {
		bytes = statSync(file).size;
	}
	for (const [, at] of readFileSync(file, 'utf8').matchAll(
		/(?:from|import)\s*["'](\.{1,2}\/[^"']+\.js)["']/g
	))
		bytes += weigh(path.join(path.dirname(file), at ?? ''), seen);
	return bytes;
}

/** Prints the page's first load and the library's weight. */
export function benchPhotoPage() {
	const nodes = path.join(client, '_app/immutable');
	const entry = readdirSync(path.join(nodes, 'entry')).filter((name) => name.endsWith('.js'));
	const layout = readdirSync(path.join(nodes, 'nodes')).filter((name) => name.endsWith('.js'));
	/** @type {Set<string>} */
	const seen = new Set();
	const shell = entry.reduce((sum, name) => sum + weigh(path.join(nodes, 'entry', name), seen), 0);
	const root = layout
		.filter((name) => name.startsWith('0.'))
		.reduce((sum, name) => sum + weigh(path.join(nodes, 'nodes', name), seen), 0);
	const own = layout.find((name) =>
		readFileSync(path.join(nodes, 'nodes', name), 'utf8').includes('photo.worker')
	);
	const page = own ? weigh(path.join(nodes, 'nodes', own), seen) : 0;
	print('photo: first-load scripts of its page', (shell + root + page) / 1000, 'kB gzip');
	const eye = path.join(client, 'eye');
	for (const name of readdirSync(eye).filter((one) => /\.(gz|br)$/.test(one)))
		print(
			`photo: the library, asked for after that (${path.extname(name)})`,
			statSync(path.join(eye, name)).size / 1000,
			'kB'
		);
	const workers = path.join(nodes, 'workers');
	for (const name of readdirSync(workers).filter((one) => /^photo\.worker.*\.gz$/.test(one)))
		print(
			'photo: the worker that measures',
			statSync(path.join(workers, name)).size / 1000,
			'kB gzip'
		);
}
