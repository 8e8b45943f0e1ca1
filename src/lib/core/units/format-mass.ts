import type { LengthSystem } from './format-length';
import { trimmed } from './format-length';
import { bareMassUnitOf, gPerUnit } from './parse-mass';

/**
 * A mass for reading, as one would say it: `52 g`, `1.8 kg`, `1 3/4 oz`, `2 lb 6 oz`.
 *
 * @example [formatMass(5.25, 'cm'), formatMass(52, 'cm'), formatMass(1850, 'cm'), formatMass(12400, 'cm'), formatMass(20, 'ft'), formatMass(1000, 'ft')] // ['5.3 g', '52 g', '1.85 kg', '12.4 kg', '0.71 oz', '2 lb 3 oz']
 */
export function formatMass(g: number, system: LengthSystem): string {
	if (g < 0) return `−${formatMass(-g, system)}`;
	if (system === 'cm')
		return g < 999.5
			? `${trimmed(g, g < 9.95 ? 1 : 0)} g`
			: `${trimmed(g / 1000, g < 9995 ? 2 : 1)} kg`;
	const ounces = g / gPerUnit.oz;
	if (ounces < 15.95) return `${trimmed(ounces, ounces < 0.995 ? 2 : 1)} oz`;
	const rounded = Math.round(ounces);
	const over = rounded % 16;
	return `${Math.floor(rounded / 16)} lb${over === 0 ? '' : ` ${over} oz`}`;
}

/**
 * A mass for a field, as exact as a kitchen scale and read back the same.
 *
 * @example [fieldMass(52, 'cm'), fieldMass(52, 'ft')] // ['52 g', '1.834 oz']
 */
export function fieldMass(g: number, system: LengthSystem): string {
	const unit = bareMassUnitOf(system);
	return `${trimmed(g / gPerUnit[unit], 3)} ${unit}`;
}
