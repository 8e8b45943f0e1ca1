import { defaults } from '../../defaults';

/** The three stitches by their US abbreviations; UK names are one step on. */
export type Stitch = 'sc' | 'hdc' | 'dc';

interface StitchRelations {
	/** Row height over the effective size. */
	readonly rowHeight: number;
	/** Strand in one stitch over the stitch width. */
	readonly strand: number;
	/** Chains that turn a row. */
	readonly turningChains: 1 | 2 | 3;
	/** One stitch, seconds. */
	readonly seconds: number;
}

export const stitches: Readonly<Record<Stitch, StitchRelations>> = {
	sc: {
		rowHeight: defaults.rowHeightSingle.value,
		strand: defaults.strandPerStitchSingle.value,
		turningChains: 1,
		seconds: defaults.stitchSingle.value
	},
	hdc: {
		rowHeight: defaults.rowHeightHalfDouble.value,
		strand: defaults.strandPerStitchHalfDouble.value,
		turningChains: 2,
		seconds: defaults.stitchHalfDouble.value
	},
	dc: {
		rowHeight: defaults.rowHeightDouble.value,
		strand: defaults.strandPerStitchDouble.value,
		turningChains: 3,
		seconds: defaults.stitchDouble.value
	}
};

/**
 * Chains to begin with: one for each stitch of a row, and those that stand for the height of the
 * first row (one for single, two for half double, three for double; US names).
 *
 * @example foundationChains({ stitches: 86, turningChains: 1 }) // 87
 */
export const foundationChains = ({
	stitches: perRow,
	turningChains
}: {
	readonly stitches: number;
	readonly turningChains: number;
}): number => perRow + turningChains;
