import { takenHere } from '$lib/stages/photo/taken-here';
import type { Bench } from './bench.svelte';

/** Puts what a photo told, and the address has, on the bench; false where it has nothing for a plan. */
export function takeByPhoto(bench: Bench): boolean {
	const taken = takenHere();
	if (!taken) return false;
	const { width_mm, body_height_mm, height_mm, mean_mm } = taken.values;
	if (taken.of === 'bag' && width_mm && body_height_mm && height_mm) {
		bench.chooseBag({
			...bench.plan.bag,
			flatWidthMm: tenths(width_mm),
			bodyMm: tenths(body_height_mm),
			handleMm: tenths(Math.max(0, height_mm - body_height_mm))
		});
		bench.open('bag');
		return true;
	}
	if (taken.of === 'strips' && mean_mm) {
		bench.slideStripWidth('', tenths(mean_mm));
		bench.note();
		bench.open('cut');
		return true;
	}
	return false;
}

const tenths = (mm: number): number => Math.round(mm * 10) / 10;
