import type { ColourName } from '$lib/core/colour/colours';
import { sumOf } from '$lib/core/model/material-use';
import type { LineForm } from '$lib/core/store/forms';
import { lineForms } from '$lib/core/store/forms';

/** One line of the store: so many of a kind in a colour and a form. */
export interface StoreLine {
	readonly kindId: string;
	readonly kind: string;
	readonly colour: ColourName;
	readonly form: LineForm;
	readonly amount: number;
	readonly movedAt: Date;
}

/** What of the store is looked at, and in which order. Empty words let everything through. */
export interface StoreFilter {
	readonly show: LineForm | '';
	readonly of: string;
	readonly in: ColourName | '';
	readonly order: 'kind' | 'amount' | 'moved';
}

/** The lines a filter lets through, in its order. */
export function filteredLines<Line extends StoreLine>(
	lines: readonly Line[],
	filter: StoreFilter
): Line[] {
	const shown = lines.filter(
		({ form, kindId, colour }) =>
			(filter.show === '' || form === filter.show) &&
			(filter.of === '' || kindId === filter.of) &&
			(filter.in === '' || colour === filter.in)
	);
	if (filter.order === 'amount') return shown.sort((a, b) => b.amount - a.amount);
	return filter.order === 'moved'
		? shown.sort((a, b) => b.movedAt.getTime() - a.movedAt.getTime())
		: shown;
}

/** How much there is of each form, the empty ones left out. */
export const totalsOf = (lines: readonly StoreLine[]): { form: LineForm; amount: number }[] =>
	lineForms
		.map((form) => ({
			form,
			amount: sumOf(
				lines.filter((line) => line.form === form),
				({ amount }) => amount
			)
		}))
		.filter(({ amount }) => amount > 0);
