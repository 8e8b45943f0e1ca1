/** The size wanted: width across the sleeper, length along. mm, both above 0. */
export interface Target {
	readonly widthMm: number;
	readonly lengthMm: number;
}

/** What every made mat has, however it is made. */
export interface MadeMat {
	/** The size it comes out at. */
	readonly widthMm: number;
	readonly lengthMm: number;
	/** Rows or picks. */
	readonly rows: number;
	/** Film strand in the mat, mm. */
	readonly strandMm: number;
	/** How closely the strand covers; its grades belong to the technique. */
	readonly cover: number;
	/** How thick it lies, mm. */
	readonly thicknessMm: number;
	/** Hands at the make station, s. */
	readonly makeSeconds: number;
}
