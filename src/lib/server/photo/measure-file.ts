import { measure, type MeasureOptions } from '$lib/core/photo/measure';
import type { Answer, Subject } from '$lib/core/photo/measured';
import { openSight } from '$lib/sight/open-sight';
import { decoded } from './decode';
import { libraryAsItIs } from './library';

let sight: ReturnType<typeof openSight> | null = null;

/**
 * Measures a file in this process; the library is opened once.
 *
 * @throws NoPicture
 */
export async function measureFile(
	file: Uint8Array,
	of: Subject,
	options: MeasureOptions
): Promise<Answer> {
	const picture = await decoded(file);
	sight ??= openSight(libraryAsItIs);
	return measure(picture, of, await sight, options);
}
