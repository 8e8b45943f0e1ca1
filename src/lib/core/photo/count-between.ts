import type { Place } from './board';
import type { Measured } from './measured';
import { waysOf } from './plane';

/**
 * Rows from the first to the last, both counted, from where these two were tapped: their distance by
 * the pitch of a row.
 *
 * @returns null where no pitch is known
 * @example countBetween(exampleMeasured, [50, 50], [50, 140]) // 10
 */
export function countBetween(measured: Measured, first: Place, last: Place): number | null {
	const pitch = measured.measures.row_mm?.value;
	if (!pitch) return null;
	const { toPlane } = waysOf(measured.view);
	const [a, b] = [toPlane(first), toPlane(last)];
	return Math.max(1, Math.round(Math.hypot(a[0] - b[0], a[1] - b[1]) / pitch) + 1);
}
