import { terms as say } from '$lib/words/common';
/** Words that need one: each with a plain phrase. */
export const terms = {
	cover: {
		word: say.closeness(),
		means: say.howWellTheStrandFills()
	},
	interval: {
		word: say.range(),
		means: say.in8Of10Cases()
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
		word: say.compareWith(),
		means: say.keepsThisPlanNextTo()
	},
	best: {
		word: say.notBeaten(),
		means: say.noOtherWayNeedsAs()
	},
	strand: {
		word: say.yarnPlarn(),
		means: say.theYarnMadeOfBags()
	}
} as const;
export type TermName = keyof typeof terms;
