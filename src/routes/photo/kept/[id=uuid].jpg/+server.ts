import { PhotoActs as say } from '$lib/words/photo';
import { pictureOf } from '$lib/server/photo/pictures';
import { error, type RequestHandler } from '@sveltejs/kit';

/** A picture that was kept on wish. */
export const GET: RequestHandler<{ id: string }> = async ({ params, locals }) => {
	const picture = await pictureOf(locals.db, params.id);
	if (!picture) error(404, { message: say.noPictureHere() });
	return new Response(picture.slice().buffer, {
		headers: { 'content-type': 'image/jpeg', 'cache-control': 'private, no-store' }
	});
};
