import { defaults } from '../defaults';
import { within } from '../domain-error';
import type { Mat } from '../techniques/technique';

/** How the rows of a mat are counted: all of them one after the other, part after part. */
export interface MatRows {
	/** Rows of the whole mat, whole, 1 or more. */
	readonly total: number;
	/** Panels of a frame, bands; 1 elsewhere. */
	readonly parts: number;
	/** Rows of each part, whole. */
	readonly each: number;
	/** A loom is woven from both ends, each counted by itself. */
	readonly ends: 1 | 2;
	readonly part: 'mat' | 'panel' | 'band';
}

/**
 * The rows of a mat as its maker counts them.
 *
 * @example matRows(modelPlan(startingPlan, barePoint).mat).parts // 1
 */
export function matRows(mat: Mat): MatRows {
	switch (mat.kind) {
		case 'crochet':
			return { total: mat.rows, parts: 1, each: mat.rows, ends: 1, part: 'mat' };
		case 'peg-loom':
			return { total: mat.rows, parts: 1, each: mat.rows, ends: 2, part: 'mat' };
		case 'twined': {
			const parts = mat.panels.count;
			return { total: parts * mat.panel.rows, parts, each: mat.panel.rows, ends: 1, part: 'panel' };
		}
		case 'finger-bands':
			return {
				total: mat.bands * mat.rows,
				parts: mat.bands,
				each: mat.rows,
				ends: 1,
				part: 'band'
			};
	}
}

/**
 * What hands are timed at in one row: stitches, or crossings.
 *
 * @source bench default
 * @example unitsPerRow(modelPlan(startingPlan, barePoint).mat) // 86
 */
export function unitsPerRow(mat: Mat): number {
	switch (mat.kind) {
		case 'crochet':
			return mat.stitches;
		case 'peg-loom':
			return mat.warpStrands;
		case 'twined':
			return mat.makeSeconds / defaults.twinedCrossing.value / matRows(mat).total;
		case 'finger-bands':
			return mat.makeSeconds / defaults.bandCrossing.value / matRows(mat).total;
	}
}

/**
 * Where the next row lies: in which part, and the how-manieth there, from 1. Beyond the last row it goes
 * on in the last part.
 *
 * @param made rows made, 0 or more
 * @throws DomainError
 * @example nextRow({ total: 40, parts: 4, each: 10, ends: 1, part: 'band' }, 23) // { part: 3, row: 4 }
 */
export function nextRow({ parts, each }: MatRows, made: number): { part: number; row: number } {
	within('made', made, { atLeast: 0, isWhole: true });
	const part = Math.min(parts - 1, Math.floor(made / each));
	return { part: part + 1, row: made - part * each + 1 };
}

/**
 * What the first strand of the next pass does at its first crossing: each pass does the opposite of the
 * last.
 *
 * @param made rows made from this end, 0 or more
 * @example [nextPass(0), nextPass(1)] // ['over', 'under']
 */
export const nextPass = (made: number): 'over' | 'under' => (made % 2 === 0 ? 'over' : 'under');
