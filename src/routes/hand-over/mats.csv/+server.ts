import { listHanded } from '$lib/server/hand-over/account';
import { answerCsv } from '$lib/server/web/answer-file';
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

/** Every mat that was handed over as CSV, the newest first. */
export const GET: RequestHandler = ({ locals }) => {
	let before: number | null = null;
	let isOver = false;
	return answerCsv('mats-handed-over', heads, async () => {
		if (isOver) return [];
		const mats = await listHanded(locals.db, { delivery: null, before, limit: atOnce });
		isOver = mats.length < atOnce;
		before = mats.at(-1)?.id ?? null;
		return mats.map((mat) => [
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
	});
};
