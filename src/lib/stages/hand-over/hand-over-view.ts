import type { AcceptedSize } from '$lib/core/check/judge-mat';
import type { ColourName } from '$lib/core/colour/colours';
import type { ForAsk } from '$lib/core/hand-over/promises';

/** A place and how it receives mats: when, by which stairs, by which rules of its own. */
export interface PlaceWords {
	readonly id: string;
	readonly version: number;
	readonly name: string;
	readonly hours: string | null;
	readonly stairs: string | null;
	readonly ownRules: string | null;
}

/** The same with the sizes it accepts, where it says so. */
export interface ReceivingWords extends PlaceWords {
	readonly accepts: AcceptedSize;
}

/** A mat that is good and lies there. */
export interface ReadyMat {
	readonly code: string;
	readonly planName: string;
	readonly widthMm: number;
	readonly lengthMm: number;
	/** Diameter of its roll, mm; null where its plan cannot be made any more. */
	readonly rollMm: number | null;
	/** The colour that most of its rows have. */
	readonly colour: ColourName;
	readonly since: Date;
}

/** What went to a place. */
export interface DeliveryLine {
	readonly id: number;
	readonly code: string;
	readonly placeName: string;
	readonly goesOn: string;
	readonly note: string | null;
	readonly gathering: string | null;
	/** The crates it was packed in, mm; null where that was not said. */
	readonly crateWidthMm: number | null;
	readonly crateDepthMm: number | null;
	readonly crateHeightMm: number | null;
	readonly mats: readonly string[];
	/** Its pillows, and the mat each goes with. */
	readonly pillows: readonly { readonly code: string; readonly mat: string | null }[];
	/** The day it was received, and by whom, in a word; null where nobody said so. */
	readonly receivedOn: string | null;
	readonly receivedBy: string | null;
}

/** A mat in a delivery. */
export interface DeliveredMat {
	readonly code: string;
	readonly planId: string;
	readonly planVersion: number;
	readonly planName: string;
	readonly widthMm: number;
	readonly lengthMm: number;
	readonly massG: number | null;
	readonly bags: number | null;
	readonly pillow: string | null;
	readonly pillowG: number | null;
}

/** A delivery with all that is in it. */
export interface DeliveryWhole extends DeliveryLine {
	readonly place: PlaceWords;
	readonly lying: readonly (DeliveredMat & { readonly rollMm: number | null })[];
}

/** What a place asks for. */
export interface AskLine {
	readonly id: number;
	readonly placeName: string;
	readonly mats: number;
	readonly widthMm: number | null;
	readonly lengthMm: number | null;
	readonly byDay: string;
	readonly note: string | null;
	readonly at: Date;
	/** Mats it was promised; null where nothing was. */
	readonly promised: number | null;
	/** Mats that went there since. */
	readonly handed: number;
	readonly isDone: boolean;
	/** What there will be for what is still open of it. */
	readonly counts: ForAsk;
}

/** A pillow that lies there. */
export interface PillowLine {
	readonly id: number;
	readonly code: string;
	readonly bags: number;
	readonly scrapG: number;
	readonly massG: number;
	readonly since: Date;
}

/** What pillows can be stuffed with. */
export interface PillowStore {
	readonly scrapG: number;
	readonly bags: number;
	/** Pillows of the usual size that it comes to, and what one takes, g. */
	readonly pillows: number;
	readonly usualG: number;
}
