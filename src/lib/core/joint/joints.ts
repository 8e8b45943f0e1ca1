import { defaults } from '../defaults';
import { jointRelations } from './joint-relations';

/** Loop through loop (a lark's head), an overhand knot, or slit in slit (cloth). */
export type JointKind = 'loop' | 'overhand' | 'slit';
export const jointKinds = ['loop', 'overhand', 'slit'] as const;

/** How the hands make a loop joint: drawn on the table, over the wrists, or as a T. The strand is the same. */
export type JoiningHands = 'drawn' | 'wrists' | 'tee';
export const joiningHands = ['drawn', 'wrists', 'tee'] as const;

/** Whether the joined strand is twisted on a hand spindle, and in how many plies. */
export type Spin = 'none' | 'single' | 'two-ply';
export const spins = ['none', 'single', 'two-ply'] as const;

/** How pieces become a strand. */
export interface Join {
	readonly kind: JointKind;
	readonly hands?: JoiningHands | undefined;
	readonly spin?: Spin | undefined;
}

interface JointRelations {
	/** What the joint takes of a piece, in bulk diameters of the worked strand. */
	readonly takeUpDiameters: number;
	/** What it takes beside, mm. */
	readonly takeUpMm: number;
	readonly seconds: number;
}

/** @source bench default; the time of a slit joint is assumed like an overhand knot's */
export const joints: Readonly<Record<JointKind, JointRelations>> = {
	loop: {
		takeUpDiameters: defaults.loopJointTakeUp.value,
		takeUpMm: 0,
		seconds: defaults.loopJoint.value
	},
	overhand: {
		takeUpDiameters: defaults.overhandTakeUp.value,
		takeUpMm: 0,
		seconds: defaults.overhandJoint.value
	},
	slit: {
		takeUpDiameters: 0,
		takeUpMm: defaults.slitJointTakeUp.value,
		seconds: defaults.slitJoint.value
	}
};

/**
 * What a joint takes of one piece, mm.
 *
 * @example takeUpMm('loop', 3.2) // 19.2
 */
export const takeUpMm = (kind: JointKind, workedDiameterMm: number): number =>
	jointRelations.takeUpMm(joints[kind].takeUpDiameters, workedDiameterMm, joints[kind].takeUpMm);
