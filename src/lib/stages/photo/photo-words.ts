import { photoWords as say } from '$lib/words/photo';
import type { Step } from '$lib/core/photo/measure';
import type { Subject } from '$lib/core/photo/measured';
import type { Problem } from '$lib/core/photo/problem';
import type { Trouble } from './photo-bench.svelte';

/** What may be in a photo. */
export const subjectWords: Readonly<Record<Subject, string>> = {
	bag: say.bag(),
	strips: say.strips(),
	swatch: say.swatch(),
	loom: say.loom(),
	mat: say.mat(),
	cover: say.cover()
};

/** What is done at each step. */
export const stepWords: Readonly<Record<Step | 'loading' | 'elsewhere', string>> = {
	loading: say.loading(),
	sheets: say.sheets(),
	thing: say.thing(),
	measures: say.measures(),
	elsewhere: say.elsewhere()
};

/** Why a photo could not be measured, and what to do. */
export const problemWords: Readonly<Record<Problem, string>> = {
	'no-board': say.noBoard(),
	'board-cut': say.boardCut(),
	blurred: say.blurred(),
	dark: say.dark(),
	'not-flat': say.notFlat(),
	twice: say.twice(),
	'cut-off': say.cutOff(),
	'no-contrast': say.noContrast()
};

export const troubleWords: Readonly<Record<Trouble, string>> = {
	'not-a-picture': say.notAPicture(),
	heic: say.heic(),
	'too-large': say.tooLarge(),
	'too-many-pixels': say.tooManyPixels(),
	unable: say.unable(),
	busy: say.busy(),
	'no-network': say.noNetwork()
};

/** Measures and counts by their names, in the order in which they are shown. */
const named: Readonly<Record<Subject, Readonly<Record<string, string>>>> = {
	bag: { width_mm: say.width(), body_height_mm: say.body(), height_mm: say.height() },
	strips: {},
	swatch: {
		stitches: say.stitches(),
		rows: say.rows(),
		width_mm: say.pieceWidth(),
		height_mm: say.pieceHeight(),
		stitch_mm: say.stitch(),
		row_mm: say.row()
	},
	loom: {
		warp_ends: say.warpEnds(),
		rows: say.rows(),
		width_mm: say.pieceWidth(),
		height_mm: say.pieceHeight(),
		peg_mm: say.peg(),
		row_mm: say.row()
	},
	mat: {
		width_start_mm: say.start(),
		width_middle_mm: say.middle(),
		width_end_mm: say.end(),
		length_mm: say.length()
	},
	cover: {}
};

export const measureNames = (of: Subject): [name: string, words: string][] =>
	Object.entries(named[of]);

const edgeNames: Readonly<Record<string, string>> = {
	left: say.left(),
	right: say.right(),
	bottom: say.bottom(),
	top: say.top(),
	neck: say.neck(),
	start: say.start(),
	middle: say.middle(),
	end: say.end(),
	length: say.length()
};

/** An edge's name, said aloud. */
export const edgeWords = (name: string): string =>
	edgeNames[name] ?? say.strip({ place: Number(name.replace('strip-', '')) + 1 });
