import { bagOf } from './bag';
import { middleOf, type Place } from './board';
import { boardsSeen } from './boards-seen';
import { coverOf } from './cover';
import { crochetMake, fabricOf, loomMake, type Counted } from './fabric';
import { brightness, lightOfPicture, type Light, type Picture } from './light';
import { matOf } from './mat';
import type { Answer, CountRanged, Edge, Follows, Measured, Ranged, Subject } from './measured';
import { patchOf } from './patch';
import { pieceOf, type PieceSeen } from './piece';
import { mmPerPxAt, onBoard, type Plane } from './plane';
import { paperOf } from './ground';
import type { Problem } from './problem';
import { ranged } from './ranges';
import type { Sight } from './sight';
import { oddOnes, stripOf, stripsAmong } from './strips';
import { exactly, largestOn, thingsOn, type Manner, type Thing } from './thing';
import { turnedBack, type Box } from './outline';

/** What is known besides the picture. */
export interface MeasureOptions {
	/** By how much the printer made the sheet smaller or larger: its check line's length over 100 mm. */
	readonly scale?: number;
	/** How thick the thing is, mm, where it is known; else as things of its kind usually are. */
	readonly thicknessMm?: number;
	/** Called as each step begins. */
	readonly onStep?: (step: Step) => void;
}

/** The steps of a measuring, in their order. */
export const steps = ['sheets', 'thing', 'measures'] as const;
export type Step = (typeof steps)[number];

/** Thickness a thing of each kind usually has, mm; a bag's film lies a little hollow. */
export const usualThicknessMm: Readonly<Record<Subject, number>> = {
	bag: 4,
	strips: 4,
	swatch: 10,
	loom: 10,
	mat: 10,
	cover: 10
};

/** Paper darker than this, and the picture is measured with a warning. */
const darkPaper = 0.2;

/** Light that must lie between a thing and its ground, at least; and the share of its outline that may be lost. */
const leastContrast = 0.012;
const mostMissed = 0.35;

type Part = Pick<
	Measured,
	'measures' | 'counts' | 'strips' | 'isNarrowing' | 'film' | 'edges' | 'follows'
>;

const none: Part = {
	measures: {},
	counts: {},
	strips: [],
	isNarrowing: null,
	film: null,
	edges: [],
	follows: []
};

/** All that a part of the measuring has at hand. */
interface Bench {
	readonly of: Subject;
	readonly light: Light;
	readonly plane: Plane;
	readonly sight: Sight;
	readonly thicknessMm: number;
}

/** How much smaller a thing is than it looks on the plane, at a height over it. */
const atHeight = ({ plane }: Bench, mm: number): number => 1 - mm / plane.cameraMm;

const edge = ({ plane }: Bench, name: string, [from, to]: readonly [Place, Place]): Edge => ({
	name,
	from: plane.toPicture(from),
	to: plane.toPicture(to)
});

/** The largest thing, or why there is none to measure. */
function oneThing(bench: Bench, manner: Manner): Thing | Problem {
	const { light, plane, sight } = bench;
	const found = largestOn(light, plane, sight, manner);
	if (!found) return 'no-contrast';
	if (found.isCut) return 'cut-off';
	const thing = exactly(found, light, plane);
	return thing.contrast < leastContrast || thing.missed > mostMissed ? 'no-contrast' : thing;
}

function rangeOf(bench: Bench, places: readonly Place[]) {
	const at = {
		mmPerPx: mmPerPxAt(bench.plane, bench.plane.toPlane(middleOf(places))),
		residualMm: bench.plane.residualMm
	};
	return (value: number): Ranged => ranged(bench.of, value, at);
}

function measureBag(bench: Bench): Part | Problem {
	const thing = oneThing(bench, {});
	if (typeof thing === 'string') return thing;
	const bag = bagOf(thing.mm);
	const by = atHeight(bench, bench.thicknessMm / 2);
	const range = rangeOf(bench, thing.places);
	return {
		...none,
		film: thing.film,
		measures: {
			width_mm: range(bag.widthMm * by),
			height_mm: range(bag.heightMm * by),
			body_height_mm: range(bag.bodyMm * by)
		},
		edges: (['left', 'right', 'bottom', 'neck', 'top'] as const).map((name) =>
			edge(bench, name, bag.edges[name])
		),
		follows: [
			{ measure: 'width_mm', edges: ['left', 'right'] },
			{ measure: 'body_height_mm', edges: ['bottom', 'neck'] },
			{ measure: 'height_mm', edges: ['bottom', 'top'] }
		]
	};
}

/** Strips lie close: the gaps between them must be told, in the picture as it is. */
const forStrips: Manner = { specks: 2, holes: 0, longSide: 1600, shareOfUsual: 0.45 };

