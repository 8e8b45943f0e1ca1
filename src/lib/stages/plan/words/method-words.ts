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
				? `rings of ${formatLength(cut.stripWidthMm ?? 0, system, 'small')}`
				: `${cut.equalStrips} equal rings`;
		case 'spiral':
			return `spiral of ${formatLength(cut.stripWidthMm, system, 'small')}`;
		case 'half-bag':
			return 'half bags';
		case 'whole-tube':
			return cut.handles === 'kept' ? 'whole tubes, handles kept' : 'whole tubes';
	}
}

const trimWords = (cut: Cut): string =>
	cut.style === 'half-bag' ? '' : cut.trimBottomMm >= 40 ? ', generous trim' : ', close trim';

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
				made: `${stitchName(technique.stitch, terms)}, ${trimmed(technique.hookMm, 1)} mm${technique.direction === 'lengthwise' ? ', lengthwise' : ''}`
			};
		case 'peg-loom':
			return {
				cut: `${cutting}; weft ${cutWords(technique.weftCut, system)}`,
				made: `peg loom, pegs ${small(technique.pitchMm)} apart, beaten ${technique.packing}`
			};
		case 'twined':
			return { cut: cutting, made: `twined frame, nails ${small(technique.pitchMm)} apart` };
		case 'finger-bands':
			return { cut: cutting, made: `finger bands of ${technique.warpStrands} strands` };
	}
}
