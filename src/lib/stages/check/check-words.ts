import { doingWords } from '$lib/ui/doing-words';
import { checkWords as say } from '$lib/words/check';
import type { FaultKind, WorkStep } from '$lib/core/check/faults';
import type { Mended } from '$lib/core/check/remedies';
import type {
	CheckNote,
	CheckReason,
	CheckResult,
	MatVerdict,
	OtherUse
} from '$lib/core/check/judge-mat';
import type { PlanReason } from './check-view';
import type { TechniqueKind } from '$lib/core/techniques/technique';
import type { MadeState } from './check-view';

/** A fault, and how it is mended, step by step. */
export interface FaultWords {
	readonly name: string;
	readonly remedy: readonly string[];
}

export const faultWords: Readonly<Record<FaultKind, FaultWords>> = {
	'torn-joint': {
		name: say.stripTornAtAJoint(),
		remedy: [say.cutBackToSoundFilm(), say.tieTheEndsWithAn(), say.pullFromTheKnotNot()]
	},
	'uneven-ring': {
		name: say.ringUnevenOneSideBowed(),
		remedy: [say.loosenTheJoint(), say.slideBothSidesLevel(), say.tightenItSnugAndSmall()]
	},
	'double-strip': {
		name: say.stripOfDoubleWidthSlipped(),
		remedy: [say.freeTheStrip(), say.splitItAlongItsMiddle(), say.joinOneHalfInIts()]
	},
	'tight-joint': {
		name: say.jointTooTight(),
		remedy: [say.cutTheJointOut(), say.joinTheEndsAnewSnug()]
	},
	'loose-joint': {
		name: say.jointTooLoose(),
		remedy: [say.drawBothEndsFromThe(), say.stopWhenItIsSnug()]
	},
	narrows: {
		name: say.matGetsNarrower(),
		remedy: [say.countTheStitchesOfThe(), say.addTheMissingOnesAt(), say.orGoBackToThe()]
	},
	waves: {
		name: say.matIsWavy(),
		remedy: [say.takeTheRowBack(), say.workFewerStitchesOrWith()]
	},
	cups: {
		name: say.matCurlsUp(),
		remedy: [say.takeTheRowBack(), say.workItLooser()]
	},
	'loose-rows': {
		name: say.rowsNotBeaten(),
		remedy: [say.pushTheRowsDownWith(), say.addRowsWhereRoomWas()]
	},
	'ends-alike': {
		name: say.bothEndsMeetAlike(),
		remedy: [say.takeOneOfTheTwo(), say.closeIt()]
	},
	'knot-at-peg': {
		name: say.knotAtAPeg(),
		remedy: [say.shortenOnePieceOfThe(), say.moveTheKnot75Mm()]
	},
	'edge-missed': {
		name: say.edgeStrandOfTheFrame(),
		remedy: [say.beforeItComesOffDraw()]
	},
	'nails-missed': {
		name: say.firstOrLastRowNot(),
		remedy: [say.threadTheRowUnderEach(), say.backStitchTwice()]
	},
	'rod-off': {
		name: say.rodPoppedOff(),
		remedy: [say.holdTheRodWithEyes(), say.pullTheEdgeBackBefore()]
	},
	'band-curls': {
		name: say.bandCurlsOrRounds(),
		remedy: [say.undoIt(), say.layItFlat(), say.weaveItAgainWithLess()]
	},
	'loose-tail': {
		name: say.tailCameLoose(),
		remedy: [say.leadItBackUnderFive()]
	},
	'weak-tie': {
		name: say.tieIsWeak(),
		remedy: [say.openIt(), say.workANewOneInto(), say.pullToTryIt()]
	},
	damp: {
		name: say.dampOrSmell(),
		remedy: [say.hoseIt(), say.hangItForADay(), say.neverPackItWet()]
	}
};

export const stepWords: Readonly<Record<WorkStep, string>> = {
	sort: say.sorting(),
	cut: doingWords.cut,
	join: doingWords.join,
	make: say.making(),
	finish: doingWords.finish,
	store: say.storing()
};

export const resultWords: Readonly<Record<CheckResult, string>> = {
	good: say.good(),
	mend: say.mendIt(),
	apart: say.takeItApartForStrand(),
	'other-use': say.anotherUse()
};

