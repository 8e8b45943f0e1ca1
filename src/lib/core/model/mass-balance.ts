import type { MaterialUse } from './material-use';
import { workRelations } from './work-relations';

/** Where the film of the prepared bags goes, g. `in = mat + ties + scrap + spoiled`. */
export interface MassBalance {
	readonly inG: number;
	readonly matG: number;
	readonly tiesG: number;
	readonly scrapG: number;
	readonly spoiledG: number;
}

/**
 * Books the film of every draw: what stays, and what is trimmed off on the way.
 *
 * @example massBalance(modelPlan(startingPlan, barePoint).draws, 5.2, 600).inG // 3120
 */
export function massBalance(
	draws: readonly MaterialUse[],
	bagMassG: number,
	toPrepare: number
): MassBalance {
	let matG = 0;
	let tiesG = 0;
	let scrapG = 0;
	let used = 0;
	for (const { role, bags, cut, keptShare } of draws) {
		const keptG = workRelations.keptG(bags, cut.filmUsedG * keptShare);
		if (role === 'ties') tiesG += keptG;
		else matG += keptG;
		scrapG += bags * bagMassG - keptG;
		used += bags;
	}
	return {
		inG: toPrepare * bagMassG,
		matG,
		tiesG,
		scrapG,
		spoiledG: (toPrepare - used) * bagMassG
	};
}
