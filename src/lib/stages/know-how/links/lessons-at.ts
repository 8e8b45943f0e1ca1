import type { CutStyle } from '$lib/core/cut/types';
import type { LineCut } from '$lib/core/assembly-line/assembly-line';
import type { Mended } from '$lib/core/check/remedies';
import type { TechniqueKind } from '$lib/core/techniques/technique';
import type { ActName } from './lesson-titles';

/** The acts of cutting in a style. */
export const actsOfCut: Readonly<Record<CutStyle, readonly ActName[]>> = {
	loops: ['trim', 'fold', 'rings'],
	spiral: ['trim', 'spiral'],
	'half-bag': ['half-bag'],
	'whole-tube': ['trim']
};

/** The acts of joining what was cut in a style. */
export const actsOfJoin: Readonly<Record<CutStyle, readonly ActName[]>> = {
	loops: ['loop-joint', 'loop-joint-wrists', 'loop-joint-t', 'even', 'overhand'],
	spiral: ['overhand'],
	'half-bag': ['loop-joint', 'even', 'overhand'],
	'whole-tube': ['overhand']
};

/** The acts of a technique, in the order of the work. */
export const actsOfTechnique: Readonly<Record<TechniqueKind, readonly ActName[]>> = {
	crochet: ['chain', 'chain-row', 'sc', 'hdc', 'dc', 'turn', 'new-ball'],
	'peg-loom': [
		'warp',
		'short-strand',
		'twist',
		'weft-start',
		'next-piece',
		'over-under',
		'hand-over-half',
		'meet',
		'chain-off'
	],
	twined: ['slit-joint', 'nails', 'stringers', 'first-row', 'twine', 'last-row', 'panels'],
	'finger-bands': ['band-start', 'band-weave', 'band-turn', 'band-link', 'band-tuck']
};

/** What a table cuts its bags into, by how it cuts them: stacks give rings. */
export const cutOfLine = (cut: LineCut): CutStyle =>
	cut === 'spiral' || cut === 'half-bag' ? cut : 'loops';

/** The acts of a table's station; nothing where the station is not known. */
export function actsOfStation(station: string, cut: CutStyle): readonly ActName[] {
	switch (station) {
		case 'flatten':
			return ['sort', 'flatten'];
		case 'cut':
			return actsOfCut[cut];
		case 'join':
			return actsOfJoin[cut];
		case 'ball':
			return ['ball-fingers', 'ball-winder', 'ball-centre', 'spin'];
		case 'load':
			return ['warp', 'short-strand', 'twist'];
		case 'weave':
			return ['weft-start', 'next-piece', 'over-under', 'hand-over-half', 'meet'];
		case 'crochet':
			return actsOfTechnique.crochet;
		case 'twine':
			return ['first-row', 'twine', 'last-row'];
		case 'bands':
			return actsOfTechnique['finger-bands'];
		case 'finish':
			return ['chain-off', 'ties', 'strap', 'roll'];
		case 'pillows':
			return ['pillow', 'handle-strand'];
		default:
			return [];
	}
}

/** The act to look at again where a mat shows a fault. */
export function actOfFault(fault: Mended, technique: TechniqueKind): ActName {
	switch (fault) {
		case 'torn-joint':
			return 'overhand';
		case 'uneven-ring':
		case 'tight-joint':
		case 'loose-joint':
			return 'even';
		case 'double-strip':
			return 'rings';
		case 'narrows':
		case 'waves':
			return 'turn';
		case 'cups':
			return 'chain-row';
		case 'ends-alike':
			return 'meet';
		case 'knot-at-peg':
			return 'warp';
		case 'edge-missed':
			return 'twine';
		case 'nails-missed':
			return 'first-row';
		case 'rod-off':
			return 'nails';
		case 'band-curls':
			return 'band-weave';
		case 'loose-tail':
			return technique === 'finger-bands' ? 'band-tuck' : 'chain-off';
		case 'weak-tie':
			return 'ties';
		case 'damp':
			return 'roll';
		case 'loose-rows':
		case 'through':
			return technique === 'crochet'
				? 'sc'
				: technique === 'peg-loom'
					? 'over-under'
					: technique === 'twined'
						? 'twine'
						: 'band-link';
	}
}
