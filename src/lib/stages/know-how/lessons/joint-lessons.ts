import { jointLessons as say } from '$lib/words/know-how';
import type { Rope } from '$lib/core/drawing/rope';
import type { Sketch, SketchMark } from '$lib/core/drawing/sketch-scene';
import { teeJoint } from '$lib/core/know-how/joint-curves';
import { overhandPair } from '$lib/core/know-how/strand-curves';
import type { Act, ActStep } from './lesson';
import { arm, move, moving, ropes, sketch, tool } from './lesson';
import { joining, joint, snug } from './joining';

const onTheTable = (): ActStep[] => [
	moving(say.putDownTheLastLoop(), joining(0, 0)),
	moving(say.slipTheNewRingsEnd(), joining(0, 1, move([104, 58], [70, 58]))),
	moving(say.layThatEndBackOver(), joining(1, 2, move([46, 60], [72, 60]))),
	moving(say.bringTheNewRingsFar(), joining(2, 5, move([100, 58], [76, 58]))),
	moving(say.andDrawItAllThe(), joining(5, 6, move([84, 58], [112, 58]))),
	moving(
		say.drawFromTheKnotGently(),
		joining(6, snug, move([30, 58], [12, 58]), move([88, 58], [108, 58]))
	)
];

/** A loop hung about an arm that lies across: down before it and behind it. */
const hung = (x: number, long: number, tone: Rope['tone'], half = 9): Rope => ({
	points: [
		[x - 1, 30 - half, 4],
		[x + 2, 30, 5],
		[x + 1, 30 + half + 2, 5],
		[x + 1, 30 + half + long, 2],
		[x - 2, 32 + half + long, 0],
		[x - 5, 30 + half + long, -2],
		[x - 5, 30 + half + 2, -5],
		[x - 4, 30, -5],
		[x - 3, 30 - half, -4]
	],
	wide: 3.4,
	tone,
	isClosed: true
});

const overTheWrists = (): ActStep[] => [
	moving(say.hangTheNewRingOver(), [sketch(ropes(arm([126, 30], [26, 30]), hung(92, 22, 'weft')))]),
	moving(say.hangTheEndOfThe(), [
		sketch(ropes(arm([126, 30], [26, 30]), hung(92, 22, 'weft'), hung(30, 60, 'film-other'))),
		sketch(ropes(arm([126, 30], [26, 30]), hung(92, 22, 'weft'), hung(66, 60, 'film-other')))
	]),
	moving(say.bringTheNewRingsLower(), [
		sketch(
			ropes(arm([126, 30], [26, 30]), hung(66, 60, 'film-other'), {
				points: [
					[91, 21, 4],
					[95, 30, 5],
					[93, 43, 5],
					[78, 55, 6],
					[52, 57, 7],
					[30, 47, 6],
					[20, 33, 5],
					[25, 28, 6],
					[35, 40, 7],
					[54, 50, 8],
					[76, 47, 7],
					[86, 42, 1],
					[87, 34, -5],
					[86, 27, -5],
					[87, 21, -4]
				],
				wide: 3.4,
				tone: 'weft',
				isClosed: true
			}),
			move([84, 66], [40, 66])
		)
	]),
	moving(say.holdItAndLetBoth(), [joint(6, 0, move([70, 12], [40, 12]))]),
	moving(say.drawFromTheKnotBoth(), [
		joint(6, 0),
		joint(snug, 0, move([30, 58], [12, 58]), move([88, 58], [108, 58]))
	])
];

const teeing = (from: number, to: number, ...marks: readonly SketchMark[]): Sketch[] =>
	Array.from({ length: to - from + 1 }, (_, at) =>
		sketch(ropes(teeJoint(from + at)), ...(from + at === to ? marks : []))
	);

const asTee = (): ActStep[] => [
	moving(say.layTheStrandsLastRing2(), teeing(0, 0)),
	moving(say.pushTheNewRingsEnd(), teeing(0, 1)),
	moving(say.layItBackOverThat(), teeing(1, 2)),
	moving(say.bringTheFarEndThrough(), teeing(2, 6, move([96, 16], [96, 4]))),
	moving(say.drawItSnugAndLet(), teeing(6, snug))
];

const overhand = (): ActStep[] => [
	moving(say.forTornPiecesAndOpen(), [sketch(ropes(overhandPair(0.2, 1)))]),
	moving(say.bendBothEndsAsOne(), [
		sketch(ropes(overhandPair(0.2, 1))),
		sketch(ropes(overhandPair(0.62, 1)))
	]),
	moving(say.roundBehindAndThroughThe(), [
		sketch(ropes(overhandPair(0.62, 1))),
		sketch(ropes(overhandPair(1, 1)))
	]),
	moving(say.drawItTogetherByAll(), [
		sketch(ropes(overhandPair(1, 1))),
		sketch(ropes(overhandPair(1, 0.4)), move([20, 62], [8, 62]), move([100, 62], [112, 62]))
	]),
	moving(say.trimTheTailsOrLay(), [sketch(ropes(overhandPair(1, 0.4)), tool('cut', 58, 58))])
];

const even = (): ActStep[] => [
	moving(say.lookAtTheJointIs(), [joint(snug, 7, tool('spot', 88, 26))]),
	moving(say.loosenItALittleFrom(), [joint(snug, 7), joint(6, 7)]),
	moving(say.slideTheRingThroughUntil(), [joint(6, 7), joint(6, 0, move([70, 62], [104, 62]))]),
	moving(say.drawItSnugSmallNo(), [joint(6, 0), joint(snug, 0)]),
	moving(say.notTightAHardBead(), [joint(snug, 0, tool('knot', 62, 36), tool('spot', 62, 36))])
];

export const jointActs = {
	'loop-joint': {
		when: say.forStrandOfLoopsOne(),
		practice: 'snug',
		schools: [
			{ name: say.onTheTable(), trade: say.easyToSeeAndTo() },
			{
				name: say.overTheWrists(),
				trade: say.quickForSureHandsSitting()
			},
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
	}
} as const satisfies Record<string, Act>;
