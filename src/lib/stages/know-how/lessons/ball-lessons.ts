import { ballLessons as say } from '$lib/words/know-how';
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
	moving(say.windTheStrandsBeginningIn(), [
		sketch(ropes(finger(42), finger(78), eights(4, 0.05))),
		sketch(ropes(finger(42), finger(78), eights(4, 1)))
	]),
	moving(say.slipItOffAndFold(), [sketch(...ballAt(5, 9), tail([69, 36], [90, 44], [118, 40]))]),
	moving(
		say.windRoundItLooseAnd(),
		[
			sketch(...ballAt(5, 9), tail([69, 36], [90, 44], [118, 40])),
			sketch(...ballAt(11, 22), tail([82, 36], [98, 44], [118, 40]), move([30, 10], [44, 4]))
		],
		tiring
	),
	moving(say.looseForFilmStretchesA(), [
		sketch(...ballAt(13, 24), tail([84, 36], [98, 44], [118, 40]))
	]),
	moving(say.tuckItsEndOrBand(), [
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
	moving(say.clampTheWinderToThe(), [sketch(...cone(0), tail([64, 14], [90, 8], [118, 16]))]),
	moving(say.turnTheCrankWithOne(), [
		sketch(...cone(0), tail([64, 14], [90, 8], [118, 16])),
		sketch(...cone(0.6), tail([78, 36], [98, 30], [118, 36]), move([16, 40], [16, 22]))
	]),
	moving(
		say.stopWhereAJointComes(),
		[sketch(...cone(0.8), tail([80, 36], [98, 30], [118, 36]), tool('knot', 100, 31))],
		say.hairAndSleevesBackAnd()
	),
	moving(say.liftTheBallOffIts(), [sketch(...ballAt(12, 24), tail([60, 36], [62, 16], [72, 4]))])
];

const centrePull = (): ActStep[] => [
	moving(say.leaveTheStrandsBeginningOut(), [
		sketch(ropes(finger(60)), tail([58, 50], [36, 60], [8, 66]), tool('knot', 58, 50))
	]),
	moving(say.windRoundThumbAndFinger(), [
		sketch(...ballAt(4, 12), tail([60, 36], [36, 58], [8, 66])),
		sketch(...ballAt(12, 23), tail([60, 36], [36, 60], [8, 66]), move([92, 14], [100, 28]))
	]),
	moving(say.slipItOffTheBall(), [
		sketch(...ballAt(13, 24), tail([60, 36], [36, 60], [8, 66]), move([24, 56], [8, 60]))
	]),
	moving(say.orKeepAnyBallIn(), [
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
	moving(say.fixARingsEndTo(), [sketch(...spindle, ropes(plied(0, 4, 34, 116, 36)))]),
	moving(say.letTheSpindleTurnThe(), [
		sketch(...spindle, ropes(plied(0, 4, 34, 116, 36))),
		sketch(...spindle, ropes(plied(5, 2.6, 34, 113, 36)), move([6, 20], [6, 50]))
	]),
	moving(say.twistedAStrandIsThinner(), [sketch(ropes(plied(6, 2.4, 8, 108, 36)))]),
	moving(say.twistASecondStrandThe(), [
		sketch(ropes(plied(6, 2.2, 8, 112, 28)), ropes(plied(6, 2.2, 8, 112, 46)))
	]),
	moving(say.letThemTurnBackAbout(), [
		sketch(ropes(plied(-3, 4.4, 8, 112, 36, ['film-line', 'weft'])))
	])
];

export const ballActs = {
	'ball-fingers': {
		when: say.whenAStrandIsAs(),
		practice: 'ball-end',
		steps: ballOnFingers
	},
	'ball-winder': {
		when: say.whereThereIsOneAnd(),
		steps: ballOnWinder
	},
	'ball-centre': {
		when: say.forWhoeverCrochetsAtHome(),
		steps: centrePull
	},
	spin: {
		when: say.forFirmYarnThatHides(),
		steps: spin
	}
} as const satisfies Record<string, Act>;
