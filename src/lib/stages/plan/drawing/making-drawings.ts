// The drawings of what is made of the pieces: strand, rows, loom, frame, bands, finish; and every step's.
import type { CutYield } from '$lib/core/cut/yield';
import { defaults } from '$lib/core/defaults';
import { bandsScene, strandNames, turnScene } from '$lib/core/drawing/bands-scene';
import { finishScene } from '$lib/core/drawing/finish-scene';
import { frameScene } from '$lib/core/drawing/frame-scene';
import { loomScene, meetingMm } from '$lib/core/drawing/loom-scene';
import { rowsScene } from '$lib/core/drawing/rows-scene';
import type { Sample, SampleScales } from '$lib/core/drawing/sample-scene';
import { sampleScene } from '$lib/core/drawing/sample-scene';
import type { Model } from '$lib/core/model/model';
import type { Box } from '$lib/core/drawing/scene';
import { coinMm, strandScene } from '$lib/core/drawing/strand-scene';
import type { Estimate } from '$lib/core/estimate/estimate';
import { rollMat } from '$lib/core/finish/roll';
import { usualFinish } from '$lib/core/model/types';
import type { Plan } from '$lib/core/model/types';
import { braid, crossingsHome, pairOf } from '$lib/core/techniques/bands/braid';
import type { BandsMat } from '$lib/core/techniques/bands/bands-mat';
import { isKnotForbidden, layStrandOf } from '$lib/core/techniques/peg-loom/lay-strand';
import type { PegLoomMat, PegLoomTechnique } from '$lib/core/techniques/peg-loom/peg-loom-mat';
import type { CrochetMat } from '$lib/core/techniques/crochet/crochet-mat';
import { foundationChains } from '$lib/core/techniques/crochet/stitches';
import type { TwinedMat } from '$lib/core/techniques/twined/twined-mat';
import type { LengthSystem } from '$lib/core/units/format-length';
import { formatLength, formatSpacing, trimmed } from '$lib/core/units/format-length';
import { fineWords, strandWords } from '$lib/ui/unit-words';
import type { StepName } from '$lib/stages/plan/words/step-lines';
import type { Drawing } from './drawings';
import { bagDrawings, countedWords } from './drawings';

const matWords = (mm: number, system: LengthSystem) => formatLength(mm, system, 'mat');
const smallWords = (mm: number, system: LengthSystem) => formatLength(mm, system, 'small');

/** A strand and its joint at true scale, beside a coin and the hook. */
export function drawStrand(
	cut: CutYield,
	hookMm: number | null,
	room: { readonly mm: number; readonly type: number; readonly width: number },
	label = 'The strand'
): Drawing {
	const thick = trimmed(cut.bulkDiameterMm, 1);
	return {
		scene: strandScene(
			cut,
			hookMm,
			{
				coin: `${coinMm} mm`,
				strand: `${thick} mm thick, and a joint`,
				hook: hookMm === null ? null : `hook ${trimmed(hookMm, 1)} mm`
			},
			room
		),
		said: `${label} at true scale: ${thick} millimetres thick, beside a coin of ${coinMm} millimetres${hookMm === null ? '' : ` and a hook of ${trimmed(hookMm, 1)} millimetres`}.`
	};
}

/** The corner where a crocheted mat begins. */
export function drawRows(mat: CrochetMat, system: LengthSystem, box: Box): Drawing {
	const stitch = `a stitch ${fineWords(mat.stitchWidthMm, system)} × ${fineWords(mat.rowHeightMm, system)}`;
	const chain = `chain ${foundationChains(mat)}, turn: ${mat.stitches} stitches`;
	return {
		scene: rowsScene(mat, { chain, rows: ['row 1', 'row 2', 'row 3'], stitch }, box),
		said: `How the rows begin, enlarged: ${chain}, ${stitch}; every row turns back over the one before, ${mat.rows} rows in all.`
	};
}

export function drawLoom(
	mat: PegLoomMat,
	technique: PegLoomTechnique,
	system: LengthSystem,
	box: Box
): Drawing {
	const laid = layStrandOf(mat, technique.shortPiece);
	const bad = laid.knotsMm.filter((knot) => isKnotForbidden(knot, mat.pegToPegMm)).length;
	const free = smallWords(defaults.knotFreeEnd.value, system);
	const meet = smallWords(meetingMm(mat), system);
	return {
		scene: loomScene(
			mat,
			technique,
			{
				pegToPeg: `peg to peg ${matWords(mat.pegToPegMm, system)}`,
				pitch: `${mat.pegs} pegs, ${formatSpacing(mat.pitchMm, system)} apart`,
				noKnot: `no knot in the last ${free}`,
				rods: 'side rods',
				meet: `ends meet at ${meet}`
			},
			box
		),
		said: `The loom: ${mat.pegs} pegs at each end, ${mat.warpStrands} strands of warp of ${mat.piecesPerStrand} loops each${technique.doubleEdges === false ? '' : ', both outermost doubled'}. ${laid.knotsMm.length} knots a strand, ${bad === 0 ? 'none' : bad} within ${free} of a peg.${technique.ends === 'both' ? ` The two ends meet ${meet} from the near pegs.` : ''}`
	};
}

