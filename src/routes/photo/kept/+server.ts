import { PhotoActs as say } from '$lib/words/photo';
import { mostBytes } from '$lib/core/photo/header';
import { uuidShape } from '$lib/server/base/uuid';
import { awayMessage, orAway } from '$lib/server/db/away';
import { madeAnew, NoPicture } from '$lib/server/photo/decode';
import { keepPicture, subjectShape } from '$lib/server/photo/pictures';
import { readBytes } from '$lib/server/web/read-bytes';
import { json, type RequestHandler } from '@sveltejs/kit';
import { z } from 'zod';

const query = z.object({ of: subjectShape, key: uuidShape });

/** Keeps a picture on wish: made anew, smaller and without its notes. */
export const POST: RequestHandler = async ({ request, url, locals }) => {
	const asked = query.safeParse(Object.fromEntries(url.searchParams)).data;
	const file = asked && (await readBytes(request, mostBytes));
	if (!asked || !file) return json({ message: say.thisCouldNotBeRead() }, { status: 400 });
	let picture: Uint8Array;
	try {
		picture = await madeAnew(file);
	} catch (problem) {
		if (!(problem instanceof NoPicture)) throw problem;
		return json({ message: say.thisCouldNotBeRead() }, { status: 422 });
	}
	const kept = await orAway(keepPicture(locals.db, asked.key, asked.of, picture).then(() => true));
	return kept ? json({ kept: asked.key }) : json({ message: awayMessage }, { status: 503 });
};
