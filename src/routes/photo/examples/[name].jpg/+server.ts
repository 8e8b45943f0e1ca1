import { PhotoActs as say } from '$lib/words/photo';
import { exampleOf } from '$lib/server/photo/examples';
import { error, type RequestHandler } from '@sveltejs/kit';

/** A photograph to try the measuring by. */
export const GET: RequestHandler<{ name: string }> = async ({ params }) => {
	const picture = await exampleOf(params.name);
	if (!picture) error(404, { message: say.noPictureHere() });
	return new Response(picture.slice().buffer, { headers: { 'content-type': 'image/jpeg' } });
};
