import type { Rope } from '$lib/core/drawing/rope';
import type { Sketch, SketchMark } from '$lib/core/drawing/sketch-scene';
import type { RingPlace } from '$lib/core/know-how/joint-curves';
import { jointStages, loopJoint, teeJoint } from '$lib/core/know-how/joint-curves';
import { overhandPair, plied, woundBall } from '$lib/core/know-how/strand-curves';
import type { Act, ActStep } from './act';
import { arm, board, move, moving, patch, ropes, sketch, tiring, tool, word } from './act';

const onTable: RingPlace = { at: [57, 36], turn: 0, scale: 1 };
const snug = jointStages - 1;

/** The joint from one stage to another, as it moves. */
const joining = (from: number, to: number, ...marks: readonly SketchMark[]): Sketch[] =>
	Array.from({ length: to - from + 1 }, (_, at) =>
		sketch(ropes(loopJoint(from + at, onTable, 0)), ...(from + at === to ? marks : []))
	);

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
		sketch(ropes(loopJoint(6, onTable, 0)), move([70, 12], [40, 12]))
	]),
	moving('Draw from the knot, both sides even: the same joint as on the table.', [
		sketch(ropes(loopJoint(6, onTable, 0))),
		sketch(ropes(loopJoint(snug, onTable, 0)), move([30, 58], [12, 58]), move([88, 58], [108, 58]))
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
		sketch(ropes(loopJoint(snug, onTable, 7)), tool('spot', 88, 26))
	]),
	moving('Loosen it a little, from the knot.', [
		sketch(ropes(loopJoint(snug, onTable, 7))),
		sketch(ropes(loopJoint(6, onTable, 7)))
	]),
	moving('Slide the ring through until both sides are level.', [
		sketch(ropes(loopJoint(6, onTable, 7))),
		sketch(ropes(loopJoint(6, onTable, 0)), move([70, 62], [104, 62]))
	]),
	moving('Draw it snug: small, no hole the hook could catch, and still to be undone.', [
		sketch(ropes(loopJoint(6, onTable, 0))),
		sketch(ropes(loopJoint(snug, onTable, 0)))
	]),
	moving('Not tight: a hard bead cannot be undone, and film tears at it.', [
		sketch(ropes(loopJoint(snug, onTable, 0)), tool('knot', 62, 36), tool('spot', 62, 36))
	])
];

const finger = (x: number): Rope => arm([x, 80], [x, 10], 9);
/** Strand wound in eights about two fingers, so many turns of it. */
const eights = (turns: number, until: number): Rope => ({
	points: Array.from({ length: 8 * turns + 1 }, (_, at) => {
		const angle = (2 * Math.PI * at) / 8;
		return [
			60 + 20 * Math.sin(angle),
			52 - (at / (8 * turns)) * 26,
			5 * Math.sin(2 * angle)
		] as const;
	}),
	wide: 3,
	tone: 'film-other',
	until
});
const ballAt = (turns: number, radius: number, y = 36): SketchMark[] => [
	{ show: 'disc', at: [60, y], radius, tone: 'film-other' },
	ropes(woundBall([60, y], radius - 1, turns))
];
const tail = (...points: readonly (readonly [number, number])[]): SketchMark => ({
	show: 'strand',
	points,
	wide: 3
});

const ballOnFingers = (): ActStep[] => [
	moving('Wind the strand’s beginning in eights about two fingers.', [
		sketch(ropes(finger(42), finger(78), eights(4, 0.05))),
		sketch(ropes(finger(42), finger(78), eights(4, 1)))
	]),
	moving('Slip it off and fold it over: that is the heart of the ball.', [
		sketch(...ballAt(5, 9), tail([69, 36], [90, 44], [118, 40]))
	]),
	moving(
		'Wind round it, loose, and turn it a little now and then.',
		[
			sketch(...ballAt(5, 9), tail([69, 36], [90, 44], [118, 40])),
			sketch(...ballAt(11, 22), tail([82, 36], [98, 44], [118, 40]), move([30, 10], [44, 4]))
		],
		tiring
	),
	moving('Loose, for film stretches: a ball wound hard comes off shorter than it was measured.', [
		sketch(...ballAt(13, 24), tail([84, 36], [98, 44], [118, 40]))
	]),
	moving('Tuck its end, or band it, and tie the label on: colour, bags in it, width.', [
		sketch(
			...ballAt(14, 25, 32),
			patch('ground', ...board(44, 52, 32, 14)),
			word('14 bags', [60, 62])
		)
	])
];

