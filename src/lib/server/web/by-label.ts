import { readCode } from '$lib/core/code/code';
import { error } from '@sveltejs/kit';

/** What has the label of an address; a page that is not found, with a sentence, where nothing has. */
export async function byLabel<Found>(
	typed: string,
	find: (code: string) => Promise<Found | null>,
	message: string
): Promise<Found> {
	const read = readCode(typed.slice(0, 20));
	const found = read.problem === undefined ? await find(read.code) : null;
	if (!found) error(404, { message });
	return found;
}
