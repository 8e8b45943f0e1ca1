import type { Factors } from '../factors/factors';
import type { Plan } from '../model/types';
import type { TwinedMat } from '../techniques/twined/twined-mat';
import { derived, given } from './explain-cut';
import { ownPitch } from './own-factor';
import type { Step } from './trail';
import { written } from './written';

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
						written.twined.ofPanels('panels', written.count.nearest('width / panels', 'p'))
					)
				]
			: [
					given('nails', 'nails at each end of the frame there is', owned, ''),
					given('frame', 'length of that frame', mat.panels.lengthMm, 'mm'),
					derived(
						'N',
						'nails at each end, all panels together',
						mat.nails,
						'',
						written.twined.ofPanels('panels', 'nails')
					),
					derived(
						'W',
						'width that the nails make',
						mat.widthMm,
						'mm',
						written.twined.ownedWidthMm('N', 'p')
					),
					derived(
						'H',
						'length that the frame makes',
						mat.panels.lengthMm * mat.panels.along,
						'mm',
						written.twined.ofPanels('along', 'frame')
					)
				]),
		derived('warp', 'continuous warp', mat.warpMm, 'mm', written.twined.warpMm('N', length)),
		...pitch.steps,
		derived('q', 'row pitch', mat.rowPitchMm, 'mm', written.twined.rowPitchMm('d', pitch.factor)),
		derived(
			'R',
			'rows',
			mat.rows,
			'rows',
			written.twined.ofPanels('along', written.count.within(`${length} / along`, 'q'))
		),
		derived(
			'weft',
			'strand in the weft',
			mat.weftStrandMm,
			'mm',
			written.twined.weftStrandMm('R', written.twined.strandPerRowMm(width, 'panels'))
		),
		derived(
			'strand',
			'film strand in the mat',
			mat.strandMm,
			'mm',
			isFilm ? 'warp + weft' : 'weft'
		),
		derived('cover', 'cover', mat.cover, '', written.twined.cover('d', 'q')),
		derived('make', 'twining', mat.makeSeconds, 's', written.twined.makeSeconds('R', 'N', 'panels'))
	];
}
