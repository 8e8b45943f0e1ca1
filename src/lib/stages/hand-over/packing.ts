import type { Packing } from '$lib/core/finish/pack-rolls';
import { packRolls } from '$lib/core/finish/pack-rolls';
import type { Crate } from '$lib/core/finish/roll';
import type { DrawnRoll } from '$lib/core/drawing/crate-scene';

/** A mat that is packed. */
export interface ToPack {
	readonly code: string;
	readonly widthMm: number;
	/** Diameter of its roll, mm; null where its plan cannot be made any more. */
	readonly rollMm: number | null;
}

/** Rolled mats in their crates, and those of which no plan says how thick they roll. */
export interface Packed extends Packing {
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
