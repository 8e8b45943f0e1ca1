import { positive } from '../domain-error';

export interface EvenWidth {
	readonly strips: number;
	readonly widthMm: number;
}

/**
 * The strip widths that divide what the trims leave with no off-cut, widest first.
 *
 * @param usableMm height between the trims, above 0
 * @param leastMm narrowest and @param mostMm widest strip of interest
 * @example evenWidths(285, 60, 150) // [{ strips: 2, widthMm: 142.5 }, { strips: 3, widthMm: 95 }, { strips: 4, widthMm: 71.25 }]
 */
export function evenWidths(usableMm: number, leastMm: number, mostMm: number): EvenWidth[] {
	positive('usableMm', usableMm);
	positive('leastMm', leastMm);
	const widths: EvenWidth[] = [];
	for (
		let strips = Math.max(1, Math.ceil(usableMm / mostMm));
		usableMm / strips >= leastMm;
		strips++
	) {
		widths.push({ strips, widthMm: usableMm / strips });
	}
	return widths;
}
