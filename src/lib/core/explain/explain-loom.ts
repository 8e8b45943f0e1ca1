import { defaults } from '../defaults';
import type { Factors } from '../factors/factors';
import type { Plan } from '../model/types';
import type { PegLoomMat } from '../techniques/peg-loom/peg-loom-mat';
import { derived, given } from './explain-cut';
import { ownPitch } from './own-factor';
import type { Step } from './trail';

/**
 * A mat woven on a peg loom.
 *
 * @example loomSteps(startingPlan, pegLoomMat(startingPlan.target, { kind: 'peg-loom', pitchMm: 25, packing: 'firm', weftCut: startingPlan.cut }, cutBag(bagPresets[0].bag, startingPlan.cut), cutBag(bagPresets[0].bag, startingPlan.cut), noFactors), noFactors).at(-1)?.symbol // 'make'
 */
export function loomSteps(plan: Plan, mat: PegLoomMat, factors: Factors): Step[] {
	const pitch = ownPitch(factors.loomPitch);
	const loom = plan.technique.kind === 'peg-loom' ? plan.technique : null;
	const packing = mat.rowPitchMm / mat.weftDiameterMm / factors.loomPitch;
	return [
		given('p', 'peg to peg across', mat.pitchMm, 'mm'),
		given('gap', 'clear gap at each end', mat.endGapMm, 'mm'),
		given('edges', 'strands more for doubled edges', mat.warpStrands - mat.pegs, 'strands'),
		loom?.pegs === undefined
			? derived('P', 'pegs at each end', mat.pegs, '', 'round(width / p) + 1')
			: given('P', 'pegs at each end of the loom there is', mat.pegs, ''),
		loom?.pegToPegMm === undefined
			? derived('Lp', 'peg to peg along', mat.pegToPegMm, 'mm', 'length + 2 * gap')
			: given('Lp', 'peg to peg along, of the loom there is', mat.pegToPegMm, 'mm'),
		derived('Nw', 'strands of warp', mat.warpStrands, 'strands', 'P + edges'),
		derived('nl', 'pieces a strand', mat.piecesPerStrand, 'pieces', 'max(1, round(Lp / L))'),
		derived('fit', 'pieces over peg to peg', mat.fitShare, '', 'nl * L / Lp'),
		derived('width_made', 'width it comes out at', mat.widthMm, 'mm', '(P - 1) * p + d'),
		derived('c', 'crimp of the weft', mat.crimp, '', '(π * (d + d_weft) / 2 / (2 * p)) ** 2 / 4'),
		...pitch.steps,
		derived(
			'q',
			'row pitch',
			mat.rowPitchMm,
			'mm',
			`d_weft * ${Number(packing.toFixed(6))}${pitch.times}`
		),
		derived('R', 'rows', mat.rows, 'rows', 'max(1, floor((Lp - 2 * gap) / q))'),
		derived('warp', 'strand in the warp', mat.warpStrandMm, 'mm', 'Nw * nl * L'),
		derived(
			'weft',
			'strand in the weft',
			mat.weftStrandMm,
			'mm',
			'R * (width_made * (1 + c) + 0.75 * π * d)'
		),
		derived('strand', 'strand in the mat', mat.strandMm, 'mm', 'warp + weft'),
		derived('cover', 'cover', mat.cover, '', 'd_weft / q'),
		derived(
			'make',
			'loading and weaving',
			mat.makeSeconds,
			's',
			`Nw * ${defaults.pegLoadStrand.value} + R * Nw * ${defaults.pegCrossing.value}`
		)
	];
}
