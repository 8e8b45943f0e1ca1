import {
	boardNumbers,
	fewestMarkers,
	markerCorners,
	markerOf,
	middleOf,
	middleOfBoard
} from './board';
import { cornersByLight } from './corners';
import { median } from './ground';
import { between, brightness, type Light, type Picture } from './light';
import { fromBoard, mapped, mmPerPxAt, planeOf, planeToPlane, type Plane } from './plane';
import type { Problem } from './problem';
import type { Marker, Sight } from './sight';

/** The plane of a picture's boards, or why there is none. */
export type BoardsSeen =
	| {
			readonly problem: Problem;
			readonly boards: readonly BoardCount[];
			readonly residualMm?: number;
	  }
	| { readonly problem: null; readonly boards: readonly BoardCount[]; readonly plane: Plane };

/** How many markers of a board were read. */
export interface BoardCount {
	readonly board: number;
	readonly markers: number;
}

/** More than this, mm (root mean square), and the sheet does not lie flat, or was scaled. */
export const flatWithinMm = 0.8;

/** How wide the change from print to paper may be, pixels (from a fifth to four fifths): 1 to 2 where it is sharp. */
const sharpWithinPx = 4.2;

/** Below this it is sharp enough for a bent sheet to be told. */
const sharpEnoughPx = 2.6;

/** A board far away is seen coarsely: so many pixels its corners may lie off, whatever they are in mm. */
const flatWithinPx = 0.45;

/** Light below which a picture that shows no sheet is too dark for one; a sheet's paper in good light gives half and more. */
const darkBelow = 0.08;

const countsOf = (markers: readonly Marker[]): BoardCount[] =>
	boardNumbers.flatMap((board) => {
		const count = markers.filter(({ id }) => markerOf(id)?.board === board).length;
		return count ? [{ board, markers: count }] : [];
	});

/** The pixels of which one in fifty is brighter: paper, if there is any. */
function brightest({ width, height, red, green, blue }: Light): number {
	const values: number[] = [];
	const stride = Math.max(1, Math.round(Math.sqrt((width * height) / 20_000)));
	for (let at = 0; at < width * height; at += stride * stride)
		values.push(brightness(red[at]!, green[at]!, blue[at]!));
	values.sort((a, b) => a - b);
	return values[Math.floor(0.98 * values.length)] ?? 0;
}

/** How far a step of light is looked at each way, pixels. */
const stepReach = 14;

/** How wide the sharpest of a picture's strong edges are, pixels (from a fifth to four fifths); 0 where it has none. */
function edgeWidth({ width, height, red, green, blue }: Light, sight: Sight): number {
	const grey = green.map((v, at) => brightness(red[at]!, v, blue[at]!));
	const even = sight.evened(grey, width, height, 1.5);
	const steep: { at: number; slope: number; dx: number; dy: number }[] = [];
	for (let y = stepReach + 1; y < height - stepReach - 1; y += 3)
		for (let x = stepReach + 1; x < width - stepReach - 1; x += 3) {
			const at = y * width + x;
			const dx = (even[at + 1]! - even[at - 1]!) / 2;
			const dy = (even[at + width]! - even[at - width]!) / 2;
			steep.push({ at, slope: Math.hypot(dx, dy), dx, dy });
		}
	steep.sort((a, b) => b.slope - a.slope);
	const widths: number[] = [];
	for (const { at, slope, dx, dy } of steep.slice(0, 600)) {
		if (slope <= 0) break;
		const [x, y] = [at % width, Math.floor(at / width)];
		const along = Array.from({ length: 4 * stepReach + 1 }, (_, nth) => {
			const off = nth / 2 - stepReach;
			return between(even, width, height, x + (off * dx) / slope, y + (off * dy) / slope);
		});
		const [low, high] = [Math.min(...along), Math.max(...along)];
		if (high - low < 0.05) continue;
		const last = along.findLastIndex(
			(v, nth) => nth < 2 * stepReach && v < low + 0.2 * (high - low)
		);
		const first = along.findIndex((v, nth) => nth > 2 * stepReach && v > low + 0.8 * (high - low));
		if (last >= 0 && first >= 0) widths.push((first - last) / 2);
	}
	return widths.length > 20 ? median(widths) : 0;
}

/** Whether a board's missing markers lie outside the picture, as far as one marker tells where they are. */
function goesOver(held: readonly Marker[], { width, height }: Picture): boolean {
	const [marker] = held;
	const own = marker && markerOf(marker.id);
	if (!marker || !own) return false;
	const printed = markerCorners(own.nth);
	const mapping = planeToPlane(marker.corners.map((corner, at) => [printed[at]!, corner] as const));
	if (!mapping) return false;
	return [0, 1, 2, 3, 4, 5].some((nth) =>
		markerCorners(nth).some(([x, y]) => {
			const w = mapping[6]! * x + mapping[7]! * y + 1;
			const [u, v] = mapped(mapping, [x, y]);
			return w <= 0 || u < 0 || v < 0 || u > width - 1 || v > height - 1;
		})
	);
}

/**
 * Finds the boards of a picture, and the plane in which they lie.
 *
 * @example boardsSeen({ width: 40, height: 40, data: new Uint8Array(6400) }, exampleLight(40, 40, 0.01), blindSight, 1).problem // 'dark'
 */
export function boardsSeen(
	picture: Picture,
	light: Light,
	sight: Sight,
	scale: number
): BoardsSeen {
	const found = sight.markers(picture).filter(({ id }) => markerOf(id));
	const boards = countsOf(found);
	if (!found.length) {
		if (brightest(light) < darkBelow) return { problem: 'dark', boards };
		return { problem: edgeWidth(light, sight) > sharpWithinPx ? 'blurred' : 'no-board', boards };
	}
	const exact = found.map(({ id, corners }) => ({ id, ...cornersByLight(light, corners) }));
	const blurPx = median(exact.map((one) => one.blurPx));
	if (blurPx > sharpWithinPx) return { problem: 'blurred', boards };
	const isTwice = found.some((one, at) =>
		found.some((other, next) => {
			if (next <= at || other.id !== one.id) return false;
			const [a, b] = [middleOf(one.corners), middleOf(other.corners)];
			const [corner, opposite] = [one.corners[0], one.corners[2]];
			const side = Math.hypot(opposite[0] - corner[0], opposite[1] - corner[1]);
			return Math.hypot(a[0] - b[0], a[1] - b[1]) > side;
		})
	);
	if (isTwice) return { problem: 'twice', boards };
	const of = (board: number) => exact.filter(({ id }) => markerOf(id)?.board === board);
	const whole = boards.filter(({ markers }) => markers >= fewestMarkers);
	const isCut = boards.some(
		({ board, markers }) => markers < fewestMarkers && goesOver(of(board), picture)
	);
	if (!whole.length || isCut) return { problem: 'board-cut', boards };
	const plane = planeOf(
		whole.flatMap(({ board }) => of(board)),
		picture,
		scale
	);
	if (!plane) return { problem: 'no-board', boards };
	const isBent =
		plane.residualMm > flatWithinMm ||
		plane.boards.some(
			(pose) =>
				pose.residualMm >
				Math.max(flatWithinMm, flatWithinPx * mmPerPxAt(plane, fromBoard(pose, middleOfBoard)))
		);
	// What is not sharp cannot be told to be bent.
	if (isBent)
		return {
			problem: blurPx > sharpEnoughPx ? 'blurred' : 'not-flat',
			boards,
			residualMm: plane.residualMm
		};
	return { problem: null, boards, plane };
}
