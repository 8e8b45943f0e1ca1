import type { ColourName } from '../colour/colours';

/** The part a mark plays. Screen and paper each have an ink for it; none is told apart by colour alone. */
export type Tone =
	| 'ink'
	| 'quiet'
	| 'ground'
	| 'film'
	| 'film-other'
	| 'film-line'
	| 'weft'
	| 'scrap'
	| 'bad'
	| 'sleeper'
	| `film-${ColourName}`;

/** A line or a patch: an SVG path in the scene's own units. */
export interface PathMark {
	readonly path: string;
	readonly fill?: Tone;
	readonly stroke?: Tone;
	/** Width of the line. */
	readonly width?: number;
	readonly dash?: readonly number[];
	readonly isRound?: boolean;
}

/** Words with their foot at a place. */
export interface WordMark {
	readonly words: string;
	readonly x: number;
	readonly y: number;
	readonly anchor?: 'start' | 'middle' | 'end';
	readonly isBold?: boolean;
}

/** What repeats over a rectangle: one tile, from its top left corner. */
export interface TextureMark {
	readonly x: number;
	readonly y: number;
	readonly width: number;
	readonly height: number;
	readonly tile: { readonly width: number; readonly height: number };
	/** Strokes in a tile, and how wide. */
	readonly texture: string;
	readonly line: number;
	/** Every other row, shaded: how much of the tile. */
	readonly shaded: { readonly width: number; readonly height: number };
}

export type Mark = PathMark | WordMark | TextureMark;

/** A drawing as a list of marks in order, the last on top. x goes right, y down, from the top left corner. */
export interface Scene {
	readonly width: number;
	readonly height: number;
	readonly marks: readonly Mark[];
}

/** The room a scene is laid out in. Units are pixels on a screen and millimetres on paper. */
export interface Box {
	readonly width: number;
	/** The most it may be high, words not counted. */
	readonly tallest: number;
	/** Size of its words; lines are drawn in proportion. */
	readonly type: number;
}

/**
 * Width of a usual line in a box.
 * @example penOf({ type: 13 }) // 1
 */
export const penOf = ({ type }: Pick<Box, 'type'>): number => type / 13;

/**
 * About how wide words come out, in the box's units: a little generous, so that what is placed by it fits.
 * @example wordsWidth('ring 1', 10) // 33
 */
export const wordsWidth = (words: string, type: number): number => words.length * type * 0.55;

/**
 * A rectangle as a path.
 * @example rectangle(1, 2, 30, 40) // 'M1 2h30v40h-30z'
 */
export const rectangle = (x: number, y: number, width: number, height: number): string =>
	`M${x} ${y}h${width}v${height}h${-width}z`;

/**
 * A circle as a path.
 * @example disc(5, 5, 2) // 'M3 5a2 2 0 1 0 4 0a2 2 0 1 0 -4 0z'
 */
export const disc = (x: number, y: number, radius: number): string =>
	`M${x - radius} ${y}a${radius} ${radius} 0 1 0 ${2 * radius} 0a${radius} ${radius} 0 1 0 ${-2 * radius} 0z`;

/**
 * A measure between two places: a line with a foot at each end.
 * @example measureLine([0, 5], [40, 5], 2) // 'M0 5L40 5M0 3v4M40 3v4'
 */
export function measureLine(
	from: readonly [number, number],
	to: readonly [number, number],
	foot: number
): string {
	const isAcross = from[1] === to[1];
	const feet = [from, to].map(([x, y]) =>
		isAcross ? `M${x} ${y - foot}v${2 * foot}` : `M${x - foot} ${y}h${2 * foot}`
	);
	return `M${from.join(' ')}L${to.join(' ')}${feet.join('')}`;
}
