import { defaults } from '../defaults';

/**
 * The quantities nobody knows exactly before measuring, as multipliers on their defaults: what the
 * bags give, then the gauge of each technique by itself, for a hand that crochets loosely may beat
 * a loom hard.
 */
export const factorNames = [
	'bagMass',
	'pieceLength',
	'stitchWidth',
	'rowHeight',
	'strandPerStitch',
	'loomPitch',
	'framePitch',
	'bandGauge',
	'bandPitch'
] as const;
export type FactorName = (typeof factorNames)[number];
export type Factors = Readonly<Record<FactorName, number>>;

/** What is known of one factor: its median and its spread (coefficient of variation). */
export interface FactorKnowledge {
	readonly median: number;
	readonly cv: number;
}
export type Knowledge = Readonly<Record<FactorName, FactorKnowledge>>;

const byFactor = <Value>(value: (name: FactorName) => Value): Readonly<Record<FactorName, Value>> =>
	Object.fromEntries(factorNames.map((name) => [name, value(name)])) as Record<FactorName, Value>;

export const noFactors: Factors = byFactor(() => 1);

/** What is known before a group has measured anything. @source bench default */
export const bareKnowledge: Knowledge = byFactor((name) => ({
	median: 1,
	cv: defaults[name].cv
}));

/**
 * The median of every factor.
 *
 * @example mediansOf({ ...bareKnowledge, bagMass: { median: 1.1, cv: 0.05 } }).bagMass // 1.1
 */
export const mediansOf = (knowledge: Knowledge): Factors => ({
	bagMass: knowledge.bagMass.median,
	pieceLength: knowledge.pieceLength.median,
	stitchWidth: knowledge.stitchWidth.median,
	rowHeight: knowledge.rowHeight.median,
	strandPerStitch: knowledge.strandPerStitch.median,
	loomPitch: knowledge.loomPitch.median,
	framePitch: knowledge.framePitch.median,
	bandGauge: knowledge.bandGauge.median,
	bandPitch: knowledge.bandPitch.median
});

/**
 * Standard deviation of the logarithm of a log-normal with this coefficient of variation. log1p, because a small spread squared is lost beside one.
 *
 * @example sigmaFromCv(0.2) // 0.19804
 */
export const sigmaFromCv = (cv: number): number => Math.sqrt(Math.log1p(cv * cv));

/**
 * How far a factor may lie from the craft's: nothing measured makes a bag weigh ten times as much,
 * and a slip that was kept all the same must not make every plan impossible.
 */
export const factorBound = { atLeast: 0.25, atMost: 4 } as const;

/**
 * A factor, or the bound it lies beyond.
 *
 * @example [boundedFactor(0.1), boundedFactor(1.2), boundedFactor(10)] // [0.25, 1.2, 4]
 */
export const boundedFactor = (value: number): number =>
	Math.min(factorBound.atMost, Math.max(factorBound.atLeast, value));
