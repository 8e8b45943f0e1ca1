import type { Interval, Tally } from '$lib/core/estimate/estimate';

/** The tally of a plan as it stood when it was kept. */
export type KeptFigures = Tally;

const rounded = (value: number): number => Number(value.toPrecision(6));
const roundedInterval = ({ expected, low, high }: Interval): Interval => ({
	expected: rounded(expected),
	low: rounded(low),
	high: rounded(high)
});

/** Six figures are more than anyone reads and keep the row small. */
export const keptFiguresOf = (tally: Tally): KeptFigures =>
	Object.fromEntries(
		Object.entries(tally).map(([name, interval]) => [name, roundedInterval(interval)])
	) as unknown as Tally;
