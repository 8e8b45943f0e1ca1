import { boardMm, middleOf, middleOfBoard, type Place } from './board';
import { filmOf, type FilmSeen } from './film';
import { fromCoarse, of, paperShare, seenOn, type Seen } from './ground';
import type { Light } from './light';
import { areaOf, followed } from './outline';
import { labOfLight } from '../colour/near-colour';
import { fromBoard, onBoard, type Plane } from './plane';
import type { Mask, Sight } from './sight';

/** Something that lies there: its outline exactly, in pixels and in mm of the plane. */
export interface Thing {
	readonly places: Place[];
	readonly mm: Place[];
	/** Its area, mm². */
	readonly area: number;
	/** Whether it goes over the picture's edge. */
	readonly isCut: boolean;
	/** How much its light differs from the ground's beside it. */
	readonly contrast: number;
	/** Share of its outline that could not be followed. */
	readonly missed: number;
	/** What colour its film has. */
	readonly film: FilmSeen | null;
}

/** How much less a difference in lightness counts than one in colour: light falls off, colours stay. */
const lightnessShare = 0.5;

/** Colours of the ground: what stands along the picture's edge and beside the sheets. */
function groundOf(seen: Seen, sight: Sight): (readonly number[])[] {
	const { width, height, where, lightness, a, b } = seen;
	const band = Math.round(0.05 * Math.min(width, height));
	const points: number[] = [];
	for (let y = 0; y < height; y += 2)
		for (let x = 0; x < width; x += 2) {
			const at = y * width + x;
			if (where[at] !== of.ground) continue;
			if (x < band || y < band || x >= width - band || y >= height - band)
				points.push(lightness[at]!, a[at]!, b[at]!);
		}
	if (points.length < 300) return [];
	return sight
		.groups(Float32Array.from(points), 5)
		.filter(({ share }) => share > 0.06)
		.map(({ middle }) => middle);
}

function apartSquared({ lightness, a, b }: Seen, at: number, middle: readonly number[]): number {
	const dl = lightnessShare * (lightness[at]! - middle[0]!);
	const da = a[at]! - middle[1]!;
	const db = b[at]! - middle[2]!;
	return dl * dl + da * da + db * db;
}

/** Colours closer than this to the ground are not told from it, however even the ground is; and to paper. */
const leastApart = 3.2;
const leastApartOfPaper = 9;

/** A little more than the free place of a sheet, mm, for what lies over its edge. */
const freeSlackMm = 3;

/** What differs from its ground: on the table from the table, on a sheet's free place from the paper. */
interface Differing {
	/** How far each pixel is from its own ground; 0 where it is none of either. */
	readonly far: Float32Array;
	/** How far the ground's own colours go; what differs is farther. */
	readonly bound: number;
	readonly onSheet: Uint8Array;
}

function differing(seen: Seen, plane: Plane, sight: Sight): Differing {
	const { width, height, where, step } = seen;
	const ground = groundOf(seen, sight);
	const onSheet = new Uint8Array(width * height);
	const far = new Float32Array(width * height);
	const band = Math.round(0.05 * Math.min(width, height));
	const usual: number[] = [];
	const paper = labOfLight(paperShare, paperShare, paperShare);
	const { left, right, top, bottom } = boardMm.free;
	for (let y = 0; y < height; y++)
		for (let x = 0; x < width; x++) {
			const at = y * width + x;
			if (where[at] === of.paper) {
				const there = plane.toPlane(fromCoarse(step, [x, y]));
				const isFree = plane.boards.some((pose) => {
					const [bx, by] = onBoard(pose, there);
					return (
						bx > left - freeSlackMm &&
						bx < right + freeSlackMm &&
						by > top - freeSlackMm &&
						by < bottom + freeSlackMm
					);
				});
				if (!isFree) continue;
				onSheet[at] = 1;
				far[at] = Math.sqrt(apartSquared(seen, at, paper));
				continue;
			}
			if (where[at] !== of.ground) continue;
			let least = Infinity;
			for (let nth = 0; nth < ground.length; nth++) {
				const squared = apartSquared(seen, at, ground[nth]!);
				if (squared < least) least = squared;
			}
			const nearest = Math.sqrt(least);
			far[at] = nearest;
			if (x < band || y < band || x >= width - band || y >= height - band) usual.push(nearest);
		}
	const bound = Math.max(leastApart, 1.5 * quantileOf(usual, 0.9));
	return { far, bound, onSheet };
}

function maskOf({ far, onSheet }: Differing, { width, height }: Seen, bound: number): Mask {
	const data = new Uint8Array(far.length);
	const ofPaper = Math.max(bound, leastApartOfPaper);
	for (let at = 0; at < data.length; at++)
		if (far[at]! > (onSheet[at] ? ofPaper : bound)) data[at] = 1;
	return { width, height, data };
}

/** Smaller than this, mm², and it is a speck, not a thing. */
const leastAreaMm2 = 400;

/** A thing with its outline as the coarse picture has it. */
interface Outlined extends Thing {
	readonly outline: readonly Place[];
}

