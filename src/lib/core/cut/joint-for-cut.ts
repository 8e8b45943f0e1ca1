import type { JointKind } from '../joint/joints';
import type { CutStyle } from './types';

/**
 * The joint that goes with a cut: rings take a loop through a loop, open strips a knot.
 *
 * @example [usualJoint('loops'), usualJoint('spiral')] // ['loop', 'overhand']
 */
export const usualJoint = (style: CutStyle): JointKind =>
	style === 'spiral' ? 'overhand' : 'loop';

/**
 * Whether pieces of this cut can be joined so: an open strip has no loop to pass through.
 *
 * @example [isJointFor('loop', 'spiral'), isJointFor('slit', 'spiral')] // [false, true]
 */
export const isJointFor = (kind: JointKind, style: CutStyle): boolean =>
	style === 'spiral' ? kind !== 'loop' : kind !== 'slit';
