/**
 * The mean of some numbers; NaN of none.
 *
 * @example mean([1, 2, 6]) // 3
 */
export const mean = (values: readonly number[]): number =>
	values.reduce((sum, value) => sum + value, 0) / values.length;

/**
 * How far numbers are spread about their mean (standard deviation, of these numbers themselves).
 *
 * @example spreadOf([1, 3]) // 1
 */
export function spreadOf(values: readonly number[]): number {
	const middle = mean(values);
	return Math.sqrt(mean(values.map((value) => (value - middle) ** 2)));
}
