import { markerCorners, markerOf, middleOf, type Place } from './board';
import { leastSquares, solved } from './least-squares';
import type { Marker } from './sight';

/** A board's place in the plane: where its top-left corner lies, and how it is turned (radians). */
export interface Pose {
	readonly board: number;
	readonly x: number;
	readonly y: number;
	readonly turn: number;
	readonly markers: number;
	/** Root mean square of what its corners lie off, mm. */
	readonly residualMm: number;
}

/** The plane in which all boards lie, as this picture sees it; its millimetres are those of the first board. */
export interface Plane {
	readonly boards: readonly Pose[];
	/** Root mean square of what all corners lie off, mm. */
	readonly residualMm: number;
	/** How far the camera is over the plane, mm, and the place right below it. */
	readonly cameraMm: number;
	readonly below: Place;
	/** Where a place of the plane (mm) is in the picture (pixels). */
	toPicture(place: Place): Place;
	/** Where a place of the picture (pixels) is in the plane (mm). */
	toPlane(place: Place): Place;
	/** The numbers it is made of, from which it can be made again. */
	readonly view: View;
}

/** How a plane is seen, in plain numbers. */
export interface View {
	/** The plane's millimetres to units of the picture about its middle, nine numbers. */
	readonly mapping: readonly number[];
	/** The lens's one radial term, for units. */
	readonly lens: number;
	readonly centre: Place;
	/** Pixels of a unit. */
	readonly unit: number;
}

/**
 * A plane's two ways, from how it is seen.
 *
 * @example waysOf(flatView).toPlane([60, 70]).map(Math.round) // [10, 20]
 */
export function waysOf({
	mapping,
	lens,
	centre,
	unit
}: View): Pick<Plane, 'toPicture' | 'toPlane'> {
	const inverse = inverseOf(mapping);
	return {
		toPicture: (place) => {
			const [x, y] = bent(mapping, lens, place);
			return [centre[0] + x * unit, centre[1] + y * unit];
		},
		toPlane: ([px, py]) => {
			const [x, y] = [(px - centre[0]) / unit, (py - centre[1]) / unit];
			let [u, v] = [x, y];
			if (lens !== 0)
				for (let round = 0; round < 6; round++) {
					const bend = 1 + lens * (u * u + v * v);
					[u, v] = [x / bend, y / bend];
				}
			return mapped(inverse, [u, v]);
		}
	};
}

/** Where a place of the plane is, in units, through the lens. */
function bent(mapping: Nine, lens: number, place: Place): Place {
	const [x, y] = mapped(mapping, place);
	const bend = 1 + lens * (x * x + y * y);
	return [x * bend, y * bend];
}

type Nine = readonly number[];

/**
 * A place through a mapping of a plane on another, nine numbers.
 *
 * @example mapped([1, 0, 5, 0, 1, 6, 0, 0, 1], [1, 2]) // [6, 8]
 */
export const mapped = (m: Nine, [x, y]: Place): Place => {
	const w = m[6]! * x + m[7]! * y + m[8]!;
	return [(m[0]! * x + m[1]! * y + m[2]!) / w, (m[3]! * x + m[4]! * y + m[5]!) / w];
};

function inverseOf(m: Nine): number[] {
	const [a, b, c, d, e, f, g, h, i] = m as unknown as [
		number,
		number,
		number,
		number,
		number,
		number,
		number,
		number,
		number
	];
	const det = a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
	return [
		e * i - f * h,
		c * h - b * i,
		b * f - c * e,
		f * g - d * i,
		a * i - c * g,
		c * d - a * f,
		d * h - e * g,
		b * g - a * h,
		a * e - b * d
	].map((v) => v / det);
}

/**
 * The mapping of a plane on another (nine numbers, the last 1) that fits pairs of places best; null where they do not tell.
 *
 * @example planeToPlane([[[0, 0], [1, 1]], [[1, 0], [2, 1]], [[1, 1], [2, 2]], [[0, 1], [1, 2]]]).map(Math.round) // [1, 0, 1, 0, 1, 1, 0, 0, 1]
 */
export function planeToPlane(pairs: readonly (readonly [Place, Place])[]): number[] | null {
	const normal = Array.from({ length: 8 }, () => new Array<number>(8).fill(0));
	const right = new Array<number>(8).fill(0);
	for (const [[x, y], [u, v]] of pairs) {
		for (const [row, wanted] of [
			[[x, y, 1, 0, 0, 0, -u * x, -u * y], u],
			[[0, 0, 0, x, y, 1, -v * x, -v * y], v]
		] as const)
			for (let i = 0; i < 8; i++) {
				for (let j = 0; j < 8; j++) normal[i]![j]! += row[i]! * row[j]!;
				right[i]! += row[i]! * wanted;
			}
	}
	const found = solved(normal, right);
	return found && [...found, 1];
}

