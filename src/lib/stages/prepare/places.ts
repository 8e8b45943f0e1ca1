import { places as say } from '$lib/words/prepare';
import type { LineForm } from '$lib/core/store/forms';
import type { TablePile } from './table-view';

/** The places of the table, in the order film goes over it. */
export const places: readonly {
	readonly name: string;
	readonly forms: readonly LineForm[];
	/** What is said where nothing lies. */
	readonly empty: string;
}[] = [
	{ name: say.bags(), forms: ['bag'], empty: say.nothingSorted() },
	{ name: say.flat(), forms: ['flat'], empty: say.tapBagsToLayA() },
	{ name: say.cut(), forms: ['piece'], empty: say.tapFlatBagsToCut() },
	{ name: say.yarn(), forms: ['strand'], empty: say.tapPiecesToJoinThem() },
	{ name: say.balls(), forms: ['ball', 'chain'], empty: say.tapStrandToWindA() }
];

/** The piles at each place, in the order they come in: a tap moves none of them from its spot. */
export const lyingAt = (piles: readonly TablePile[]): TablePile[][] =>
	places.map(({ forms }) => piles.filter(({ form }) => forms.includes(form)));

/** Film of the piles of each form, mg. */
export const filmByForm = (piles: readonly TablePile[]): { form: LineForm; filmMg: number }[] => {
	const sums = new Map<LineForm, number>();
	for (const { form, filmMg } of piles) sums.set(form, (sums.get(form) ?? 0) + filmMg);
	return [...sums].map(([form, filmMg]) => ({ form, filmMg })).filter(({ filmMg }) => filmMg > 0);
};
