import type { LengthUnit } from './parse-length';
import { mmPerUnit } from './parse-length';

/** What a group reads: centimetres, or feet and inches. */
export type LengthSystem = 'cm' | 'ft';

/** How long a thing is usually: a trim or a strip, a bag, a mat. It decides the unit shown and the unit of a bare number. */
export type LengthScale = 'small' | 'bag' | 'mat';

export const bareUnitOf = (system: LengthSystem, scale: LengthScale): LengthUnit =>
	system === 'ft' ? 'in' : scale === 'small' ? 'mm' : 'cm';

/** Rounds to so many decimals and drops the zeros at the end. */
export const trimmed = (value: number, decimals: number): string =>
	String(Number(value.toFixed(decimals)));

/** Sixteenths of an inch in lowest terms, `2 3/8`; null where the value lies between two by more than the tolerance. */
function sixteenths(inches: number, tolerance: number): string | null {
	const count = Math.round(inches * 16);
	if (Math.abs(count / 16 - inches) > tolerance) return null;
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

/** A length for reading, rounded as one would say it: `71 mm`, `84.5 cm`, `2 3/8 in`, `6 ft 2 in`. Negative lengths keep their sign. */
export function formatLength(mm: number, system: LengthSystem, scale: LengthScale): string {
	if (mm < 0) return `−${formatLength(-mm, system, scale)}`;
	if (system === 'cm') {
		return scale === 'small'
			? `${trimmed(mm, 0)} mm`
			: `${trimmed(mm / 10, scale === 'bag' ? 1 : 0)} cm`;
	}
	const inches = mm / mmPerUnit.in;
	if (scale !== 'mat') return `${sixteenths(Math.round(inches * 8) / 8, 1)} in`;
	const rounded = Math.round(inches);
	return rounded < 36 ? `${rounded} in` : `${Math.floor(rounded / 12)} ft ${rounded % 12} in`;
}

/** A length for a field: as exact as a ruler reads (0.1 mm, or a hundredth of an inch), and read back the same. */
export function fieldLength(mm: number, system: LengthSystem, scale: LengthScale): string {
	const unit = bareUnitOf(system, scale);
	const value = mm / mmPerUnit[unit];
	if (unit === 'in') return `${sixteenths(value, 0.004) ?? trimmed(value, 2)} in`;
	return `${trimmed(value, unit === 'mm' ? 1 : 2)} ${unit}`;
}
