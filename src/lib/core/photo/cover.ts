import type { FabricSeen } from './fabric';
import { median } from './ground';
import type { Light } from './light';
import type { Box } from './outline';
import { patchOf } from './patch';
import type { Plane } from './plane';

/** How much of a piece's inside the ground shows through. */
export interface CoverSeen {
	readonly gapShare: number;
	/** Half of its 80 % range. */
	readonly spread: number;
	/** The inner rectangle that was looked at. */
	readonly inner: Box;
}

/** How many stitches and rows at each side are not of the inside. */
const stitchesLeftOut = 1.25;
/** How far inside, mm, where stitches could not be counted. */
const leftOutMm = 15;

/** A place is a gap where its light is nearer to the ground's than this share of the way to the piece's: strands are darker at their sides. */
const gapBelow = 0.32;

/** Least distance of the piece's light from the ground's, for gaps to be told. */
const leastApart = 0.03;

/** mm to a pixel of what is looked at. */
const fineMm = 0.4;

/** How far about the piece its ground is looked at, mm: from and to. */
const ringMm = { from: 6, to: 14 } as const;

/** Half of the range, as a share of the gaps and by itself. */
const spreadOf = (share: number) => 0.006 + 0.06 * share;

/**
 * Closeness by the light that comes through: the share of the inner rectangle where the dark ground shows.
 *
 * @param box the piece's mean sides in the plane, mm
 * @returns null where the piece is as light as its ground
 * @example coverOf(exampleLight(99, 99, 0.5), flatPlane, { turn: 0, left: 0, right: 40, top: 0, bottom: 40 }, null) // null
 */
export function coverOf(
	light: Light,
	plane: Plane,
	box: Box,
	fabric: FabricSeen | null
): CoverSeen | null {
	const [x, y] = fabric
		? fabric.isTurned
			? [fabric.rows.pitchMm, fabric.ends.pitchMm]
			: [fabric.ends.pitchMm, fabric.rows.pitchMm]
		: [leftOutMm / stitchesLeftOut, leftOutMm / stitchesLeftOut];
	const grown = (left: number, top: number): Box => ({
		turn: box.turn,
		left: box.left - left,
		right: box.right + left,
		top: box.top - top,
		bottom: box.bottom + top
	});
	const inner = grown(-stitchesLeftOut * x, -stitchesLeftOut * y);
	if (inner.right - inner.left < 10 || inner.bottom - inner.top < 10) return null;
	const about = patchOf(light, plane, grown(ringMm.to, ringMm.to), 2 * fineMm);
	const ring: [number[], number[], number[]] = [[], [], []];
	for (let row = 0; row < about.height; row++)
		for (let column = 0; column < about.width; column++) {
			const in_ =
				Math.min(row, column, about.height - 1 - row, about.width - 1 - column) * about.mm;
			if (in_ > ringMm.to - ringMm.from) continue;
			about.colours.forEach((values, colour) =>
				ring[colour]!.push(values[row * about.width + column]!)
			);
		}
	const ground = ring.map(median);
	const inside = patchOf(light, plane, inner, fineMm);
	const piece = inside.colours.map((values) => median([...values]));
	const way = piece.map((v, colour) => v - ground[colour]!);
	const squared = way.reduce((sum, v) => sum + v * v, 0);
	if (Math.sqrt(squared) < leastApart) return null;
	let gaps = 0;
	for (let at = 0; at < inside.values.length; at++) {
		const share =
			way.reduce(
				(sum, v, colour) => sum + v * (inside.colours[colour]![at]! - ground[colour]!),
				0
			) / squared;
		if (share < gapBelow) gaps++;
	}
	const gapShare = gaps / inside.values.length;
	return { gapShare, spread: spreadOf(gapShare), inner };
}
