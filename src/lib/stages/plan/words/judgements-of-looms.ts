import { judgementsOfLooms as say } from '$lib/words/plan';
import { trimmed } from '$lib/core/units/format-length';
import type { Words } from './judged';

/** What is said of pegs, nails and panels. */
export const ofLooms = {
	'pieces-do-not-fit': (f) => ({
		call: say.loopsDoNotFitThe(),
		why: say.loopsReachOfTheWay({
			what: f.figure('pieces', 0),
			value: trimmed(f.value('fitShare') * 100, 0)
		}),
		act: f.value('isShortened')
			? say.shortenOneLoopOfEach({ mat: f.mat('shortMm') })
			: say.addAShortPieceOf({ mat: f.mat('shortMm') })
	}),
	'knot-at-peg': (f) => ({
		call: say.knotTooNearAPeg(),
		why: say.aKnotFallsFromThe({ small: f.small('knotMm'), small2: f.small('freeMm') }),
		act: say.putTheShortPieceBetween(),
		cure: say.shortPieceInTheMiddle()
	}),
	'weft-wider-than-warp': (f) => ({
		call: say.weftThickerThanWarp(),
		why: say.theWeftIsMmThick({ what: f.figure('weftMm', 1), what2: f.figure('warpMm', 1) }),
		act: say.cutTheWeftNarrowerThan()
	}),
	'warp-crowded': (f) => ({
		call: say.pegsTooClose(),
		why: say.warpAndWeftTogetherAre({ small: f.small('pitchMm') }),
		act: say.setThePegsApart({ small: f.small('needMm') }),
		cure: say.pegsApart({ small: f.small('needMm') })
	}),
	'rows-meet-wrongly': (f) => ({
		call: say.rowsMeetAlikeInThe(),
		why: say.afterRowsFromOneEnd({ what: f.figure('nearRows', 0), what2: f.figure('farRows', 0) }),
		act: say.beginTheFarEndWith(),
		cure: say.beginTheFarEndWith2()
	}),
	'panels-needed': (f) => ({
		call: say.moreThanOnePanel(),
		why: say.theFrameIsSmallerThan({
			what: f.figure('across', 0),
			what2: f.figure('along', 0),
			mat: f.mat('seamMm')
		}),
		act: say.joinThemAlongTheWarp()
	}),
	'panels-end-to-end': () => ({
		call: say.panelsEndToEnd(),
		why: say.aSeamAcrossTheSleeper(),
		act: say.useAFrameAsLong()
	})
} satisfies Words;