function measureStrips(bench: Bench): Part | Problem {
	const { light, plane, sight } = bench;
	const all = thingsOn(light, plane, sight, forStrips).flatMap((found) => {
		const thing = exactly(found, light, plane, 2);
		const seen = stripOf(thing.mm);
		return seen ? [{ thing, seen }] : [];
	});
	const upright = plane.boards.find(({ board }) => board === 0) ?? plane.boards[0]!;
	const strips = stripsAmong(all).sort(
		(one, other) => onBoard(upright, one.seen.middle)[0] - onBoard(upright, other.seen.middle)[0]
	);
	if (!strips.length) return 'no-contrast';
	if (strips.some(({ thing }) => thing.isCut)) return 'cut-off';
	if (strips.some(({ thing }) => thing.contrast < leastContrast)) return 'no-contrast';
	const widths = strips.map(({ seen }) => seen.meanMm * atHeight(bench, bench.thicknessMm / 2));
	const ranges = strips.map(({ thing }, nth) => rangeOf(bench, thing.places)(widths[nth]!));
	const odd = oddOnes(widths);
	const mean = widths.reduce((sum, w) => sum + w, 0) / widths.length;
	return {
		...none,
		measures: {
			mean_mm: {
				value: mean,
				low: ranges.reduce((sum, r) => sum + r.low, 0) / ranges.length,
				high: ranges.reduce((sum, r) => sum + r.high, 0) / ranges.length
			}
		},
		strips: ranges.map((range, nth) => ({ mean: range, isOdd: odd[nth]! })),
		edges: strips.map(({ seen }, nth) => edge(bench, `strip-${nth}`, seen.across)),
		follows: strips.map((_, nth): Follows => ({
			measure: `strip-${nth}`,
			edges: [`strip-${nth}`]
		}))
	};
}

const corner = ({ turn }: Box, x: number, y: number): Place => turnedBack(turn, [x, y]);

/** A piece's four sides, named as its rows lie. */
function sidesOf(bench: Bench, box: Box, isTurned: boolean): Edge[] {
	const { left, right, top, bottom } = box;
	const [a, b, c, d] = [
		[corner(box, left, top), corner(box, left, bottom)],
		[corner(box, right, top), corner(box, right, bottom)],
		[corner(box, left, top), corner(box, right, top)],
		[corner(box, left, bottom), corner(box, right, bottom)]
	] as const;
	const named = isTurned
		? ([
				['left', c],
				['right', d],
				['bottom', a],
				['top', b]
			] as const)
		: ([
				['left', a],
				['right', b],
				['bottom', c],
				['top', d]
			] as const);
	return named.map(([name, line]) => edge(bench, name, line));
}

const sizeFollows: readonly Follows[] = [
	{ measure: 'width_mm', edges: ['left', 'right'] },
	{ measure: 'height_mm', edges: ['bottom', 'top'] }
];

/** How far inside its sides a piece's look is read, mm. */
const textureInsetMm = 4;

/** The look of a piece's inside, evened: what is darker and lighter over more than a few stitches is taken off. */
function textureOf(bench: Bench, box: Box, mm: number) {
	const { light, plane, sight, thicknessMm } = bench;
	const inset = textureInsetMm;
	const patch = patchOf(
		light,
		plane,
		{
			turn: box.turn,
			left: box.left + inset,
			right: box.right - inset,
			top: box.top + inset,
			bottom: box.bottom - inset
		},
		mm
	);
	const { width, height } = patch;
	const logs = patch.values.map((v) => Math.log(v + 0.01));
	const slow = sight.evened(logs, width, height, 12 / mm);
	return {
		width,
		height,
		// The look is that of the upper side, nearer to the camera than the outline.
		mm: mm * atHeight(bench, 0.8 * thicknessMm),
		values: sight.evened(
			logs.map((v, at) => v - slow[at]!),
			width,
			height,
			1
		)
	};
}

/** Half of a pitch's 80 % range, as a share of it. */
const pitchWithin = 0.008;

const countRange = ({ count, raw, isSure }: Counted): CountRanged => ({
	value: count,
	low: isSure ? count : Math.min(count, Math.floor(raw - 0.5)),
	high: isSure ? count : Math.max(count, Math.ceil(raw + 0.5)),
	isSure
});

function pieceSize(piece: PieceSeen, by: number) {
	const { box } = piece;
	return { x: (box.right - box.left) * by, y: (box.bottom - box.top) * by };
}

/** A thin tail of yarn is left out. */
const forPieces: Manner = { specks: 5, holes: 3 };

