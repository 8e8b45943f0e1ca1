// Measures pictures for devices that cannot, in a process of its own: a broken or huge picture takes nothing with it.
import type { Answer, Subject } from '$lib/core/photo/measured';
import type { FileProblem } from '$lib/core/photo/header';
import { NoPicture } from './decode';
import { measureFile } from './measure-file';

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

async function done({ file, of, scale }: PhotoOrder): Promise<PhotoDone['said']> {
	try {
		return { answer: await measureFile(file, of, { scale }) };
	} catch (problem) {
		return { problem: problem instanceof NoPicture ? problem.problem : 'not-a-picture' };
	}
}

process.on('message', (order: PhotoOrder) => {
	void done(order).then((said) => process.send?.({ nth: order.nth, said } satisfies PhotoDone));
});
process.on('disconnect', () => process.exit(0));
