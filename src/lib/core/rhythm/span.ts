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

const dayMs = 86_400_000;

/**
 * Days from the first of January 1970 to a day, below nothing before.
 *
 * @example dayNumber('1970-02-01') // 31
 */
export const dayNumber = (day: string): number => Date.parse(`${day}T00:00:00Z`) / dayMs;

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
	const first = dayNumber(from);
	const numbered = spans.map((span) => ({ from: dayNumber(span.from), to: dayNumber(span.to) }));
	return Array.from({ length: weeks }, (_, at) => at + 1).filter((week) => {
		const start = first + weekDays * (week - 1);
		let count = 0;
		for (let day = start; day < start + weekDays; day++)
			if (numbered.some((one) => one.from <= day && day <= one.to)) count++;
		return count > weekDays / 2;
	});
}
