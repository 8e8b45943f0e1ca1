import { terms as say } from '$lib/words/common';
/** Words that need one: each with a plain phrase. */
export const terms = {
	cover: {
		word: say.cover(),
		means: say.howWellTheStrandFills()
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
		word: say.pin(),
		means: say.putsThisPlanBesideThe()
	},
	unbeaten: {
		word: say.unbeaten(),
		means: say.noOtherWayNeedsAs()
	},
	strand: {
		word: say.strandPlarn(),
		means: say.theYarnMadeOfBags()
	}
} as const;
export type TermName = keyof typeof terms;
