import type { Rope } from '$lib/core/drawing/rope';
import type { Sketch, SketchMark } from '$lib/core/drawing/sketch-scene';
import { teeJoint } from '$lib/core/know-how/joint-curves';
import { overhandPair } from '$lib/core/know-how/strand-curves';
import type { Act, ActStep } from './lesson';
import { arm, move, moving, ropes, sketch, tool } from './lesson';
import { joining, joint, snug } from './joining';

const onTheTable = (): ActStep[] => [
	moving(
		'Lay the strand’s last ring down, its end open. The new ring lies beside it.',
		joining(0, 0)
	),
	moving(
		'Slip the new ring’s end under the other’s, and up through its eye.',
		joining(0, 1, move([104, 58], [70, 58]))
	),
	moving(
		'Lay that end back over the one it came through, and open it.',
		joining(1, 2, move([46, 60], [72, 60]))
	),
	moving(
		'Bring the new ring’s far end below, up through its own open end …',
		joining(2, 5, move([100, 58], [76, 58]))
	),
	moving('… and draw it all the way through.', joining(5, 6, move([84, 58], [112, 58]))),
	moving(
		'Draw from the knot, gently, both sides even: small and snug, not tight.',
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
	moving('Hang the new ring over one wrist, here the [right] one; the hand points to the [left].', [
		sketch(ropes(arm([126, 30], [26, 30]), hung(92, 22, 'weft')))
	]),
	moving('Hang the end of the strand’s last ring over the same wrist, nearer to the fingers.', [
		sketch(ropes(arm([126, 30], [26, 30]), hung(92, 22, 'weft'), hung(30, 60, 'film-other'))),
		sketch(ropes(arm([126, 30], [26, 30]), hung(92, 22, 'weft'), hung(66, 60, 'film-other')))
	]),
	moving('Bring the new ring’s lower end up past the strand and take it between the fingers.', [
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
	moving('Hold it, and let both rings slip off over the hand: the end goes through them both.', [
		joint(6, 0, move([70, 12], [40, 12]))
	]),
	moving('Draw from the knot, both sides even: the same joint as on the table.', [
		joint(6, 0),
		joint(snug, 0, move([30, 58], [12, 58]), move([88, 58], [108, 58]))
	])
];

const teeing = (from: number, to: number, ...marks: readonly SketchMark[]): Sketch[] =>
	Array.from({ length: to - from + 1 }, (_, at) =>
		sketch(ropes(teeJoint(from + at)), ...(from + at === to ? marks : []))
	);

const asTee = (): ActStep[] => [
	moving('Lay the strand’s last ring flat, and the new one across at its end: a T.', teeing(0, 0)),
	moving(
		'Push the new ring’s end under the far side of the other, and up inside it.',
		teeing(0, 1)
	),
	moving('Lay it back over that side, away from you, and open it.', teeing(1, 2)),
	moving('Bring the far end through its own open end.', teeing(2, 6, move([96, 16], [96, 4]))),
	moving('Draw it snug and let it slide to the end: the same joint.', teeing(6, snug))
];

const overhand = (): ActStep[] => [
	moving('For torn pieces and open strips: lay the two ends side by side, a hand’s breadth.', [
		sketch(ropes(overhandPair(0.2, 1)))
	]),
	moving('Bend both ends as one into a loop …', [
		sketch(ropes(overhandPair(0.2, 1))),
		sketch(ropes(overhandPair(0.62, 1)))
	]),
	moving('… round behind, and through the loop.', [
		sketch(ropes(overhandPair(0.62, 1))),
		sketch(ropes(overhandPair(1, 1)))
	]),
	moving('Draw it together by all four ends, close to the tails.', [
		sketch(ropes(overhandPair(1, 1))),
		sketch(ropes(overhandPair(1, 0.4)), move([20, 62], [8, 62]), move([100, 62], [112, 62]))
	]),
	moving('Trim the tails, or lay them along and work stitches over them.', [
		sketch(ropes(overhandPair(1, 0.4)), tool('cut', 58, 58))
	])
];

const even = (): ActStep[] => [
	moving('Look at the joint: is one side of the ring longer than the other? It would bow out.', [
		joint(snug, 7, tool('spot', 88, 26))
	]),
	moving('Loosen it a little, from the knot.', [joint(snug, 7), joint(6, 7)]),
	moving('Slide the ring through until both sides are level.', [
		joint(6, 7),
		joint(6, 0, move([70, 62], [104, 62]))
	]),
	moving('Draw it snug: small, no hole the hook could catch, and still to be undone.', [
		joint(6, 0),
		joint(snug, 0)
	]),
	moving('Not tight: a hard bead cannot be undone, and film tears at it.', [
		joint(snug, 0, tool('knot', 62, 36), tool('spot', 62, 36))
	])
];

export const jointActs = {
	'loop-joint': {
		when: 'For strand of loops: one ring through the next, and back through itself.',
		practice: 'snug',
		schools: [
			{ name: 'On the table', trade: 'easy to see and to teach; the strand lies in order.' },
			{
				name: 'Over the wrists',
				trade: 'quick for sure hands, sitting or standing; less easy to show.'
			},
			{ name: 'As a T', trade: 'no turning of the long strand; wants room on the table.' }
		],
		steps: onTheTable
	},
	'loop-joint-wrists': {
		when: 'The same joint, without a table.',
		practice: 'snug',
		steps: overTheWrists
	},
	'loop-joint-t': {
		when: 'The same joint, where the strand is to stay where it lies.',
		practice: 'snug',
		steps: asTee
	},
	overhand: {
		when: 'For torn pieces, open strips, and the ends of spirals.',
		steps: overhand
	},
	even: {
		when: 'At every joint, before the next.',
		practice: 'snug',
		steps: even
	}
} as const satisfies Record<string, Act>;
