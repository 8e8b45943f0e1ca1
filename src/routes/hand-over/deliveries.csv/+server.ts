import { writeCsv } from '$lib/stages/gather/lists/read-csv';
import { whileReached } from '$lib/server/db/away';
import { deliveryAccounts } from '$lib/server/hand-over/account';
import type { RequestHandler } from './$types';

const heads = [
	'delivery',
	'place',
	'goes_on',
	'mats',
	'area_m2',
	'bags_in_mats',
	'mats_of_unknown_bags',
	'pillows',
	'bags_in_pillows',
	'film_kg',
	'hours_timed',
	'hours_estimated'
];

/** What each delivery came to as CSV, the newest first: pillows are among it. */
export const GET: RequestHandler = async ({ locals }) => {
	const rows = await whileReached(deliveryAccounts(locals.groupId));
	const cells = rows.map((one) => [
		one.code,
		one.placeName,
		one.goesOn,
		one.mats,
		one.m2,
		one.matBags,
		one.matsUncounted,
		one.pillows,
		one.pillowBags,
		one.filmKg,
		one.timedHours,
		one.estimatedHours
	]);
	return new Response(writeCsv([heads, ...cells]), {
		headers: {
			'content-type': 'text/csv; charset=utf-8; header=present',
			'content-disposition': 'attachment; filename="deliveries.csv"'
		}
	});
};
