import { AAddressSheetPdfDoor as say } from '$lib/words/house';
import { json } from '@sveltejs/kit';
import { GET as sheet } from '../../../gather/asks/sheet.pdf/+server';

/** The sheet that asks, for whoever has its link. */
export const GET: typeof sheet = (event) =>
	event.locals.link?.grants === 'asks'
		? sheet(event)
		: json({ problems: [say.thisLinkDoesNotWork()] }, { status: 404 });
