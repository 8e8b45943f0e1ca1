import type { ColourName } from '$lib/core/colour/colours';
import type { CutSnapshot } from '$lib/core/prepare/cut-pile';

/** What is in a ball or a chain, as it was when it was made: all a label says of it. */
export interface BallContent {
	readonly kindId: string;
	readonly kind: string;
	/** In the order they were wound, bags' worth of each. */
	readonly colours: readonly { readonly colour: ColourName; readonly bags: number }[];
	readonly cut: CutSnapshot;
	readonly bags: number;
	readonly pieces: number;
	/** Its strand, m, with the 80 % interval. */
	readonly metres: { readonly expected: number; readonly low: number; readonly high: number };
	/** What it weighed; null where its pieces were counted. */
	readonly massG: number | null;
	/** The day it was made, as `2026-11-27`. */
	readonly madeOn: string;
	readonly planName: string | null;
	readonly filmMg: number;
}
