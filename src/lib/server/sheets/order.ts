import type { Estimate } from '$lib/core/estimate/estimate';
import type { Plan } from '$lib/core/model/types';
import type { LengthScale, LengthSystem } from '$lib/core/units/format-length';
import { formatLength } from '$lib/core/units/format-length';
import type { StitchTerms } from '$lib/ui/stitch-words';

/** What a sheet is made of. */
export interface SheetOrder {
	readonly plan: Plan;
	readonly estimate: Estimate;
	readonly system: LengthSystem;
	readonly terms: StitchTerms;
	/** Where the kept plan opens; null where it is not kept, or opens on this machine alone. */
	readonly address: string | null;
}

export const readableIn =
	(system: LengthSystem) =>
	(mm: number, scale: LengthScale): string =>
		formatLength(mm, system, scale);
