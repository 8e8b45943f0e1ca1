import { PhotoActs as say } from '$lib/words/photo';
import { longest } from '$lib/entries/bounds';
import { uuidShape } from '$lib/server/base/uuid';
import { makePhotoLink } from '$lib/server/book/links';
import { awayMessage, orAway } from '$lib/server/db/away';
import {
	keepPrinter,
	listPictures,
	listPrinters,
	mostPictures,
	removePicture
} from '$lib/server/photo/pictures';
import { squareCode } from '$lib/server/sheets/square-code';
import { isOnlyHere } from '$lib/server/web/own-address';
import { readForm } from '$lib/server/web/read-form';
import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const [printers, pictures] = await Promise.all([
		listPrinters(locals.db),
		listPictures(locals.db)
	]);
	return {
		printers,
		pictures,
		mostPictures,
		isOnlyHere: isOnlyHere(url),
		key: crypto.randomUUID()
	};
};

const keyShape = z.object({ key: uuidShape });
/** A line of 100 mm as a ruler reads it, with a point or a comma. */
const lineShape = z
	.string()
	.trim()
	.transform((text) => Number(text.replace(',', '.').replace(/\s*mm$/, '') || NaN))
	.pipe(z.number().min(80).max(125));
const nameShape = z.string().trim().min(1).max(longest['sheet_printer.name']);

export const actions: Actions = {
	/** Keeps a printer with how long its line is. */
	printer: async ({ request, locals }) => {
		const fields = Object.fromEntries(await readForm(request));
		const key = keyShape.safeParse(fields).data?.key;
		if (!key) return fail(400, { message: say.thisCouldNotBeRead() });
		const name = nameShape.safeParse(fields.name).data;
		const lineMm = lineShape.safeParse(fields.line).data;
		if (name === undefined || lineMm === undefined)
			return fail(422, {
				problems: {
					...(name === undefined && { name: say.nameIt() }),
					...(lineMm === undefined && { line: say.lineBetween() })
				},
				typed: { name: String(fields.name ?? ''), line: String(fields.line ?? '') }
			});
		const kept = await orAway(keepPrinter(locals.db, { id: key, name, lineMm }).then(() => true));
		return kept ? { printer: key } : fail(503, { message: awayMessage });
	},
	/** Makes the code by which a phone hands one picture over. */
	link: async ({ request, locals, url }) => {
		const key = keyShape.safeParse(Object.fromEntries(await readForm(request))).data?.key;
		if (!key) return fail(400, { message: say.thisCouldNotBeRead() });
		const made = await orAway(makePhotoLink(locals.db, key).then((address) => ({ address })));
		if (!made) return fail(503, { message: awayMessage });
		if (!made.address) return fail(409, { message: say.noCodeWasMade() });
		const address = `${url.origin}/h/${made.address}`;
		return { link: { id: key, address, square: squareCode(address, 220) } };
	},
	/** Removes a kept picture. */
	remove: async ({ request, locals }) => {
		const id = keyShape.safeParse(Object.fromEntries(await readForm(request))).data?.key;
		if (!id) return fail(400, { message: say.thisCouldNotBeRead() });
		const gone = await orAway(removePicture(locals.db, id).then((is) => ({ is })));
		if (!gone) return fail(503, { message: awayMessage });
		return gone.is ? { removed: id } : fail(404, { message: say.pictureIsGone() });
	}
};
