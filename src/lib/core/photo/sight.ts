import type { Corners, Place } from './board';
import type { Picture } from './light';

/** A marker that was seen: its number, and its corners in pixels of the picture. */
export interface Marker {
	readonly id: number;
	readonly corners: Corners;
}

/** A mask of a picture's size: 1 where it holds, else 0. */
export interface Mask {
	readonly width: number;
	readonly height: number;
	readonly data: Uint8Array;
}

/** What is asked of the library that sees pictures; nothing of it is in any answer of the measuring. */
export interface Sight {
	/** Markers in a picture, each that can be read. */
	markers(picture: Picture): Marker[];
	/** The outer outline of each piece of a mask that hangs together, pixel by pixel. */
	outlines(mask: Mask): Place[][];
	/** What lies within an outline, as a mask. */
	filled(width: number, height: number, outline: readonly Place[]): Mask;
	/** A mask without its specks, and then without its holes, that are narrower than twice these many pixels. */
	cleared(mask: Mask, specks: number, holes: number): Mask;
	/** Middles of groups into which points (each of three numbers) fall, the largest group first. */
	groups(points: Float32Array, count: number): { middle: readonly number[]; share: number }[];
	/** Values evened out over a round neighbourhood: their spread (standard deviation) in pixels. */
	evened(values: Float32Array, width: number, height: number, spread: number): Float32Array;
}
