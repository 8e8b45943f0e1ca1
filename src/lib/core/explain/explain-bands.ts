import { defaults } from '../defaults';
import type { Factors } from '../factors/factors';
import type { Model } from '../model/model';
import type { BandsMat } from '../techniques/bands/bands-mat';
import { derived, given } from './explain-cut';
import { own, ownPitch } from './own-factor';
import type { Step } from './trail';

/**
 * A mat of finger-woven bands.
 *
 * @example bandSteps(modelPlan(startingPlan, barePoint), bandsMat(startingPlan.target, { kind: 'finger-bands', warpStrands: 3 }, 2.4, noFactors), noFactors)[0]?.value // 3
 */
export function bandSteps(model: Model, mat: BandsMat, factors: Factors): Step[] {
	const gauge = own('k_gauge', 'our own band width, over the craft’s', factors.bandGauge);
	const pitch = ownPitch(factors.bandPitch);
	const section = model.yield.packing === defaults.packingSpun.value ? 'S_spun' : 'S';
	return [
		given('k', 'strands along a band', mat.warpStrands, 'strands'),
		derived(
			'd_lofty',
			'strand in loose finger work',
			mat.loftyDiameterMm,
			'mm',
			`2 * sqrt(${section} / (π * ${defaults.packingLofty.value}))`
		),
		...gauge.steps,
		...pitch.steps,
		derived('bw', 'width of a band', mat.bandWidthMm, 'mm', `1.5 * k * d_lofty${gauge.times}`),
		derived('bands', 'bands', mat.bands, 'bands', 'max(1, round(width / bw))'),
		derived(
			'rows_band',
			'passes in a band',
			mat.rowsPerBand,
			'rows',
			`length / (0.9 * d_lofty${pitch.times})`
		),
		derived('warp', 'strand along the bands', mat.warpStrandMm, 'mm', 'k * length * 1.05 * bands'),
		derived(
			'weaver',
			'strand of the weaver',
			mat.weaverStrandMm,
			'mm',
			'bands * rows_band * (1.15 * bw + 1.6 * d_lofty)'
		),
		derived(
			'turns',
			'strand in the turns',
			mat.turnStrandMm,
			'mm',
			'max(0, bands - 1) * (k + 1) * 6 * d_lofty'
		),
		derived('strand', 'strand in the mat', mat.strandMm, 'mm', 'warp + weaver + turns'),
		derived('cover', 'cover', mat.cover, '', '(warp + weaver) * d_lofty / (bands * bw * length)'),
		derived(
			'make',
			'weaving',
			mat.makeSeconds,
			's',
			`bands * rows_band * (k + 1) * ${defaults.bandCrossing.value}`
		)
	];
}
