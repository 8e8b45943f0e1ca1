import type { Handle, HandleServerError } from '@sveltejs/kit';
import { lookOf } from '$lib/ui/looks';
import { groupOfRequest } from '$lib/server/web/group';
import { openLink } from '$lib/server/book/links';
import { orAway } from '$lib/server/db/away';
import { log } from '$lib/server/base/log';

/** Where the pages of links are: of plans to read, and of mats to count. What follows is their secret, which no log ever hears. */
const linkPaths = ['/l/', '/m/'];
const linkPathOf = ({ pathname }: URL) => linkPaths.find((path) => pathname.startsWith(path));
const pathSaid = (url: URL): string => {
	const linkPath = linkPathOf(url);
	return linkPath ? `${linkPath}…` : url.pathname;
};

const isLoopback = (host: string): boolean => /^127\.0\.0\.1(:\d+)?$/.test(host);

export const handle: Handle = async ({ event, resolve }) => {
	event.locals.requestId = crypto.randomUUID();
	const linkPath = linkPathOf(event.url);
	if (linkPath)
		event.locals.link = await orAway(openLink(event.url.pathname.slice(linkPath.length)));
	event.locals.groupId = event.locals.link?.groupId ?? (await groupOfRequest(event.request));

	// Forms are checked against the one address the app was started for, so a neighbour's name for it moves there.
	// Answered, never thrown: for some paths nothing catches what is thrown here.
	const host = event.request.headers.get('host') ?? '';
	if (event.request.method === 'GET' && isLoopback(event.url.host) && host !== event.url.host)
		return new Response(null, { status: 307, headers: { location: event.url.href } });

	// An act is looked up by its name; what every object has is no act of ours.
	const act = [...event.url.searchParams.keys()].find((key) => key.startsWith('/'))?.slice(1);
	if (event.request.method === 'POST' && act !== undefined && act in {})
		return new Response('There is no such act.\n', { status: 404 });

	const started = performance.now();
	const look = lookOf(event.cookies.get('look'));
	const response = await resolve(event, {
		// The two faces a page is written in come with it, so that its words are not laid out twice.
		preload: ({ type, path }) => type !== 'font' || path.includes('-latin-wght-'),
		transformPageChunk: ({ html }) =>
			html.replace('%look%', look === 'device' ? '' : ` data-theme="${look}"`)
	});
	// What was too large is not read to its end, so the line it came on cannot be used again.
	if (response.status === 413) response.headers.set('connection', 'close');
	// An address that carries a right is told to no other site, and kept by nobody on the way.
	if (linkPath) {
		// A page that takes a form must say to itself where that comes from; to others neither says anything.
		response.headers.set('referrer-policy', linkPath === '/m/' ? 'same-origin' : 'no-referrer');
		response.headers.set('cache-control', 'no-store');
		response.headers.set('x-robots-tag', 'noindex');
	}
	response.headers.set('x-request-id', event.locals.requestId);
	log.debug(
		{
			requestId: event.locals.requestId,
			method: event.request.method,
			path: pathSaid(event.url),
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
		{ requestId, method: event.request.method, path: pathSaid(event.url), error },
		'unexpected error'
	);
	return { message: 'Something went wrong here. Nothing you kept is lost.', requestId };
};
