// Where the application can be reached, and whether it may be there.

const loopbacks = ['127.0.0.1', 'localhost', '::1', '[::1]'];

/** @param {string} host */
export const isLoopback = (host) => loopbacks.includes(host.toLowerCase());

/** The address of a host and a port, as a browser writes it. @param {string} host @param {number | string} port */
export const addressAt = (host, port) =>
	`http://${host.includes(':') && !host.startsWith('[') ? `[${host}]` : host}:${port}`;

/**
 * What is said at the start of how visitors are told apart behind a proxy; nothing where there is none.
 * @param {{ ADDRESS_HEADER?: string | undefined }} settings @param {string} origin
 */
export function visitorWords({ ADDRESS_HEADER: header }, origin) {
	if (header)
		return `Who comes is told apart by the header ${header}, which the proxy sets: what comes without it counts as one visitor.`;
	return isLoopback(new URL(origin).hostname)
		? null
		: 'A proxy stands before Nest Row, and ADDRESS_HEADER does not say which of its headers names the visitor: all who come by it count as one, and wrong tries of one shut out all. docs/operations.md says more.';
}

/**
 * Where others reach it: HOST it listens on, ORIGIN it is called by. Without them it is on this
 * machine alone, and whoever sits there is its coordinator. Wherever others reach it, people sign in.
 *
 * @param {{ HOST?: string | undefined, ORIGIN?: string | undefined, NEST_ROW_SIGN_IN?: string | undefined }} settings
 * @param {number | string} port
 * @returns {{ host: string, origin: string, signsIn: boolean, problem?: undefined } | { problem: string }}
 */
export function reachOf({ HOST, ORIGIN, NEST_ROW_SIGN_IN }, port) {
	const host = HOST?.trim() || '127.0.0.1';
	const given = ORIGIN?.trim();
	const asked = NEST_ROW_SIGN_IN?.trim() || 'no';
	if (!['yes', 'no'].includes(asked))
		return { problem: `NEST_ROW_SIGN_IN is "${asked}"; it is yes or no.` };
	if (!given) {
		if (!isLoopback(host))
			return {
				problem: `HOST is ${host}: other machines could reach Nest Row there. Say with ORIGIN by which https address they call it; docs/operations.md shows how.`
			};
		return { host, origin: addressAt(host, port), signsIn: asked === 'yes' };
	}
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
	const isOwn = isLoopback(url.hostname);
	if (!isOwn && url.protocol !== 'https:')
		return {
			problem: `ORIGIN is ${url.origin}: passphrases would cross the network in the clear. Put a proxy with https before Nest Row; docs/operations.md shows one.`
		};
	if (isOwn && !isLoopback(host))
		return {
			problem: `HOST is ${host}, where other machines could reach Nest Row, and ORIGIN is ${url.origin}, where none does. Say with ORIGIN by which https address they call it.`
		};
	return { host, origin: url.origin, signsIn: asked === 'yes' || !isOwn };
}