/** @param hasCorner with the corner drawn large below, where there is room */
export function drawFrame(
	mat: TwinedMat,
	system: LengthSystem,
	box: Box,
	hasCorner: boolean
): Drawing {
	const frameMm = {
		width: Math.max(mat.panel.frameWidthMm, mat.panels.widthMm),
		length: Math.max(mat.panel.frameLengthMm, mat.panels.lengthMm)
	};
	const { nails, rows } = mat.panel;
	return {
		scene: frameScene(
			mat,
			{
				length: `${matWords(mat.panels.lengthMm, system)} · ${rows} rows`,
				width: `${matWords(mat.panels.widthMm, system)} wide${mat.panels.count > 1 ? `, ${mat.panels.count} panels` : ''}`,
				nails: `${nails} nails each end, ${formatSpacing(mat.panel.spacingMm, system)} apart`,
				corner: hasCorner
					? ['The first and the last row go under', 'each nail’s loop, or they slide off']
					: null
			},
			box
		),
		said: `A frame of ${matWords(frameMm.width, system)} by ${matWords(frameMm.length, system)} with a panel of ${matWords(mat.panels.widthMm, system)} by ${matWords(mat.panels.lengthMm, system)} on it: ${nails} nails at each end, ${2 * nails} warp ends, ${rows} rows of a pair of strands twisting round each end and each rod. The first and the last row pass under every nail's loop.${mat.panels.count > 1 ? ` ${mat.panels.count} panels make the mat.` : ''}`
	};
}

export function drawBands(mat: BandsMat, system: LengthSystem, box: Box): Drawing {
	const wide = smallWords(mat.bandWidthMm, system);
	return {
		scene: bandsScene(
			mat,
			{
				bandWidth: `a band, ${wide} wide`,
				links: [
					'The weaver links into the band before at',
					'every return; pulled too tight it curls'
				]
			},
			box
		),
		said: `${mat.bands} bands, each ${wide} wide, of ${mat.warpStrands} strands along the mat with a weaver going over and under across and linking into the band before at every return.`
	};
}

/** What a crossing of the turn does, and how the strands lie after it. */
export function turnWords(strands: number, crossing: number): string {
	if (crossing === 0) return 'As they lie before the turn.';
	const [left] = pairOf(strands, crossing - 1);
	const order = braid(strands, crossing).map((strand) => strandNames[strand]);
	return `Crossing ${crossing} swaps the ${left === 0 ? 'left' : 'right'} pair; from left to right now: ${order.join(', ')}.`;
}

export function drawTurn(strands: number, crossings: number, box: Box): Drawing {
	return {
		scene: turnScene(strands, crossings, crossingsHome(strands), box),
		said: `The turn, seen from the worker: ${turnWords(strands, crossings)}`
	};
}

/** What one way is told from another by, of its model. */
export const methodSampleOf = (plan: Plan, model: Model): Sample => ({
	mat: model.mat,
	stripMm: (model.weftYield ?? model.yield).stripWidthMm,
	strandMm: (model.weftYield ?? model.yield).bulkDiameterMm,
	hookMm: plan.technique.kind === 'crochet' ? plan.technique.hookMm : null
});

/** A way in small, beside others at the scales they share. */
export function drawSample(
	sample: Sample,
	scales: SampleScales,
	width: number,
	height: number,
	system: LengthSystem
): Drawing {
	const { hookMm } = sample;
	return {
		scene: sampleScene(sample, scales, width, height),
		said: `Mat of ${countedWords(sample.mat).rows}, strip ${smallWords(sample.stripMm, system)}, strand ${trimmed(sample.strandMm, 1)} mm thick${hookMm === null ? '' : `, hook ${trimmed(hookMm, 1)} mm`}`
	};
}

export function drawFinish(
	plan: Plan,
	estimate: Estimate,
	system: LengthSystem,
	box: Box
): Drawing {
	const roll = rollMat(estimate.model.mat);
	const finish = plan.finish ?? usualFinish;
	const across = formatLength(roll.diameterMm, system, 'bag');
	const long = formatLength(roll.lengthMm, system, 'bag');
	const ties =
		finish.ties === 'none'
			? 'no ties'
			: `${finish.ties === 'chain' ? 'chained' : 'braided'} ties${finish.hasStrap ? ' and a strap' : ''}, ${strandWords(estimate.model.tieStrandMm, system)}`;
	return {
		scene: finishScene(roll, finish, { rollAcross: across, rollLong: `${long} long`, ties }, box),
		said: `The mat folded and rolled: ${across} across and ${long} long, ${ties}.`
	};
}

/** A millimetre of the page in CSS pixels, as far as the screen is honest. */
const cssMm = 96 / 25.4;

/**
 * What is drawn of a plan at a step.
 *
 * @param turn how many crossings of a band's turn are shown
 * @param mm a millimetre of paper in the box's units, for what is drawn at true scale
 */
export function drawingsOf(
	step: StepName,
	plan: Plan,
	estimate: Estimate,
	system: LengthSystem,
	box: Box,
	turn: number,
	mm = cssMm
): Drawing[] {
	const { technique } = plan;
	const { model } = estimate;
	const { mat } = model;
	switch (step) {
		case 'size':
		case 'bag':
		case 'cut':
			return bagDrawings(step, plan, estimate, system, box);
		case 'join': {
			const room = { mm, type: box.type, width: box.width };
			if (model.weftYield)
				return [
					drawStrand(model.yield, null, room, 'The warp'),
					drawStrand(model.weftYield, null, room, 'The weft')
				];
			return [
				drawStrand(model.yield, technique.kind === 'crochet' ? technique.hookMm : null, room)
			];
		}
		case 'technique':
			if (mat.kind === 'peg-loom' && technique.kind === 'peg-loom')
				return [drawLoom(mat, technique, system, box)];
			if (mat.kind === 'twined') return [drawFrame(mat, system, box, box.tallest > 16 * box.type)];
			if (mat.kind === 'finger-bands')
				return [
					drawBands(mat, system, box),
					drawTurn(mat.warpStrands, Math.min(turn, crossingsHome(mat.warpStrands)), box)
				];
			return mat.kind === 'crochet' ? [drawRows(mat, system, box)] : [];
		case 'finish':
			return [drawFinish(plan, estimate, system, box)];
	}
}
