import type { BagSketch, BagBand } from '../cut/sketch-bag';
import type { Box, Mark, Scene } from './scene';
import { measureLine, penOf, rectangle, wordsWidth } from './scene';

/** The bag in its drawing: where its bottom left corner lies, and the scale. Up on the bag is up on the page. */
export interface BagPlace {
	readonly left: number;
	/** The bottom seam. */
	readonly bottom: number;
	/** Units a millimetre. */
	readonly scale: number;
}

export interface BagWords {
	/** What is said beside a band of the cut. */
	readonly band: (band: BagBand) => string;
	/** What is said once where the bands are too low for a word each. */
	readonly rings: string;
	/** What is said of a bag cut down its middle. */
	readonly halves: string;
}

export interface MeasureWords {
	readonly width: string;
	readonly gusset: string;
	readonly body: string;
	readonly handle: string;
}

/**
 * Where a bag lies in its box, with so much room left of it and right of it.
 * @example placeBag(sketchBag(bagPresets[0].bag, startingPlan.cut), { width: 300, tallest: 200, type: 13 }, 0, 80).bottom // 207.8
 */
export function placeBag(
	sketch: BagSketch,
	box: Box,
	leftRoom: number,
	rightRoom: number
): BagPlace {
	const pad = box.type * 0.6;
	const head = box.type * (leftRoom > 0 ? 1.6 : 0.6);
	const scale = Math.min(
		(box.width - leftRoom - rightRoom - 2 * pad) / sketch.widthMm,
		box.tallest / (sketch.bodyMm + sketch.handleMm)
	);
	const spare = box.width - leftRoom - rightRoom - 2 * pad - sketch.widthMm * scale;
	return {
		left: leftRoom + pad + Math.max(0, spare) / 2,
		bottom: head + (sketch.bodyMm + sketch.handleMm) * scale,
		scale
	};
}

/** Body, gussets and handles, without a cut. */
function bareBag(sketch: BagSketch, place: BagPlace, pen: number): { under: Mark[]; over: Mark[] } {
	const { left, bottom, scale } = place;
	const width = sketch.widthMm * scale;
	const body = sketch.bodyMm * scale;
	const top = bottom - body;
	const gusset = Math.min(sketch.gussetMm * scale, width / 2.2);
	const under: Mark[] = [];
	if (sketch.handleMm > 0) {
		const rim = top - sketch.handleMm * scale;
		const strap = width * 0.24;
		const [a, b, c, d] = [left, left + strap, left + width - strap, left + width];
		const sag = Math.min(4 * pen, sketch.handleMm * scale);
		under.push({
			path: `M${a} ${top}V${rim}H${b}C${b} ${top - sag} ${b + strap * 0.4} ${top} ${b + strap * 0.7} ${top}H${c - strap * 0.7}C${c - strap * 0.4} ${top} ${c} ${top - sag} ${c} ${rim}H${d}V${top}Z`,
			fill: sketch.areHandlesUsed ? 'film' : 'scrap',
			stroke: 'quiet',
			width: pen
		});
	}
	const over: Mark[] = [];
	if (gusset > 0)
		over.push({
			path:
				rectangle(left, top, gusset, body) + rectangle(left + width - gusset, top, gusset, body),
			fill: 'film',
			stroke: 'quiet',
			width: 0.5 * pen,
			dash: [2 * pen, 2 * pen]
		});
	over.push({ path: rectangle(left, top, width, body), stroke: 'ink', width: 1.5 * pen });
	return { under, over };
}

/**
 * Where a cut bag lies in its box, with room right of it for its longest words.
 * @example placeCut(sketchBag(bagPresets[0].bag, { style: 'half-bag' }), { band: () => 'ring', rings: '2 rings', halves: 'two halves' }, { width: 300, tallest: 200, type: 10 }).bottom // 206
 */
export function placeCut(sketch: BagSketch, words: BagWords, box: Box): BagPlace {
	const longest = Math.max(
		...[...sketch.bands.map(words.band), words.rings, words.halves].map((said) =>
			wordsWidth(said, box.type)
		)
	);
	return placeBag(sketch, box, 0, longest + box.type * 1.2);
}

/**
 * The bag lying flat with the lines to cut, and what each band becomes beside it.
 *
 * @param sketch of the bag and its cut
 * @example cutScene(sketchBag(bagPresets[0].bag, startingPlan.cut), { band: () => 'ring', rings: '4 rings', halves: 'halves' }, { width: 300, tallest: 200, type: 13 }).height // 218.2
 */
