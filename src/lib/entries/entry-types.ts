import type { Bag } from '$lib/core/bag/measure-bag';
import type { ColourName } from '$lib/core/colour/colours';
import type { Work } from '$lib/core/effort/works';

/** The forms the store keeps things in; scrap is weighed, all else counted. */
export const forms = ['bag', 'piece', 'ball', 'stuffing', 'scrap'] as const;
export type Form = (typeof forms)[number];

export const moveReasons = ['cut', 'joined', 'made', 'given', 'counted'] as const;
export type MoveReason = (typeof moveReasons)[number];

export interface Weighing {
	readonly grossG: number;
	readonly tareG: number;
	readonly meanG: number;
	readonly spreadG: number;
	/** Handfuls weighed, and the bags in all of them. */
	readonly handfuls: number;
	readonly sampled: number;
	readonly scaleErrorG: number;
}

export interface DropOffEntry {
	readonly type: 'drop-off';
	readonly place: string;
	readonly cameOn: string;
	readonly broughtBy: string | null;
	readonly sacks: number;
	readonly method: 'hand' | 'batches' | 'weight';
	readonly bags: number;
	readonly bagsLow: number;
	readonly bagsHigh: number;
	readonly weighing: Weighing | null;
	readonly note: string | null;
	/** The one who typed it has said that an odd count is right as it stands. */
	readonly isSure: boolean;
}

export interface SortingEntry {
	readonly type: 'sorting';
	readonly place: string;
	readonly kindId: string;
	readonly colour: ColourName;
	readonly strand: number;
	readonly stuffing: number;
	readonly drying: number;
	readonly rejected: number;
	/** Hours until the drying ones are looked at again; null where none are drying. */
	readonly lookAgainHours: number | null;
	/** The pile they hung in, where they were drying; null for bags that are sorted for the first time. */
	readonly driedFrom: number | null;
	readonly byName: string | null;
	/** The one who typed it has said that an odd count is right as it stands. */
	readonly isSure: boolean;
}

export interface MovementEntry {
	readonly type: 'movement';
	readonly kindId: string;
	readonly colour: ColourName;
	readonly form: Form;
	/** Above zero in, below zero out. */
	readonly amount: number;
	readonly reason: MoveReason;
	readonly note: string | null;
	readonly byName: string | null;
	/** The one who typed it has said that an odd count is right as it stands. */
	readonly isSure: boolean;
}

export const correctables = ['movement', 'drop-off', 'sorting'] as const;
export type Correctable = (typeof correctables)[number];

/** Takes something back with a reason: a movement by its opposite, a sorting with all it put into the store. */
export interface CorrectionEntry {
	readonly type: 'correction';
	readonly of: Correctable;
	readonly corrects: number;
	readonly note: string;
	readonly byName: string | null;
}

export interface TimedEntry {
	readonly type: 'timed';
	readonly work: Work;
	/** How it is done: what one takes by the craft depends on it. */
	readonly way: string;
	readonly maker: string | null;
	readonly units: number;
	readonly people: number;
	readonly minutes: number;
	readonly workedOn: string;
	/** The one who typed it has said that an odd time is right as it stands. */
	readonly isSure: boolean;
}

export const measures = ['swatch', 'chain', 'woven', 'handful', 'mat'] as const;
export type Measure = (typeof measures)[number];

/** Something measured of the work of a kept plan: what was counted, and what was measured of it. */
export interface MeasurementEntry {
	readonly type: 'measurement';
	readonly measure: Measure;
	readonly planId: string;
	readonly maker: string | null;
	readonly measuredOn: string;
	readonly counted: number;
	/** Rows of a swatch. */
	readonly rows: number | null;
	/** Width of a swatch, or length of a chain, of woven rows or of a mat, mm; null for a handful. */
	readonly lengthMm: number | null;
	/** Height of a swatch, width of a mat or of a finger-woven band, mm. */
	readonly heightMm: number | null;
	/** Bags woven into the rows, where they were counted. */
	readonly bagsUsed: number | null;
	readonly strandMm: number | null;
	readonly massG: number | null;
	/** The one who typed it has said that an odd reading is right as it stands. */
	readonly isSure: boolean;
}

/** A kind of bag the group knows, by its measures; measured again where `kindId` says which. */
export interface BagKindEntry {
	readonly type: 'bag-kind';
	readonly kindId: string | null;
	readonly name: string;
	readonly bag: Bag;
	/** Of how many bags its mass was found. */
	readonly handfulCount: number;
	/** Measures that do not fit each other are right as they stand. */
	readonly isSure: boolean;
}

export type Entry =
	| DropOffEntry
	| SortingEntry
	| MovementEntry
	| CorrectionEntry
	| TimedEntry
	| MeasurementEntry
	| BagKindEntry;
export type EntryType = Entry['type'];
