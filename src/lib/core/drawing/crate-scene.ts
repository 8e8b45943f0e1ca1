import type { PackedCrate } from '../finish/pack-rolls';
import type { Box, Mark, Scene } from './scene';
import { disc, penOf, rectangle } from './scene';

/** A roll as a crate is drawn with it: how thick, mm, and what it is called. */
export interface DrawnRoll {
	readonly diameterMm: number;
	readonly name: string;
}

/**
 * A packed crate seen from its open end: each roll round and named; those of layers behind stand beside
 * the name of the one before them.
 *
 * @example crateScene({ widthMm: 600, heightMm: 400, rolls: [{ roll: 0, xMm: 100, yMm: 100, layer: 1 }] }, [{ diameterMm: 200, name: 'K7QM4' }], { width: 300, tallest: 200, type: 13 }).marks.length // 3
 */
export function crateScene(crate: PackedCrate, rolls: readonly DrawnRoll[], box: Box): Scene {
	const pen = penOf(box);
	const edge = 2 * pen;
	const scale = Math.min(
		(box.width - 2 * edge) / crate.widthMm,
		(box.tallest - 2 * edge) / crate.heightMm
	);
	const [width, height] = [crate.widthMm * scale, crate.heightMm * scale];
	const marks: Mark[] = [
		{
			path: rectangle(edge, edge, width, height),
			fill: 'ground',
			stroke: 'ink',
			width: 2 * pen
		}
	];
	for (const { roll, xMm, yMm } of crate.rolls.filter(({ layer }) => layer === 1)) {
		const own = rolls[roll];
		if (!own) continue;
		const [x, y] = [edge + xMm * scale, edge + height - yMm * scale];
		const radius = (own.diameterMm / 2) * scale;
		marks.push({
			path: disc(x, y, Math.max(pen, radius - pen)),
			fill: 'film',
			stroke: 'ink',
			width: 1.2 * pen
		});
		// Rolls behind lie as this one does.
		const behind = crate.rolls
			.filter((one) => one.layer > 1 && one.xMm === xMm && one.yMm === yMm)
			.map((one) => rolls[one.roll]?.name ?? '');
		for (const [at, name] of [own.name, ...behind].entries())
			marks.push({
				words: name,
				x,
				y: y + box.type * (0.35 + at - behind.length / 2),
				anchor: 'middle'
			});
	}
	return { width: width + 2 * edge, height: height + 2 * edge, marks };
}
