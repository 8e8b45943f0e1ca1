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
			title: 'Crochet sheet',
			about: 'Every row with a box to tick, and where each ball ends.',
			cautions: sheetCautions.byHand
		},
		'peg-loom': {
			sheet: 'loom',
			title: 'Loom sheet',
			about: 'Pegs, strands, where each knot falls, over and under, where the ends meet.',
			cautions: sheetCautions.underTension
		},
		twined: {
			sheet: 'frame',
			title: 'Frame sheet',
			about: 'Nails, warp, rows and panels, with rows to tick.',
			cautions: sheetCautions.underTension
		},
		'finger-bands': {
			sheet: 'bands',
			title: 'Band sheet',
			about: 'Bands to tick, what each takes, and the turn crossing by crossing.',
			cautions: sheetCautions.byHand
		}
	};
	return [
		{
			sheet: 'plan',
			title: 'Plan sheet',
			about: 'The whole plan for the wall: large figures, the mat, how it is made.',
			cautions: sheetCautions.plan
		},
		{
			sheet: 'cutting',
			title: 'Cutting sheet',
			about: 'A guide strip at true scale to lay the bag against, with a 100 mm line to check.',
			cautions: sheetCautions.cutting(plan)
		},
		makers[plan.technique.kind]
	];
}
