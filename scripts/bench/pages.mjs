// Every page under eight connections, beside a bare page of the same layout with as many elements and
// bytes, in the same run.
import { load } from './load.mjs';
import { print, quantile } from './figures.mjs';

const pages = [
	'/plan',
	'/plans',
	'/gather',
	'/gather/sort',
	'/gather/store',
	'/gather/asks',
	'/gather/kinds',
	'/measures'
];

/** Asked so often before it counts, so that each of a fleet's processes has its code at hand, as one that runs for days has. */
const warmUp = 300;

/** The path of a bare page with as many elements and bytes as a page has. @param {string} address @param {string} path */
export async function bareAlike(address, path) {
	const stage =
		['/gather', '/prepare', '/check', '/hand-over'].find((one) => path.startsWith(one)) ?? '';
	const barePath = `${stage}/bare`;
	const empty = await (await fetch(address + barePath)).text();
	const html = await (await fetch(address + path)).text();
	const elements = (html.match(/<[a-z]/g) ?? []).length - (empty.match(/<[a-z]/g) ?? []).length;
	const rows = Math.max(1, Math.min(5000, elements));
	// A row stands once as an element and once in the page's data.
	const bytes = Math.max(1, Math.round((html.length - empty.length) / rows / 2 - 8));
	return `${barePath}?rows=${rows}&bytes=${bytes}`;
}

/**
 * A page under eight connections and a bare one alike, turn by turn: their 95th percentiles.
 *
 * @param {string} address @param {string} path
 */
export async function besideBare(address, path) {
	const bare = await bareAlike(address, path);
	const times = { page: /** @type {number[]} */ ([]), bare: /** @type {number[]} */ ([]) };
	for (const one of [path, bare]) await load(address, { path: one }, warmUp);
	// Turn by turn, so that whatever the machine does meets both.
	for (let turn = 0; turn < 6; turn++) {
		times.page.push(...(await load(address, { path }, 80)));
		times.bare.push(...(await load(address, { path: bare }, 80)));
	}
	return { own: quantile(times.page, 0.95), bare: quantile(times.bare, 0.95) };
}

/** @param {string} address @param {string} part what these lines are of */
export async function benchPages(address, part) {
	for (const path of pages) {
		const { own, bare } = await besideBare(address, path);
		print(`${part}: ${path}, 95th percentile`, own, 'ms');
		print(`${part}: ${path} against a bare page alike, 95th percentiles`, own / bare, 'times', 1.5);
	}
}
