import type { Rng } from '../statistics/rng';
import { randomNormal } from '../statistics/rng';

/** One reading of a scale, as it shows it. */
export type ScaleReading =
	| { readonly state: 'settling' | 'steady'; readonly g: number }
	| { readonly state: 'overload' | 'unplugged'; readonly g: null };

/** A kitchen scale: how much it takes, how fine it shows, how it settles and drifts. */
export interface ScaleKind {
	readonly mostG: number;
	readonly stepG: number;
	/** Seconds until a change has settled to a third. */
	readonly settlesS: number;
	/** Grams it wanders in a minute. */
	readonly driftGPerMinute: number;
	readonly noiseG: number;
}

export const kitchenScale: ScaleKind = {
	mostG: 5000,
	stepG: 0.1,
	settlesS: 0.35,
	driftGPerMinute: 0.15,
	noiseG: 0.04
};

/** What happens on the pan of a simulated scale: what lay there before, what lies there now. */
export interface PanChange {
	readonly fromG: number;
	readonly toG: number;
	readonly tareG: number;
	/** When it is unplugged, seconds after the change; never if not given. */
	readonly unpluggedAtS?: number | undefined;
}

/**
 * What a scale shows so many seconds after a change on its pan: it nears the new load as things
 * settle, wanders a little, and is steady once what is left of the change is below a step.
 *
 * @param seconds since the change, 0 or more
 * @param rng seeded; one draw a reading
 * @example readScale({ fromG: 0, toG: 2100, tareG: 0 }, 60, seededRng(7)).state // 'steady'
 */
export function readScale(
	change: PanChange,
	seconds: number,
	rng: Rng,
	kind: ScaleKind = kitchenScale
): ScaleReading {
	if (change.unpluggedAtS !== undefined && seconds >= change.unpluggedAtS)
		return { state: 'unplugged', g: null };
	if (change.toG > kind.mostG) return { state: 'overload', g: null };
	const left = (change.fromG - change.toG) * Math.exp(-seconds / kind.settlesS);
	const drift = (kind.driftGPerMinute * seconds) / 60;
	const shown = change.toG + left + drift + kind.noiseG * randomNormal(rng) - change.tareG;
	return {
		state: Math.abs(left) < kind.stepG ? 'steady' : 'settling',
		g: Math.round(shown / kind.stepG) * kind.stepG
	};
}
