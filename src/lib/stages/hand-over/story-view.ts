import type { ColourName } from '$lib/core/colour/colours';
import type { MatRows } from '$lib/core/making/mat-rows';
import type { ThingEvent } from '$lib/core/store/forms';
import type { MatLook } from '$lib/stages/making/mat-view';

/** Bags that a place has in a mat: its share of what lay together in the store. */
export interface BagsOfPlace {
	readonly name: string;
	readonly bags: number;
}

/** What happened to a mat on a day. */
export interface StoryDay {
	readonly what: ThingEvent;
	readonly day: string;
}

/** A mat's own page. Nobody is named, and no sleeper is ever recorded. */
export interface MatStory {
	readonly code: string;
	readonly planName: string;
	readonly state: ThingEvent;
	readonly look: MatLook | null;
	readonly rows: MatRows | null;
	/** By its last check. */
	readonly size: { readonly widthMm: number; readonly lengthMm: number } | null;
	readonly massG: number | null;
	/** Bags in it by the labels of its balls; null where none says so. */
	readonly bags: number | null;
	/** Film that the labels say of, g, where that is far less than it weighs: its other bags are not known. */
	readonly knownFilmG: number | null;
	/** It is drawn in the colours of its balls: they are others than its plan has. */
	readonly isByBalls: boolean;
	readonly sorts: readonly {
		readonly kind: string;
		readonly colour: ColourName;
		readonly bags: number;
	}[];
	readonly places: readonly BagsOfPlace[];
	/** People whose hands are in it, and those of them who had it to make. */
	readonly hands: number;
	readonly makers: number;
	/** Balls in it of which nobody knows who wound them, and whether it is known of none at all. */
	readonly unknownBalls: number;
	/** The days its balls were wound. */
	readonly woundOn: readonly string[];
	readonly days: readonly StoryDay[];
	readonly went: {
		readonly code: string;
		readonly placeName: string;
		readonly goesOn: string;
		readonly pillow: string | null;
	} | null;
}
