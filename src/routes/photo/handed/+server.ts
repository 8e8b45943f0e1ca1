import { mostBytes } from '$lib/core/photo/header';
import { uuidShape } from '$lib/server/base/uuid';
import { takeHanded } from '$lib/server/photo/pictures';
import { readBytes } from '$lib/server/web/read-bytes';
import type { RequestHandler } from '@sveltejs/kit';

/** The picture that a phone handed over by a link that was made here: told once, and gone with it. 204 while none came. */
export const POST: RequestHandler = async ({ request, locals }) => {
	const body = await readBytes(request, Math.min(mostBytes, 200));
	const id = uuidShape.safeParse(body && new TextDecoder().decode(body)).data;
	if (!id) return new Response(null, { status: 400 });
	const picture = await takeHanded(locals.db, id);
	if (!picture) return new Response(null, { status: 204 });
	return new Response(picture.slice().buffer, {
		headers: { 'content-type': 'application/octet-stream', 'cache-control': 'no-store' }
	});
};