export function cutScene(sketch: BagSketch, words: BagWords, box: Box): Scene {
	const place = placeCut(sketch, words, box);
	const { left, bottom, scale } = place;
	const pen = penOf(box);
	const width = sketch.widthMm * scale;
	const x = (mm: number) => left + mm * scale;
	const y = (mm: number) => bottom - mm * scale;
	const { under, over } = bareBag(sketch, place, pen);
	const isHalved = sketch.lines.some(({ kind }) => kind === 'down');
	const isRoomy = (band: BagBand) => (band.toMm - band.fromMm) * scale >= 1.15 * box.type;
	const said = (text: string, at: number): Mark => ({
		words: text,
		x: left + width + box.type,
		y: at + 0.35 * box.type
	});
	const bands = sketch.bands.map((band): Mark => ({
		path: rectangle(left, y(band.toMm), width, (band.toMm - band.fromMm) * scale),
		fill: band.ring === null ? 'scrap' : band.ring % 2 === 0 ? 'film-other' : 'film'
	}));
	const lines = sketch.lines.map(({ kind, from, to }): Mark => {
		const out = kind === 'across' ? 0.45 * box.type : 0;
		return {
			path: `M${x(from[0]) - out} ${y(from[1])}L${x(to[0]) + out} ${y(to[1])}`,
			stroke: kind === 'slant' ? 'film-line' : 'ink',
			width: 1.6 * pen,
			...(kind === 'slant' ? {} : { dash: [6 * pen, 4 * pen] })
		};
	});
	const rings = sketch.bands.filter(({ ring }) => ring !== null);
	const beside = isHalved
		? [said(words.halves, y(sketch.bodyMm / 2))]
		: [
				...sketch.bands
					.filter(isRoomy)
					.map((band) => said(words.band(band), (y(band.fromMm) + y(band.toMm)) / 2)),
				...(rings.some(isRoomy) ? [] : [said(words.rings, y(sketch.bodyMm / 2))])
			];
	return {
		width: box.width,
		height: bottom + 0.8 * box.type,
		marks: [...under, ...bands, ...over, ...lines, ...beside]
	};
}

/**
 * Where a bag lies in its box with its measures, their words left and right of it.
 * @example placeMeasured(sketchBag(bagPresets[0].bag, startingPlan.cut), { width: '30 cm', gusset: '8 cm', body: '38 cm', handle: '15 cm' }, { width: 300, tallest: 200, type: 10 }).bottom // 216
 */
export const placeMeasured = (sketch: BagSketch, words: MeasureWords, box: Box): BagPlace =>
	placeBag(
		sketch,
		box,
		wordsWidth(words.gusset, box.type) + 0.8 * box.type,
		Math.max(wordsWidth(words.body, box.type), wordsWidth(words.handle, box.type)) + 1.8 * box.type
	);

/**
 * The bag lying flat with its measures.
 * @example bagScene(sketchBag(bagPresets[0].bag, startingPlan.cut), { width: '30 cm', gusset: '80 mm', body: '38.5 cm', handle: '15 cm' }, { width: 300, tallest: 200, type: 13 }).width // 300
 */
export function bagScene(sketch: BagSketch, words: MeasureWords, box: Box): Scene {
	const place = placeMeasured(sketch, words, box);
	const { left, bottom, scale } = place;
	const pen = penOf(box);
	const t = box.type;
	const width = sketch.widthMm * scale;
	const top = bottom - sketch.bodyMm * scale;
	const gusset = Math.min(sketch.gussetMm * scale, width / 2.2);
	const rim = top - sketch.handleMm * scale;
	const { under, over } = bareBag({ ...sketch, areHandlesUsed: true }, place, pen);
	const lines = [
		measureLine([left, bottom + t], [left + width, bottom + t], 0.35 * t),
		measureLine([left + width + t, top], [left + width + t, bottom], 0.35 * t)
	];
	if (sketch.handleMm > 0)
		lines.push(measureLine([left + width + t, rim], [left + width + t, top], 0.35 * t));
	if (gusset > 0)
		lines.push(measureLine([left, top + 1.6 * t], [left + gusset, top + 1.6 * t], 0.35 * t));
	return {
		width: box.width,
		height: bottom + 3 * t,
		marks: [
			...under,
			{ path: rectangle(left, top, width, bottom - top), fill: 'film' },
			...over,
			{ path: `M${left} ${bottom}h${width}`, stroke: 'ink', width: 3 * pen },
			{ path: lines.join(''), stroke: 'ink', width: pen },
			{
				words: words.width,
				x: left + width / 2,
				y: bottom + 2.5 * t,
				anchor: 'middle',
				isBold: true
			},
			{
				words: words.body,
				x: left + width + 1.6 * t,
				y: (top + bottom) / 2 + 0.35 * t,
				isBold: true
			},
			...(sketch.handleMm > 0
				? [
						{
							words: words.handle,
							x: left + width + 1.6 * t,
							y: (rim + top) / 2 + 0.35 * t,
							isBold: true
						}
					]
				: []),
			...(gusset > 0
				? [
						{
							words: words.gusset,
							x: left - 0.6 * t,
							y: top + 2 * t,
							anchor: 'end' as const,
							isBold: true
						}
					]
				: [])
		]
	};
}
