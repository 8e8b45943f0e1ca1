import { makerView as say } from '$lib/words/maker';
import type { LengthSystem } from '$lib/core/units/format-length';
import type { Side } from '$lib/entries/types/row';
import type { CountedMat } from '$lib/stages/making/mat-view';

/** What a maker's link shows: one mat, and nothing else. */
export interface MakerView {
	readonly code: string;
	readonly planName: string;
	readonly groupName: string;
	/** Null where it is not being made any more. */
	readonly mat: CountedMat | null;
	readonly seen: readonly {
		readonly side: Side;
		readonly device: string;
		readonly sequence: number;
	}[];
	/** When it was read, ms since 1970 by the server. */
	readonly readAt: number;
	/** How the group writes, and the day it is there. */
	readonly group: {
		readonly groupId: string;
		readonly locale: string;
		readonly timeZone: string;
		readonly lengthSystem: LengthSystem;
		readonly today: string;
	};
}

/** What a link says that opens nothing. */
export const closedWords = say.thisLinkOpensNothingAny();
