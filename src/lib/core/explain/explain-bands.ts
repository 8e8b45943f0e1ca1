import { defaults } from '../defaults';
import type { Factors } from '../factors/factors';
import type { Model } from '../model/model';
import type { BandsMat } from '../techniques/bands/bands-mat';
import { derived, given } from './explain-cut';
import { own, ownPitch } from './own-factor';
import type { Step } from './trail';
import { written } from './written';

/**
 * A mat of finger-woven bands.
 *
 * @example bandSteps(modelPlan(startingPlan, barePoint), bandsMat(startingPlan.target, { kind: 'finger-bands', warpStrands: 3 }, 2.4, noFactors), noFactors)[0]?.value // 3
 */
export function bandSteps(model: Model, mat: BandsMat, factors: Factors): Step[] {
	const gauge = own('k_gauge', 'ourOwnBandWidthOverTheCrafts', factors.bandGauge);
	const pitch = ownPitch(factors.bandPitch);
	const section = model.yield.packing === defaults.packingSpun.value ? 'S_spun' : 'S';
	return [
		given('k', 'strandsAlongABand', mat.warpStrands, 'strands'),
		derived(
			'd_lofty',
			'strandInLooseFingerWork',
			mat.loftyDiameterMm,
			'mm',
			written.strand.bulkDiameterMm(section, defaults.packingLofty.value)
		),
		...gauge.steps,
		...pitch.steps,
		derived(
			'bw',
			'widthOfABand',
			mat.bandWidthMm,
			'mm',
			written.bands.bandWidthMm('k', 'd_lofty', gauge.factor)
		),
		derived('bands', 'bands', mat.bands, 'bands', written.count.nearest('width', 'bw')),
		derived(
			'rows_band',
			'passesInABand',
			mat.rowsPerBand,
			'rows',
			written.bands.rowsPerBand('length', written.bands.rowPitchMm('d_lofty', pitch.factor))
		),
		derived(
			'warp',
			'strandAlongTheBands',
			mat.warpStrandMm,
			'mm',
			written.bands.warpStrandMm('k', 'length', 'bands')
		),
		derived(
			'weaver',
			'strandOfTheWeaver',
			mat.weaverStrandMm,
			'mm',
			written.bands.weaverStrandMm(
				'bands',
				'rows_band',
				written.bands.strandPerRowMm('bw', 'd_lofty')
			)
		),
		derived(
			'turns',
			'strandInTheTurns',
			mat.turnStrandMm,
			'mm',
			written.bands.turnStrandMm('bands', 'k', 'd_lofty')
		),
		derived('strand', 'strandInTheMat', mat.strandMm, 'mm', 'warp + weaver + turns'),
		derived(
			'cover',
			'cover',
			mat.cover,
			'',
			written.bands.cover('warp + weaver', 'd_lofty', 'bands', 'bw', 'length')
		),
		derived(
			'make',
			'weaving',
			mat.makeSeconds,
			's',
			written.bands.makeSeconds('bands', 'rows_band', 'k')
		)
	];
}
