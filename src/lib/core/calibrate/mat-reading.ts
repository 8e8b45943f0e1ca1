import type { Bag } from '../bag/measure-bag';
import { defaults } from '../defaults';
import { positive } from '../domain-error';
import type { FactorKnowledge, FactorName, Knowledge } from '../factors/factors';
import { sigmaFromCv } from '../factors/factors';
import { barePoint } from '../practice/practice';
import { smooth } from '../factors/rounding';
import { nudged, slopeStep, uncertain } from '../estimate/estimate';
import { modelPlan } from '../model/model';
import type { Plan } from '../model/types';
import { sumOf } from '../model/material-use';
import { cvFromSigma } from './update-factor';

/**
 * What a finished mat says of the bags it took. It bears on several factors at once: on each as
 * strongly as the bags follow it.
 */
export interface MatReading {
	/** The bag its plan is of: what the mat says of mass stays with that kind. */
	readonly bag: Bag;
	/** Bags used over bags expected by the standard estimate, above 0. */
	readonly ratio: number;
	/** Coefficient of variation of one such count. */
	readonly cv: number;
	/** Slope of the bags against each factor, in log space. */
	readonly slopes: Partial<Readonly<Record<FactorName, number>>>;
}

/**
 * Reads a finished mat: the size it came out at and the bags whose strand lies in it, its ties
 * among them, against what its plan expects of a mat of that size.
 *
 * @param bags used, spoiled ones left out; above 0
 * @throws DomainError where the plan cannot be made at that size, or a figure is not above 0
 * @source bench default for the spread
 * @example matReading(startingPlan, { widthMm: 850, lengthMm: 1850 }, 600).ratio // 1.1904
 */
export function matReading(
	plan: Plan,
	size: { readonly widthMm: number; readonly lengthMm: number },
	bags: number
): MatReading {
	const { widthMm, lengthMm } = size;
	const target = {
		widthMm: positive('widthMm', widthMm),
		lengthMm: positive('lengthMm', lengthMm)
	};
	const bagsBy = (middle: typeof barePoint) =>
		sumOf(modelPlan({ ...plan, target }, middle, smooth).draws, (draw) => draw.bags);
	const expected = bagsBy(barePoint);
	return {
		bag: plan.bag,
		ratio: positive('bags', bags) / expected,
		cv: defaults.matSpread.value,
		slopes: Object.fromEntries(
			uncertain[plan.technique.kind].map((name) => [
				name,
				Math.log(bagsBy(nudged(barePoint, name)) / expected) / slopeStep
			])
		)
	};
}

interface Expected {
	/** Logarithm of the ratio that is expected. */
	readonly mean: number;
	/** Its variance, the factors' spread and one reading's own together. */
	readonly variance: number;
}

function expectedOf(known: Knowledge, { slopes, cv }: MatReading): Expected {
	let mean = 0;
	let variance = sigmaFromCv(positive('cv', cv)) ** 2;
	for (const [name, slope] of Object.entries(slopes)) {
		const factor = known[name as FactorName];
		mean += slope * Math.log(factor.median);
		variance += (slope * sigmaFromCv(factor.cv)) ** 2;
	}
	return { mean, variance };
}

/**
 * What is expected of a finished mat's ratio by what is known, as one factor.
 *
 * @example knownOfMat(bareKnowledge, matReading(startingPlan, { widthMm: 850, lengthMm: 1850 }, 600)) // { median: 1, cv: 0.13176 }
 */
export function knownOfMat(known: Knowledge, reading: MatReading): FactorKnowledge {
	const { mean, variance } = expectedOf(known, reading);
	const own = sigmaFromCv(reading.cv) ** 2;
	return { median: Math.exp(mean), cv: cvFromSigma(Math.sqrt(Math.max(0, variance - own))) };
}

/**
 * What is known after a finished mat: the posterior of jointly normal logarithms under one linear
 * reading, in closed form. Each factor moves by its share of the surprise; no spread grows. That
 * the factors hang together afterwards is left out, so each keeps a spread of its own.
 *
 * @throws DomainError where the ratio or the spread is not above 0
 * @example updateByMat(bareKnowledge, matReading(startingPlan, { widthMm: 850, lengthMm: 1850 }, 600)).stitchWidth // { median: 1.0004, cv: 0.079999 }
 */
export function updateByMat(known: Knowledge, reading: MatReading): Knowledge {
	const { mean, variance } = expectedOf(known, reading);
	const surprise = Math.log(positive('ratio', reading.ratio)) - mean;
	const after: Record<FactorName, FactorKnowledge> = { ...known };
	for (const [key, slope] of Object.entries(reading.slopes)) {
		const name = key as FactorName;
		const own = sigmaFromCv(known[name].cv) ** 2;
		const gain = (own * slope) / variance;
		after[name] = {
			median: known[name].median * Math.exp(gain * surprise),
			cv: cvFromSigma(Math.sqrt(own * (1 - gain * slope)))
		};
	}
	return after;
}
