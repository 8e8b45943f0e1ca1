/** A place in a plane: millimetres on a board or a table, pixels in a picture (the centre of the top-left pixel is 0, 0). */
export type Place = readonly [x: number, y: number];

/**
 * The mean of places.
 *
 * @example middleOf([[0, 0], [4, 2]]) // [2, 1]
 */
export const middleOf = (places: readonly Place[]): Place => [
	places.reduce((sum, [x]) => sum + x, 0) / places.length,
	places.reduce((sum, [, y]) => sum + y, 0) / places.length
];

/** The four corners of a marker as printed: top-left, top-right, bottom-right, bottom-left. */
export type Corners = readonly [Place, Place, Place, Place];

/** A board of the measuring sheet, mm: x to the right, y down, from its top-left corner. */
export const boardMm = {
	width: 180,
	height: 240,
	marker: 36,
	/** One of the six modules of a marker's side. */
	module: 6,
	patch: 16,
	patchTop: 4,
	/** The check line, by which a printer's scale is told. */
	line: { y: 232, from: 40, to: 140, tick: 3, thick: 0.5 },
	/** What is left free for small things. */
	free: { left: 40, right: 140, top: 30, bottom: 200 }
} as const;

/** The middle of a board, mm. */
export const middleOfBoard: Place = [boardMm.width / 2, boardMm.height / 2];

/** Boards there are: 0 to 3. */
export const boardNumbers = [0, 1, 2, 3] as const;

/** Markers of a board. */
export const markersOfBoard = 6;

/** Fewer whole markers of a board in a picture, and it is cut off. */
export const fewestMarkers = 3;

/** Grey patches, their left edges in mm and what is printed there, as sRGB of 255. */
export const greyPatches = [
	{ left: 42, grey: 255 },
	{ left: 58, grey: 200 },
	{ left: 74, grey: 150 },
	{ left: 90, grey: 100 },
	{ left: 106, grey: 50 },
	{ left: 122, grey: 0 }
] as const;

const markerPlaces: readonly Place[] = [
	[0, 0],
	[144, 0],
	[0, 102],
	[144, 102],
	[0, 204],
	[144, 204]
];

/**
 * A marker's number told apart: its board and its place on it; null for a marker of no board.
 *
 * @example markerOf(7) // { board: 1, nth: 1 }
 */
export function markerOf(id: number): { board: number; nth: number } | null {
	const board = Math.floor(id / markersOfBoard);
	return Number.isInteger(id) && board >= 0 && board < boardNumbers.length
		? { board, nth: id % markersOfBoard }
		: null;
}

/**
 * Top-left corner of a board's nth marker, mm.
 *
 * @example markerPlace(3) // [144, 102]
 */
export function markerPlace(nth: number): Place {
	const place = markerPlaces[nth];
	if (!place) throw new RangeError(`A board has ${markersOfBoard} markers.`);
	return place;
}

/**
 * Corners of a board's nth marker on the board, mm.
 *
 * @example markerCorners(1)[2] // [180, 36]
 */
export function markerCorners(nth: number): Corners {
	const [x, y] = markerPlace(nth);
	const side = boardMm.marker;
	return [
		[x, y],
		[x + side, y],
		[x + side, y + side],
		[x, y + side]
	];
}

/** What stands in each marker's four by four modules, from the top left, 1 for white (dictionary DICT_4X4_50). */
const markerBits = [
	0xb532, 0x0f9a, 0x332d, 0x9946, 0x549e, 0x79cd, 0x9e2e, 0xc4f2, 0xfeda, 0xcf56, 0xf991, 0x11a7,
	0x0eb7, 0x2a0f, 0x24b1, 0x263e, 0x4665, 0x6600, 0x6c5e, 0x76af, 0x868b, 0xb02b, 0xccd5, 0xdd82
] as const;

/**
 * Whether the module of a marker at a column and a row of its six is white; its border is black.
 *
 * @example isWhite(0, 1, 1) // true
 */
export function isWhite(id: number, column: number, row: number): boolean {
	const bits = markerBits[id];
	if (bits === undefined) throw new RangeError(`There is no marker ${id}.`);
	if (column < 1 || column > 4 || row < 1 || row > 4) return false;
	return ((bits >> (15 - (4 * (row - 1) + column - 1))) & 1) === 1;
}
