import { readJson } from '$lib/plan/requests';
import { answerJson } from '$lib/server/answer-json';
import { whileReached } from '$lib/server/db/away';
import { findGroup } from '$lib/server/db/groups';
import { takeEntry } from '$lib/server/take-entry';
import type { RequestHandler } from '@sveltejs/kit';
import { z } from 'zod';

const sentShape = z.strictObject({
	entries: z
		.array(
			z.strictObject({
				key: z.uuid(),
				type: z.string().max(20),
				typed: z.record(z.string().max(40), z.string().max(4000)),
				at: z.iso.datetime().optional()
			})
		)
		.min(1)
		.max(100)
});

/** Keeps entries one after the other and says of each how it went; each stands or falls by itself. */
export const POST: RequestHandler = ({ request, locals }) =>
	answerJson(request, async (text) => {
		const read = readJson(text, sentShape);
		if (read.problems) return read;
		const { lengthSystem } = await whileReached(findGroup(locals.groupId));
		const answers: unknown[] = [];
		for (const entry of read.value.entries) {
			const booked = await whileReached(takeEntry(locals.groupId, entry, lengthSystem));
			answers.push({ key: entry.key, ...booked });
		}
		return { value: { answers } };
	});
