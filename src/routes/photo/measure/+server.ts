import { mostBytes } from '$lib/core/photo/header';
import { measureHere } from '$lib/server/photo/measure-here';
import { subjectShape } from '$lib/server/photo/pictures';
import { readBytes } from '$lib/server/web/read-bytes';
import { json, type RequestHandler } from '@sveltejs/kit';
import { z } from 'zod';

const query = z.object({
	of: subjectShape,
	scale: z.coerce.number().min(0.8).max(1.25).catch(1)
});

/** Measures a picture for a device that cannot; the picture is not kept. */
export const POST: RequestHandler = async ({ request, url }) => {
	const asked = query.safeParse({ scale: 1, ...Object.fromEntries(url.searchParams) }).data;
	if (!asked) return json({ problem: 'unable' }, { status: 400 });
	const file = await readBytes(request, mostBytes);
	if (!file) return json({ problem: 'too-large' }, { status: 413 });
	const said = await measureHere(file, asked.of, asked.scale);
	if (said === 'busy') return json({ problem: 'busy' }, { status: 503 });
	if (said === 'gave-up') return json({ problem: 'unable' }, { status: 422 });
	return json(said, { status: 'problem' in said ? 422 : 200 });
};
