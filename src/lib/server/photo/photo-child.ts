// Measures pictures for devices that cannot, in a process of its own: a broken or huge picture takes nothing with it.
import { measure } from '$lib/core/photo/measure';
import type { Answer, Subject } from '$lib/core/photo/measured';
import type { FileProblem } from '$lib/core/photo/header';
import { openSight } from '$lib/sight/open-sight';
import { decoded, NoPicture } from './decode';
import { libraryAsItIs } from './library';

/** One picture to measure. */
export interface PhotoOrder {
	readonly nth: number;
	readonly file: Uint8Array;
	readonly of: Subject;
	readonly scale: number;
}

/** What became of it. */
export interface PhotoDone {
	readonly nth: number;
	readonly said: { readonly answer: Answer } | { readonly problem: FileProblem };
}

let sight: ReturnType<typeof openSight> | null = null;

async function done({ file, of, scale }: PhotoOrder): Promise<PhotoDone['said']> {
	try {
		const picture = await decoded(file);
		sight ??= openSight(libraryAsItIs);
		return { answer: measure(picture, of, await sight, { scale }) };
	} catch (problem) {
		return { problem: problem instanceof NoPicture ? problem.problem : 'not-a-picture' };
	}
}

process.on('message', (order: PhotoOrder) => {
	void done(order).then((said) => process.send?.({ nth: order.nth, said } satisfies PhotoDone));
});
process.on('disconnect', () => process.exit(0));
