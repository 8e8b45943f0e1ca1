import type { ColourName } from '$lib/core/colour/colours';
import type { CutYield } from '$lib/core/cut/yield';
import type { CutSnapshot } from '$lib/core/prepare/cut-pile';
import type { PieceUse } from '$lib/core/prepare/cuts-of-plan';
import type { HowFar } from '$lib/core/prepare/how-far';
import type { Pile } from '$lib/core/prepare/piles';
import type { LineForm } from '$lib/core/store/forms';

/** A pile of the table, and the name of its kind. */
export interface TablePile extends Pile {
	readonly kind: string;
}

/** A plan that work at the table is for. */
export interface TablePlan {
	readonly id: string;
	readonly version: number;
	readonly name: string;
	readonly matsWanted: number;
	readonly bagsPerBall: number;
	readonly uses: readonly PieceUse[];
	/** The warp it lays on a loom; null where it is made on none. */
	readonly warp: {
		readonly strands: number;
		readonly piecesPerStrand: number;
		readonly pegs: number;
		readonly pitchMm: number;
		readonly pegToPegMm: number;
		readonly jammed: number;
	} | null;
	/** How far the balls there go, those before it served first. */
	readonly far: HowFar;
}

/** What bags of a kind give cut for a use of a plan. */
export interface TableCut {
	readonly planId: string;
	readonly use: PieceUse;
	readonly kindId: string;
	readonly given: Pick<CutYield, 'pieces' | 'filmUsedG'>;
	readonly massG: number;
	readonly cut: CutSnapshot;
}

/** Something done at the table: what it moved in the store, and the film that went with it. */
export interface ActLine {
	readonly id: number;
	readonly type: string;
	readonly at: Date;
	readonly byName: string | null;
	readonly isTakenBack: boolean;
	readonly code: string | null;
	readonly moves: readonly {
		readonly form: LineForm;
		readonly colour: ColourName;
		readonly holder: string;
		readonly amount: number;
		readonly filmMg: number;
	}[];
}
