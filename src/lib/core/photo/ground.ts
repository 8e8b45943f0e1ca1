import { labOfLight } from '../colour/near-colour';
import type { Place } from './board';
import { between, type Light } from './light';
import { fromBoard, type Plane, type Pose } from './plane';
import type { Sight } from './sight';

/** Pages the sheet is printed on, about the board's own corner, mm. */
const pages = {
	a4: { left: -15, right: 195, top: -28.5, bottom: 268.5 },
	letter: { left: -17.95, right: 197.95, top: -19.7, bottom: 259.7 }
} as const;
type Page = (typeof pages)[keyof typeof pages];

/** How far beyond its place a page may reach, for a sheet cut or fed a little off, mm. */
const pageSlackMm = 1.5;

/**
 * Light of a picture where each value is the mean of so many pixels each way.
 *
 * @example coarser(exampleLight(4, 4, 0.5), 2).width // 2
 */
export function coarser(light: Light, step: number): Light {
	if (step === 1) return light;
	const width = Math.floor(light.width / step);
	const height = Math.floor(light.height / step);
	const even = (values: Float32Array): Float32Array => {
		const out = new Float32Array(width * height);
		for (let y = 0; y < height; y++)
			for (let x = 0; x < width; x++) {
				let sum = 0;
				for (let dy = 0; dy < step; dy++) {
					const at = (y * step + dy) * light.width + x * step;
					for (let dx = 0; dx < step; dx++) sum += values[at + dx] as number;
				}
				out[y * width + x] = sum / (step * step);
			}
		return out;
	};
	return { width, height, red: even(light.red), green: even(light.green), blue: even(light.blue) };
}

/**
 * The light at a place of the picture, pixels: red, green, blue.
 *
 * @example lightAt(exampleLight(4, 4, 0.5), [1.5, 2]) // [0.5, 0.5, 0.5]
 */
export const lightAt = (light: Light, [x, y]: Place): [number, number, number] => [
	between(light.red, light.width, light.height, x, y),
	between(light.green, light.width, light.height, x, y),
	between(light.blue, light.width, light.height, x, y)
];

/**
 * The middle one of some numbers; 0 of none.
 *
 * @example median([3, 1, 2, 10]) // 2.5
 */
export function median(values: readonly number[]): number {
	const sorted = [...values].sort((a, b) => a - b);
	const half = sorted.length >> 1;
	if (sorted.length % 2) return sorted[half]!;
	return sorted.length ? (sorted[half - 1]! + sorted[half]!) / 2 : 0;
}

/** The middle light of places of a board. */
function middleLight(light: Light, plane: Plane, pose: Pose, places: readonly Place[]) {
	const seen = places
		.map((place) => plane.toPicture(fromBoard(pose, place)))
		.filter(([x, y]) => x >= 0 && y >= 0 && x < light.width && y < light.height)
		.map((place) => lightAt(light, place));
	return [0, 1, 2].map((colour) => median(seen.map((one) => one[colour]!))) as [
		number,
		number,
		number
	];
}

const along = (from: number, to: number, step: number): number[] =>
	Array.from({ length: Math.floor((to - from) / step) + 1 }, (_, nth) => from + nth * step);

/**
 * Light that bare paper gives at a board.
 *
 * @example paperLight(exampleLight(300, 300, 0.7), flatPlane, flatPlane.boards[0]).map((v) => Math.round(10 * v)) // [7, 7, 7]
 */
export const paperLight = (light: Light, plane: Plane, pose: Pose) =>
	middleLight(light, plane, pose, [
		...along(46, 136, 6).flatMap((x): Place[] => [
			[x, 24],
			[x, 27],
			[x, 218],
			[x, 223]
		])
	]);

/**
 * Light that bare paper gives on the whole: the mean of all boards whose paper is in the picture.
 *
 * @example paperOf(exampleLight(300, 300, 0.7), flatPlane).map((v) => Math.round(10 * v)) // [7, 7, 7]
 */
export const paperOf = (light: Light, plane: Plane): [number, number, number] =>
	meanPaper(plane.boards.map((pose) => paperLight(light, plane, pose)));

/** The mean of papers; those outside the picture give no light. */
function meanPaper(all: readonly (readonly [number, number, number])[]): [number, number, number] {
	const papers = all.filter((paper) => paper.every((v) => v > 0));
	const mean = (colour: 0 | 1 | 2) =>
		papers.reduce((sum, one) => sum + one[colour], 0) / Math.max(1, papers.length);
	return [mean(0), mean(1), mean(2)];
}

