// Who is let in at all: asked before the application sees a request.
import { routes } from '../../src/lib/routes/table.mjs';
import { isLoopback } from './reach.mjs';

/** What a body may weigh, in bytes, where its route says nothing: as much as any form has. */
const usualBody = 65_536;

/** Headers of every answer, a file's as well as a page's. @type {Readonly<Record<string, string>>} */
export const safeHeaders = {
	'x-content-type-options': 'nosniff',
	'x-frame-options': 'DENY',
	'referrer-policy': 'same-origin',
	'cross-origin-opener-policy': 'same-origin',
	'cross-origin-resource-policy': 'same-origin',
	'permissions-policy': 'camera=(self), geolocation=(), microphone=(), payment=()'
};

const methods = new Set(['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS']);
const reading = new Set(['GET', 'HEAD', 'OPTIONS']);
const loopback = ['127.0.0.1', 'localhost', '[::1]'];

/** The origins that are this application's own: the one it was started for, and on loopback each name of that. @param {string} origin */
export function ownOrigins(origin) {
	const url = new URL(origin);
	const names = isLoopback(url.hostname) ? loopback : [url.hostname];
	return new Set(
		names.map((name) => new URL(`${url.protocol}//${name}${url.port ? `:${url.port}` : ''}`).origin)
	);
}

/** @param {string} text */
function isReadable(text) {
	try {
		return !decodeURIComponent(text).includes('\0');
	} catch {
		return false;
	}
}

/** What may be sent to a path, in bytes; of a link's the secret is no part of its route. @param {string} path */
const mostOf = (path) =>
	(routes[path] ?? routes[path.replace(/^(\/[a-z]+\/).+$/, '$1[address]')])?.bytes ?? usualBody;

/**
 * Why a request is not let in; null where it is.
 * @param {Pick<import('node:http').IncomingMessage, 'method' | 'url' | 'headers'>} request
 * @param {ReadonlySet<string>} origins
 * @returns {{ status: number, sentence: string } | null}
 */
export function whyNot({ method = '', url = '', headers }, origins) {
	const no = (/** @type {number} */ status, /** @type {string} */ sentence) => ({
		status,
		sentence
	});
	if (!methods.has(method)) return no(405, 'This is not done here.');
	const [path = '', query = ''] = url.split('?', 2);
	if (!path.startsWith('/') || path.startsWith('//') || !isReadable(path) || url.length > 30_000)
		return no(400, 'This address cannot be read.');
	if (query.length > 0 && !isReadable(query.replaceAll('+', ' ')))
		return no(400, 'This address cannot be read.');
	const hosts = [...origins].map((origin) => new URL(origin).host);
	const host = (headers.host ?? '').toLowerCase();
	// Whoever watches over it asks on the machine itself, by whatever name others know it.
	const isWatch = /^\/healthz(\/|$)/.test(path) && isLoopback(host.replace(/:\d+$/, ''));
	if (!hosts.includes(host) && !isWatch) return no(421, 'Nothing is served under that name.');
	if (reading.has(method)) return null;
	const isForeign =
		(headers.origin !== undefined && !origins.has(headers.origin)) ||
		headers['sec-fetch-site'] === 'cross-site';
	if (isForeign) return no(403, 'This came from another site, and was not taken.');
	if (headers['transfer-encoding'] !== undefined)
		return no(411, 'The length of what is sent must be said beforehand.');
	if (Number(headers['content-length'] ?? 0) > mostOf(path))
		return no(413, 'That is more than is taken here.');
	return null;
}
