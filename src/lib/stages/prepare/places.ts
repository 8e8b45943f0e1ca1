import type { LineForm } from '$lib/core/store/forms';
import type { TablePile } from './table-view';

/** The places of the table, in the order film goes over it. */
export const places: readonly {
	readonly name: string;
	readonly forms: readonly LineForm[];
	/** What is said where nothing lies. */
	readonly empty: string;
}[] = [
	{ name: 'Bags', forms: ['bag'], empty: 'None sorted.' },
	{ name: 'Flat', forms: ['flat'], empty: 'Tap bags to lay a batch flat.' },
	{ name: 'Cut', forms: ['piece'], empty: 'Tap flat bags to cut a batch.' },
	{ name: 'Strand', forms: ['strand'], empty: 'Tap pieces to join them.' },
	{ name: 'Balls', forms: ['ball', 'chain'], empty: 'Tap strand to wind a ball.' }
];

/** The piles at each place, the highest first; those of one kind together. */
export const lyingAt = (piles: readonly TablePile[]): TablePile[][] => {
	const kinds = [...new Set(piles.map(({ kindId }) => kindId))];
	return places.map(({ forms }) =>
		piles
			.filter(({ form }) => forms.includes(form))
			.sort((a, b) => kinds.indexOf(a.kindId) - kinds.indexOf(b.kindId) || b.amount - a.amount)
	);
};

/** Film of the piles of each form, mg. */
export const filmByForm = (piles: readonly TablePile[]): { form: LineForm; filmMg: number }[] => {
	const sums = new Map<LineForm, number>();
	for (const { form, filmMg } of piles) sums.set(form, (sums.get(form) ?? 0) + filmMg);
	return [...sums].map(([form, filmMg]) => ({ form, filmMg })).filter(({ filmMg }) => filmMg > 0);
};
