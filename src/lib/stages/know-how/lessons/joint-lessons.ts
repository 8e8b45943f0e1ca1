import { jointLessons as say } from '$lib/words/know-how';
import type { Rope } from '$lib/core/drawing/rope';
import type { Sketch, SketchMark } from '$lib/core/drawing/sketch-scene';
import { slitJoint, teeJoint, wristJoint, wrists } from '$lib/core/acts/joint-curves';
import { overhandPair } from '$lib/core/acts/strand-curves';
import type { Act, ActStep } from './lesson';
import { arm, blade, hand, mind, move, moving, ropes, sketch, tool, wrong } from './lesson';
import { joining, joint, snug } from './joining';

const onTheTable = (): ActStep[] => [
	moving(say.putDownTheLastLoop(), joining(0, 0, hand([20, 47], [2, 78]))),
	moving(say.slipTheNewLoopS(), joining(0, 1, hand([70, 40], [112, 66]))),
	moving(say.layThatEndBackOver(), joining(1, 2, move([46, 60], [72, 60]))),
	moving(say.bringTheNewRingsFar(), joining(2, 5, move([100, 58], [76, 58]))),
	moving(say.andDrawItAllThe(), joining(5, 6, hand([104, 36], [124, 60]))),
	mind(
		moving(
			say.takeTheSlackOutThen(),
			joining(6, snug, hand([50, 42], [24, 78]), move([88, 58], [108, 58]))
		),
		wrong(say.theNewLoopWentThrough(), joint(2, 0, tool('spot', 52, 36)), say.takeItOutAndBring())
	)
];

/** Both arms with a ring over each, the hands where they are. */
const overArms = (
	left: readonly [number, number],
	right: readonly [number, number],
	...marks: readonly SketchMark[]
): Sketch => {
	const limb = (from: readonly [number, number], to: readonly [number, number]): Rope =>
		arm([from[0], from[1]], [to[0], to[1]], 11);
	return sketch(
		ropes(
			limb([-8, wrists.arm], [44, wrists.arm]),
			limb([128, wrists.arm], [78, wrists.arm]),
			wristJoint(0)
		),
		...marks,
		{
			show: 'hand',
			at: left,
			from: [left[0] > 60 ? 40 : 30, left[1] > 40 ? wrists.arm + 4 : wrists.arm]
		},
		{
			show: 'hand',
			at: right,
			from: [right[0] < 60 ? 80 : 92, right[1] > 40 ? wrists.arm + 4 : wrists.arm]
		}
	);
};

const overTheWrists = (): ActStep[] => [
	moving(say.hangOneLoopOverEach(), [overArms([58, 22], [64, 26])]),
	moving(say.theLeftHandTakesThe(), [
		overArms([58, 22], [64, 26]),
		overArms([90, wrists.low], [64, 26])
	]),
	moving(say.theRightHandTakesThe(), [
		overArms([90, wrists.low], [64, 26]),
		overArms([90, wrists.low], [30, wrists.low])
	]),
	mind(
		moving(say.drawTheHandsApartEach(), [
			sketch(ropes(wristJoint(1)), hand([16, 36], [-8, 60]), hand([102, 36], [128, 60]))
		]),
		wrong(
			say.bothLoopsWereOnOne(),
			joint(2, 0, tool('spot', 52, 36)),
			say.hangOneLoopOverEachWrist()
		)
	),
	moving(say.drawFromTheKnotBoth(), [
		sketch(ropes(wristJoint(1))),
		sketch(ropes(wristJoint(2)), hand([48, 42], [20, 78]), hand([72, 42], [100, 78]))
	]),
	moving(say.forPairsOnlyPairsAre(), [sketch(ropes(wristJoint(2)))])
];

const teeing = (from: number, to: number, ...marks: readonly SketchMark[]): Sketch[] =>
	Array.from({ length: to - from + 1 }, (_, at) =>
		sketch(ropes(teeJoint(from + at)), ...(from + at === to ? marks : []))
	);

const asTee = (): ActStep[] => [
	moving(say.layTheYarnSLast(), teeing(0, 0, hand([20, 45], [2, 78]))),
	moving(say.putTheNewLoopThrough(), teeing(0, 1, hand([76, 52], [112, 76]))),
	moving(say.theRightHandReachesThrough(), teeing(1, 3, hand([74, 28], [116, 10]))),
	moving(say.pullThatEndThroughBoth(), teeing(3, 6, move([96, 16], [96, 4]))),
	moving(say.drawItSnugAndLet(), teeing(6, snug))
];

