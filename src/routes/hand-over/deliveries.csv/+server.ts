import { deliveryAccounts } from '$lib/server/hand-over/account';
import { answerCsv } from '$lib/server/web/answer-file';
import type { RequestHandler } from './$types';

const heads = [
	'delivery',
	'place',
	'goes_on',
	'mats',
	'area_m2',
	'bags_in_mats',
	'mats_of_unknown_bags',
	'bags_new',
	'bags_not_said',
	'pillows',
	'bags_in_pillows',
	'film_kg',
	'hours_timed',
	'hours_estimated'
];

/** What each delivery came to as CSV, the newest first: pillows are among it. */
export const GET: RequestHandler = ({ locals }) => {
	let isOver = false;
	return answerCsv('deliveries', heads, async () => {
		if (isOver) return [];
		isOver = true;
		return (await deliveryAccounts(locals.db)).map((one) => [
			one.code,
			one.placeName,
			one.goesOn,
			one.mats,
			one.m2,
			one.matBags,
			one.matsUncounted,
			one.newBags,
			one.unknownBags,
			one.pillows,
			one.pillowBags,
			one.filmKg,
			one.timedHours,
			one.estimatedHours
		]);
	});
};
