import { hooks as msg } from '$lib/words/house';
import { dbOf } from '$lib/server/db/db';
import type { Handle, HandleServerError, RequestEvent } from '@sveltejs/kit';
import { json } from '@sveltejs/kit';
import plainPage from './error.html?raw';
import { lookOf } from '$lib/ui/looks';
import { isUuid } from '$lib/ui/uuid';
import { newWriter, writeFor, type Writer } from '$lib/words/writing';
import { AsyncLocalStorage } from 'node:async_hooks';
import { permissionOf, linkPaths } from '$lib/server/auth/permissions';
import { authorize, type Denial } from '$lib/server/auth/request-guard';
import { trailLineOf } from '$lib/server/auth/trail';
import { identify, type Principal } from '$lib/server/auth/identify';
import { addressIn, openLink } from '$lib/server/book/links';
import { accountHeader, otherAccount } from '$lib/entries/send-entries';
import { noteProxy } from '$lib/server/web/client-address';
import { awayMessage, inTime, orAway } from '$lib/server/db/away';
import { log } from '$lib/server/base/log';

/** What is written for each request is written for whoever asked it. */
const writers = new AsyncLocalStorage<Writer>();
writeFor(() => writers.getStore());

/** Where a page of a link is; what follows in its address is the secret, which no log ever hears. */
const linkPathOf = ({ pathname }: URL) => linkPaths.find((path) => pathname.startsWith(path));
const pathSaid = (url: URL): string => {
	const linkPath = linkPathOf(url);
	return linkPath ? `${linkPath}…` : url.pathname;
};

/** The id a proxy gave a request, so that its lines and ours can be laid side by side; else a new one. */
function requestIdOf(headers: Headers): string {
	const given = headers.get('x-request-id') ?? '';
	return isUuid(given) ? given : crypto.randomUUID();
}

const isLoopback = (host: string): boolean => /^127\.0\.0\.1(:\d+)?$/.test(host);

/** What is answered where a request is not let in: as a page, as data or as a list of problems, as it was asked. */
function answerAway(event: RequestEvent, away: Denial): Response {
	const response = answerOf(event, away);
	// A session that is over is said with the first answer: a device forgets its pages by that.
	if (away.to?.startsWith('/sign-in')) {
		response.headers.set('x-nest-row-session', 'over');
		response.headers.set('cache-control', 'no-store');
		if (hadSession(event.request)) response.headers.set('clear-site-data', '"cache"');
	}
	return response;
}

/** Whether a request comes with a session that was begun once. */
const hadSession = ({ headers }: Request): boolean =>
	/\bnest-row\.session_token=/.test(headers.get('cookie') ?? '');

function answerOf(event: RequestEvent, { status, sentence, to }: Denial): Response {
	const { request, url } = event;
	const isPage = (request.headers.get('accept') ?? '').includes('text/html');
	if (event.isDataRequest)
		return json(
			to
				? { type: 'redirect', location: to }
				: { type: 'error', status, error: { message: sentence } }
		);
	if (request.headers.get('x-sveltekit-action') === 'true')
		return json({ type: 'error', status: to ? 401 : status, error: { message: sentence } });
	if (to && isPage && !url.pathname.startsWith('/api/'))
		return new Response(null, { status: 303, headers: { location: to } });
	if (!isPage || url.pathname.startsWith('/api/'))
		return json({ problems: [sentence] }, { status: to ? 401 : status });
	return new Response(plainPage.replace('%sveltekit.error.message%', sentence), {
		status,
		headers: { 'content-type': 'text/html; charset=utf-8' }
	});
}

export const handle: Handle = async ({ event, resolve }) => {
	event.locals.requestId = requestIdOf(event.request.headers);
	noteProxy(event.request.headers);
	// Whether the process runs, and whether it can work: asked every second, of nobody and for no group.
	if (event.route.id?.startsWith('/healthz')) return resolve(event);
	const linkPath = linkPathOf(event.url);
	const opened = linkPath
		? await orAway(inTime(openLink(addressIn(event.url.pathname)).then((link) => ({ link }))))
		: { link: null };
	if (!opened) return answerAway(event, { status: 503, sentence: awayMessage });
	const { link } = opened;
	if (linkPath) event.locals.link = link;
	// A link reaches its own thing alone, whoever is signed in beside it; who comes in by one may be somebody already.
	const known =
		link && link.grants !== 'join'
			? { account: null }
			: await orAway(inTime(identify(event.request, event.url, event.cookies)));
	const comer: Principal | null =
		known && link
			? { account: known.account, groupId: link.groupId, role: null }
			: (known as Principal);
	if (!comer) return answerAway(event, { status: 503, sentence: awayMessage });
	const { groupId, account } = comer;
	const accountId = account?.id ?? null;
	const routeId = event.route.id;
	const act = routeId === null ? null : permissionOf(routeId, event.request.method, event.url);
	const line = trailLineOf({ groupId, accountId }, act, () => event.locals.about ?? null);
	Object.assign(event.locals, { account, role: comer.role, db: dbOf(groupId, accountId, line) });
	// What was typed under one account is kept under no other, whoever signed in on the device since.
	const typedUnder = event.request.headers.get(accountHeader);
	if (typedUnder && typedUnder !== comer.account?.id)
		return answerAway(event, {
			status: otherAccount,
			sentence: msg.someoneElseTypedThisIt()
		});
	const no = routeId === null ? null : authorize(comer, routeId, event.request, event.url);
	if (no) return answerAway(event, no);

	// Forms are checked against the one address the app was started for, so a neighbour's name for it moves there.
	// Answered, never thrown: for some paths nothing catches what is thrown here.
	const host = event.request.headers.get('host') ?? '';
	if (event.request.method === 'GET' && isLoopback(event.url.host) && host !== event.url.host)
		return new Response(null, { status: 307, headers: { location: event.url.href } });

	const started = performance.now();
	const look = lookOf(event.cookies.get('look'));
	const work = () =>
		resolve(event, {
			// The two faces a page is written in come with it, so that its words are not laid out twice.
			preload: ({ type, path }) => type !== 'font' || path.includes('-latin-wght-'),
			transformPageChunk: ({ html }) =>
				html.replace('%look%', look === 'device' ? '' : ` data-theme="${look}"`)
		});
	const response = await writers.run(newWriter(), work);
	// Pages of whoever is signed in, and what they take with them, are kept by nobody on the way and by no browser.
	if (comer.account) response.headers.set('cache-control', 'no-store');
	// Whoever signs out leaves nothing in the browser's cache. What waits on the device is in its storage, and stays.
	if (act === '/account out' && response.status < 400)
		response.headers.set('clear-site-data', '"cache"');
	// What was too large is not read to its end, so the line it came on cannot be used again.
	if (response.status === 413) response.headers.set('connection', 'close');
	// An address that carries a right is told to no other site, and kept by nobody on the way.
	if (linkPath) {
		// A page that takes a form must say to itself where that comes from; to others neither says anything.
		response.headers.set('referrer-policy', linkPath !== '/l/' ? 'same-origin' : 'no-referrer');
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
	return { message: msg.somethingWentWrongHereNothing(), requestId };
};
