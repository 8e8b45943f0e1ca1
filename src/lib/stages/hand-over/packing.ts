import type { RollPacking } from '$lib/core/finish/pack-rolls';
import { packRolls } from '$lib/core/finish/pack-rolls';
import type { Crate } from '$lib/core/finish/roll';
import { usualCrate } from '$lib/entries/types/deliver';
import type { DeliveryLine, DeliveryWhole } from './hand-over-view';
import type { DrawnRoll } from '$lib/core/drawing/crate-scene';

/** A mat that is packed. */
export interface ToPack {
	readonly code: string;
	readonly widthMm: number;
	/** Diameter of its roll, mm; null where its plan cannot be made any more. */
	readonly rollMm: number | null;
}

/** Rolled mats in their crates, and those of which no plan says how thick they roll. */
export interface Packed extends RollPacking {
	readonly rolls: readonly DrawnRoll[];
	readonly unrolled: readonly string[];
}

/** Packs mats, each folded in half and rolled, into crates of one size. */
export function packMats(mats: readonly ToPack[], crate: Crate): Packed {
	const rolled = mats.flatMap(({ code, rollMm, widthMm }) =>
		rollMm === null ? [] : [{ name: code, diameterMm: rollMm, lengthMm: widthMm / 2 }]
	);
	return {
		...packRolls(rolled, crate),
		rolls: rolled,
		unrolled: mats.flatMap(({ code, rollMm }) => (rollMm === null ? [code] : []))
	};
}

/** The crates a delivery was packed in; the usual ones where that was not said. */
export const crateOf = (
	line: Pick<DeliveryLine, 'crateWidthMm' | 'crateDepthMm' | 'crateHeightMm'> | undefined
): Crate => ({
	widthMm: line?.crateWidthMm ?? usualCrate.widthMm,
	depthMm: line?.crateDepthMm ?? usualCrate.depthMm,
	heightMm: line?.crateHeightMm ?? usualCrate.heightMm
});

/** What there is to carry of a delivery, g: mats with their pillows, as far as they were weighed. */
export const gramsOf = (lying: DeliveryWhole['lying']): number =>
	lying.reduce((sum, { massG, pillowG }) => sum + (massG ?? 0) + (pillowG ?? 0), 0);