const overhand = (): ActStep[] => [
	moving(say.forTornPiecesAndOpen(), [
		sketch(ropes(overhandPair(0.2, 1)), hand([34, 58], [2, 40]))
	]),
	moving(say.bendBothEndsAsOne(), [
		sketch(ropes(overhandPair(0.2, 1))),
		sketch(ropes(overhandPair(0.62, 1)))
	]),
	moving(say.roundBehindAndThroughThe(), [
		sketch(ropes(overhandPair(0.62, 1))),
		sketch(ropes(overhandPair(1, 1)))
	]),
	mind(
		moving(say.pullItTogetherByAll(), [
			sketch(ropes(overhandPair(1, 1))),
			sketch(ropes(overhandPair(1, 0.4)), move([20, 62], [8, 62]), move([100, 62], [112, 62]))
		]),
		wrong(
			say.knottedFarFromTheTips(),
			sketch(ropes(overhandPair(1, 0.6)), tool('spot', 60, 34)),
			say.loosenItAndPushThe()
		)
	),
	moving(
		say.trimTheTailsOrLay(),
		[sketch(ropes(overhandPair(1, 0.4)), tool('cut', 66, 46, 60))],
		blade
	)
];

const even = (): ActStep[] => [
	moving(say.lookAtTheJointIs(), [joint(snug, 7, tool('look', 88, 26))]),
	moving(say.loosenItALittleFrom(), [joint(snug, 7), joint(6, 7, hand([52, 44], [24, 78]))]),
	moving(say.slideTheRingThroughUntil(), [joint(6, 7), joint(6, 0, move([70, 62], [104, 62]))]),
	mind(
		moving(say.drawItSnugSmallNo(), [joint(6, 0), joint(snug, 0, hand([52, 44], [24, 78]))]),
		wrong(say.itWasPulledFromThe(), joint(snug, 7, tool('spot', 88, 26)), say.loosenItAtTheKnot()),
		wrong(
			say.pulledTightAHardBead(),
			joint(snug, 0, tool('knot', 62, 36), tool('spot', 62, 36)),
			say.leaveItIfItLies()
		)
	)
];

const slits = (stage: 0 | 1 | 2 | 3, ...marks: readonly SketchMark[]): Sketch => {
	const { old, fresh } = slitJoint(stage);
	return sketch(ropes(old.strip, old.slit, fresh.strip, fresh.slit), ...marks);
};
const slitting = (): ActStep[] => [
	moving(say.forClothStripsFold15(), [slits(0, tool('cut', 58, 24), tool('cut', 88, 24))], blade),
	moving(say.layTheNewSlitOn(), [slits(0), slits(1, hand([72, 40], [112, 70]))]),
	mind(
		moving(say.bringTheNewStripS(), [slits(1), slits(2, hand([110, 12], [124, 44]))]),
		wrong(say.theFarEndWentThrough(), slits(1, tool('spot', 60, 36)), say.takeItOutAndBringIt())
	),
	moving(say.pullItFlatJoinAll(), [slits(2), slits(3)])
];

export const jointActs = {
	'loop-joint': {
		when: say.forStrandOfLoopsOne(),
		practice: 'snug',
		schools: [
			{ name: say.onTheTable(), trade: say.easyToSeeAndTo() },
			{ name: say.overTheWrists(), trade: say.quickForSureHandsSitting() },
			{ name: say.asAT(), trade: say.noTurningOfTheLong() }
		],
		steps: onTheTable
	},
	'loop-joint-wrists': {
		when: say.theSameJointWithoutA(),
		practice: 'snug',
		steps: overTheWrists
	},
	'loop-joint-t': {
		when: say.theSameJointWhereThe(),
		practice: 'snug',
		steps: asTee
	},
	overhand: {
		when: say.forTornPiecesOpenStrips(),
		steps: overhand
	},
	even: {
		when: say.atEveryJointBeforeThe(),
		practice: 'snug',
		steps: even
	},
	'slit-joint': {
		when: say.forStripsOfClothFlat(),
		steps: slitting
	}
} as const satisfies Record<string, Act>;
