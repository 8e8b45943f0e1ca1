import { stepLines as say } from '$lib/words/plan';
import { presetOf } from '$lib/core/bag/presets';
import type { Bag } from '$lib/core/bag/measure-bag';
import type { Estimate } from '$lib/core/estimate/estimate';
import type { CutYield } from '$lib/core/cut/yield';
import type { JointKind, Spin } from '$lib/core/joint/joints';
import { usualJoint } from '$lib/core/cut/joint-for-cut';
import type { Plan } from '$lib/core/model/types';
import { usualFinish, usualWorkSetup } from '$lib/core/model/types';
import type { LengthSystem } from '$lib/core/units/format-length';
import { formatLength, trimmed } from '$lib/core/units/format-length';
import { wholeNumber } from '$lib/ui/number-words';
import type { StitchTerms } from '$lib/ui/stitch-words';
import { stitchName } from '$lib/ui/stitch-words';

/** The steps of the bench in the order of the work. */
export const stepNames = ['size', 'bag', 'cut', 'join', 'technique', 'finish'] as const;
export type StepName = (typeof stepNames)[number];

const bagNames = {
	'thin-carrier': say.thinCarrier(),
	'shop-bag': say.heavierShopBag(),
	'milk-pouch': say.milkPouch()
} as const;

/** The kinds of a plan in a few words. */
export const bagsLine = ({ bag, mix }: Plan): string =>
	mix ? say.andMoreKinds({ bag: bagName(bag), more: mix.also.length }) : bagName(bag);

export function bagName(bag: Bag): string {
	const preset = presetOf(bag);
	return preset ? bagNames[preset] : say.ourOwnBag();
}

export const jointNames: Readonly<Record<JointKind, string>> = {
	loop: say.loopThroughLoop(),
	overhand: say.overhandKnot(),
	slit: say.slitInSlit()
};
const spinNames: Readonly<Record<Spin, string>> = {
	none: '',
	single: say.spun(),
	'two-ply': say.spunTwoPly()
};

/** What a bag is cut into, in a few words. */
export function cutLine(cut: CutYield, system: LengthSystem): string {
	const width = formatLength(cut.stripWidthMm, system, 'small');
	switch (cut.style) {
		case 'loops':
			return say.piecesPluralOneOtherOf({ pieces: cut.pieces, width });
		case 'spiral':
			return say.spiralOfTurns({ width, turns: cut.turns ?? '' });
		case 'half-bag':
			return say.twoHalfBagsWholeFilm();
		case 'whole-tube':
			return say.wholeTubeWide({ width });
	}
}

function techniqueLine(plan: Plan, estimate: Estimate, terms: StitchTerms): string {
	const { technique } = plan;
	const { mat } = estimate.model;
	switch (technique.kind) {
		case 'crochet':
			return say.mmHook({
				stitchName: stitchName(technique.stitch, terms),
				hookMm: trimmed(technique.hookMm, 2)
			});
		case 'peg-loom':
			return say.pegLoomPegsBeaten({
				part: mat.kind === 'peg-loom' ? mat.pegs : 0,
				packing: technique.packing
			});
		case 'twined':
			return say.twinedFrameNails({
				part: mat.kind === 'twined' ? mat.nails : 0,
				part2:
					mat.kind === 'twined' && mat.panels.count > 1
						? say.panels({ count: mat.panels.count })
						: ''
			});
		case 'finger-bands':
			return say.fingerWovenBandsOfStrands({
				part: mat.kind === 'finger-bands' ? mat.bands : 0,
				warpStrands: technique.warpStrands
			});
	}
}

/** Every step in one readable line. */
export function stepLines(
	plan: Plan,
	estimate: Estimate,
	system: LengthSystem,
	terms: StitchTerms
): Record<StepName, string> {
	const { model } = estimate;
	const finish = plan.finish ?? usualFinish;
	const ties =
		finish.ties === 'none'
			? say.noTies()
			: say.twoIstiesSelectYesOther({
					isTies: finish.ties === 'chain' ? 'yes' : 'no',
					isHasStrap: finish.hasStrap ? 'yes' : 'no'
				});
	const joint = plan.join?.kind ?? usualJoint(plan.cut.style);
	const { bagsPerBall } = plan.work ?? usualWorkSetup;
	return {
		size: say.oneSleeper({
			formatLength: formatLength(plan.target.widthMm, system, 'mat'),
			formatLength2: formatLength(plan.target.lengthMm, system, 'mat')
		}),
		bag: plan.mix
			? bagsLine(plan)
			: `${bagName(plan.bag)}, ${trimmed(plan.bag.massG, 1)} g, ${trimmed(model.filmThicknessMm * 1000, 0)} µm`,
		cut: cutLine(model.yield, system),
		join: say.jointsBallsOf({
			jointNames: jointNames[joint],
			spinNames: spinNames[plan.join?.spin ?? 'none'],
			ceil: wholeNumber(Math.ceil(model.joints)),
			bagsPerBall
		}),
		technique: techniqueLine(plan, estimate, terms),
		finish: ties
	};
}
