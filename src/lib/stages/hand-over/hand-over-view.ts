/** A mat that is good and lies there. */
export interface ReadyMat {
	readonly code: string;
	readonly planName: string;
	readonly widthMm: number;
	readonly lengthMm: number;
	/** Diameter of its roll, mm; null where its plan cannot be made any more. */
	readonly rollMm: number | null;
	readonly since: Date;
}

/** What went to a place. */
export interface DeliveryLine {
	readonly code: string;
	readonly placeName: string;
	readonly goesOn: string;
	readonly note: string | null;
	readonly mats: readonly string[];
	/** When it was received; null where nobody said so yet. */
	readonly receivedAt: Date | null;
}

/** What it came to: counted from the mats that were handed over, not guessed. */
export interface Account {
	readonly mats: number;
	readonly m2: number;
	/** Bags whose strand lies in them, as the labels of their balls say, and mats that say nothing of it. */
	readonly bags: number;
	readonly matsUncounted: number;
	readonly filmKg: number;
	readonly deliveries: number;
	readonly places: number;
}
