import { defaults } from '../defaults';
import type { TechniqueKind } from './technique';

export type CoverGrade = 'close' | 'fair' | 'gaps';

export interface CoverGrades {
	readonly close: number;
	readonly fair: number;
}

/** Where the grades meet, by technique. @source bench default; assumed for twined and bands, see docs/model.md */
export const coverGrades: Readonly<Record<TechniqueKind, CoverGrades>> = {
	crochet: { close: defaults.closeCover.value, fair: defaults.fairCover.value },
	'peg-loom': { close: defaults.pegCloseCover.value, fair: defaults.pegFairCover.value },
	twined: { close: defaults.twinedCloseCover.value, fair: defaults.twinedFairCover.value },
	'finger-bands': { close: defaults.closeCover.value, fair: defaults.fairCover.value }
};

/**
 * Whether a fingertip goes through: close, fair, or gaps.
 *
 * @example [coverGrade('crochet', 0.5), coverGrade('crochet', 5)] // ['gaps', 'close']
 */
export function coverGrade(kind: TechniqueKind, cover: number): CoverGrade {
	const { close, fair } = coverGrades[kind];
	// A hair's breadth of floating point does not make a close mat a fair one.
	if (cover >= close - 1e-9) return 'close';
	return cover >= fair - 1e-9 ? 'fair' : 'gaps';
}

/**
 * Cover as a share of what is close in its technique, so that techniques can be compared: 1 is close.
 *
 * @example coverShare('crochet', 1) // 0.52632
 */
export const coverShare = (kind: TechniqueKind, cover: number): number =>
	cover / coverGrades[kind].close;
