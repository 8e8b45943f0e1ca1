import type { Bound } from '../domain-error';

/** A loom: pegs at each end, how far apart, and how far from those of the other end, mm. */
export interface Loom {
	readonly sort: 'loom';
	readonly pegs: number;
	readonly pitchMm: number;
	readonly pegToPegMm: number;
	readonly hasRods: boolean;
}
/** A nail frame: nails at each end, how far apart, and how long it is between them, mm. */
export interface NailFrame {
	readonly sort: 'frame';
	readonly nails: number;
	readonly pitchMm: number;
	readonly lengthMm: number;
	/** Rods held by eyes or clips; bare nails let them pop out. */
	readonly rods: 'eyes' | 'bare';
}
export interface Hook {
	readonly sort: 'hook';
	readonly mm: number;
}
/** What needs no measure but how many there are. */
export const countedTools = [
	'sharp-scissors',
	'blunt-scissors',
	'rolling-blade',
	'winder',
	'spindle',
	'scale',
	'crate'
] as const;
export interface CountedTool {
	readonly sort: (typeof countedTools)[number];
}
export type Tool = Loom | NailFrame | Hook | CountedTool;
export const toolSorts = ['loom', 'frame', 'hook', ...countedTools] as const;
export type ToolSort = (typeof toolSorts)[number];

/** A hall is so long and no longer; a peg is set no closer than this, nor wider. */
export const toolBounds = {
	pegs: { atLeast: 3, atMost: 400, isWhole: true },
	nails: { atLeast: 2, atMost: 800, isWhole: true },
	pitchMm: { atLeast: 5, atMost: 100 },
	lengthMm: { atLeast: 450, atMost: 6000 },
	hookMm: { atLeast: 2, atMost: 40 }
} as const satisfies Record<string, Bound>;

/**
 * How wide a mat a loom or a frame makes, about, mm: from its first peg to its last, or its nails'
 * spacing times their number.
 *
 * @example toolWidthMm({ sort: 'loom', pegs: 28, pitchMm: 25.4, pegToPegMm: 1829, hasRods: true }) // 685.8
 */
export const toolWidthMm = (tool: Loom | NailFrame): number =>
	tool.sort === 'loom' ? (tool.pegs - 1) * tool.pitchMm : tool.nails * tool.pitchMm;