const turned = ({ x, y, turn }: { x: number; y: number; turn: number }, place: Place): Place => [
	x + Math.cos(turn) * place[0] - Math.sin(turn) * place[1],
	y + Math.sin(turn) * place[0] + Math.cos(turn) * place[1]
];

/**
 * mm that a pixel stands for, where a place of the plane is seen.
 *
 * @example mmPerPxAt(flatPlane, [10, 10]) // 1
 */
export function mmPerPxAt(plane: Pick<Plane, 'toPicture' | 'toPlane'>, place: Place): number {
	const [x, y] = plane.toPicture(place);
	const there = plane.toPlane([x + 1, y + 1]);
	return Math.hypot(there[0] - place[0], there[1] - place[1]) / Math.SQRT2;
}

/**
 * A place of a board (mm) as a place of the plane.
 *
 * @example fromBoard({ board: 0, x: 10, y: 20, turn: 0, markers: 6, residualMm: 0 }, [1, 2]) // [11, 22]
 */
export const fromBoard = (pose: Pose, place: Place): Place => turned(pose, place);

/**
 * A place of the plane as a place of a board (mm).
 *
 * @example onBoard({ board: 0, x: 10, y: 20, turn: 0, markers: 6, residualMm: 0 }, [11, 22]) // [1, 2]
 */
export function onBoard({ x, y, turn }: Pose, place: Place): Place {
	const [dx, dy] = [place[0] - x, place[1] - y];
	return [Math.cos(turn) * dx + Math.sin(turn) * dy, -Math.sin(turn) * dx + Math.cos(turn) * dy];
}

/** Focal length of most phones, in halves of the longer side: they see 60 to 75 degrees along it. */
const usualFocal = 1.45;

/** How far the camera is over a plane, from how the plane is seen, for square pixels about the picture's middle. */
function cameraOver(m: Nine): { cameraMm: number; below: Place; focal: number } {
	// Columns of the mapping are the camera's axes times the focal length; two of them are upright to
	// each other and of one length, which tells the focal length where the picture was taken aslant.
	const at = (focal: number) => {
		const one = [m[0]! / focal, m[3]! / focal, m[6]!] as const;
		const two = [m[1]! / focal, m[4]! / focal, m[7]!] as const;
		const dot = one[0] * two[0] + one[1] * two[1] + one[2] * two[2];
		const [a, b] = [Math.hypot(...one), Math.hypot(...two)];
		return { one, two, dot: dot / (a * b), ratio: Math.log(a / b), length: Math.sqrt(a * b) };
	};
	let best = { cost: Infinity, focal: 1 };
	for (let step = -60; step <= 60; step++) {
		const focal = usualFocal * Math.exp(step / 80);
		const { dot, ratio } = at(focal);
		const cost =
			(dot / 0.006) ** 2 + (ratio / 0.006) ** 2 + (Math.log(focal / usualFocal) / 0.14) ** 2;
		if (cost < best.cost) best = { cost, focal };
	}
	const { one, two, length } = at(best.focal);
	const three = [
		(one[1] * two[2] - one[2] * two[1]) / length ** 2,
		(one[2] * two[0] - one[0] * two[2]) / length ** 2,
		(one[0] * two[1] - one[1] * two[0]) / length ** 2
	] as const;
	const t = [m[2]! / best.focal / length, m[5]! / best.focal / length, m[8]! / length] as const;
	const along = (axis: readonly [number, number, number]) =>
		-(axis[0] * t[0] + axis[1] * t[1] + axis[2] * t[2]);
	return {
		cameraMm: Math.abs(along(three)),
		below: [
			along([one[0] / length, one[1] / length, one[2] / length]),
			along([two[0] / length, two[1] / length, two[2] / length])
		],
		focal: best.focal
	};
}

/**
 * The plane in which the boards of a picture lie: its mapping into the picture, the places of all boards
 * but the first and, with two boards or more, one radial term of the lens, fitted together to all corners.
 *
 * @param markers with corners as exact as they can be had
 * @param size of the picture, pixels
 * @param scale by which the printer made the sheet smaller or larger (1: as it should be)
 * @returns null where no board's mapping can be told
 * @example planeOf(flatMarkers, { width: 300, height: 300 }).residualMm < 0.01 // true
 */
