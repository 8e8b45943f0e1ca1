import { defaults } from '../defaults';
import type { Station } from './stations';
import { cuttingSecondsPerBag } from './stations';

/** What a station counts, and what one of it takes by the craft, s: the bare figures before a plan says more. */
export const stationUnits: Readonly<
	Record<Station, { readonly unit: string; readonly seconds: number }>
> = {
	flatten: { unit: 'bags', seconds: defaults.flatten.value },
	cut: { unit: 'bags', seconds: cuttingSecondsPerBag('loops', 'scissors') },
	join: { unit: 'joints', seconds: defaults.loopJoint.value },
	ball: { unit: 'balls', seconds: defaults.ball.value },
	make: { unit: 'stitches', seconds: defaults.stitchSingle.value },
	finish: { unit: 'mats', seconds: defaults.finishMat.value },
	check: { unit: 'mats', seconds: defaults.checkMat.value },
	roll: { unit: 'mats', seconds: defaults.rollMat.value }
};
