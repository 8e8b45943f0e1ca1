// Where the application can be reached, and whether it may be there.

const loopbacks = ['127.0.0.1', 'localhost', '::1', '[::1]'];

/** @param {string} host */
export const isLoopback = (host) => loopbacks.includes(host.toLowerCase());

/** The address of a host and a port, as a browser writes it. @param {string} host @param {number | string} port */
export const addressAt = (host, port) =>
	`http://${host.includes(':') && !host.startsWith('[') ? `[${host}]` : host}:${port}`;

/**
 * Where others reach it: HOST it listens on, ORIGIN it is called by. Without them it is on this
 * machine alone.
 *
 * @param {{ HOST?: string | undefined, ORIGIN?: string | undefined, NEST_ROW_GUARDED_BY?: string | undefined }} settings
 * @param {number | string} port
 * @returns {{ host: string, origin: string, problem?: undefined } | { problem: string }}
 */
export function reachOf({ HOST, ORIGIN, NEST_ROW_GUARDED_BY }, port) {
	const host = HOST?.trim() || '127.0.0.1';
	const given = ORIGIN?.trim();
	if (!isLoopback(host))
		return {
			problem: `HOST is ${host}: other machines could reach Nest Row there, and as it has no sign-in yet, everyone who came would be its coordinator. Leave HOST out, and let a proxy that knows your people stand before it; docs/operations.md shows one.`
		};
	if (!given) return { host, origin: addressAt(host, port) };
	/** @type {URL} */
	let url;
	try {
		url = new URL(given);
	} catch {
		return {
			problem: `ORIGIN is "${given}", which is no address. Write it as https://mats.example.`
		};
	}
	if (!['http:', 'https:'].includes(url.protocol) || url.origin !== given.replace(/\/$/, ''))
		return {
			problem: `ORIGIN is "${given}": write only how it begins and the name, as https://mats.example, without a path.`
		};
	if (!isLoopback(url.hostname) && NEST_ROW_GUARDED_BY !== 'proxy')
		return {
			problem: `ORIGIN is ${url.origin}: others could reach Nest Row there, and as it has no sign-in yet, everyone who came would be its coordinator. If the proxy before it lets in only your own people, say so with NEST_ROW_GUARDED_BY=proxy; docs/operations.md shows one that does.`
		};
	return { host, origin: url.origin };
}
