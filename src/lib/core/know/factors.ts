import { defaults } from '../defaults';

/** The quantities nobody knows exactly before measuring, as multipliers on their defaults. */
export const factorNames = [
	'bagMass',
	'pieceLength',
	'gauge',
	'strandPerStitch',
	'rowPitch'
] as const;
export type FactorName = (typeof factorNames)[number];
export type Factors = Readonly<Record<FactorName, number>>;

/** What is known of one factor: its median and its spread (coefficient of variation). */
export interface FactorKnowledge {
	readonly median: number;
	readonly cv: number;
}
export type Knowledge = Readonly<Record<FactorName, FactorKnowledge>>;

export const noFactors: Factors = {
	bagMass: 1,
	pieceLength: 1,
	gauge: 1,
	strandPerStitch: 1,
	rowPitch: 1
};

/** What is known before a group has measured anything. @source bench default */
export const bareKnowledge = Object.fromEntries(
	factorNames.map((name) => [name, { median: 1, cv: defaults[name].cv }])
) as unknown as Knowledge;

export const mediansOf = (knowledge: Knowledge): Factors => ({
	bagMass: knowledge.bagMass.median,
	pieceLength: knowledge.pieceLength.median,
	gauge: knowledge.gauge.median,
	strandPerStitch: knowledge.strandPerStitch.median,
	rowPitch: knowledge.rowPitch.median
});

/** Standard deviation of the logarithm of a log-normal with this coefficient of variation. log1p, because a small spread squared is lost beside one. */
export const logSpread = (cv: number): number => Math.sqrt(Math.log1p(cv * cv));
