import type { CrochetMat, CrochetTechnique } from '../techniques/crochet/crochet-mat';
import { stitches } from '../techniques/crochet/stitches';
import { defaults } from '../defaults';
import type { Factors } from '../factors/factors';
import type { Model } from '../model/model';
import type { Plan } from '../model/types';
import { given, derived } from './explain-cut';
import type { Step } from './trail';

/** A relation with the group's own factor at its end, and the step that gives it; nothing where it is 1. */
function own(symbol: string, name: string, factor: number): { times: string; steps: Step[] } {
	if (factor === 1) return { times: '', steps: [] };
	return { times: ` * ${symbol}`, steps: [given(symbol, name, factor, '')] };
}

/**
 * From the strand to the mat. The last symbols are `strand` (mm of film strand), `cover` and `make` (s).
 *
 * @example explainMat(startingPlan, modelPlan(startingPlan, barePoint), noFactors).length // 12
 */
export function explainMat(plan: Plan, model: Model, factors: Factors): Step[] {
	const size = [
		given('width', 'width wanted', plan.target.widthMm, 'mm'),
		given('length', 'length wanted', plan.target.lengthMm, 'mm')
	];
	return [...size, ...matSteps(plan, model, factors)];
}

function matSteps(plan: Plan, model: Model, factors: Factors): Step[] {
	const { mat } = model;
	const pitchOf = (factor: number) => own('k_row', 'our own row pitch, over the craft’s', factor);
	switch (mat.kind) {
		case 'crochet':
			return crochetSteps(plan.technique as CrochetTechnique, mat, factors);
		case 'peg-loom': {
			const pitch = pitchOf(factors.loomPitch);
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
				derived(
					'c',
					'crimp of the weft',
					mat.crimp,
					'',
					'(π * (d + d_weft) / 2 / (2 * p)) ** 2 / 4'
				),
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
		case 'twined': {
			const pitch = pitchOf(factors.framePitch);
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
							derived(
								'N',
								'nails at each end, all panels together',
								mat.nails,
								'',
								'panels * nails'
							),
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
		case 'finger-bands': {
			const gauge = own('k_gauge', 'our own band width, over the craft’s', factors.bandGauge);
			const pitch = pitchOf(factors.bandPitch);
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
				derived(
					'warp',
					'strand along the bands',
					mat.warpStrandMm,
					'mm',
					'k * length * 1.05 * bands'
				),
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
				derived(
					'cover',
					'cover',
					mat.cover,
					'',
					'(warp + weaver) * d_lofty / (bands * bw * length)'
				),
				derived(
					'make',
					'weaving',
					mat.makeSeconds,
					's',
					`bands * rows_band * (k + 1) * ${defaults.bandCrossing.value}`
				)
			];
		}
	}
}

function crochetSteps(technique: CrochetTechnique, mat: CrochetMat, factors: Factors): Step[] {
	const relations = stitches[technique.stitch];
	const wide = own('k_sw', 'our own stitch width, over the craft’s', factors.stitchWidth);
	const high = own('k_rh', 'our own row height, over the craft’s', factors.rowHeight);
	const uptake = own(
		'k_stitch',
		'our own strand a stitch, over the craft’s',
		factors.strandPerStitch
	);
	const [along, across] = mat.isLengthwise ? ['length', 'width'] : ['width', 'length'];
	const size = mat.stitchWidthMm / defaults.stitchWidthPerSize.value / factors.stitchWidth;
	return [
		given('h', 'hook', technique.hookMm, 'mm'),
		...wide.steps,
		...high.steps,
		...uptake.steps,
		derived('e', 'size hook and strand make together', size, 'mm', '0.75 * h + 0.25 * 2.1 * d'),
		derived('sw', 'stitch width', mat.stitchWidthMm, 'mm', `1.27 * e${wide.times}`),
		derived('rh', 'row height', mat.rowHeightMm, 'mm', `${relations.rowHeight} * e${high.times}`),
		derived(
			'y',
			'strand a stitch',
			mat.strandPerStitchMm,
			'mm',
			`${relations.strand} * sw${uptake.times}`
		),
		derived('stitches', 'stitches a row', mat.stitches, 'stitches', `max(1, round(${along} / sw))`),
		derived('rows', 'rows', mat.rows, 'rows', `max(1, round(${across} / rh))`),
		derived(
			'strand',
			'strand in the mat, foundation and turns with it',
			mat.strandMm,
			'mm',
			`stitches * rows * y + 3.2 * sw * (stitches + rows * ${relations.turningChains})`
		),
		derived('cover', 'cover', mat.cover, '', 'y * d / (sw * rh)'),
		derived('make', 'crochet', mat.makeSeconds, 's', `stitches * rows * ${relations.seconds}`)
	];
}
