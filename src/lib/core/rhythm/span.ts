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
