import type { Rope } from '$lib/core/drawing/rope';
import type { SketchMark } from '$lib/core/drawing/sketch-scene';
import { plied, woundBall } from '$lib/core/know-how/strand-curves';
import type { Act, ActStep } from './lesson';
import { arm, board, move, moving, patch, ropes, sketch, tiring, tool, word } from './lesson';

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

export const ballActs = {
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
