// Eight connections that ask again as soon as they are answered.
import net from 'node:net';

const connections = 8;

/** @typedef {{ method?: string, path: string, headers?: Record<string, string> | ((index: number) => Record<string, string>), body?: (index: number) => string }} Call */

/** Where the first answer in the text ends, or -1 while it is not whole. @param {Buffer} held */
function endOfAnswer(held) {
	const head = held.indexOf('\r\n\r\n');
	if (head < 0) return -1;
	const length = /content-length: (\d+)/i.exec(held.toString('latin1', 0, head))?.[1];
	if (length !== undefined)
		return held.length >= head + 4 + Number(length) ? head + 4 + Number(length) : -1;
	const last = held.indexOf('\r\n0\r\n\r\n', head);
	return last < 0 ? -1 : last + 7;
}

/** One connection that asks again as soon as it is answered. Plain sockets, so that asking costs the machine little. @param {URL} address @param {Call} call @param {() => number | null} take @param {number[]} times */
function line(address, call, take, times) {
	return new Promise((resolve, reject) => {
		const socket = net.connect(Number(address.port), address.hostname);
		socket.setNoDelay(true);
		let held = Buffer.alloc(0);
		let from = 0;
		const ask = () => {
			const index = take();
			if (index === null) return socket.end(() => resolve(undefined));
			const body = call.body?.(index) ?? '';
			const headers = {
				host: address.host,
				...(typeof call.headers === 'function' ? call.headers(index) : call.headers),
				'content-length': String(Buffer.byteLength(body))
			};
			const head = Object.entries(headers)
				.map(([name, value]) => `${name}: ${value}\r\n`)
				.join('');
			from = performance.now();
			socket.write(`${call.method ?? 'GET'} ${call.path} HTTP/1.1\r\n${head}\r\n${body}`);
		};
		socket.on('connect', ask);
		socket.on('error', reject);
		socket.on('data', (chunk) => {
			held = held.length ? Buffer.concat([held, chunk]) : chunk;
			const end = endOfAnswer(held);
			if (end < 0) return;
			times.push(performance.now() - from);
			const status = held.toString('latin1', 9, 12);
			if (!status.startsWith('2')) return reject(new Error(`${call.path} answered ${status}`));
			held = held.subarray(end);
			ask();
		});
	});
}

/** How long each of so many calls took. @param {string} address @param {Call} call @param {number} count */
export async function load(address, call, count) {
	/** @type {number[]} */
	const times = [];
	let next = 0;
	const take = () => (next < count ? next++ : null);
	await Promise.all(
		Array.from({ length: connections }, () => line(new URL(address), call, take, times))
	);
	return times;
}

/** The body of an entry that takes three bags into the store, under a key of its own. @param {string} kind @param {number} index the colour goes by it */
export const threeBags = (kind, index) =>
	JSON.stringify({
		entries: [
			{
				key: crypto.randomUUID(),
				type: 'movement',
				typed: {
					kind,
					colour: ['white', 'blue', 'green', 'grey'][index % 4],
					form: 'bag',
					direction: 'in',
					amount: '3',
					reason: 'counted'
				}
			}
		]
	});
