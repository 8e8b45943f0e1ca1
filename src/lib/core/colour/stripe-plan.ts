import { positive, within } from '../domain-error';
import type { ColourName } from './colours';

export interface PlannedStripe {
	readonly colour: ColourName;
	readonly rows: number;
}

export interface StripeReach {
	/** Per colour: strand the stripes need, strand in store, and what is lacking, mm. */
	readonly colours: readonly {
		readonly colour: ColourName;
		readonly needMm: number;
		readonly haveMm: number;
		readonly lackMm: number;
	}[];
	/** Rows that can be worked in order before a colour runs out. */
	readonly rowsReached: number;
	/** The stripe that cannot be finished, from 0; null where all can. */
	readonly stopsAt: number | null;
}

/**
 * How far the store's colours carry a stripe plan.
 *
 * @param storeMm strand in store by colour, mm, 0 or more
 * @throws DomainError
 * @example stripeReach([{ colour: 'blue', rows: 3 }, { colour: 'white', rows: 2 }], 100, { blue: 250, white: 900 }) // { colours: [{ colour: 'blue', needMm: 300, haveMm: 250, lackMm: 50 }, { colour: 'white', needMm: 200, haveMm: 900, lackMm: 0 }], rowsReached: 2, stopsAt: 0 }
 */
export function stripeReach(
	stripes: readonly PlannedStripe[],
	rowMm: number,
	storeMm: Partial<Readonly<Record<ColourName, number>>>
): StripeReach {
	positive('rowMm', rowMm);
	const need = new Map<ColourName, number>();
	const left = new Map<ColourName, number>();
	let rowsReached = 0;
	let stopsAt: number | null = null;
	for (const [index, { colour, rows }] of stripes.entries()) {
		within('rows', rows, { atLeast: 1, isWhole: true });
		need.set(colour, (need.get(colour) ?? 0) + rows * rowMm);
		if (stopsAt !== null) continue;
		const have = left.get(colour) ?? within(colour, storeMm[colour] ?? 0, { atLeast: 0 });
		const reached = Math.min(rows, Math.floor(have / rowMm + 1e-9));
		rowsReached += reached;
		left.set(colour, have - reached * rowMm);
		if (reached < rows) stopsAt = index;
	}
	return {
		colours: [...need].map(([colour, needMm]) => {
			const haveMm = storeMm[colour] ?? 0;
			return { colour, needMm, haveMm, lackMm: Math.max(0, needMm - haveMm) };
		}),
		rowsReached,
		stopsAt
	};
}
