import { sheets as say } from '$lib/words/plan';
import { sheetCautions } from './caution-words';
import type { Plan } from '$lib/core/model/types';

export const sheetNames = ['plan', 'cutting', 'loom', 'crochet', 'frame', 'bands'] as const;
export type SheetName = (typeof sheetNames)[number];

export interface SheetOffer {
	readonly sheet: SheetName;
	readonly title: string;
	readonly about: string;
	readonly cautions: readonly string[];
}

/** The sheets that go with a plan: its own, the cutting table's, and the maker's. */
export function sheetsFor(plan: Plan): SheetOffer[] {
	const makers: Record<Plan['technique']['kind'], SheetOffer> = {
		crochet: {
			sheet: 'crochet',
			title: say.crochetSheet(),
			about: say.everyRowWithABox(),
			cautions: sheetCautions.byHand
		},
		'peg-loom': {
			sheet: 'loom',
			title: say.loomSheet(),
			about: say.pegsStrandsWhereEachKnot(),
			cautions: sheetCautions.underTension
		},
		twined: {
			sheet: 'frame',
			title: say.frameSheet(),
			about: say.nailsWarpRowsAndPanels(),
			cautions: sheetCautions.underTension
		},
		'finger-bands': {
			sheet: 'bands',
			title: say.bandSheet(),
			about: say.bandsToTickWhatEach(),
			cautions: sheetCautions.byHand
		}
	};
	return [
		{
			sheet: 'plan',
			title: say.planSheet(),
			about: say.theWholePlanForThe(),
			cautions: sheetCautions.plan
		},
		{
			sheet: 'cutting',
			title: say.cuttingSheet(),
			about: say.aGuideStripAtTrue(),
			cautions: sheetCautions.cutting(plan)
		},
		makers[plan.technique.kind]
	];
}
