import { measureWords as say } from '$lib/words/measures';
import type { FactorName } from '$lib/core/factors/factors';
import type { Task } from '$lib/core/effort/tasks';
import { doingWords } from '$lib/ui/doing-words';
import type { StitchTerms } from '$lib/ui/stitch-words';
import { stitchName } from '$lib/ui/stitch-words';
import type { Readings } from '$lib/core/calibrate/readings';
import type { Measure } from '$lib/entries/types/measurement';

/** What each factor is called on its own line. */
export const factorTitles: Readonly<Record<FactorName, string>> = {
	bagMass: say.weightOfABag(),
	pieceLength: say.lengthOfAPiece(),
	stitchWidth: say.widthOfAStitch(),
	rowHeight: say.heightOfARow(),
	strandPerStitch: say.yarnPerStitch(),
	loomPitch: say.rowsOnTheLoom(),
	framePitch: say.rowsOnTheFrame(),
	bandGauge: say.widthOfABand(),
	bandPitch: say.rowsOfABand()
};

/** What each factor is called in a sentence. */
const factorWords: Readonly<Record<FactorName, string>> = {
	bagMass: say.bags(),
	pieceLength: say.pieces(),
	stitchWidth: say.stitchWidth(),
	rowHeight: say.rowHeight(),
	strandPerStitch: say.yarnPerStitch2(),
	loomPitch: say.loomRows(),
	framePitch: say.frameRows(),
	bandGauge: say.bands(),
	bandPitch: say.bandRows()
};

export const measureWords: Readonly<Record<Measure, string>> = {
	swatch: say.swatch(),
	chain: say.chain(),
	woven: say.wovenRows(),
	handful: say.handful(),
	mat: say.finishedMat()
};

const percent = (ratio: number) => say.ofTheCrafts({ toFixed: (ratio * 100).toFixed(0) });

/** What a measurement says, in a line. */
export function readingWords({ mat, ...single }: Readings): string {
	const words = Object.entries(single).map(
		([name, { ratio }]) => `${factorWords[name as FactorName]} ${percent(ratio)}`
	);
	if (mat) words.push(say.bagsInTheMat({ percent: percent(mat.ratio) }));
	return words.join(', ');
}

/** What each work is called where it was timed. */
export const taskTitles: Readonly<Record<Task, string>> = {
	flatten: doingWords.flatten,
	cut: doingWords.cut,
	join: doingWords.join,
	ball: doingWords.ball,
	crochet: doingWords.crochet,
	'peg-loom': say.thePegLoom(),
	twined: say.theTwiningFrame(),
	'finger-bands': say.fingerBands(),
	finish: doingWords.finish,
	check: doingWords.check,
	roll: say.rolling()
};

const wayTitles: Readonly<Record<string, string>> = {
	scissors: say.withScissors(),
	'rolling-blade': say.withARollingBlade(),
	spiral: say.spirals(),
	'half-bag': say.halfBags(),
	loop: say.loopThroughLoop(),
	overhand: say.overhandKnots(),
	slit: say.slitInSlit()
};

/** A way of working, in words; stitches by the names the group uses. */
export const wayTitle = (way: string, terms: StitchTerms): string =>
	way === 'sc' || way === 'hdc' || way === 'dc' ? stitchName(way, terms) : (wayTitles[way] ?? way);
