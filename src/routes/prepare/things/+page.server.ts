import { redirect } from '@sveltejs/kit';
import { readCode } from '$lib/core/code/code';
import type { PageServerLoad } from './$types';

/** Leads to the thing whose code was read from a label. */
export const load: PageServerLoad = ({ url }) => {
	const typed = (url.searchParams.get('code') ?? '').trim().slice(0, 40);
	const read = readCode(typed);
	if (typed === '') redirect(303, '/prepare/balls');
	redirect(
		303,
		`/prepare/things/${encodeURIComponent(read.problem === undefined ? read.code : typed)}`
	);
};
