import { braid } from '../techniques/bands/braid';
import type { BandsMat } from '../techniques/bands/bands-mat';
import type { Box, Mark, Scene, Tone } from './scene';
import { measureLine, penOf } from './scene';

/** What the strands of a braid are called. */
export const strandNames = ['a', 'b', 'c', 'd'] as const;
const tones: readonly Tone[] = ['film-line', 'weft', 'ink', 'quiet'];

export interface BandsWords {
	readonly bandWidth: string;
	/** How the weaver links, in two lines. */
	readonly links: readonly [string, string];
}

/**
 * Two bands linked edge to edge: strands along, a weaver going over and under and into the band before.
 * @example bandsScene(bandsMat({ widthMm: 850, lengthMm: 1850 }, { kind: 'finger-bands', warpStrands: 3 }, 2.4, noFactors), { bandWidth: 'a band', links: ['', ''] }, { width: 300, tallest: 200, type: 13 }).width // 300
 */
export function bandsScene(mat: BandsMat, words: BandsWords, box: Box): Scene {
	const t = box.type;
	const pen = penOf(box);
	const band = 3.4 * t;
	const gap = 0.3 * t;
	const left = 0.6 * t;
	const right = box.width - 1.6 * t;
	const passes = Math.max(4, Math.round((right - left) / (2.6 * t)));
	const marks: Mark[] = [];
	const top = (index: number) => 0.8 * t + index * (band + gap);
	for (const index of [0, 1]) {
		let along = '';
		for (let strand = 0; strand < mat.warpStrands; strand++)
			along += `M${left} ${top(index) + ((strand + 0.5) * band) / mat.warpStrands}H${right}`;
		marks.push({ path: along, stroke: 'film', width: (band / mat.warpStrands) * 0.7 });
		let weaver = `M${left} ${top(index)}`;
		for (let pass = 1; pass <= passes; pass++) {
			const x = left + (pass * (right - left)) / passes;
			const y = pass % 2 === 1 ? band : index === 0 ? 0 : -0.45 * t;
			weaver += `L${x} ${top(index) + y}`;
		}
		marks.push({ path: weaver, stroke: 'weft', width: 0.4 * t, isRound: true });
	}
	const foot = top(1) + band;
	marks.push(
		{
			path: measureLine([right + t, top(0)], [right + t, top(0) + band], 0.3 * t),
			stroke: 'ink',
			width: pen
		},
		{ words: words.bandWidth, x: right + 0.6 * t, y: foot + 1.6 * t, anchor: 'end', isBold: true },
		{ words: words.links[0], x: left, y: foot + 3 * t },
		{ words: words.links[1], x: left, y: foot + 4.4 * t }
	);
	return { width: box.width, height: foot + 5 * t, marks };
}

/**
 * The turn at the end of a band, braided so many crossings far, seen from the worker.
 *
 * @param strands 3 or 4
 * @param crossings drawn, from 0
 * @param room how many crossings the drawing leaves room for
 * @example turnScene(3, 2, 6, { width: 300, tallest: 200, type: 13 }).marks.length // 9
 */
export function turnScene(strands: number, crossings: number, room: number, box: Box): Scene {
	const t = box.type;
	const lane = 1.5 * t;
	const left = 1.6 * t;
	const step = (box.width - left - 1.8 * t) / Math.max(1, room);
	const y = (at: number) => 0.9 * t + at * lane;
	const orders = Array.from({ length: crossings + 1 }, (_, crossing) => braid(strands, crossing));
	const last = orders[crossings] ?? [];
	const marks: Mark[] = [];
	for (let strand = 0; strand < strands; strand++) {
		let path = `M${left} ${y(strand)}`;
		for (let crossing = 1; crossing <= crossings; crossing++) {
			const before = y((orders[crossing - 1] ?? []).indexOf(strand));
			const after = y((orders[crossing] ?? []).indexOf(strand));
			const x = left + crossing * step;
			path += `C${x - step / 2} ${before} ${x - step / 2} ${after} ${x} ${after}`;
		}
		const name = strandNames[strand] ?? '';
		marks.push(
			{ path, stroke: tones[strand] ?? 'ink', width: 0.55 * t, isRound: true },
			{ words: name, x: 0.3 * t, y: y(strand) + 0.35 * t },
			{ words: name, x: left + crossings * step + 0.7 * t, y: y(last.indexOf(strand)) + 0.35 * t }
		);
	}
	return { width: box.width, height: y(strands - 1) + 0.9 * t, marks };
}
