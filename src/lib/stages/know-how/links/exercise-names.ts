import { exerciseNames as say } from '$lib/words/know-how';
import type { ExerciseKind } from '$lib/core/know-how/exercises';

/** What is practised, in a few words. */
export const exerciseNames: Readonly<Record<ExerciseKind, string>> = {
	slit: say.joiningTheCuts(),
	'over-under': say.overOrUnderNext(),
	'wrong-row': say.whichRowIsWrong(),
	crossings: say.howManyCrossingsHome(),
	hook: say.whichHookForThisStrand(),
	'ball-end': say.whereThisBallRunsOut(),
	trim: say.whereToTrim(),
	snug: say.isThisJointSnug(),
	seat: say.whichSeatIsFreeOf(),
	fault: say.whichRemedyForThisFault()
};
