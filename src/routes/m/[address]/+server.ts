import { MAddressDoor as msg } from '$lib/words/house';
import { uuidShape } from '$lib/server/base/uuid';
import { version } from '$app/environment';
import MakerPage from '$lib/maker/MakerPage.svelte';
import type { MakerView } from '$lib/maker/maker-view';
import { closedWords } from '$lib/maker/maker-view';
import type { Reader } from '$lib/ui/reader';
import { lookOf } from '$lib/ui/looks';
import type { OpenedLink } from '$lib/server/book/links';
import { awayMessage, orAway } from '$lib/server/db/away';
import { holdLate } from '$lib/server/entries/hold-late';
import { takeEach } from '$lib/server/entries/take-each';
import { saveLinkEntry } from '$lib/server/entries/link-entries';
import type { Db } from '$lib/server/db/db';
import { countedMat } from '$lib/server/making/mats';
import { seenOf } from '$lib/server/making/rows';
import { readForm } from '$lib/server/web/read-form';
import { readerOf } from '$lib/server/web/reader';
import { json, type RequestHandler } from '@sveltejs/kit';
import { render } from 'svelte/server';

type MakerLink = Extract<OpenedLink, { grants: 'make' }>;

const policy = [
	"default-src 'none'",
	"script-src 'self'",
	"style-src 'self'",
	"style-src-attr 'unsafe-inline'",
	"img-src 'self' data:",
	"connect-src 'self'",
	"worker-src 'self'",
	"form-action 'self'",
	"base-uri 'none'",
	"frame-ancestors 'none'"
].join('; ');

/** A page of its own, outside the application's: its script and its styles have their version in their address. */
const pageOf = (title: string, body: string, theme: string, status: number): Response =>
	new Response(
		`<!doctype html>
<html lang="en"${theme}>
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="color-scheme" content="light dark">
<meta name="robots" content="noindex">
<link rel="icon" href="/mark.svg" type="image/svg+xml">
<link rel="stylesheet" href="/m/maker.css?v=${version}">
<title>${title} · Nest Row</title>
</head>
<body>${body}</body>
</html>
`,
		{
			status,
			headers: {
				'content-type': 'text/html; charset=utf-8',
				'content-security-policy': policy
			}
		}
	);

const words = (sentence: string) =>
	`<main id="main" class="mx-auto grid w-full max-w-xl gap-4 p-4"><h1>Nest Row</h1><p>${sentence}</p></main>`;

async function viewOf(db: Db, link: MakerLink, reader: Reader): Promise<MakerView> {
	const found = await countedMat(db, link.mat, reader);
	const { groupId, name, locale, timeZone, lengthSystem, today } = reader;
	return {
		code: link.mat,
		planName: found?.planName ?? '',
		groupName: name,
		mat: found?.mat ?? null,
		seen: found ? await seenOf(db, found.id) : [],
		readAt: Date.now(),
		group: { groupId, locale, timeZone, lengthSystem, today }
	};
}

const isJsonWanted = (request: Request) =>
	request.headers.get('accept')?.startsWith('application/json') ?? false;

async function show(
	event: Parameters<RequestHandler>[0],
	problem: string,
	status: number
): Promise<Response> {
	const { locals, cookies, request, url } = event;
	const link = locals.link?.grants === 'make' ? locals.link : null;
	const look = lookOf(cookies.get('look'));
	const theme = look === 'device' ? '' : ` data-theme="${look}"`;
	const view =
		link && (await orAway(readerOf(event).then((reader) => viewOf(locals.db, link, reader))));
	if (!view) {
		// Whether a link opens nothing or nobody can say just now is not the same: the one ends, the other passes.
		const [code, sentence] =
			link === null ? ([404, closedWords] as const) : ([503, awayMessage] as const);
		return isJsonWanted(request)
			? json({ message: sentence }, { status: code })
			: pageOf(msg.aLink(), words(sentence), theme, code);
	}
	if (isJsonWanted(request)) return json(view);
	const address = url.pathname;
	const { body } = render(MakerPage, { props: { view, address, problem } });
	const said = JSON.stringify(view).replaceAll('<', '\\u003c');
	return pageOf(
		msg.theMat({ code: view.code }),
		`<div id="maker">${body}</div><script type="application/json" id="view">${said}</script><script type="module" src="/m/maker.js?v=${version}"></script>`,
		theme,
		status
	);
}

export const GET: RequestHandler = (event) => show(event, '', 200);

/** Rows, notes and wishes of the link's own mat: as devices send them, or as a form without scripts. */
export const POST: RequestHandler = async (event) => {
	const { request, locals, url } = event;
	const link = locals.link?.grants === 'make' ? locals.link : null;
	const isForm = !request.headers.get('content-type')?.startsWith('application/json');
	// What a phone still has is held for a coordinator, where the link was ever given.
	if (!link) {
		if (isForm) return show(event, '', 404);
		return (await holdLate(event, 'make')) ?? json({ message: closedWords }, { status: 403 });
	}
	if (!isForm)
		return takeEach(event, (sent, reader) => saveLinkEntry(locals.db, link, sent, reader));
	const { type, key, ...typed } = Object.fromEntries(
		[...(await readForm(request))].filter(
			(pair): pair is [string, string] => typeof pair[1] === 'string' && pair[1].length <= 4000
		)
	) as Record<string, string>;
	if (!uuidShape.safeParse(key).success) return show(event, msg.thisCouldNotBeRead(), 400);
	const saved = await orAway(
		readerOf(event).then((reader) =>
			saveLinkEntry(locals.db, link, { key: key ?? '', type: type ?? '', typed }, reader)
		)
	);
	if (!saved) return show(event, awayMessage, 503);
	if (saved.outcome === 'refused') return show(event, Object.values(saved.problems).join(' '), 422);
	return new Response(null, { status: 303, headers: { location: url.pathname } });
};
