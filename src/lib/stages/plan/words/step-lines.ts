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
	'thin-carrier': 'thin carrier',
	'shop-bag': 'heavier shop bag',
	'milk-pouch': 'milk pouch'
} as const;

export function bagName(bag: Bag): string {
	const preset = presetOf(bag);
	return preset ? bagNames[preset] : 'our own bag';
}

export const jointNames: Readonly<Record<JointKind, string>> = {
	loop: 'loop through loop',
	overhand: 'overhand knot',
	slit: 'slit in slit'
};
const spinNames: Readonly<Record<Spin, string>> = {
	none: '',
	single: ', spun',
	'two-ply': ', spun two-ply'
};

/** What a bag is cut into, in a few words. */
export function cutLine(cut: CutYield, system: LengthSystem): string {
	const width = formatLength(cut.stripWidthMm, system, 'small');
	switch (cut.style) {
		case 'loops':
			return `${cut.pieces} ${cut.pieces === 1 ? 'ring' : 'rings'} of ${width}`;
		case 'spiral':
			return `spiral of ${width}, ${cut.turns} turns`;
		case 'half-bag':
			return 'two half bags, whole film';
		case 'whole-tube':
			return `whole tube, ${width} wide`;
	}
}

function techniqueLine(plan: Plan, estimate: Estimate, terms: StitchTerms): string {
	const { technique } = plan;
	const { mat } = estimate.model;
	switch (technique.kind) {
		case 'crochet':
			return `${stitchName(technique.stitch, terms)}, ${trimmed(technique.hookMm, 1)} mm hook`;
		case 'peg-loom':
			return `peg loom, ${mat.kind === 'peg-loom' ? mat.pegs : 0} pegs, beaten ${technique.packing}`;
		case 'twined':
			return `twined frame, ${mat.kind === 'twined' ? mat.nails : 0} nails${mat.kind === 'twined' && mat.panels.count > 1 ? `, ${mat.panels.count} panels` : ''}`;
		case 'finger-bands':
			return `${mat.kind === 'finger-bands' ? mat.bands : 0} finger-woven bands of ${technique.warpStrands} strands`;
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
			? 'no ties'
			: `two ${finish.ties === 'chain' ? 'chained' : 'braided'} ties${finish.hasStrap ? ', carry strap' : ''}`;
	const joint = plan.join?.kind ?? usualJoint(plan.cut.style);
	const { bagsPerBall } = plan.work ?? usualWorkSetup;
	return {
		size: `${formatLength(plan.target.widthMm, system, 'mat')} × ${formatLength(plan.target.lengthMm, system, 'mat')}, one sleeper`,
		bag: `${bagName(plan.bag)}, ${trimmed(plan.bag.massG, 1)} g, ${trimmed(model.filmThicknessMm * 1000, 0)} µm`,
		cut: cutLine(model.yield, system),
		join: `${jointNames[joint]}${spinNames[plan.join?.spin ?? 'none']}, ${wholeNumber(Math.ceil(model.joints))} joints, balls of ${bagsPerBall}`,
		technique: techniqueLine(plan, estimate, terms),
		finish: ties
	};
}
