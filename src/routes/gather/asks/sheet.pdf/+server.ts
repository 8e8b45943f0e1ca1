import { fileNameOf } from '$lib/plan/name';
import { whileReached } from '$lib/server/db/away';
import { findGroup } from '$lib/server/db/groups';
import { loadAsks } from '$lib/server/load-asks';
import { askSheet } from '$lib/server/sheets/ask-sheet';
import type { RequestHandler } from '@sveltejs/kit';
import { z } from 'zod';

const query = z.object({
	place: z.uuid().nullable().catch(null),
	paper: z.enum(['a4', 'letter']).catch('a4'),
	large: z.literal('yes').optional().catch(undefined)
});

/** The page that asks for what the season lacks, of one place or of all. */
export const GET: RequestHandler = async ({ url, locals }) => {
	const asked = query.parse({ place: null, ...Object.fromEntries(url.searchParams) });
	const [group, { place, asks }] = await Promise.all([
		whileReached(findGroup(locals.groupId)),
		loadAsks(locals.groupId, asked.place)
	]);
	const bytes = await askSheet({
		groupName: group.name,
		placeName: place?.name ?? null,
		asks,
		paper: asked.paper,
		isLarge: asked.large === 'yes',
		date: new Date()
	});
	return new Response(new Uint8Array(bytes).buffer, {
		headers: {
			'content-type': 'application/pdf',
			'content-disposition': `attachment; filename="${fileNameOf(`Bags wanted ${place?.name ?? ''}`)}.pdf"`
		}
	});
};
