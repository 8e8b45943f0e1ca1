import type { CutSnapshot } from './cut-pile';

/** Two strips are worked as one while their widths differ by no more than a tenth, and their film by a fifth. */
const widthShare = 0.1;
const filmShare = 0.2;

/** Why strand does not suit a plan. */
export type Unsuited = 'other-cut' | 'narrower' | 'wider' | 'thinner' | 'thicker';

/**
 * Whether strand of one cut suits a plan that asks for another; null where it does, else why not.
 *
 * @example whyUnsuited({ style: 'loops', stripWidthMm: 71, thicknessUm: 15 }, { style: 'loops', stripWidthMm: 60, thicknessUm: 15 }) // 'wider'
 */
export function whyUnsuited(
	strand: Pick<CutSnapshot, 'style' | 'stripWidthMm' | 'thicknessUm'>,
	asked: Pick<CutSnapshot, 'style' | 'stripWidthMm' | 'thicknessUm'>
): Unsuited | null {
	if (strand.style !== asked.style) return 'other-cut';
	const width = strand.stripWidthMm - asked.stripWidthMm;
	if (Math.abs(width) > widthShare * asked.stripWidthMm) return width < 0 ? 'narrower' : 'wider';
	const film = strand.thicknessUm - asked.thicknessUm;
	if (Math.abs(film) > filmShare * asked.thicknessUm) return film < 0 ? 'thinner' : 'thicker';
	return null;
}
