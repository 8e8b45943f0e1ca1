import { redirect, type Handle, type HandleServerError } from '@sveltejs/kit';
import { lookOf } from '$lib/looks';
import { groupOfRequest } from '$lib/server/group';
import { log } from '$lib/server/log';

const headers: Readonly<Record<string, string>> = {
	'x-content-type-options': 'nosniff',
	'x-frame-options': 'DENY',
	'referrer-policy': 'same-origin',
	'cross-origin-opener-policy': 'same-origin',
	'cross-origin-resource-policy': 'same-origin',
	'permissions-policy': 'camera=(), geolocation=(), microphone=(), payment=()'
};

export const handle: Handle = async ({ event, resolve }) => {
	event.locals.requestId = crypto.randomUUID();
	event.locals.groupId = groupOfRequest(event.request);

	// Forms are checked against the one address the app was started for, so a neighbour's name for it moves there.
	const host = event.request.headers.get('host') ?? '';
	if (
		event.request.method === 'GET' &&
		event.url.hostname === '127.0.0.1' &&
		host.startsWith('localhost')
	) {
		redirect(307, event.url.href);
	}

	const started = performance.now();
	const look = lookOf(event.cookies.get('look'));
	const response = await resolve(event, {
		// The two faces a page is written in come with it, so that its words are not laid out twice.
		preload: ({ type, path }) => type !== 'font' || path.includes('-latin-wght-'),
		transformPageChunk: ({ html }) =>
			html.replace('%look%', look === 'device' ? '' : ` data-theme="${look}"`)
	});
	for (const [name, value] of Object.entries(headers)) response.headers.set(name, value);
	// What was too large is not read to its end, so the line it came on cannot be used again.
	if (response.status === 413) response.headers.set('connection', 'close');
	response.headers.set('x-request-id', event.locals.requestId);
	log.debug(
		{
			requestId: event.locals.requestId,
			method: event.request.method,
			path: event.url.pathname,
			status: response.status,
			ms: Math.round(performance.now() - started)
		},
		'request'
	);
	return response;
};

export const handleError: HandleServerError = ({ error, event, status, message }) => {
	const { requestId } = event.locals;
	if (status < 500) return { message, requestId };
	log.error(
		{ requestId, method: event.request.method, path: event.url.pathname, error },
		'unexpected error'
	);
	return { message: 'Something went wrong here. Nothing you kept is lost.', requestId };
};
