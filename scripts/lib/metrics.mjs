// What a process has done and how it is, for whoever watches over it: on a port of its own, on this machine alone.
import http from 'node:http';

/**
 * Listens where the measures can be read; null where no port is given. The package is loaded only then.
 * @param {number} port
 */
export async function metrics(port) {
	if (!port) return null;
	const { Histogram, Registry, collectDefaultMetrics } = await import('prom-client');
	const registry = new Registry();
	collectDefaultMetrics({ register: registry });
	const answered = new Histogram({
		name: 'nest_row_request_seconds',
		help: 'How long requests took until their answer was sent, s.',
		labelNames: ['method', 'status'],
		buckets: [0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 5, 10],
		registers: [registry]
	});
	const server = http
		.createServer(async (_, response) => {
			response.setHeader('content-type', registry.contentType);
			response.end(await registry.metrics());
		})
		.listen(port, '127.0.0.1');
	return {
		/** Counts a request once it is answered; what it asked for is not told. @param {http.IncomingMessage} request @param {http.ServerResponse} response */
		count(request, response) {
			const end = answered.startTimer({ method: request.method ?? '' });
			response.once('close', () => end({ status: `${Math.floor(response.statusCode / 100)}xx` }));
		},
		close() {
			server.close();
			server.closeAllConnections();
		}
	};
}
