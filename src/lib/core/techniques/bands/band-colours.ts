import { piecesOf } from '../../cut/pieces-of';
import type { CutYield } from '../../cut/yield';
import { within } from '../../domain-error';
import { noFactors } from '../../factors/factors';
import type { Target } from '../../mat/made-mat';
import { bandsMat } from './bands-mat';
import { bandsRelations as relations } from './bands-relations';

/** The colours of a band by what its strands do: six crossings keep the middle in the middle. */
export interface BandPattern<Colour extends string> {
	readonly middle: Colour;
	readonly outer: Colour;
	readonly weaver: Colour;
}

export interface BandColours<Colour extends string> {
	readonly bands: number;
	/** By colour, in the order they are first met. */
	readonly colours: readonly {
		readonly colour: Colour;
		readonly strandMm: number;
		readonly bags: number;
	}[];
	/** Strands whose colour differs from the next band's, so that a joint falls on the turn. */
	readonly jointsForChange: number;
	readonly bagsTotal: number;
	/** Strand the weavers of all bands take; more than all that runs along, often. */
	readonly weaverMm: number;
	readonly alongMm: number;
}

/** What may be typed of band patterns. */
export const bandPatternLimits = { patterns: { atLeast: 1, atMost: 8, isWhole: true } } as const;

/**
 * Strand and bags of every colour where middle, outer and weaver have their own; patterns follow band
 * by band, in turn.
 *
 * @param warpStrands of a band, 3 or 4: one or two in the middle, two outside
 * @throws DomainError
 * @source bench default
 * @example bandColours({ widthMm: 800, lengthMm: 1800 }, 3, [{ middle: 'grey', outer: 'grey', weaver: 'blue' }], cutBag(bagPresets[0].bag, { style: 'whole-tube', trimBottomMm: 50, trimTopMm: 50 })).bands // 14
 */
export function bandColours<Colour extends string>(
	target: Target,
	warpStrands: number,
	patterns: readonly BandPattern<Colour>[],
	cut: CutYield
): BandColours<Colour> {
	within('pattern', patterns.length, bandPatternLimits.patterns);
	const mat = bandsMat(
		target,
		{ kind: 'finger-bands', warpStrands },
		cut.solidSectionMm2,
		noFactors
	);
	const alongMm = relations.warpStrandMm(1, mat.lengthMm, 1);
	const weaverMm = relations.weaverStrandMm(1, mat.rowsPerBand, mat.strandPerRowMm);
	// What one strand takes for its turn; the last band has none.
	const turnMm = relations.turnStrandMm(2, 0, mat.loftyDiameterMm);
	const strandMm = new Map<Colour, number>();
	const take = (colour: Colour, mm: number) =>
		strandMm.set(colour, (strandMm.get(colour) ?? 0) + mm);
	const counts = { middle: mat.warpStrands - 2, outer: 2, weaver: 1 };
	let jointsForChange = 0;
	for (let band = 0; band < mat.bands; band++) {
		const pattern = patterns[band % patterns.length];
		const next = band + 1 < mat.bands ? patterns[(band + 1) % patterns.length] : undefined;
		if (!pattern) continue;
		for (const role of ['middle', 'outer', 'weaver'] as const) {
			const runMm = role === 'weaver' ? weaverMm : alongMm;
			take(pattern[role], counts[role] * (runMm + (next ? turnMm : 0)));
			if (next && next[role] !== pattern[role]) jointsForChange += counts[role];
		}
	}
	const colours = [...strandMm].map(([colour, mm]) => ({
		colour,
		strandMm: mm,
		bags: piecesOf(mm, cut).bags
	}));
	return {
		bands: mat.bands,
		colours,
		jointsForChange,
		bagsTotal: colours.reduce((sum, { bags }) => sum + bags, 0),
		weaverMm: weaverMm * mat.bands,
		alongMm: mat.warpStrandMm
	};
}

/**
 * How many bands, from the first, the bags of a colour that are there last for.
 *
 * @param bags of the colour there are, 0 or more
 * @throws DomainError
 * @example bandsOfColour('blue', 100, { widthMm: 800, lengthMm: 1800 }, 3, [{ middle: 'grey', outer: 'grey', weaver: 'blue' }], cutBag(bagPresets[0].bag, { style: 'whole-tube', trimBottomMm: 50, trimTopMm: 50 })) // 3
 */
export function bandsOfColour<Colour extends string>(
	colour: Colour,
	bags: number,
	target: Target,
	warpStrands: number,
	patterns: readonly BandPattern<Colour>[],
	cut: CutYield
): number {
	within('bags', bags, { atLeast: 0 });
	const { bands } = bandColours(target, warpStrands, patterns, cut);
	const mat = bandsMat(
		target,
		{ kind: 'finger-bands', warpStrands },
		cut.solidSectionMm2,
		noFactors
	);
	const bandWidthMm = mat.widthMm / mat.bands;
	let lasting = 0;
	for (let upTo = 1; upTo <= bands; upTo++) {
		const part = { widthMm: upTo * bandWidthMm, lengthMm: target.lengthMm };
		const { colours } = bandColours(part, warpStrands, patterns, cut);
		if ((colours.find((one) => one.colour === colour)?.bags ?? 0) > bags + 1e-9) break;
		lasting = upTo;
	}
	return lasting;
}
