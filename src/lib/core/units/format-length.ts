import type { LengthUnit } from './parse-length';
import { mmPerUnit } from './parse-length';

/** What a group reads: centimetres, or feet and inches. */
export const lengthSystems = ['cm', 'ft'] as const;
export type LengthSystem = (typeof lengthSystems)[number];

/** How long a thing is usually: a trim or a strip, a bag, a mat. It decides the unit shown and the unit of a bare number. */
export type LengthScale = 'small' | 'bag' | 'mat';

/**
 * The unit of a length that is written with none.
 *
 * @example [bareUnitOf('cm', 'small'), bareUnitOf('cm', 'bag'), bareUnitOf('ft', 'small')] // ['mm', 'cm', 'in']
 */
export const bareUnitOf = (system: LengthSystem, scale: LengthScale): LengthUnit =>
	system === 'ft' ? 'in' : scale === 'small' ? 'mm' : 'cm';

/**
 * Rounds to so many decimals and drops the zeros at the end.
 *
 * @example [trimmed(2.5, 2), trimmed(2, 2)] // ['2.5', '2']
 */
export const trimmed = (value: number, decimals: number): string =>
	String(Number(value.toFixed(decimals)));

/** The nearest sixteenth of an inch in lowest terms, `2 3/8`: what a ruler in inches shows. */
function sixteenths(inches: number): string {
	const count = Math.round(inches * 16);
	const wholes = Math.floor(count / 16);
	let over = count - wholes * 16;
	let under = 16;
	if (over === 0) return String(wholes);
	while (over % 2 === 0) {
		over /= 2;
		under /= 2;
	}
	return wholes === 0 ? `${over}/${under}` : `${wholes} ${over}/${under}`;
}

/**
 * A length for reading, rounded as one would say it: `71 mm`, `84.5 cm`, `2 3/8 in`, `6 ft 2 in`. Negative lengths keep their sign.
 *
 * @example [formatLength(1850, 'cm', 'mat'), formatLength(1850, 'ft', 'mat')] // ['185 cm', '6 ft 1 in']
 */
export function formatLength(mm: number, system: LengthSystem, scale: LengthScale): string {
	if (mm < 0) return `−${formatLength(-mm, system, scale)}`;
	if (system === 'cm') {
		return scale === 'small'
			? `${trimmed(mm, 0)} mm`
			: `${trimmed(mm / 10, scale === 'bag' ? 1 : 0)} cm`;
	}
	const inches = mm / mmPerUnit.in;
	if (scale !== 'mat') return `${sixteenths(inches)} in`;
	const rounded = Math.round(inches);
	return rounded < 36 ? `${rounded} in` : `${Math.floor(rounded / 12)} ft ${rounded % 12} in`;
}

/**
 * A length for a field, as a ruler reads it: to 0.1 mm, or to a sixteenth of an inch. What a sixteenth leaves out, the fields remember beside it.
 *
 * @example [fieldLength(63.5, 'cm', 'small'), fieldLength(63.5, 'ft', 'small'), fieldLength(1850, 'cm', 'mat')] // ['63.5 mm', '2 1/2 in', '185 cm']
 */
export function fieldLength(mm: number, system: LengthSystem, scale: LengthScale): string {
	const unit = bareUnitOf(system, scale);
	const value = mm / mmPerUnit[unit];
	if (unit === 'in') return `${sixteenths(value)} in`;
	return `${trimmed(value, unit === 'mm' ? 1 : 2)} ${unit}`;
}

/**
 * A spacing that is laid out again and again, as from nail to nail: exact, for what a ruler rounds would add up.
 *
 * @example [formatSpacing(14, 'cm'), formatSpacing(14, 'ft')] // ['14 mm', '0.55 in']
 */
export const formatSpacing = (mm: number, system: LengthSystem): string =>
	system === 'ft' ? `${trimmed(mm / mmPerUnit.in, 2)} in` : `${trimmed(mm, 1)} mm`;

/**
 * Strand by the length, in whole metres or yards where it is long: `268 m`, `294 yd`.
 *
 * @example [strandUnit('cm'), strandUnit('ft')] // [{ mm: 1000, unit: 'm' }, { mm: 914.4, unit: 'yd' }]
 */
export const strandUnit = (system: LengthSystem): { readonly mm: number; readonly unit: string } =>
	system === 'ft' ? { mm: 914.4, unit: 'yd' } : { mm: 1000, unit: 'm' };