/** Which page a board is printed on: where only A4 reaches, is there paper? */
function pageOf(light: Light, plane: Plane, pose: Pose, paper: readonly number[]): Page {
	const ends = [-24.5, 264.5].map((y) =>
		middleLight(
			light,
			plane,
			pose,
			along(20, 160, 5).map((x): Place => [x, y])
		)
	);
	const isPaper = (one: readonly number[]) =>
		one.every((v, colour) => v > 0.75 * paper[colour]! && v < 1.3 * paper[colour]!);
	return ends.some(isPaper) ? pages.a4 : pages.letter;
}

/** What a place of a picture is: of the ground or what lies there, of a sheet's paper, or nothing of the plane. */
export const of = { ground: 0, paper: 1, beyond: 2 } as const;

/** A picture made coarse, as the eye tells its colours apart, and what each pixel is of. */
export interface Seen {
	readonly width: number;
	readonly height: number;
	/** Pixels of the picture that one of these stands for, each way. */
	readonly step: number;
	readonly lightness: Float32Array;
	readonly a: Float32Array;
	readonly b: Float32Array;
	readonly where: Uint8Array;
}

/**
 * Where a place of a coarse picture is in the picture itself.
 *
 * @example fromCoarse(2, [10, 20]) // [20.5, 40.5]
 */
export const fromCoarse = (step: number, [x, y]: Place): Place => [
	x * step + (step - 1) / 2,
	y * step + (step - 1) / 2
];

/** How bright paper is to be: sRGB 245. */
export const paperShare = 0.913;

/** Farther from every board than this, mm, and it is not of the thing that is measured. */
const reachMm = 2_600;

/**
 * A picture as it is seen on its plane.
 *
 * @example seenOn(exampleLight(40, 30, 0.5), flatPlane, blindSight).step // 1
 */
export function seenOn(light: Light, plane: Plane, sight: Sight, longSide = 800): Seen {
	const step = Math.max(1, Math.round(Math.max(light.width, light.height) / longSide));
	const coarse = coarser(light, step);
	const { width, height } = coarse;
	const count = width * height;
	const papers = plane.boards.map((pose) => paperLight(light, plane, pose));
	const paper = meanPaper(papers);
	const [red, green, blue] = [coarse.red, coarse.green, coarse.blue].map((values, colour) => {
		const even = sight.evened(values, width, height, 1.2);
		const by = paperShare / Math.max(1e-4, paper[colour]!);
		for (let at = 0; at < count; at++) even[at]! *= by;
		return even;
	}) as [Float32Array, Float32Array, Float32Array];
	const [lightness, a, b] = [0, 1, 2].map(() => new Float32Array(count)) as [
		Float32Array,
		Float32Array,
		Float32Array
	];
	for (let at = 0; at < count; at++) {
		const lab = labOfLight(red[at]!, green[at]!, blue[at]!);
		lightness[at] = lab[0];
		a[at] = lab[1];
		b[at] = lab[2];
	}
	const sheets = plane.boards.map((pose, nth) => ({
		pose,
		page: pageOf(light, plane, pose, papers[nth]!)
	}));
	const where = whatEachIsOf({ width, height, step }, plane, sight, sheets);
	return { width, height, step, lightness, a, b, where };
}

/** Pixels of a coarse picture that are told at once: none of these is as large as a thing. */
const cell = 8;

function whatEachIsOf(
	{ width, height, step }: { width: number; height: number; step: number },
	plane: Plane,
	sight: Sight,
	sheets: readonly { pose: Pose; page: Page }[]
): Uint8Array {
	const where = new Uint8Array(width * height);
	for (let top = 0; top < height; top += cell)
		for (let left = 0; left < width; left += cell) {
			const here = fromCoarse(step, [left + cell / 2, top + cell / 2]);
			const there = plane.toPlane(here);
			const back = plane.toPicture(there);
			const isBeyond =
				// Behind the camera a plane is seen upside down: such places do not come back.
				Math.hypot(back[0] - here[0], back[1] - here[1]) > 2 * step ||
				plane.boards.every((pose) => Math.hypot(there[0] - pose.x, there[1] - pose.y) > reachMm);
			if (!isBeyond) continue;
			for (let y = top; y < Math.min(height, top + cell); y++)
				where.fill(of.beyond, y * width + left, y * width + Math.min(width, left + cell));
		}
	for (const { pose, page } of sheets) {
		const [left, right] = [page.left - pageSlackMm, page.right + pageSlackMm];
		const [top, bottom] = [page.top - pageSlackMm, page.bottom + pageSlackMm];
		const corners: Place[] = [
			[left, top],
			[right, top],
			[right, bottom],
			[left, bottom]
		];
		const sheet = sight.filled(
			width,
			height,
			corners.map((corner): Place => {
				const [x, y] = plane.toPicture(fromBoard(pose, corner));
				return [Math.round((x - (step - 1) / 2) / step), Math.round((y - (step - 1) / 2) / step)];
			})
		);
		for (let at = 0; at < where.length; at++) if (sheet.data[at]) where[at] = of.paper;
	}
	return where;
}
