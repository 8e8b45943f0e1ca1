import { writeCsv } from '$lib/stages/gather/lists/read-csv';
import { whileReached } from '$lib/server/db/away';
import { listHanded } from '$lib/server/hand-over/account';
import type { RequestHandler } from './$types';

const atOnce = 2000;
const heads = [
	'mat',
	'plan',
	'delivery',
	'place',
	'goes_on',
	'width_mm',
	'length_mm',
	'area_m2',
	'mass_g',
	'bags',
	'film_g',
	'hours_timed',
	'hours_estimated',
	'pillow'
];

/** Every mat that was handed over as CSV, the newest first, sent as it is read. */
export const GET: RequestHandler = async ({ locals }) => {
	const encoder = new TextEncoder();
	const after = (before: number | null) =>
		listHanded(locals.groupId, { delivery: null, before, limit: atOnce });
	let mats = await whileReached(after(null));
	let isFirst = true;
	const body = new ReadableStream<Uint8Array>({
		async pull(controller) {
			const rows = mats.map((mat) => [
				mat.code,
				mat.planName,
				mat.delivery,
				mat.placeName,
				mat.goesOn,
				mat.widthMm,
				mat.lengthMm,
				(mat.widthMm * mat.lengthMm) / 1_000_000,
				mat.massG,
				mat.bags,
				mat.filmG,
				mat.timedHours,
				mat.estimatedHours,
				mat.pillow
			]);
			controller.enqueue(encoder.encode(writeCsv([...(isFirst ? [heads] : []), ...rows])));
			isFirst = false;
			const last = mats.at(-1);
			if (!last || mats.length < atOnce) return controller.close();
			mats = await after(last.id);
			if (mats.length === 0) controller.close();
		}
	});
	return new Response(body, {
		headers: {
			'content-type': 'text/csv; charset=utf-8; header=present',
			'content-disposition': 'attachment; filename="mats-handed-over.csv"'
		}
	});
};
