import type { FirstPass, Meeting } from '$lib/core/techniques/peg-loom/meeting';
import { meetingCheck } from '$lib/core/techniques/peg-loom/meeting';
import type { CountedMat, Made } from './mat-view';

type Loomed = Pick<CountedMat, 'rows' | 'look'> & {
	readonly said: Pick<CountedMat['said'], 'firstPass'>;
};

/** How each end of a loom began: as it was said, else as it is planned. */
export const firstPasses = ({ said, look }: Loomed): Record<'near' | 'far', FirstPass> => ({
	near: said.firstPass.near ?? 'over',
	far: said.firstPass.far ?? look?.loom?.farFirstPass ?? 'over'
});

/** Whether the passes of a loom will be opposites where its ends meet; null for what is on no loom. */
export function meetingOf(mat: Loomed, made: Made): Meeting | null {
	const total = mat.rows?.total ?? 0;
	const loom = mat.look?.loom;
	if (!loom || total < 2) return null;
	const first = firstPasses(mat);
	// Whoever weaves what is left, the rows of both ends come to the same.
	const far = Math.max(1, Math.min(total - 1, made.far));
	return meetingCheck(
		{ rows: total - far, firstPass: first.near },
		{ rows: far, firstPass: first.far },
		loom.strands,
		total - made.near - made.far >= 1 ? 1 : 0
	);
}
