/** Days from one to another, both among them, as `2026-12-24`. */
export interface DaySpan {
	readonly from: string;
	readonly to: string;
}

/**
 * Whether a day lies in one of some spans.
 *
 * @example isInSpans('2026-12-24', [{ from: '2026-12-20', to: '2027-01-05' }]) // true
 */
export const isInSpans = (day: string, spans: readonly DaySpan[]): boolean =>
	spans.some(({ from, to }) => from <= day && day <= to);

/** Days of a week; a week is away when more than half of it is. */
const weekDays = 7;

/**
 * The weeks, counted from a day as 1, of which more than half lies in some spans.
 *
 * @param from the first day of week 1
 * @param weeks whole, 0 or more
 * @example weeksInSpans([{ from: '2026-12-20', to: '2027-01-05' }], '2026-12-17', 4) // [1, 2, 3]
 */
export function weeksInSpans(spans: readonly DaySpan[], from: string, weeks: number): number[] {
	if (spans.length === 0) return [];
	const startMs = Date.parse(`${from}T00:00:00Z`);
	const dayOf = (nth: number) => new Date(startMs + nth * 86_400_000).toISOString().slice(0, 10);
	return Array.from({ length: weeks }, (_, at) => at + 1).filter((week) => {
		let count = 0;
		for (let nth = 0; nth < weekDays; nth++)
			if (isInSpans(dayOf(weekDays * (week - 1) + nth), spans)) count++;
		return count > weekDays / 2;
	});
}
