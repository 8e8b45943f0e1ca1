import { terms as say } from '$lib/words/common';
/** Words that need one: each with a plain phrase. */
export const terms = {
	cover: {
		word: 'Cover',
		means:
			'How well the strand fills the mat: how many times over its surface is covered by strand. The higher, the closer; where it is close, a fingertip does not go through and the cold does not come up.'
	},
	interval: {
		word: say.fourTimesInFive(),
		means: say.noTwoTablesWorkAlike()
	},
	newton: {
		word: 'N (newton)',
		means: say.aPullOneNIs()
	},
	micron: {
		word: 'µm (micrometre)',
		means: say.aThousandthOfAMillimetre()
	},
	pin: {
		word: 'Pin',
		means: say.putsThisPlanBesideThe()
	},
	unbeaten: {
		word: 'Unbeaten',
		means: say.noOtherWayNeedsAs()
	},
	strand: {
		word: say.strandPlarn(),
		means: say.theYarnMadeOfBags()
	}
} as const;
export type TermName = keyof typeof terms;
