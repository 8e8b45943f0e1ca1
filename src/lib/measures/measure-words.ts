import type { FactorName } from '$lib/core/factors/factors';
import type { Task } from '$lib/core/effort/tasks';
import type { StitchTerms } from '$lib/ui/stitch-words';
import { stitchName } from '$lib/ui/stitch-words';
import type { Readings } from '$lib/core/calibrate/readings';
import type { Measure } from '$lib/entries/types/measurement';

/** What each factor is called on its own line. */
export const factorTitles: Readonly<Record<FactorName, string>> = {
	bagMass: 'Weight of a bag',
	pieceLength: 'Length of a piece',
	stitchWidth: 'Width of a stitch',
	rowHeight: 'Height of a row',
	strandPerStitch: 'Strand a stitch',
	loomPitch: 'Rows on the loom',
	framePitch: 'Rows on the frame',
	bandGauge: 'Width of a band',
	bandPitch: 'Rows of a band'
};

/** What each factor is called in a sentence. */
const factorWords: Readonly<Record<FactorName, string>> = {
	bagMass: 'bags',
	pieceLength: 'pieces',
	stitchWidth: 'stitch width',
	rowHeight: 'row height',
	strandPerStitch: 'strand a stitch',
	loomPitch: 'loom rows',
	framePitch: 'frame rows',
	bandGauge: 'bands',
	bandPitch: 'band rows'
};

export const measureWords: Readonly<Record<Measure, string>> = {
	swatch: 'Swatch',
	chain: 'Chain',
	woven: 'Woven rows',
	handful: 'Handful',
	mat: 'Finished mat'
};

const percent = (ratio: number) => `${(ratio * 100).toFixed(0)} % of the craft's`;

/** What a measurement says, in a line. */
export function readingWords({ mat, ...single }: Readings): string {
	const words = Object.entries(single).map(
		([name, { ratio }]) => `${factorWords[name as FactorName]} ${percent(ratio)}`
	);
	if (mat) words.push(`bags in the mat ${percent(mat.ratio)}`);
	return words.join(', ');
}

/** What each work is called where it was timed. */
export const taskTitles: Readonly<Record<Task, string>> = {
	flatten: 'flattening',
	cut: 'cutting',
	join: 'joining',
	ball: 'balling',
	crochet: 'crochet',
	'peg-loom': 'the peg loom',
	twined: 'the twining frame',
	'finger-bands': 'finger bands',
	finish: 'finishing',
	check: 'checking',
	roll: 'rolling'
};

const wayTitles: Readonly<Record<string, string>> = {
	scissors: 'with scissors',
	'rolling-blade': 'with a rolling blade',
	spiral: 'spirals',
	'half-bag': 'half bags',
	loop: 'loop through loop',
	overhand: 'overhand knots',
	slit: 'slit in slit'
};

/** A way of working, in words; stitches by the names the group uses. */
export const wayTitle = (way: string, terms: StitchTerms): string =>
	way === 'sc' || way === 'hdc' || way === 'dc' ? stitchName(way, terms) : (wayTitles[way] ?? way);
