import type { Bag } from '../core/bag/measure-bag';
import type { LengthScale, LengthSystem } from '../core/units/format-length';
import { fieldLength } from '../core/units/format-length';
import { fieldMass } from '../core/units/format-mass';

/** A bag's measures as fields; its mass as that of a handful of so many, which is how it is weighed. */
export function bagFields(bag: Bag, system: LengthSystem, handfulCount: number) {
	const write = (mm: number, scale: LengthScale) => fieldLength(mm, system, scale);
	return {
		bag_width: write(bag.flatWidthMm, 'bag'),
		bag_gusset: write(bag.gussetMm, 'small'),
		bag_body: write(bag.bodyMm, 'bag'),
		bag_handle: write(bag.handleMm, 'bag'),
		handful_g: fieldMass(bag.massG * handfulCount, system),
		handful_count: String(handfulCount)
	};
}

/** Bags in the handful that a bag's mass is written by where nobody has weighed one. */
export const usualHandful = 10;