export const stateWords: Readonly<Record<MadeState, string>> = {
	finished: say.toCheck(),
	mended: say.mendedCheckItAgain(),
	'to-mend': say.toMend(),
	good: say.good(),
	'other-use': say.forAnotherUse(),
	'taken-apart': say.takenApart(),
	delivered: say.delivered(),
	received: say.received(),
	'sent-back': say.sentBackCheckAgain()
};

const percent = (share: number) => `${Math.round(Math.abs(share) * 100)} %`;

/** Why a mat is not good, in a line. */
export function checkReasonWords(
	reason: CheckReason | PlanReason,
	lengthWords: (mm: number) => string
): string {
	switch (reason.why) {
		case 'too-short':
			return say.tooShort({ by: lengthWords(reason.byMm), least: lengthWords(reason.leastMm) });
		case 'too-narrow':
			return say.tooNarrow({ by: lengthWords(reason.byMm), least: lengthWords(reason.leastMm) });
		case 'too-long':
			return say.tooLong({ by: lengthWords(reason.byMm), most: lengthWords(reason.mostMm) });
		case 'too-wide':
			return say.tooWide({ by: lengthWords(reason.byMm), most: lengthWords(reason.mostMm) });
		case 'fault':
			return `${faultWords[reason.kind].name}${reason.count > 1 ? say.times({ count: reason.count }) : ''}`;
		case 'short':
			return say.shorterThanItsPlan({ percent: percent(reason.share) });
		case 'long':
			return say.longerThanItsPlan({ percent: percent(reason.share) });
		case 'narrow':
			return say.narrowerThanItsPlan({ percent: percent(reason.share) });
		case 'wide':
			return say.widerThanItsPlan({ percent: percent(reason.share) });
		case 'thin':
			return say.thinOfItsPlansGrams({ percent: percent(reason.share) });
		case 'goes-through':
			return say.aFingertipGoesThroughAt({ places: reason.places });
	}
}

/** What is to be known of a mat, and what it says of the next one. */
export function noteWords(
	note: CheckNote,
	{ lengthOff, widthOff }: Pick<MatVerdict, 'lengthOff' | 'widthOff'>
): string {
	const side = (most: boolean) =>
		(most ? lengthOff >= widthOff : lengthOff <= widthOff) ? lengthOff : widthOff;
	switch (note) {
		case 'narrow':
			return say.noteNarrow();
		case 'very-wide':
			return say.noteVeryWide();
		case 'very-long':
			return say.noteVeryLong();
		case 'larger': {
			const film = (1 + lengthOff) * (1 + widthOff) - 1;
			return film > 0.005
				? say.noteLargerFilm({ percent: percent(side(true)), film: percent(film) })
				: say.noteLarger({ percent: percent(side(true)) });
		}
		case 'smaller':
			return say.noteSmaller({ percent: percent(side(false)) });
		case 'lighter':
			return say.noteLighter();
		case 'weigh-again':
			return say.noteWeighAgain();
	}
}

/** What a mat can be that is too small for a sleeper, cautions with it. */
export function useWords(
	use: OtherUse,
	lengthMm: number,
	lengthWords: (mm: number) => string
): string {
	switch (use) {
		case 'shorter-sleeper':
			return say.useShorter({ height: lengthWords(lengthMm) });
		case 'child':
			return say.useChild();
		case 'panel':
			return say.usePanel();
		case 'seat':
			return say.useSeat();
		case 'strand':
			return say.useStrand();
	}
}

/** How a place that a fingertip goes through is mended, by the technique, step by step. */
const throughRemedy: Readonly<Record<TechniqueKind, readonly string[]>> = {
	crochet: [say.findHowFarItIs(), say.darnItWithAStrand()],
	'peg-loom': [say.findHowFarItIs(), say.pushTheRowsTogetherThere()],
	twined: [say.findHowFarItIs(), say.pushTheRowsTogetherThere2()],
	'finger-bands': [say.findHowFarItIs(), say.drawTheBandsEdgesTogether()]
};

/** The steps of a remedy, in words. */
export const remedyWords = (kind: Mended, technique: TechniqueKind): readonly string[] =>
	kind === 'through' ? throughRemedy[technique] : faultWords[kind].remedy;
