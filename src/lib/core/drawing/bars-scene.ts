import type { Box, Mark, Scene } from './scene';
import { penOf, rectangle } from './scene';

/** A bar: what it stands for, and how high. */
export interface ChartBar {
	readonly name: string;
	readonly value: number;
}

/**
 * Bars beside each other over their names, each with its figure on top; nothing stands over a bar of nothing.
 *
 * @param figure how a value is written
 * @example barsScene([{ name: 'Sep', value: 2 }, { name: 'Oct', value: 0 }], String, { width: 200, tallest: 80, type: 10 }).marks.length // 5
 */
export function barsScene(
	bars: readonly ChartBar[],
	figure: (value: number) => string,
	box: Box
): Scene {
	const pen = penOf(box);
	const most = Math.max(1, ...bars.map(({ value }) => value));
	const room = box.width / Math.max(1, bars.length);
	const top = 1.4 * box.type;
	const foot = top + box.tallest;
	const marks: Mark[] = [];
	for (const [at, { name, value }] of bars.entries()) {
		const high = (value / most) * box.tallest;
		const middle = (at + 0.5) * room;
		if (value > 0)
			marks.push(
				{
					path: rectangle(middle - 0.35 * room, foot - high, 0.7 * room, high),
					fill: 'weft',
					stroke: 'ink',
					width: pen
				},
				{
					words: figure(value),
					x: middle,
					y: foot - high - 0.3 * box.type,
					anchor: 'middle',
					isBold: true
				}
			);
		marks.push({ words: name, x: middle, y: foot + 1.3 * box.type, anchor: 'middle' });
	}
	marks.push({ path: `M0 ${foot}H${box.width}`, stroke: 'ink', width: pen });
	return { width: box.width, height: foot + 1.8 * box.type, marks };
}
