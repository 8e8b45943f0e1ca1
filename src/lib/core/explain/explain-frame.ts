import { defaults } from '../defaults';
import type { Factors } from '../factors/factors';
import type { Plan } from '../model/types';
import type { TwinedMat } from '../techniques/twined/twined-mat';
import { derived, given } from './explain-cut';
import { ownPitch } from './own-factor';
import type { Step } from './trail';

/**
 * A mat twined on a frame.
 *
 * @example frameSteps(startingPlan, twinedMat(startingPlan.target, { kind: 'twined', pitchMm: 14, warp: 'cloth' }, 3.2, noFactors), noFactors)[0]?.symbol // 'p'
 */
export function frameSteps(plan: Plan, mat: TwinedMat, factors: Factors): Step[] {
	const pitch = ownPitch(factors.framePitch);
	const isFilm = mat.strandMm > mat.weftStrandMm;
	const owned = plan.technique.kind === 'twined' ? plan.technique.nails : undefined;
	// A frame that stands there makes the size; else it is the one that is wanted.
	const [width, length] = owned === undefined ? ['width', 'length'] : ['W', 'H'];
	return [
		given('p', 'nail to nail', mat.pitchMm, 'mm'),
		given('panels', 'panels side by side', mat.panels.across, ''),
		given('along', 'panels one after the other', mat.panels.along, ''),
		...(owned === undefined
			? [
					derived(
						'N',
						'nails at each end, all panels together',
						mat.nails,
						'',
						'panels * max(1, round(width / panels / p))'
					)
				]
			: [
					given('nails', 'nails at each end of the frame there is', owned, ''),
					given('frame', 'length of that frame', mat.panels.lengthMm, 'mm'),
					derived('N', 'nails at each end, all panels together', mat.nails, '', 'panels * nails'),
					derived('W', 'width that the nails make', mat.widthMm, 'mm', 'N * p'),
					derived(
						'H',
						'length that the frame makes',
						mat.panels.lengthMm * mat.panels.along,
						'mm',
						'along * frame'
					)
				]),
		derived('warp', 'continuous warp', mat.warpMm, 'mm', `2 * N * ${length}`),
		...pitch.steps,
		derived(
			'q',
			'row pitch',
			mat.rowPitchMm,
			'mm',
			`${defaults.twinedRowPitch.value} * d${pitch.times}`
		),
		derived('R', 'rows', mat.rows, 'rows', `along * max(1, floor(${length} / along / q))`),
		derived(
			'weft',
			'strand in the weft',
			mat.weftStrandMm,
			'mm',
			`R * (2 * ${width} * 1.2 + panels * 100)`
		),
		derived(
			'strand',
			'film strand in the mat',
			mat.strandMm,
			'mm',
			isFilm ? 'warp + weft' : 'weft'
		),
		derived('cover', 'cover', mat.cover, '', '2 * 1.2 * d / q'),
		derived(
			'make',
			'twining',
			mat.makeSeconds,
			's',
			`R * 2 * (N + panels) * ${defaults.twinedCrossing.value}`
		)
	];
}
