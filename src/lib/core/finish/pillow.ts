import { defaults } from '../defaults';
import { within } from '../domain-error';

/**
 * Scrap a pillow takes, g: its volume packed soft at 25 kg/m³; 300 g for 40 × 30 × 10 cm.
 *
 * @example pillowMassG(400, 300, 120) // 360
 */
export const pillowMassG = (
	widthMm: number,
	lengthMm: number,
	heightMm: number,
	kgPerM3: number = defaults.pillowDensity.value
): number => widthMm * lengthMm * heightMm * kgPerM3 * 1e-6;

/**
 * How many pillows of the usual size so much scrap will stuff, with a remainder of grams.
 *
 * @example pillowsFrom(1000) // { pillows: 3, leftG: 100 }
 */
export function pillowsFrom(scrapG: number): { pillows: number; leftG: number } {
	within('scrapG', scrapG, { atLeast: 0 });
	const pillows = Math.floor(scrapG / defaults.pillowMass.value + 1e-9);
	return { pillows, leftG: scrapG - pillows * defaults.pillowMass.value };
}
