import type { Bag } from '../bag/measure-bag';
import { within } from '../domain-error';
import type { CuttingStack, StackTool } from './stack';
import { foldedStack, stackSecondsPerBag } from './stack';

export interface OwnStack extends CuttingStack {
	/** Time to cut, s a bag. */
	readonly secondsPerBag: number;
}

/** What may be typed of a stack. */
export const stackLimits = {
	bags: { atLeast: 1, atMost: 100, isWhole: true },
	folds: { atLeast: 0, atMost: 5, isWhole: true }
} as const;

/**
 * A stack as the group itself makes it: bags and folds it likes, what is under the tool, and what that
 * tool takes.
 *
 * @param bags in the stack, whole, 1 to 100
 * @param folds lengthwise and end folds alike, whole, 0 to 5
 * @throws DomainError
 * @source bench default
 * @example ownStack(bagPresets[0].bag, 'rolling-blade', 50, 0).bagsWithinLimit // 57
 */
export const ownStack = (bag: Bag, tool: StackTool, bags: number, folds: number): OwnStack => ({
	...foldedStack(
		bag,
		tool,
		within('bags', bags, stackLimits.bags),
		within('folds', folds, stackLimits.folds)
	),
	secondsPerBag: stackSecondsPerBag(tool, bags)
});
