import { simulatedScale } from '$lib/server/gather/scale';
import type { RequestHandler } from '@sveltejs/kit';
import { z } from 'zod';

const asked = z.object({
	from: z.coerce.number().min(0).max(100_000).catch(0),
	to: z.coerce.number().min(0).max(100_000).catch(0),
	tare: z.coerce.number().min(0).max(100_000).catch(0),
	unplugged: z.coerce.number().min(0).max(600).optional().catch(undefined),
	seed: z.coerce.number().int().min(0).max(4_294_967_295).catch(1)
});

/** The readings of a scale as they come, as server-sent events; ends by itself after two minutes. */
export const GET: RequestHandler = ({ url, request }) => {
	const { from, to, tare, unplugged, seed } = asked.parse(Object.fromEntries(url.searchParams));
	const scale = simulatedScale(
		{ fromG: from, toG: to, tareG: tare, unpluggedAtS: unplugged },
		seed
	);
	let stop = () => {};
	const body = new ReadableStream<Uint8Array>({
		start(controller) {
			const encoder = new TextEncoder();
			const end = () => {
				stop();
				try {
					controller.close();
				} catch {
					// The page has gone already.
				}
			};
			stop = scale.onReading((reading) => {
				try {
					controller.enqueue(encoder.encode(`data: ${JSON.stringify(reading)}\n\n`));
				} catch {
					return stop();
				}
				if (reading.state === 'unplugged') end();
			});
			const latest = setTimeout(end, 120_000);
			request.signal.addEventListener('abort', () => {
				clearTimeout(latest);
				end();
			});
		},
		cancel: () => stop()
	});
	return new Response(body, {
		headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store' }
	});
};
