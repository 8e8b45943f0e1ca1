import { cautionWords as say } from '$lib/words/plan';
import type { Plan } from '$lib/core/model/types';

const always = say.theReceivingPlacesOwnRules();
const film = say.filmCanSuffocateKeepBags();
const hands = say.repeatedWorkTiresHandsTake();
const blade = say.rollingBladesAreForTrained();
const scissors = say.childrenAndUnsteadyHandsGet();
const hygiene = say.glovesOrWashedHandsFor();
const rods = say.rodsSitUnderTensionMind();
const barrier = say.aMatIsABarrier();

/** The cautions of a page that asks for bags. */
export const askCautions: readonly string[] = [
	say.bagsCanSuffocateKeepThem(),
	hygiene,
	say.whereYouCollectThemYour()
];

/** The cautions that go on a sheet: those of the act it is for, and the ones that always go. */
export const sheetCautions = {
	plan: [barrier, film, always],
	cutting: ({ work }: Plan): string[] => [
		work?.cuttingTool === 'rolling-blade' ? blade : scissors,
		hygiene,
		say.bagLooseScrapsAtThe(),
		always
	],
	byHand: [hands, film, always],
	underTension: [rods, hands, film, always]
} as const;
