import { methodWords as say } from '$lib/words/plan';
import type { Method } from '$lib/core/compare/sweep';
import type { Cut } from '$lib/core/cut/types';
import type { LengthSystem } from '$lib/core/units/format-length';
import { formatLength, trimmed } from '$lib/core/units/format-length';
import type { StitchTerms } from '$lib/ui/stitch-words';
import { stitchName } from '$lib/ui/stitch-words';

function cutWords(cut: Cut, system: LengthSystem): string {
	switch (cut.style) {
		case 'loops':
			return cut.equalStrips === undefined
				? say.loopsOf({ formatLength: formatLength(cut.stripWidthMm ?? 0, system, 'small') })
				: say.equalLoops({ equalStrips: cut.equalStrips });
		case 'spiral':
			return say.spiralOf({ formatLength: formatLength(cut.stripWidthMm, system, 'small') });
		case 'half-bag':
			return say.halfBags();
		case 'whole-tube':
			return cut.handles === 'kept' ? say.wholeTubesHandlesKept() : say.wholeTubes();
	}
}

const trimWords = (cut: Cut): string =>
	cut.style === 'half-bag' ? '' : cut.trimBottomMm >= 40 ? say.generousTrim() : say.closeTrim();

/** A method in a line: how it is cut, and how it is made. */
export function methodWords(
	{ cut, technique }: Method,
	system: LengthSystem,
	terms: StitchTerms
): { readonly cut: string; readonly made: string } {
	const small = (mm: number) => formatLength(mm, system, 'small');
	const cutting = cutWords(cut, system) + trimWords(cut);
	switch (technique.kind) {
		case 'crochet':
			return {
				cut: cutting,
				made: say.mm({
					stitch: stitchName(technique.stitch, terms),
					hook: trimmed(technique.hookMm, 2),
					isLengthwise: technique.direction === 'lengthwise' ? 'yes' : 'no'
				})
			};
		case 'peg-loom':
			return {
				cut: say.weft({ cutting, cut: cutWords(technique.weftCut, system) }),
				made: say.pegLoomPegsApartBeaten({
					small: small(technique.pitchMm),
					packing: technique.packing
				})
			};
		case 'twined':
			return { cut: cutting, made: say.twinedFrameNailsApart({ small: small(technique.pitchMm) }) };
		case 'finger-bands':
			return {
				cut: cutting,
				made: say.fingerBandsOfStrands({ warpStrands: technique.warpStrands })
			};
	}
}