function measureFabric(bench: Bench): Part | Problem {
	const isLoom = bench.of === 'loom';
	const thing = oneThing(bench, isLoom ? { ...forPieces, leastDiffering: 0.05 } : forPieces);
	if (typeof thing === 'string') return thing;
	const piece = pieceOf(thing.mm);
	const size = pieceSize(piece, atHeight(bench, bench.thicknessMm / 2));
	const fabric = fabricOf(
		textureOf(bench, piece.box, isLoom ? 0.9 : 0.6),
		size,
		isLoom ? loomMake : crochetMake
	);
	const range = rangeOf(bench, thing.places);
	const isTurned = fabric ? fabric.isTurned : size.y > size.x;
	const [width, height] = isTurned ? [size.y, size.x] : [size.x, size.y];
	const [ends, pitch] = isLoom ? ['warp_ends', 'peg_mm'] : ['stitches', 'stitch_mm'];
	const pitchRange = ({ pitchMm }: Counted): Ranged => ({
		value: pitchMm,
		low: pitchMm * (1 - pitchWithin),
		high: pitchMm * (1 + pitchWithin)
	});
	return {
		...none,
		measures: {
			width_mm: range(width),
			height_mm: range(height),
			...(fabric && { [pitch]: pitchRange(fabric.ends), row_mm: pitchRange(fabric.rows) })
		},
		counts: fabric ? { [ends]: countRange(fabric.ends), rows: countRange(fabric.rows) } : {},
		edges: sidesOf(bench, piece.box, isTurned),
		follows: sizeFollows
	};
}

/** A mat has stripes that may hardly differ from the floor: no shadow is looked for. */
const forMats: Manner = { leastDiffering: 0 };

function measureMat(bench: Bench): Part | Problem {
	const thing = oneThing(bench, forMats);
	if (typeof thing === 'string') return thing;
	const mat = matOf(thing.mm, bench.plane);
	const by = atHeight(bench, bench.thicknessMm / 2);
	const range = rangeOf(bench, thing.places);
	const { value, low, high } = mat.narrowsByMm;
	return {
		...none,
		measures: {
			width_start_mm: range(mat.startMm * by),
			width_middle_mm: range(mat.middleMm * by),
			width_end_mm: range(mat.endMm * by),
			length_mm: range(mat.lengthMm * by),
			narrows_by_mm: { value: value * by, low: low * by, high: high * by }
		},
		isNarrowing: mat.isNarrowing,
		edges: (['start', 'middle', 'end', 'length'] as const).map((name) =>
			edge(bench, name, mat.edges[name])
		),
		follows: [
			{ measure: 'width_start_mm', edges: ['start'] },
			{ measure: 'width_middle_mm', edges: ['middle'] },
			{ measure: 'width_end_mm', edges: ['end'] },
			{ measure: 'length_mm', edges: ['length'] }
		]
	};
}

function measureCover(bench: Bench): Part | Problem {
	const { light, plane } = bench;
	const thing = oneThing(bench, forPieces);
	if (typeof thing === 'string') return thing;
	const piece = pieceOf(thing.mm);
	const size = pieceSize(piece, atHeight(bench, bench.thicknessMm / 2));
	const fabric = fabricOf(textureOf(bench, piece.box, 0.6), size, crochetMake);
	const cover = coverOf(light, plane, piece.box, fabric);
	if (!cover) return 'no-contrast';
	return {
		...none,
		measures: {
			gap_fraction: {
				value: cover.gapShare,
				low: Math.max(0, cover.gapShare - cover.spread),
				high: Math.min(1, cover.gapShare + cover.spread)
			}
		},
		edges: sidesOf(bench, cover.inner, fabric?.isTurned ?? false)
	};
}

const measuring: Readonly<Record<Subject, (bench: Bench) => Part | Problem>> = {
	bag: measureBag,
	strips: measureStrips,
	swatch: measureFabric,
	loom: measureFabric,
	mat: measureMat,
	cover: measureCover
};

/**
 * Measures what lies beside the measuring sheet in a photograph.
 *
 * @param picture as it is decoded, upright, its longer side some 1,600 to 2,400 pixels
 * @param of what lies there
 * @param sight the library that sees pictures
 * @returns the measures in mm with ranges that hold the truth in eight of ten; or why there are none
 * @source photo.md: boards in one plane, edges where the light is halfway
 * @example measure({ width: 40, height: 40, data: new Uint8Array(6400) }, 'bag', blindSight).problem // 'dark'
 */
export function measure(
	picture: Picture,
	of: Subject,
	sight: Sight,
	{ scale = 1, thicknessMm = usualThicknessMm[of], onStep }: MeasureOptions = {}
): Answer {
	onStep?.('sheets');
	const light = lightOfPicture(picture);
	const found = boardsSeen(picture, light, sight, scale);
	const { boards } = found;
	if (found.problem !== null)
		return { of, boards, problem: found.problem, residualMm: found.residualMm ?? null };
	const { plane } = found;
	const paper = brightness(...paperOf(light, plane));
	const isDark = paper < darkPaper;
	onStep?.('thing');
	const part = measuring[of]({ of, light, plane, sight, thicknessMm });
	onStep?.('measures');
	if (typeof part === 'string')
		return {
			of,
			boards,
			problem: isDark && part === 'no-contrast' ? 'dark' : part,
			residualMm: plane.residualMm
		};
	return {
		of,
		boards,
		problem: null,
		residualMm: plane.residualMm,
		isDark,
		view: plane.view,
		...part
	};
}
