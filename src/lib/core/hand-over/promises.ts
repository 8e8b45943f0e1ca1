import { within } from '../domain-error';
import { sizeBand } from '../check/judge-mat';

/** A mat that is there or will be: the days, as `2026-12-03`, by which it is ready in 10, 50 and 90 % of runs. */
export interface ComingMat {
	readonly widthMm: number;
	readonly lengthMm: number;
	/** All three are empty where it is good and lies there; null where it is not foreseen at all. */
	readonly early: string | null;
	readonly middle: string | null;
	readonly late: string | null;
}

/** Mats still owed to a place by a day. */
export interface OpenAsk {
	/** Still to be handed over, 0 or more. */
	readonly mats: number;
	readonly size: { readonly widthMm: number; readonly lengthMm: number } | null;
	readonly byDay: string;
}

/** What there will be for an ask by its day, asks of earlier days served first. */
export interface ForAsk {
	/** Good mats that lie there. */
	readonly ready: number;
	/** With what is foreseen: by the late, the middle and the early days. */
	readonly low: number;
	readonly expected: number;
	readonly high: number;
}

/**
 * Whether a mat is of a size: it may be as much smaller or larger as a checked mat may be than its plan.
 *
 * @example isOfSize({ widthMm: 850, lengthMm: 1850 }, { widthMm: 860, lengthMm: 1850 }) // true
 */
export const isOfSize = (
	mat: Pick<ComingMat, 'widthMm' | 'lengthMm'>,
	size: OpenAsk['size']
): boolean =>
	size === null ||
	(['widthMm', 'lengthMm'] as const).every((side) => {
		const off = mat[side] / size[side] - 1;
		return off >= sizeBand.least - 1e-9 && off <= sizeBand.most + 1e-9;
	});

/**
 * What each ask can count on: mats are dealt out to the asks in the order of their days, the soonest ready
 * first; one that asks for a size takes mats of that size alone.
 *
 * @returns in the order of the asks
 * @throws DomainError where an ask is below nothing
 * @example countOn([{ mats: 2, size: null, byDay: '2026-12-24' }], [{ widthMm: 850, lengthMm: 1850, early: '', middle: '', late: '' }, { widthMm: 850, lengthMm: 1850, early: '2026-12-10', middle: '2026-12-17', late: '2027-01-14' }]) // [{ ready: 1, low: 1, expected: 2, high: 2 }]
 */
export function countOn(asks: readonly OpenAsk[], mats: readonly ComingMat[]): ForAsk[] {
	const order = asks
		.map((_, at) => at)
		.sort((one, other) => {
			const [first = '', second = ''] = [asks[one]?.byDay, asks[other]?.byDay];
			return first < second ? -1 : first > second ? 1 : one - other;
		});
	/** How many mats each ask gets, where mats are ready on some of their days. */
	const dealt = (dayOf: (mat: ComingMat) => string | null): number[] => {
		const got = asks.map(() => 0);
		const there = mats
			.filter((mat) => dayOf(mat) !== null)
			.toSorted((one, other) => ((dayOf(one) ?? '') < (dayOf(other) ?? '') ? -1 : 1));
		const taken = new Set<ComingMat>();
		for (const at of order) {
			const ask = asks[at];
			if (!ask) continue;
			within('mats', ask.mats, { atLeast: 0, isWhole: true });
			for (const mat of there) {
				if ((got[at] ?? 0) >= ask.mats) break;
				if (taken.has(mat) || (dayOf(mat) ?? '') > ask.byDay || !isOfSize(mat, ask.size)) continue;
				taken.add(mat);
				got[at] = (got[at] ?? 0) + 1;
			}
		}
		return got;
	};
	const [ready, low, expected, high] = [
		dealt(({ late }) => (late === '' ? '' : null)),
		dealt(({ late }) => late),
		dealt(({ middle }) => middle),
		dealt(({ early }) => early)
	];
	return asks.map((_, at) => ({
		ready: ready[at] ?? 0,
		low: low[at] ?? 0,
		expected: expected[at] ?? 0,
		high: high[at] ?? 0
	}));
}
