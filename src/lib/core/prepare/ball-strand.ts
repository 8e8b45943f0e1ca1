import { within } from '../domain-error';
import type { Interval } from '../estimate/estimate';
import type { Knowledge } from '../factors/factors';
import { sigmaFromCv } from '../factors/factors';
import { z90 } from '../statistics/z90';
import type { CutSnapshot } from './cut-pile';

const spreadAround = (expected: number, sigma: number): Interval => {
	const reach = Math.exp(z90 * sigma);
	return { expected, low: expected / reach, high: expected * reach };
};

/**
 * Strand in a ball by its pieces, m, with its 80 % interval: what is known of a piece's length moves all alike.
 *
 * @param pieces 1 or more
 * @example strandOfPiecesM({ pieceLengthMm: 439 }, bareKnowledge, 80).expected // 35.12
 */
export function strandOfPiecesM(
	{ pieceLengthMm }: Pick<CutSnapshot, 'pieceLengthMm'>,
	known: Knowledge,
	pieces: number
): Interval {
	within('pieces', pieces, { moreThan: 0 });
	const { median, cv } = known.pieceLength;
	return spreadAround((pieces * pieceLengthMm * median) / 1000, sigmaFromCv(cv));
}

/**
 * Strand in a ball that was weighed, m, with its 80 % interval: its mass over the strand's grams a
 * metre, which hang on what a bag weighs and how long a piece comes out.
 *
 * @param massG of the ball alone, above 0
 * @param scaleErrorG 0 or more
 * @example strandOfMassM({ pieceLengthMm: 439, pieceG: 0.819 }, bareKnowledge, 65.5, 1).expected // 35.109
 */
export function strandOfMassM(
	{ pieceLengthMm, pieceG }: Pick<CutSnapshot, 'pieceLengthMm' | 'pieceG'>,
	known: Knowledge,
	massG: number,
	scaleErrorG: number
): Interval {
	within('massG', massG, { moreThan: 0 });
	within('scaleErrorG', scaleErrorG, { atLeast: 0 });
	const gPerM =
		(pieceG * known.bagMass.median) / ((pieceLengthMm * known.pieceLength.median) / 1000);
	const sigmas = [
		sigmaFromCv(known.bagMass.cv),
		sigmaFromCv(known.pieceLength.cv),
		sigmaFromCv(scaleErrorG / massG)
	];
	return spreadAround(massG / gPerM, Math.hypot(...sigmas));
}
