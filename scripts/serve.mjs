// The built application on its address, with the door before it. Settings come from the environment:
// HOST, PORT, ORIGIN, NEST_ROW_GUARDED_BY, DATABASE_URL, SHUTDOWN_TIMEOUT (s).
import compression from 'compression';
import http from 'node:http';
import path from 'node:path';
import { ownOrigins, safeHeaders, whyNot } from './lib/door.mjs';
import { reachOf } from './lib/reach.mjs';
import { root } from './lib/say.mjs';

const port = Number(process.env.PORT ?? 3000);
const reach = reachOf(process.env, port);
if (reach.problem !== undefined) {
	process.stderr.write(`${reach.problem}\n`);
	process.exit(1);
}
const { host, origin } = reach;
process.env.ORIGIN = origin;
const origins = ownOrigins(origin);
const graceMs = Number(process.env.SHUTDOWN_TIMEOUT ?? 3) * 1000;

process.env.HEAVY_WORK_FILE ??= path.join(root, 'build/heavy/heavy.js');
const { handler } = await import(path.join(root, 'build/handler.js'));

/** Streams are sent as they come; what is a page, a list or an answer travels compressed. */
const compress = compression({
	threshold: 1024,
	filter: (_, response) =>
		/^(text\/(?!event-stream)|application\/json|image\/svg)/.test(
			String(response.getHeader('content-type') ?? '')
		)
});

/** A body that is refused is read away up to so much, and for so long: who is still sending does not hear an answer. */
const mostReadAway = 64 * 1024 * 1024;
const readAwayMs = 5000;

/** @param {http.IncomingMessage} request @param {http.ServerResponse} response @param {number} status @param {string} sentence */
function turnAway(request, response, status, sentence) {
	const isJson = request.url?.startsWith('/api/') ?? false;
	const answer = () => {
		clearTimeout(timer);
		if (response.headersSent) return;
		response.writeHead(status, {
			'content-type': isJson ? 'application/json' : 'text/plain; charset=utf-8',
			// What was sent is perhaps not read to its end, so the line it came on cannot be used again.
			connection: 'close'
		});
		response.end(isJson ? JSON.stringify({ problems: [sentence] }) : `${sentence}\n`);
	};
	const timer = setTimeout(answer, readAwayMs);
	let read = 0;
	request.on('data', (part) => {
		read += part.length;
		if (read > mostReadAway) answer();
	});
	request.on('end', answer);
	request.on('close', () => clearTimeout(timer));
}

const server = http.createServer((request, response) => {
	for (const [name, value] of Object.entries(safeHeaders)) response.setHeader(name, value);
	const no = whyNot(request, origins);
	if (no) return turnAway(request, response, no.status, no.sentence);
	compress(
		/** @type {import('express').Request} */ (/** @type {unknown} */ (request)),
		/** @type {import('express').Response} */ (/** @type {unknown} */ (response)),
		() => handler(request, response, () => turnAway(request, response, 404, 'Not found.'))
	);
});

// One odd request must not end the application for all: what it threw is said, and the others go on.
process.on('unhandledRejection', (error) =>
	process.stderr.write(`${error instanceof Error ? error.stack : String(error)}\n`)
);

let isStopping = false;
function stop() {
	if (isStopping) return;
	isStopping = true;
	server.close(() => process.exit(0));
	server.closeIdleConnections();
	setInterval(() => server.closeIdleConnections(), 100);
	setTimeout(() => {
		server.closeAllConnections();
		process.exit(0);
	}, graceMs);
}
process.on('SIGTERM', stop);
process.on('SIGINT', stop);

server.listen(port, host);
