import { defaults } from '../defaults';

export type CoverGrade = 'close' | 'fair' | 'gaps';

/** Whether a fingertip goes through: close from 1.9, fair from 1.5, gaps below. @source bench default */
export function coverGrade(cover: number): CoverGrade {
	if (cover >= defaults.closeCover.value) return 'close';
	return cover >= defaults.fairCover.value ? 'fair' : 'gaps';
}