export function planeOf(
	markers: readonly Marker[],
	size: { width: number; height: number },
	scale = 1
): Plane | null {
	const unit = Math.max(size.width, size.height) / 2;
	const centre: Place = [(size.width - 1) / 2, (size.height - 1) / 2];
	const inUnits = ([x, y]: Place): Place => [(x - centre[0]) / unit, (y - centre[1]) / unit];
	const boards = new Map<number, { at: Place; seen: Place; area: number }[]>();
	for (const marker of markers) {
		const of = markerOf(marker.id);
		if (!of) continue;
		const printed = markerCorners(of.nth);
		const held = boards.get(of.board) ?? [];
		const [a, , c] = marker.corners;
		const area = Math.hypot(c[0] - a[0], c[1] - a[1]);
		marker.corners.forEach((corner, at) =>
			held.push({
				at: [printed[at]![0] * scale, printed[at]![1] * scale],
				seen: inUnits(corner),
				area
			})
		);
		boards.set(of.board, held);
	}
	const size_ = (seen: readonly { area: number }[]) => seen.reduce((sum, s) => sum + s.area, 0);
	const ordered = [...boards].sort((a, b) => size_(b[1]) - size_(a[1]));
	const first = ordered[0];
	if (!first) return null;
	const begin = planeToPlane(first[1].map(({ at, seen }) => [at, seen] as const));
	if (!begin) return null;
	const back = inverseOf(begin);
	// Where the other boards lie, told by the first one's mapping: turned and moved, of their own size.
	const poses = ordered.slice(1).map(([, seen]) => {
		const there = seen.map((s) => mapped(back, s.seen));
		const [own, seenMean] = [middleOf(seen.map((s) => s.at)), middleOf(there)];
		let [sine, cosine] = [0, 0];
		seen.forEach((s, at) => {
			const [ax, ay] = [s.at[0] - own[0], s.at[1] - own[1]];
			const [bx, by] = [there[at]![0] - seenMean[0], there[at]![1] - seenMean[1]];
			cosine += ax * bx + ay * by;
			sine += ax * by - ay * bx;
		});
		const turn = Math.atan2(sine, cosine);
		const moved = turned({ x: 0, y: 0, turn }, own);
		return [seenMean[0] - moved[0], seenMean[1] - moved[1], turn];
	});
	const hasLens = ordered.length > 1;
	const from = [...begin.slice(0, 8), ...(hasLens ? [0] : []), ...poses.flat()];
	const posesAt = hasLens ? 9 : 8;
	const read = (parameters: readonly number[]) => ({
		mapping: [...parameters.slice(0, 8), 1],
		lens: hasLens ? parameters[8]! : 0,
		pose: (nth: number) => ({
			x: nth === 0 ? 0 : parameters[posesAt + 3 * (nth - 1)]!,
			y: nth === 0 ? 0 : parameters[posesAt + 3 * (nth - 1) + 1]!,
			turn: nth === 0 ? 0 : parameters[posesAt + 3 * (nth - 1) + 2]!
		})
	});
	const fit = leastSquares((parameters) => {
		const { mapping, lens, pose } = read(parameters);
		const left = ordered.flatMap(([, seen], nth) => {
			const own = pose(nth);
			return seen.flatMap((s) => {
				const [x, y] = bent(mapping, lens, turned(own, s.at));
				return [(x - s.seen[0]) * unit, (y - s.seen[1]) * unit];
			});
		});
		// A lens bends by a few hundredths at most: a weak hold where the corners do not tell.
		if (hasLens) left.push(lens * 10);
		return left;
	}, from);
	const { mapping, lens, pose } = read(fit.parameters);
	const view: View = { mapping, lens, centre, unit };
	const ways = waysOf(view);
	const squares: number[] = [];
	const found = ordered.map(([board, seen], nth): Pose => {
		const own = pose(nth);
		const off = seen.map((s) => {
			const there = ways.toPlane([centre[0] + s.seen[0] * unit, centre[1] + s.seen[1] * unit]);
			const wanted = turned(own, s.at);
			return (there[0] - wanted[0]) ** 2 + (there[1] - wanted[1]) ** 2;
		});
		squares.push(...off);
		return {
			board,
			...own,
			markers: seen.length / 4,
			residualMm: Math.sqrt(off.reduce((sum, v) => sum + v, 0) / off.length)
		};
	});
	const { cameraMm, below } = cameraOver(mapping);
	return {
		boards: found,
		residualMm: Math.sqrt(squares.reduce((sum, v) => sum + v, 0) / squares.length),
		cameraMm,
		below,
		...ways,
		view
	};
}
