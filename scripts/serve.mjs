// The built application on its address, with the door before it. Settings come from the environment:
// HOST, PORT, ORIGIN, NEST_ROW_SIGN_IN, NEST_ROW_SECRET, DATABASE_URL, SHUTDOWN_TIMEOUT (s), and where a proxy shares
// requests among several: NEST_ROW_DRAIN (s), NEST_ROW_METRICS_PORT, NEST_ROW_POOLER, NEST_ROW_READ_DATABASE_URL.
import compression from 'compression';
import http from 'node:http';
import path from 'node:path';
import { ownOrigins, safeHeaders, whyNot } from './lib/request-guard.mjs';
import { metrics } from './lib/metrics.mjs';
import { reachOf } from './lib/reach.mjs';
import { root } from './lib/say.mjs';
import { turnAway } from './lib/turn-away.mjs';

const port = Number(process.env.PORT ?? 3000);
const reach = reachOf(process.env, port);
if (reach.problem !== undefined) {
	process.stderr.write(`${reach.problem}\n`);
	process.exit(1);
}
const { host, origin } = reach;
process.env.ORIGIN = origin;
process.env.NEST_ROW_SIGN_IN = reach.signsIn ? 'yes' : 'no';
const origins = ownOrigins(origin);
const graceMs = Number(process.env.SHUTDOWN_TIMEOUT ?? 3) * 1000;
/** So long it answers on after it was told to end, so that whoever shares requests out hears of it. */
const drainMs = Number(process.env.NEST_ROW_DRAIN ?? 0) * 1000;

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

const measures = await metrics(Number(process.env.NEST_ROW_METRICS_PORT ?? 0));

let isStopping = false;
const server = http.createServer((request, response) => {
	for (const [name, value] of Object.entries(safeHeaders)) response.setHeader(name, value);
	measures?.count(request, response);
	// Who has an open line to one that leaves might send on it just as it closes.
	if (isStopping) response.setHeader('connection', 'close');
	const no = whyNot(request, origins);
	// Whoever shares requests among several is told first that this one leaves.
	if (no === null && isStopping && request.url === '/healthz/ready')
		return turnAway(request, response, 503, 'It is leaving.');
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

function stop() {
	if (isStopping) return;
	isStopping = true;
	setTimeout(leave, drainMs);
}
/** Takes no more requests, and ends once those that it has are answered. */
function leave() {
	measures?.close();
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
