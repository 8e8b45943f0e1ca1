import type { Factors } from '../factors/factors';
import type { Plan } from '../model/types';
import type { PegLoomMat } from '../techniques/peg-loom/peg-loom-mat';
import { pitchPerDiameter } from '../techniques/peg-loom/peg-loom-mat';
import { derived, given } from './explain-cut';
import { ownPitch } from './own-factor';
import type { Step } from './trail';
import { written } from './written';

/**
 * A mat woven on a peg loom.
 *
 * @example loomSteps(startingPlan, pegLoomMat(startingPlan.target, { kind: 'peg-loom', pitchMm: 25, packing: 'firm', weftCut: startingPlan.cut }, cutBag(bagPresets[0].bag, startingPlan.cut), cutBag(bagPresets[0].bag, startingPlan.cut), noFactors), noFactors).at(-1)?.symbol // 'make'
 */
export function loomSteps(plan: Plan, mat: PegLoomMat, factors: Factors): Step[] {
	const pitch = ownPitch(factors.loomPitch);
	const loom = plan.technique.kind === 'peg-loom' ? plan.technique : null;
	const packing = pitchPerDiameter[loom?.packing ?? 'firm'];
	const row = written.pegLoom.strandPerRowMm('width_made', 'c', 'd');
	return [
		given('p', 'pegToPegAcross', mat.pitchMm, 'mm'),
		given('gap', 'clearGapAtEachEnd', mat.endGapMm, 'mm'),
		given('edges', 'strandsMoreForDoubledEdges', mat.warpStrands - mat.pegs, 'strands'),
		loom?.pegs === undefined
			? derived('P', 'pegsAtEachEnd', mat.pegs, '', written.pegLoom.pegs('width', 'p'))
			: given('P', 'pegsAtEachEndOfTheLoom', mat.pegs, ''),
		loom?.pegToPegMm === undefined
			? derived(
					'Lp',
					'pegToPegAlong',
					mat.pegToPegMm,
					'mm',
					written.pegLoom.pegToPegMm('length', 'gap')
				)
			: given('Lp', 'pegToPegAlongOfTheLoom', mat.pegToPegMm, 'mm'),
		derived(
			'Nw',
			'strandsOfWarp',
			mat.warpStrands,
			'strands',
			written.pegLoom.warpStrands('P', 'edges')
		),
		derived('nl', 'piecesAStrand', mat.piecesPerStrand, 'pieces', written.count.nearest('Lp', 'L')),
		derived(
			'fit',
			'piecesOverPegToPeg',
			mat.fitShare,
			'',
			written.pegLoom.fitShare('nl', 'L', 'Lp')
		),
		derived(
			'width_made',
			'widthItComesOutAt',
			mat.widthMm,
			'mm',
			written.pegLoom.widthMm('P', 'p', 'd')
		),
		derived('c', 'crimpOfTheWeft', mat.crimp, '', written.pegLoom.crimp('d', 'd_weft', 'p')),
		...pitch.steps,
		derived(
			'q',
			'rowPitch',
			mat.rowPitchMm,
			'mm',
			written.pegLoom.rowPitchMm('d_weft', packing, pitch.factor)
		),
		derived(
			'R',
			'rows',
			mat.rows,
			'rows',
			written.count.within(written.pegLoom.wovenMm('Lp', 'gap'), 'q')
		),
		derived(
			'warp',
			'strandInTheWarp',
			mat.warpStrandMm,
			'mm',
			written.pegLoom.warpStrandMm('Nw', 'nl', 'L')
		),
		derived(
			'weft',
			'strandInTheWeft',
			mat.weftStrandMm,
			'mm',
			written.pegLoom.weftStrandMm('R', row)
		),
		derived('strand', 'strandInTheMat', mat.strandMm, 'mm', 'warp + weft'),
		derived('cover', 'cover', mat.cover, '', written.pegLoom.cover('d_weft', 'q')),
		derived(
			'make',
			'loadingAndWeaving',
			mat.makeSeconds,
			's',
			written.pegLoom.makeSeconds('Nw', 'R')
		)
	];
}
