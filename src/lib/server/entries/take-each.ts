import { takeEach as msg } from '$lib/words/house';
import { uuidShape } from '$lib/server/base/uuid';
import { lengthSystems } from '$lib/core/units/format-length';
import { parseRequest } from '$lib/stages/plan/document/requests';
import type { Reader } from '$lib/ui/reader';
import { answerJson } from '$lib/server/web/answer-json';
import { isDatabaseAway } from '$lib/server/db/pool';
import { log } from '$lib/server/base/log';
import { readerOf } from '$lib/server/web/reader';
import type { SaveResult } from '$lib/server/db/save-result';
import type { RequestEvent } from '@sveltejs/kit';
import { z } from 'zod';
import type { SentEntry } from './take-entry';

const sentShape = z.strictObject({ entries: z.array(z.unknown()).min(1).max(100) });
const entryShape = z.strictObject({
	key: uuidShape,
	type: z.string().max(20),
	typed: z.record(z.string().max(40), z.string().max(4000)),
	lengths: z.enum(lengthSystems).optional(),
	at: z.iso.datetime().optional(),
	device: uuidShape.optional(),
	sequence: z.number().int().min(0).optional()
});

/** What an entry that cannot be read says of itself, so that its sender knows which was meant. */
const keyOf = (sent: unknown): string =>
	z.object({ key: z.string().max(100) }).safeParse(sent).data?.key ?? '';
const unread = {
	outcome: 'refused',
	problems: { entry: msg.thisCouldNotBeRead() }
};

/** It lies here for a coordinator to say what becomes of it. */
interface Held {
	readonly outcome: 'held';
	readonly id: string;
}

/**
 * Takes entries one after the other and says of each how it went; each stands or falls by itself.
 * `waits`: it could not be done just now, and is to be sent again under the same key.
 */
export const takeEach = (
	{ request, locals, cookies }: Pick<RequestEvent, 'request' | 'locals' | 'cookies'>,
	take: (sent: SentEntry, reader: Reader) => Promise<SaveResult | Held>
): Promise<Response> =>
	answerJson(request, async (text) => {
		const read = parseRequest(text, sentShape);
		if (read.problems) return read;
		const reader = await readerOf({ locals, cookies });
		const answers: unknown[] = [];
		let isAway = false;
		for (const sent of read.value.entries) {
			const key = keyOf(sent);
			const entry = entryShape.safeParse(sent).data;
			if (!entry) answers.push({ key, ...unread });
			else if (isAway) answers.push({ key, outcome: 'waits' });
			else
				try {
					answers.push({ key, ...(await take(entry, reader)) });
				} catch (error) {
					isAway = isDatabaseAway(error);
					if (!isAway) log.error({ requestId: locals.requestId, error }, 'an entry was not kept');
					answers.push({ key, outcome: 'waits' });
				}
		}
		return { value: { answers } };
	});