/** What a mask holds, each with its outline, specks left out. */
function outlinedIn(
	mask: Mask,
	{
		light,
		plane,
		sight,
		step,
		specks,
		holes
	}: { light: Light; plane: Plane; sight: Sight; step: number; specks: number; holes: number }
): Outlined[] {
	const edge = 2.5 * step;
	return sight
		.outlines(sight.cleared(mask, specks, holes))
		.filter((outline) => outline.length > 40)
		.map((outline): Outlined => {
			const places = outline.map((place) => fromCoarse(step, place));
			const mm = places.map((place) => plane.toPlane(place));
			const isCut = places.some(
				([x, y]) => x < edge || y < edge || x > light.width - edge || y > light.height - edge
			);
			return { outline, places, mm, isCut, area: areaOf(mm), contrast: 0, missed: 0, film: null };
		})
		.filter(({ area }) => area > leastAreaMm2);
}

/** How a picture is gone through: what is too narrow to be a thing or a gap, pixels of the coarse picture. */
export interface Manner {
	readonly specks?: number;
	readonly holes?: number;
	readonly longSide?: number;
	/** Where all that lies there is alike: from which share of its usual distance from the ground on. */
	readonly shareOfUsual?: number;
	/** Which share of the thing may differ less from the ground than its shadow might; 0: no shadow is looked for. */
	readonly leastDiffering?: number;
}

/**
 * All that lies there, the largest first.
 *
 * @example thingsOn(exampleLight(300, 300, 0.5), flatPlane, blindSight) // []
 */
export function thingsOn(
	light: Light,
	plane: Plane,
	sight: Sight,
	{ specks = 2, holes = 3, longSide = 800, shareOfUsual = 0 }: Manner = {}
): Thing[] {
	const seen = seenOn(light, plane, sight, longSide);
	const there = differing(seen, plane, sight);
	const outlined = (mask: Mask): Thing[] =>
		outlinedIn(mask, { light, plane, sight, step: seen.step, specks, holes }).sort(
			(one, other) => other.area - one.area
		);
	const first = maskOf(there, seen, there.bound);
	const held: number[] = [];
	if (shareOfUsual)
		for (let at = 0; at < first.data.length; at += 5) if (first.data[at]) held.push(there.far[at]!);
	const usual = shareOfUsual * quantileOf(held, 0.5);
	if (usual > there.bound) return outlined(maskOf(there, seen, usual));
	return outlined(first);
}

/** As far from the sheets' middle as this, mm, or as far as the sheets are from each other: there a thing is looked for. */
const nearMm = 700;

/** How near to the sheets something lies, from 1 on down: a wall behind the floor is large, and far away. */
function nearness({ boards }: Plane, mm: readonly Place[]): number {
	const sheets = boards.map((pose) => fromBoard(pose, middleOfBoard));
	const among = middleOf(sheets);
	const spread = Math.max(
		nearMm,
		...sheets.map(([x, y]) => Math.hypot(x - among[0], y - among[1]))
	);
	const [x, y] = middleOf(mm);
	return 1 / (1 + (Math.hypot(x - among[0], y - among[1]) / spread) ** 4);
}

/**
 * The largest thing, its shadow left out: what is nearer to the ground than half of what the thing's
 * least differing parts are.
 *
 * @example largestOn(exampleLight(300, 300, 0.5), flatPlane, blindSight) // null
 */
export function largestOn(
	light: Light,
	plane: Plane,
	sight: Sight,
	manner: Manner = {}
): Thing | null {
	const { specks = 2, holes = 3, longSide = 800, leastDiffering = 0.2 } = manner;
	const seen = seenOn(light, plane, sight, longSide);
	const there = differing(seen, plane, sight);
	const { width, height } = seen;
	const worth = ({ area, mm }: Thing) => area * nearness(plane, mm);
	const pick = (mask: Mask) =>
		outlinedIn(mask, {
			light,
			plane,
			sight,
			step: seen.step,
			specks,
			holes
		}).reduce<Outlined | null>(
			(best, one) => (best === null || worth(one) > worth(best) ? one : best),
			null
		);
	const rough = pick(maskOf(there, seen, there.bound));
	if (!rough) return null;
	const inside = sight.filled(width, height, rough.outline);
	const core = sight.evened(Float32Array.from(inside.data), width, height, 4);
	const held: number[] = [];
	for (let at = 0; at < core.length; at++) if (core[at]! > 0.93) held.push(there.far[at]!);
	const bound = leastDiffering
		? Math.max(there.bound, 0.5 * quantileOf(held, leastDiffering))
		: there.bound;
	const near = maskOf(there, seen, bound);
	// Only about the thing itself: elsewhere nothing is asked.
	const about = sight.evened(Float32Array.from(inside.data), width, height, 2);
	for (let at = 0; at < about.length; at++) if (about[at]! < 0.02) near.data[at] = 0;
	const { outline, ...found } = pick(near) ?? rough;
	return { ...found, film: filmOf(seen, sight.filled(width, height, outline)) };
}

/**
 * A thing with its outline made exact by the light.
 *
 * @example exactly({ places: rectangleOutline(40, 30), mm: [], area: 1200, isCut: false, contrast: 0, missed: 0, film: null }, exampleLight(60, 60, 0.5), flatPlane).missed // 1
 */
export function exactly(thing: Thing, light: Light, plane: Plane, reachSteps = 4): Thing {
	const step = Math.max(1, Math.round(Math.max(light.width, light.height) / 800));
	const { places, contrast, missed } = followed(light, thing.places, reachSteps * step);
	return { ...thing, places, mm: places.map((place) => plane.toPlane(place)), contrast, missed };
}

function quantileOf(values: readonly number[], share: number): number {
	const sorted = Float32Array.from(values).sort();
	return sorted[Math.floor(share * (sorted.length - 1))] ?? 0;
}
