// The drawings of what is made of the pieces: strand, rows, loom, frame, bands, finish; and every step's.
import { makingDrawings as say } from '$lib/words/plan';
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
	label = say.theYarn()
): Drawing {
	const thick = trimmed(cut.bulkDiameterMm, 1);
	return {
		scene: strandScene(
			cut,
			hookMm,
			{
				coin: `${coinMm} mm`,
				strand: say.mmThickAndAJoint({ thick }),
				hook: hookMm === null ? null : say.hookMm({ hookMm: trimmed(hookMm, 1) })
			},
			room
		),
		said: say.atTrueScaleMillimetresThick({
			label,
			thick,
			coinMm,
			part: hookMm === null ? '' : say.andAHookOfMillimetres({ hookMm: trimmed(hookMm, 1) })
		})
	};
}

/** The corner where a crocheted mat begins. */
export function drawRows(mat: CrochetMat, system: LengthSystem, box: Box): Drawing {
	const stitch = say.aStitch({
		fine: fineWords(mat.stitchWidthMm, system),
		fine2: fineWords(mat.rowHeightMm, system)
	});
	const chain = say.chainTurnStitches({
		foundationChains: foundationChains(mat),
		stitches: mat.stitches
	});
	return {
		scene: rowsScene(mat, { chain, rows: [say.row1(), say.row2(), say.row3()], stitch }, box),
		said: say.howTheRowsBeginEnlarged({ chain, stitch, rows: mat.rows })
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
				pegToPeg: say.pegToPeg({ mat: matWords(mat.pegToPegMm, system) }),
				pitch: say.pegsApart({ pegs: mat.pegs, formatSpacing: formatSpacing(mat.pitchMm, system) }),
				noKnot: say.noKnotInTheLast({ free }),
				rods: say.sideRods(),
				meet: say.endsMeetAt({ meet })
			},
			box
		),
		said: say.theLoomPegsAtEach({
			pegs: mat.pegs,
			warpStrands: mat.warpStrands,
			piecesPerStrand: mat.piecesPerStrand,
			isDoubleEdges: technique.doubleEdges === false ? 'yes' : 'no',
			length: laid.knotsMm.length,
			part: bad === 0 ? say.none() : bad,
			free,
			part2: technique.ends === 'both' ? say.theTwoEndsMeetFrom({ meet }) : ''
		})
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
				length: say.lengthAndRows({ length: matWords(mat.panels.lengthMm, system), rows }),
				width: say.widthAndPanels({
					width: matWords(mat.panels.widthMm, system),
					panels: mat.panels.count
				}),
				nails: say.nailsEachEndApart({
					nails,
					formatSpacing: formatSpacing(mat.panel.spacingMm, system)
				}),
				corner: hasCorner ? [say.theFirstAndTheLast(), say.eachNailsLoopOrThey()] : null
			},
			box
		),
		said: say.aFrameOfByWith({
			mat: matWords(frameMm.width, system),
			mat2: matWords(frameMm.length, system),
			mat3: matWords(mat.panels.widthMm, system),
			mat4: matWords(mat.panels.lengthMm, system),
			nails,
			what: 2 * nails,
			rows,
			part: mat.panels.count > 1 ? say.panelsMakeTheMat({ count: mat.panels.count }) : ''
		})
	};
}

export function drawBands(mat: BandsMat, system: LengthSystem, box: Box): Drawing {
	const wide = smallWords(mat.bandWidthMm, system);
	return {
		scene: bandsScene(
			mat,
			{
				bandWidth: say.aBandWide({ wide }),
				links: [say.theWeaverLinksIntoThe(), say.everyReturnPulledTooTight()]
			},
			box
		),
		said: say.bandsEachWideOfStrands({ bands: mat.bands, wide, warpStrands: mat.warpStrands })
	};
}

/** What a crossing of the turn does, and how the strands lie after it. */
export function turnWords(strands: number, crossing: number): string {
	if (crossing === 0) return say.asTheyLieBeforeThe();
	const [left] = pairOf(strands, crossing - 1);
	const order = braid(strands, crossing).map((strand) => strandNames[strand]);
	return say.crossingSwapsTheIsleftSelect({
		crossing,
		isLeft: left === 0 ? 'yes' : 'no',
		order: order.join(', ')
	});
}

export function drawTurn(strands: number, crossings: number, box: Box): Drawing {
	return {
		scene: turnScene(strands, crossings, crossingsHome(strands), box),
		said: say.theTurnSeenFromThe({ turn: turnWords(strands, crossings) })
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
		said: say.matOfStripStrandMm({
			rows: countedWords(sample.mat).rows,
			small: smallWords(sample.stripMm, system),
			strandMm: trimmed(sample.strandMm, 1),
			part: hookMm === null ? '' : say.hookMm2({ hookMm: trimmed(hookMm, 1) })
		})
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
			? say.noTies()
			: say.ties({
					isChain: finish.ties === 'chain' ? 'yes' : 'no',
					strap: finish.hasStrap ? say.andAStrap() : '',
					length: strandWords(estimate.model.tieStrandMm, system)
				});
	return {
		scene: finishScene(
			roll,
			finish,
			{ rollAcross: across, rollLong: say.long({ long }), ties },
			box
		),
		said: say.theMatFoldedAndRolled({ across, long, ties })
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
					drawStrand(model.yield, null, room, say.theWarp()),
					drawStrand(model.weftYield, null, room, say.theWeft())
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
