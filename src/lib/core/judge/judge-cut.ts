import { cuttingStack } from '../cut/stack';
import type { Cut } from '../cut/types';
import type { CutYield } from '../cut/yield';
import { defaults } from '../defaults';
import type { Model } from '../model/model';
import type { Plan } from '../model/types';
import { usualWorkSetup } from '../model/types';
import { strandStrength } from '../strand/strength';
import type { Judgement, PlanPatch } from './judgement';

/**
 * The calls on one cut: waste, short strips, strength, and what lies under the blade.
 *
 * @example judgeCut({ ...startingPlan, cut: { style: 'loops', stripWidthMm: 60, trimBottomMm: 50, trimTopMm: 50 } }, modelPlan({ ...startingPlan, cut: { style: 'loops', stripWidthMm: 60, trimBottomMm: 50, trimTopMm: 50 } }, barePoint)).map(({ code }) => code) // ['short-strip']
 */
export function judgeCut(plan: Plan, model: Model): Judgement[] {
	const judgements = judgeOne(plan, plan.cut, model.yield, (cut) => ({ cut }));
	const { technique } = plan;
	if (technique.kind === 'peg-loom' && model.weftYield) {
		const weft = judgeOne(plan, technique.weftCut, model.weftYield, (weftCut) => ({
			technique: { ...technique, weftCut }
		}));
		judgements.push(...weft.filter(({ code }) => !judgements.some((one) => one.code === code)));
	}
	return judgements;
}

function judgeOne(
	plan: Plan,
	cut: Cut,
	given: CutYield,
	cureWith: (cut: Cut) => PlanPatch
): Judgement[] {
	const judgements: Judgement[] = [];
	const { offcutMm, stripWidthMm, pieces } = given;
	if (cut.style === 'loops' && offcutMm > defaults.wastefulOffcut.value * stripWidthMm) {
		const { trimBottomMm, trimTopMm } = cut;
		judgements.push({
			code: 'offcut-wasteful',
			severity: 'look',
			subject: 'cut',
			figures: {
				offcutMm,
				evenWidthMm: (pieces * stripWidthMm + offcutMm) / pieces,
				evenStrips: pieces
			},
			cure: cureWith({ style: 'loops', trimBottomMm, trimTopMm, equalStrips: pieces })
		});
	}
	if (given.shortStripMm !== null) {
		judgements.push({
			code: 'short-strip',
			severity: 'look',
			subject: 'cut',
			figures: { shortMm: given.shortStripMm, stripWidthMm }
		});
	}
	const filmUm = (given.solidSectionMm2 / (given.plies * stripWidthMm)) * 1000;
	const isNarrowSpiral =
		cut.style === 'spiral' &&
		filmUm < defaults.thinFilm.value &&
		stripWidthMm < defaults.spiralLeastWidth.value;
	if (cut.style === 'spiral' && isNarrowSpiral) {
		judgements.push({
			code: 'spiral-narrow',
			severity: 'change',
			subject: 'cut',
			figures: { stripWidthMm, leastMm: defaults.spiralLeastWidth.value, filmUm },
			cure: cureWith({ ...cut, stripWidthMm: defaults.spiralLeastWidth.value })
		});
	}
	const { jointN } = strandStrength(given.solidSectionMm2);
	if (jointN < defaults.carelessPull.value) {
		const isCuredDoubled =
			cut.style === 'spiral' &&
			(plan.join?.spin ?? 'none') === 'none' &&
			2 * jointN >= defaults.carelessPull.value;
		judgements.push({
			code: 'strip-weak',
			severity: 'look',
			subject: 'cut',
			figures: { holdsN: jointN, stripWidthMm },
			...(isCuredDoubled && { cure: doubled(plan) })
		});
	}
	return judgements;
}

/** Two plies together: the cure for an open strip of thin film. */
const doubled = (plan: Plan): PlanPatch => ({
	join: { kind: 'overhand', ...plan.join, spin: 'two-ply' }
});

/**
 * Whether the stack, the group's own or the usual one, is too much film for the tool.
 *
 * @example judgeStack(startingPlan).map(({ code }) => code) // []
 */
export function judgeStack(plan: Plan): Judgement[] {
	if (plan.cut.style !== 'loops' && plan.cut.style !== 'whole-tube') return [];
	const { cuttingTool, stackBags, stackFolds } = plan.work ?? usualWorkSetup;
	const stack = cuttingStack(plan.bag, plan.cut, cuttingTool, stackBags, stackFolds);
	// What is hard to cut is cut all the same: hands differ.
	if (stack.verdict !== 'too-thick') return [];
	return [
		{
			code: 'stack-too-thick',
			severity: 'look',
			subject: 'cut',
			figures: {
				bags: stack.bags,
				layers: stack.layersAtGusset,
				filmMm: stack.filmMm,
				limitMm: stack.limitMm,
				bagsWithinLimit: stack.bagsWithinLimit
			}
		}
	];
}
