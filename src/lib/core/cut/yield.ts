import type { CutStyle } from './types';

/** What one bag gives under one cut. Lengths mm, section mm², mass g. */
export interface CutYield {
	readonly style: CutStyle;
	/** Width of one strip, mm; for a half bag, of the flat ring it opens into. */
	readonly stripWidthMm: number;
	/** Pieces a bag gives; a counted short strip is one of them. */
	readonly pieces: number;
	/** Walls side by side in the strand: two for a ring pulled out, one for an open strip. */
	readonly plies: 1 | 2;
	/** Height of body left over above the last whole strip, mm. */
	readonly offcutMm: number;
	/** Width of the counted last strip where it is short of the full width, mm; else null. */
	readonly shortStripMm: number | null;
	/** Turns of a spiral; else null. */
	readonly turns: number | null;
	/** Plastic in the cross-section of the working strand, mm². */
	readonly solidSectionMm2: number;
	/** Bulk diameter of the working strand, mm, at `packing`. */
	readonly bulkDiameterMm: number;
	/** Share of the squeezed strand that is plastic. */
	readonly packing: number;
	/** Strand one piece adds, its joint taken off, mm. */
	readonly pieceLengthMm: number;
	/** Strand one bag adds, mm. */
	readonly strandPerBagMm: number;
	/** Film of one bag that goes into strand, g. The rest of the bag is scrap. */
	readonly filmUsedG: number;
}
