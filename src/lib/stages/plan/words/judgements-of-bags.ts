import { judgementsOfBags as say } from '$lib/words/plan';
import type { Words } from './judged';

/** What is said of film, strips and stacks. */
export const ofBags = {
	'film-thin': (f) => ({
		call: say.checkTheMeasures(),
		why: say.thisFilmWouldBeM({ what: f.figure('filmUm', 1) }),
		act: say.weighACountedHandfulAgain()
	}),
	'film-thick': (f) => ({
		call: say.checkTheMeasures(),
		why: say.thisFilmWouldBeM2({ what: f.figure('filmUm', 0) }),
		act: say.wasTheHandfulCountedMeasure()
	}),
	'kinds-alternate': (f) => ({
		call: say.alternateKinds(),
		why: say.kindIsThicker({
			nth: f.value('nth'),
			percent: f.figure('thickerPercent', 0),
			isThicker: f.value('isThicker') === 1 ? 'yes' : 'no'
		}),
		act: say.joinInTurn()
	}),
	'kinds-apart': (f) => ({
		call: say.keepKindsApart(),
		why: say.kindIsThicker({
			nth: f.value('nth'),
			percent: f.figure('thickerPercent', 0),
			isThicker: f.value('isThicker') === 1 ? 'yes' : 'no'
		}),
		act: say.ownBalls()
	}),
	'kinds-short': (f) => ({
		call: say.kindShort(),
		why: say.bagsLacking({ bags: f.value('bags'), percent: f.figure('percent', 0) }),
		act: say.askOrMix()
	}),
	'offcut-wasteful': (f) => ({
		call: say.ofEveryBagLeftOver({ small: f.small('offcutMm') }),
		why: say.theStripWidthDoesNot(),
		act: say.stripsOfUseItAll({ what: f.figure('evenStrips', 0), small: f.small('evenWidthMm') }),
		cure: say.cutStrips({ what: f.figure('evenStrips', 0) })
	}),
	'short-strip': (f) => ({
		call: say.lastStripShort(),
		why: say.itIsInsteadOfA({ small: f.small('shortMm'), small2: f.small('stripWidthMm') }),
		act: say.spreadTheShortOnesThrough()
	}),
	'spiral-narrow': (f) => ({
		call: say.narrowForThinFilm(),
		why: say.aSingleStripOfM({ what: f.figure('filmUm', 0) }),
		act: say.cutAtLeastWideAnd({ small: f.small('leastMm') }),
		cure: say.cutWide({ small: f.small('leastMm') })
	}),
	'stack-too-thick': (f) => ({
		call: say.stackTooThickForThe(),
		why: say.bagsFoldedSoAreLayers({
			what: f.figure('bags', 0),
			what2: f.figure('layers', 0),
			what3: f.figure('filmMm', 1),
			what4: f.figure('limitMm', 1)
		}),
		act:
			f.value('bagsWithinLimit') < 1
				? say.markAndCutInsteadOf()
				: say.takeAtATime({ what: f.figure('bagsWithinLimit', 0) })
	}),
	'strip-weak': (f) => ({
		call: say.weakYarn(),
		why: say.aJointHoldsAboutN({ what: f.figure('holdsN', 0) }),
		act: say.cutWiderOrWorkTwo(),
		cure: say.spinTwoTogether()
	})
} satisfies Words;
