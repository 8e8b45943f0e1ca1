import { describe, expect, it } from 'vitest';
import { countTaps, gradeOfPile, pileNames } from './tapped';

describe('the piles of a sorting table', () => {
	it('go where the rules of sorting put their bags', () =>
		expect(pileNames.map((pile) => [pile, gradeOfPile(pile)])).toEqual([
			['sound', 'strand'],
			['hole-at-edge', 'strand'],
			['hole-in-body', 'stuffing'],
			['damp', 'drying'],
			['brittle', 'reject'],
			['soiled', 'reject']
		]));

	it('are counted by what they are good for', () =>
		expect(
			countTaps([
				{ pile: 'sound', bags: 20 },
				{ pile: 'soiled', bags: 1 },
				{ pile: 'hole-at-edge', bags: 3 },
				{ pile: 'brittle', bags: 2 },
				{ pile: 'damp', bags: 4 },
				{ pile: 'hole-in-body', bags: 5 },
				{ pile: 'sound', bags: 1 }
			])
		).toEqual({ strand: 24, stuffing: 5, drying: 4, reject: 3 }));

	it('are empty before anything is tapped', () =>
		expect(countTaps([])).toEqual({ strand: 0, stuffing: 0, drying: 0, reject: 0 }));
});
