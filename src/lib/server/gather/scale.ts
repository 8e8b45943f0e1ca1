import type { PanChange, ScaleReading } from '$lib/core/gather/scale';
import { readScale } from '$lib/core/gather/scale';
import { seededRng } from '$lib/core/statistics/rng';

/** A scale that tells what it shows, as often as it does. A real one would be read from its port. */
export interface Scale {
	/** Calls back with every reading until told to stop. */
	onReading(hear: (reading: ScaleReading) => void): () => void;
}

const everyMs = 120;

/** A stand-in for a kitchen scale: what lies on its pan comes with the asking, so nothing is kept here. */
export const simulatedScale = (change: PanChange, seed: number): Scale => ({
	onReading(hear) {
		const chance = seededRng(seed);
		const from = performance.now();
		const tell = () => hear(readScale(change, (performance.now() - from) / 1000, chance));
		const timer = setInterval(tell, everyMs);
		tell();
		return () => clearInterval(timer);
	}
});
