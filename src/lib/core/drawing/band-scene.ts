import type { Box, Mark, Scene } from './scene';
import { penOf } from './scene';

/** What is likely at the end of a step, and what it lies between. */
export interface BandPoint {
	readonly low: number;
	readonly expected: number;
	readonly high: number;
}

/** A band over the weeks, from what there is today, against what is wanted. */
export interface BandOrder {
	readonly start: number;
	readonly points: readonly BandPoint[];
	readonly wanted: number;
	/** What stands under today and under each point; nothing where a word is left out. */
	readonly names: readonly string[];
	/** What stands beside the line of what is wanted. */
	readonly wantedWords: string;
}

/**
 * A forecast as a drawing: its band, the line of what is likely, and the dashed line of what is wanted.
 *
 * @param box room in the drawing's units; words not counted
 * @example bandScene({ start: 1, points: [{ low: 1, expected: 2, high: 3 }], wanted: 2, names: ['today', '5 Dec'], wantedWords: '2 wanted' }, { width: 100, tallest: 40, type: 4 }).height // 48
 */
export function bandScene(
	{ start, points, wanted, names, wantedWords }: BandOrder,
	box: Box
): Scene {
	const pen = penOf(box);
	const most = Math.max(1, wanted, start, ...points.map(({ high }) => high));
	const left = 3 * box.type;
	const foot = box.tallest + 0.4 * box.type;
	const round = (length: number) => Math.round(length * 1000) / 1000;
	const x = (step: number) =>
		round(left + (step / Math.max(1, points.length)) * (box.width - left - box.type));
	const y = (value: number) => round(foot - (value / (1.08 * most)) * box.tallest);
	const line = (of: keyof BandPoint) =>
		points.map((point, at) => `L${x(at + 1)} ${y(point[of])}`).join('');
	const back = points
		.map((point, at) => `L${x(at + 1)} ${y(point.low)}`)
		.toReversed()
		.join('');
	const marks: Mark[] = [
		{ path: `M${x(0)} ${y(start)}${line('high')}${back}Z`, fill: 'film-other' },
		{
			path: `M${x(0)} ${y(0)}V${y(1.05 * most)}M${x(0)} ${foot}H${box.width}`,
			stroke: 'ink',
			width: pen
		},
		{ path: `M${x(0)} ${y(start)}${line('expected')}`, stroke: 'ink', width: 3 * pen },
		{
			path: `M${x(0)} ${y(wanted)}H${x(points.length)}`,
			stroke: 'ink',
			width: 1.5 * pen,
			dash: [1.2 * box.type, 0.7 * box.type]
		},
		{ words: wantedWords, x: x(0) + 0.5 * box.type, y: y(wanted) - 0.4 * box.type, isBold: true },
		...[
			...new Set([
				start,
				...(points.length > 0 ? [points.at(-1)?.low ?? 0, points.at(-1)?.high ?? 0] : [])
			])
		].map((value): Mark => ({
			words: String(value),
			x: left - 0.5 * box.type,
			y: y(value) + 0.35 * box.type,
			anchor: 'end'
		})),
		...names.flatMap((words, at): Mark[] =>
			words === ''
				? []
				: [
						{ path: `M${x(at)} ${foot}v${0.4 * box.type}`, stroke: 'ink', width: pen },
						{
							words,
							x: x(at),
							y: foot + 1.5 * box.type,
							anchor: at === 0 ? 'start' : at === points.length ? 'end' : 'middle'
						}
					]
		)
	];
	return { width: box.width, height: foot + 1.9 * box.type - 0.3 * box.type, marks };
}
