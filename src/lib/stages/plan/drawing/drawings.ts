// Every drawing of a plan with its words and what is said of it aloud: the same on the screen and on
// paper, laid out for the room it is given. Here the mat, the bag and its cut; the making stands beside.
import { drawings as say } from '$lib/words/plan';
import { layPlanBalls } from '$lib/core/model/balls-of-plan';
import { stripesOf } from '$lib/core/colour/stripes';
import type { Bag } from '$lib/core/bag/measure-bag';
import type { BagSketch, BagBand } from '$lib/core/cut/sketch-bag';
import { sketchBag } from '$lib/core/cut/sketch-bag';
import { foldsOf } from '$lib/core/cut/stack';
import type { Cut } from '$lib/core/cut/types';
import { bagScene, cutScene } from '$lib/core/drawing/bag-scene';
import type { BagWords, MeasureWords } from '$lib/core/drawing/bag-scene';
import { isMatLengthwise, matScene } from '$lib/core/drawing/mat-scene';
import type { Box, Scene } from '$lib/core/drawing/scene';
import type { Estimate } from '$lib/core/estimate/estimate';
import { usualSleeperHeightMm } from '$lib/core/model/types';
import type { Plan } from '$lib/core/model/types';
import type { Mat } from '$lib/core/techniques/technique';
import type { LengthSystem } from '$lib/core/units/format-length';
import { formatLength } from '$lib/core/units/format-length';

export interface Drawing {
	readonly scene: Scene;
	/** What the drawing shows, for whoever does not see it. */
	readonly said: string;
}

const matWords = (mm: number, system: LengthSystem) => formatLength(mm, system, 'mat');
const smallWords = (mm: number, system: LengthSystem) => formatLength(mm, system, 'small');

/** What is counted along a mat and across it. */
export function countedWords(mat: Mat): { readonly rows: string; readonly cross: string } {
	switch (mat.kind) {
		case 'crochet':
			return {
				rows: say.rows({ rows: mat.rows }),
				cross: say.stitches({ stitches: mat.stitches })
			};
		case 'peg-loom':
			return {
				rows: say.rows({ rows: mat.rows }),
				cross: say.strandsOfWarp({ warpStrands: mat.warpStrands })
			};
		case 'twined':
			return {
				rows: say.rows({ rows: mat.rows }),
				cross: say.warpEnds({ warpEnds: mat.warpEnds })
			};
		case 'finger-bands':
			return { rows: say.bands({ bands: mat.bands }), cross: say.passesEach({ rows: mat.rows }) };
	}
}

export function drawMat(plan: Plan, estimate: Estimate, system: LengthSystem, box: Box): Drawing {
	const { mat } = estimate.model;
	const stripes = stripesOf(layPlanBalls(plan, estimate.model).runs);
	const sleeperMm = plan.sleeperHeightMm ?? usualSleeperHeightMm;
	const counted = countedWords(mat);
	const [across, along] = isMatLengthwise(mat)
		? [counted.rows, counted.cross]
		: [counted.cross, counted.rows];
	const colours = [...new Set(stripes.map(({ colour }) => colour))];
	return {
		scene: matScene(
			mat,
			stripes,
			sleeperMm,
			{
				across: `${matWords(mat.widthMm, system)} · ${across}`,
				along: `${matWords(mat.lengthMm, system)} · ${along}`
			},
			box
		),
		said: say.theMatToScaleWide({
			mat: matWords(mat.widthMm, system),
			mat2: matWords(mat.lengthMm, system),
			rows: counted.rows,
			cross: counted.cross,
			mat3: matWords(sleeperMm, system),
			part: colours.length > 1 ? say.stripesOfChangeWhereA({ colours: colours.join(', ') }) : ''
		})
	};
}

export const drawnMeasureWords = (bag: Bag, system: LengthSystem): MeasureWords => ({
	width: say.wide({ width: formatLength(bag.flatWidthMm, system, 'bag') }),
	gusset: smallWords(bag.gussetMm, system),
	body: formatLength(bag.bodyMm, system, 'bag'),
	handle: smallWords(bag.handleMm, system)
});

/** The bag with its measures. */
export function drawBag(bag: Bag, cut: Cut, system: LengthSystem, box: Box): Drawing {
	const words = drawnMeasureWords(bag, system);
	return {
		scene: bagScene(sketchBag(bag, cut), words, box),
		said: say.theBagLyingFlatFrom({
			width: words.width,
			body: words.body,
			part: bag.gussetMm > 0 ? say.gussetsOf({ gusset: words.gusset }) : say.noGussets(),
			part2: bag.handleMm > 0 ? say.handlesOf({ handle: words.handle }) : say.noHandles()
		})
	};
}

/** How many rings or turns a bag gives, and how wide the first of them is, mm. */
function ringsOf({ bands }: BagSketch): { readonly count: number; readonly eachMm: number } {
	const rings = bands.filter(({ ring }) => ring !== null);
	const [first] = rings;
	return { count: rings.length, eachMm: first ? first.toMm - first.fromMm : 0 };
}

export function cutWords(sketch: BagSketch, style: Cut['style'], system: LengthSystem): BagWords {
	const isSpiral = style === 'spiral';
	const { count, eachMm } = ringsOf(sketch);
	const name = (band: BagBand): string => {
		switch (band.kind) {
			case 'trim-bottom':
				return say.seamOff();
			case 'strip':
				return isSpiral ? say.turn({ ring: band.ring ?? '' }) : say.ring({ ring: band.ring ?? '' });
			case 'short-strip':
				return say.shortLoop();
			case 'offcut':
				return say.leftOver();
			case 'trim-top':
				return 'trim';
		}
	};
	return {
		band: (band) => `${name(band)}, ${smallWords(band.toMm - band.fromMm, system)}`,
		rings: say.piecesOfWidth({
			count,
			isSpiral: isSpiral ? 'yes' : 'no',
			width: smallWords(eachMm, system)
		}),
		halves: say.twoHalves()
	};
}

/** The bag with its lines to cut. */
export function drawCut(bag: Bag, cut: Cut, system: LengthSystem, box: Box): Drawing {
	const sketch = sketchBag(bag, cut);
	const folds = foldsOf(cut);
	const { count, eachMm } = ringsOf(sketch);
	const wide = smallWords(sketch.widthMm, system);
	const each = smallWords(eachMm, system);
	const said =
		cut.style === 'half-bag'
			? say.aBagWideLyingFlat({ wide })
			: say.aBagWideLyingFlat2({
					wide,
					part:
						cut.style === 'spiral'
							? say.intoOneSpiralStripOf({ count, each })
							: say.straightAcrossIntoCountPlural({ count, each }),
					isAreHandlesUsed: sketch.areHandlesUsed ? 'yes' : 'no',
					part2:
						folds > 0
							? say.folded({
									part: folds === 1 ? say.once() : folds === 2 ? say.twice() : say.threeTimes()
								})
							: ''
				});
	return { scene: cutScene(sketch, cutWords(sketch, cut.style, system), box), said };
}

/** What is drawn of a plan at the steps before the making: the mat, the bag, its cut. */
export function bagDrawings(
	step: 'size' | 'bag' | 'cut',
	plan: Plan,
	estimate: Estimate,
	system: LengthSystem,
	box: Box
): Drawing[] {
	if (step === 'size') return [drawMat(plan, estimate, system, box)];
	if (step === 'bag') return [drawBag(plan.bag, plan.cut, system, box)];
	const cuts = plan.technique.kind === 'peg-loom' ? [plan.cut, plan.technique.weftCut] : [plan.cut];
	return cuts.map((cut) => drawCut(plan.bag, cut, system, box));
}
