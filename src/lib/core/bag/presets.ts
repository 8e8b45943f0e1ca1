import { isVeryBag } from './bag-figures';
import type { Bag } from './measure-bag';

/** Bags of the demo world, measured as anyone would: a start for a group that has not measured its own. */
export const bagPresets = [
	{
		id: 'thin-carrier',
		bag: { flatWidthMm: 300, gussetMm: 80, bodyMm: 385, handleMm: 150, massG: 5.2 }
	},
	{
		id: 'shop-bag',
		bag: { flatWidthMm: 380, gussetMm: 60, bodyMm: 430, handleMm: 140, massG: 14 }
	},
	{ id: 'milk-pouch', bag: { flatWidthMm: 310, gussetMm: 0, bodyMm: 400, handleMm: 0, massG: 9 } }
] as const satisfies readonly { id: string; bag: Bag }[];

export type BagPresetId = (typeof bagPresets)[number]['id'];

/**
 * The preset whose measures equal these, or null for a bag of the group's own.
 *
 * @example [presetOf(bagPresets[1].bag), presetOf({ ...bagPresets[1].bag, massG: 1 })] // ['shop-bag', null]
 */
export function presetOf(bag: Bag): BagPresetId | null {
	return bagPresets.find((preset) => isVeryBag(preset.bag, bag))?.id ?? null;
}
