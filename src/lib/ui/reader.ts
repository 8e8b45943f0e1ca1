import type { LengthSystem } from '$lib/core/units/format-length';
import type { StitchTerms } from './stitch-words';

/** The paper a device prints on. */
export const papers = ['a4', 'letter'] as const;
export type Paper = (typeof papers)[number];

/** How a page is written for whoever reads it: by the device's own choice, else by the group's. */
export interface Reader {
	/** The group's id: what is typed here waits on the device for it. */
	readonly groupId: string;
	/** The group's name. */
	readonly name: string;
	readonly lengthSystem: LengthSystem;
	readonly stitchTerms: StitchTerms;
	/** The hall's zone: a day is the hall's day. */
	readonly timeZone: string;
	/** Whose way of writing numbers. */
	readonly locale: string;
	readonly paper: Paper;
	/** The day it is in the hall, as `2026-11-25`. */
	readonly today: string;
	/** No device has told yet where the hall is. */
	readonly isHallUnknown: boolean;
	/** Nobody has said yet what the group is called, nor put it off on this device. */
	readonly isNameUnknown: boolean;
	/** The group is the made-up one of the demo. */
	readonly isDemo: boolean;
	/** So many days pages stay on a device that meets no answer. */
	readonly offlineDays: number;
}

/** The day it is in the hall, and where that is. */
export type HallDay = Pick<Reader, 'today' | 'timeZone'>;

/** How a sheet is printed, and whose way of writing it has. */
export interface OnPaper extends Pick<Reader, 'paper' | 'locale' | 'timeZone'> {
	readonly isLarge: boolean;
}

export const usualZone = 'UTC';
export const usualLocale = 'en-GB';

/** Letter where lengths are read in feet, unless the device has said otherwise. */
export const usualPaper = (lengthSystem: LengthSystem): Paper =>
	lengthSystem === 'ft' ? 'letter' : 'a4';

/** Whether a text names a language and country whose numbers can be written. */
export function isLocale(text: string): boolean {
	try {
		return Intl.NumberFormat.supportedLocalesOf(text).length === 1;
	} catch {
		return false;
	}
}
