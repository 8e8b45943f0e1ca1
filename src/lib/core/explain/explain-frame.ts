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
		given('p', 'nailToNail', mat.pitchMm, 'mm'),
		given('panels', 'panelsSideBySide', mat.panels.across, ''),
		given('along', 'panelsOneAfterTheOther', mat.panels.along, ''),
		...(owned === undefined
			? [
					derived(
						'N',
						'nailsAtEachEndAllPanelsTogether',
						mat.nails,
						'',
						written.twined.ofPanels('panels', written.count.nearest('width / panels', 'p'))
					)
				]
			: [
					given('nails', 'nailsAtEachEndOfTheFrame', owned, ''),
					given('frame', 'lengthOfThatFrame', mat.panels.lengthMm, 'mm'),
					derived(
						'N',
						'nailsAtEachEndAllPanelsTogether',
						mat.nails,
						'',
						written.twined.ofPanels('panels', 'nails')
					),
					derived(
						'W',
						'widthThatTheNailsMake',
						mat.widthMm,
						'mm',
						written.twined.ownedWidthMm('N', 'p')
					),
					derived(
						'H',
						'lengthThatTheFrameMakes',
						mat.panels.lengthMm * mat.panels.along,
						'mm',
						written.twined.ofPanels('along', 'frame')
					)
				]),
		derived('warp', 'continuousWarp', mat.warpMm, 'mm', written.twined.warpMm('N', length)),
		...pitch.steps,
		derived('q', 'rowPitch', mat.rowPitchMm, 'mm', written.twined.rowPitchMm('d', pitch.factor)),
		derived(
			'R',
			'rows',
			mat.rows,
			'rows',
			written.twined.ofPanels('along', written.count.within(`${length} / along`, 'q'))
		),
		derived(
			'weft',
			'strandInTheWeft',
			mat.weftStrandMm,
			'mm',
			written.twined.weftStrandMm('R', written.twined.strandPerRowMm(width, 'panels'))
		),
		derived('strand', 'filmStrandInTheMat', mat.strandMm, 'mm', isFilm ? 'warp + weft' : 'weft'),
		derived('cover', 'cover', mat.cover, '', written.twined.cover('d', 'q')),
		derived('make', 'twining', mat.makeSeconds, 's', written.twined.makeSeconds('R', 'N', 'panels'))
	];
}