const cone = (wound: number): SketchMark[] => [
	patch('quiet', ...board(20, 62, 80, 5)),
	patch('ground', [54, 62], [66, 62], [64, 12], [56, 12]),
	ropes(
		Array.from({ length: 9 }, (_, at): Rope => {
			const half = 7 + Math.min(wound, 1) * 13 * Math.sin((Math.PI * (at + 1)) / 10);
			const y = 56 - at * 4.4;
			return {
				points: [
					[60 - half, y + 2, 1 + at],
					[60, y + 3.4, 2 + at],
					[60 + half, y, 1 + at]
				],
				wide: 3,
				tone: at % 2 === 0 ? 'film-other' : 'film'
			};
		})
	)
];

const ballOnWinder = (): ActStep[] => [
	moving('Clamp the winder to the table’s edge, and catch the strand’s beginning in its slot.', [
		sketch(...cone(0), tail([64, 14], [90, 8], [118, 16]))
	]),
	moving('Turn the crank with one hand; let the strand run loose through the other.', [
		sketch(...cone(0), tail([64, 14], [90, 8], [118, 16])),
		sketch(...cone(0.6), tail([78, 36], [98, 30], [118, 36]), move([16, 40], [16, 22]))
	]),
	moving(
		'Stop where a joint comes: guide it through with two fingers.',
		[sketch(...cone(0.8), tail([80, 36], [98, 30], [118, 36]), tool('knot', 100, 31))],
		'Hair and sleeves back, and small fingers away from what turns.'
	),
	moving('Lift the ball off, its beginning sticking out of the middle, and label it.', [
		sketch(...ballAt(12, 24), tail([60, 36], [62, 16], [72, 4]))
	])
];

const centrePull = (): ActStep[] => [
	moving('Leave the strand’s beginning out, a forearm long, held under the thumb.', [
		sketch(ropes(finger(60)), tail([58, 50], [36, 60], [8, 66]), tool('knot', 58, 50))
	]),
	moving('Wind round thumb and finger, turning the ball as it grows; the tail stays free.', [
		sketch(...ballAt(4, 12), tail([60, 36], [36, 58], [8, 66])),
		sketch(...ballAt(12, 23), tail([60, 36], [36, 60], [8, 66]), move([92, 14], [100, 28]))
	]),
	moving('Slip it off. The ball is used from its middle, and stays where it lies.', [
		sketch(...ballAt(13, 24), tail([60, 36], [36, 60], [8, 66]), move([24, 56], [8, 60]))
	]),
	moving('Or keep any ball in a bag with a hole, and draw from the hole.', [
		sketch(
			...ballAt(12, 18, 40),
			patch('film', [32, 12], [88, 12], [94, 68], [26, 68]),
			tail([60, 30], [62, 12], [90, 4])
		)
	])
];

const spindle: SketchMark[] = [
	{ show: 'rod', from: [14, 36], to: [34, 36] },
	{ show: 'disc', at: [14, 36], radius: 9, tone: 'quiet' }
];
const spin = (): ActStep[] => [
	moving('Fix a ring’s end to the spindle, and hold the other end, drawn straight.', [
		sketch(...spindle, ropes(plied(0, 4, 34, 116, 36)))
	]),
	moving('Let the spindle turn: the two plies of the ring twist about each other.', [
		sketch(...spindle, ropes(plied(0, 4, 34, 116, 36))),
		sketch(...spindle, ropes(plied(5, 2.6, 34, 113, 36)), move([6, 20], [6, 50]))
	]),
	moving('Twisted, a strand is thinner and firmer, and about six in a hundred shorter.', [
		sketch(ropes(plied(6, 2.4, 8, 108, 36)))
	]),
	moving('Twist a second strand the same way. Lay the two side by side.', [
		sketch(ropes(plied(6, 2.2, 8, 112, 28)), ropes(plied(6, 2.2, 8, 112, 46)))
	]),
	moving('Let them turn back about each other: plied, they stay as they are.', [
		sketch(ropes(plied(-3, 4.4, 8, 112, 36, ['film-line', 'weft'])))
	])
];

export const strandActs = {
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
	},
	'ball-fingers': {
		when: 'When a strand is as long as a ball should be.',
		practice: 'ball-end',
		steps: ballOnFingers
	},
	'ball-winder': {
		when: 'Where there is one, and many balls to wind.',
		steps: ballOnWinder
	},
	'ball-centre': {
		when: 'For whoever crochets at home: it does not roll away.',
		steps: centrePull
	},
	spin: {
		when: 'For a firm strand that hides its joints.',
		steps: spin
	}
} as const satisfies Record<string, Act>;
