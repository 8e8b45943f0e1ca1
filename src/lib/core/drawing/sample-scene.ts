import type { Mat } from '../techniques/technique';
import { matTexture } from './mat-scene';
import type { Mark, Scene } from './scene';
import { disc, rectangle } from './scene';

/** What one way is told from another by: the strip it is cut in, the strand that makes, the hook, the mat. */
export interface Sample {
	readonly mat: Mat;
	readonly stripMm: number;
	/** The strand squeezed as it is worked, mm. */
	readonly strandMm: number;
	/** The hook; null where none is used. */
	readonly hookMm: number | null;
}

/** Units a millimetre, the same for all samples that lie beside each other. */
export interface SampleScales {
	readonly mat: number;
	readonly strip: number;
	readonly strand: number;
}

/** Room a drawing of samples has for each part: the mat, the strip, the strand with its hook. */
const parts = { mat: 0.46, strip: 0.24 };

/**
 * Scales at which all of some samples fit in so much room.
 *
 * @param samples at least one
 * @example sampleScales([{ mat: modelPlan(startingPlan, barePoint).mat, stripMm: 71, strandMm: 3, hookMm: 8 }], 200, 50).strip // 0.70423
 */
export function sampleScales(
	samples: readonly Sample[],
	width: number,
	height: number
): SampleScales {
	const most = (of: (sample: Sample) => number) => Math.max(...samples.map(of), 1e-6);
	return {
		mat: Math.min(
			(width * parts.mat) / most(({ mat }) => mat.lengthMm),
			height / most(({ mat }) => mat.widthMm)
		),
		strip: height / most(({ stripMm }) => stripMm),
		strand: Math.min(
			(height * 0.95) / most(({ strandMm, hookMm }) => Math.max(strandMm, hookMm ?? 0)),
			(width * 0.24 - 6) / most(({ strandMm, hookMm }) => strandMm + (hookMm ?? 0))
		)
	};
}

/**
 * A way in small: its mat with its rows, its strip lying flat, its strand and hook seen from the end.
 *
 * @param width room, as the scales were made for
 * @param height likewise
 * @example sampleScene({ mat: modelPlan(startingPlan, barePoint).mat, stripMm: 71, strandMm: 3, hookMm: 8 }, { mat: 0.05, strip: 0.5, strand: 2 }, 200, 50).height // 50
 */
export function sampleScene(
	sample: Sample,
	scales: SampleScales,
	width: number,
	height: number
): Scene {
	const { mat, stripMm, strandMm, hookMm } = sample;
	const [length, wide] = [mat.lengthMm * scales.mat, mat.widthMm * scales.mat];
	const top = (height - wide) / 2;
	const stripLeft = width * (parts.mat + 0.04);
	const strip = stripMm * scales.strip;
	const strandLeft = width * (parts.mat + parts.strip + 0.06);
	const strand = (strandMm * scales.strand) / 2;
	const hook = ((hookMm ?? 0) * scales.strand) / 2;
	const marks: Mark[] = [
		{ path: rectangle(0.5, top, length, wide), fill: 'film' },
		matTexture(mat, { left: 0.5, top, length, width: wide, scale: scales.mat }),
		{ path: rectangle(0.5, top, length, wide), stroke: 'ink', width: 1 },
		{
			path: rectangle(stripLeft, (height - strip) / 2, width * (parts.strip - 0.04), strip),
			fill: 'film-other',
			stroke: 'ink',
			width: 1
		},
		{ path: disc(strandLeft + strand, height / 2, strand), fill: 'film-line' }
	];
	if (hook > 0)
		marks.push({
			path: disc(strandLeft + 2 * strand + 3 + hook, height / 2, Math.max(0.5, hook - 0.6)),
			stroke: 'ink',
			width: 1.2
		});
	return { width, height, marks };
}
