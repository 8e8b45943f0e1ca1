import { ballLessons as say } from '$lib/words/know-how';
import type { Rope } from '$lib/core/drawing/rope';
import type { Sketch, SketchMark } from '$lib/core/drawing/sketch-scene';
import {
	fingersAt,
	hangingSpindle,
	roundsOnFingers,
	twistedUp,
	winderAfter
} from '$lib/core/acts/ball-pictures';
import { plied, woundBall } from '$lib/core/acts/strand-curves';
import type { Act, ActStep, OwnThings } from './lesson';
import {
	arm,
	board,
	hand,
	mind,
	moving,
	patch,
	ropes,
	sketch,
	thread,
	tiring,
	tool,
	turning,
	word,
	wrong
} from './lesson';

const finger = (x: number): Rope => arm([x, 90], [x, 12], 9);
const rounds = 10;
const ballAt = (turns: number, radius: number, y = 36): SketchMark[] => [
	{ show: 'disc', at: [60, y], radius, tone: 'film-other' },
	ropes(woundBall([60, y], radius - 1, turns))
];
const tail = (...points: readonly (readonly [number, number])[]): SketchMark => ({
	show: 'strand',
	points,
	wide: 3
});
const onFingers = (until: number, ...marks: readonly SketchMark[]): Sketch =>
	sketch(ropes(fingersAt.map(finger), roundsOnFingers(rounds, until)), ...marks);
/** Strand in eights about the fingers: between them it crosses itself at every round. */
const eights: Rope = {
	points: Array.from({ length: 41 }, (_, at) => {
		const angle = (2 * Math.PI * at) / 8;
		return [
			60 + 26 * Math.sin(angle),
			56 - at * 0.65 + 4 * Math.sin(2 * angle),
			6 * Math.sin(2 * angle + 0.4)
		] as const;
	}),
	wide: 1.9,
	tone: 'film-other'
};

const ballOnFingers = ({ bagsABall }: OwnThings): ActStep[] => [
	mind(
		moving(
			say.windTheStartOfThe({ rounds }),
			[onFingers(0.04), onFingers(1, hand([88, 28], [124, 8]))],
			tiring
		),
		wrong(
			say.woundInEightsItDoes(),
			sketch(ropes(fingersAt.map(finger), eights), tool('spot', 60, 44)),
			say.unwindItAndGoRound()
		)
	),
	moving(say.slipItOffThatIs(), [
		onFingers(1),
		sketch(...ballAt(5, 9), tail([69, 36], [90, 44], [124, 40]))
	]),
	moving(say.windOnAcrossTheRounds(), [
		sketch(...ballAt(5, 9), tail([69, 36], [90, 44], [124, 40])),
		sketch(...ballAt(11, 22), tail([82, 36], [98, 44], [124, 40]), turning([60, 36], 29, 200, 300))
	]),
	moving(say.looseForFilmStretchesA(), [
		sketch(...ballAt(13, 24), tail([84, 36], [98, 44], [124, 40]))
	]),
	moving(say.tuckItsEndUnderOr(), [
		sketch(
			...ballAt(14, 25, 30),
			patch('ground', ...board(42, 52, 36, 16)),
			word(say.bags({ bags: bagsABall }), [60, 63])
		)
	])
];

/** The winder on the table after so many rounds, a hand on its crank and one on the strand. */
function winding(wound: number, isHeld: boolean, ...marks: readonly SketchMark[]): Sketch {
	const { spool, ballRadius, guideEye, crank, strand } = winderAfter(wound);
	const [x] = spool.at;
	return sketch(
		// The table’s edge, and the clamp about it.
		patch('quiet', ...board(-4, 56, 130, 5)),
		thread(
			[
				[24, 70],
				[24, 50],
				[44, 50],
				[44, 66],
				[32, 66]
			],
			3.4
		),
		thread(
			[
				[32, 70],
				[32, 62]
			],
			2.4
		),
		// Its body, the wire of the guide, the spool.
		thread(
			[
				[30, 46],
				[x, 46]
			],
			5,
			'quiet'
		),
		thread(
			[
				[x, 48],
				[guideEye[0], 48],
				[guideEye[0], guideEye[1] + 3]
			],
			1.8
		),
		patch(
			'ground',
			[x - 5, spool.foot],
			[x + 5, spool.foot],
			[x + 3.4, spool.head],
			[x - 3.4, spool.head]
		),
		...(wound > 0
			? [
					{ show: 'disc', at: spool.at, radius: ballRadius, tone: 'film-other' } as const,
					ropes(woundBall(spool.at, ballRadius - 1, Math.min(12, Math.round(wound / 2) + 2)))
				]
			: []),
		{
			show: 'strand',
			points: wound > 0 ? strand : [[x, spool.head + 2], ...strand.slice(1)],
			wide: 2.4
		},
		{ show: 'disc', at: guideEye, radius: 2.8, tone: 'ground' },
		{ show: 'strand', points: [guideEye, [108, 20], [124, 30]], wide: 2.4 },
		// The crank with its handle.
		thread([crank.at, crank.handle], 2.6),
		{ show: 'disc', at: crank.at, radius: 2.6, tone: 'quiet' },
		{ show: 'disc', at: crank.handle, radius: 2, tone: 'ground' },
		...(isHeld ? [hand(crank.handle, [-6, 20]), hand([112, 24], [126, 60])] : []),
		...marks
	);
}

const windingFrom = (from: number, to: number): Sketch[] =>
	Array.from({ length: 9 }, (_, at) => winding(from + (at / 8) * (to - from), true));

const ballOnWinder = (): ActStep[] => [
	moving(say.clampTheWinderToTheTable(), [winding(0, false, tool('look', 32, 64))]),
	moving(say.leadTheStartOfThe(), [winding(0, false, hand([62, 15], [40, -8]))]),
	moving(say.turnTheCrankWithOneHand(), windingFrom(1, 9), say.hairAndSleevesBackAnd()),
	moving(say.whereAJointComesGuide(), [winding(9, true), winding(16, true, tool('knot', 104, 19))]),
	moving(say.liftTheBallOffItsBeginning(), [
		sketch(
			...ballAt(12, 24),
			tail([60, 36], [62, 16], [72, -4]),
			thread(
				[
					[36, 40],
					[60, 46],
					[84, 40]
				],
				2,
				'quiet'
			)
		)
	])
];

const centrePull = (): ActStep[] => [
	moving(say.leaveTheStrandsBeginningOut(), [
		sketch(ropes(finger(60)), tail([58, 50], [36, 60], [-4, 66]), hand([57, 50], [100, 76]))
	]),
	moving(say.windRoundThumbAndFinger(), [
		sketch(...ballAt(4, 12), tail([60, 36], [36, 58], [-4, 66])),
		sketch(...ballAt(12, 23), tail([60, 36], [36, 60], [-4, 66]), turning([60, 36], 28, 300, 380))
	]),
	moving(say.slipItOffTheBall(), [
		sketch(...ballAt(13, 24), tail([60, 36], [36, 60], [-4, 66]), hand([20, 63], [-6, 40]))
	]),
	moving(say.orKeepAnyBallIn(), [
		sketch(
			...ballAt(12, 18, 40),
			patch('film', [32, 12], [88, 12], [94, 68], [26, 68]),
			tail([60, 30], [62, 12], [90, -4])
		)
	])
];

/** The spindle as it hangs: its strand tied, led by notch and hook to the fingers, spun so far. */
function hanging(
	drop: number,
	wound: number,
	turns: number,
	...marks: readonly SketchMark[]
): Sketch {
	const { shaft, notch, hook, fingers, foot, strand, wound: wide } = hangingSpindle(drop, wound);
	return sketch(
		thread([[hook[0], hook[1]], foot], 2.6, 'quiet'),
		thread(
			[
				[hook[0] - 3, hook[1] + 2],
				[hook[0] - 2, hook[1] - 1.4],
				[hook[0], hook[1]]
			],
			1.6
		),
		patch(
			'film-other',
			[foot[0] - wide, shaft[1]],
			[foot[0] + wide, shaft[1]],
			[foot[0] + wide * 0.6, shaft[1] + 20],
			[foot[0] - wide * 0.6, shaft[1] + 20]
		),
		patch('quiet', ...board(hook[0] - 14, notch[1] - 2, 28, 4)),
		thread(
			[
				[notch[0] - 1.6, notch[1] - 2],
				[notch[0], notch[1] + 1],
				[notch[0] + 1.6, notch[1] - 2]
			],
			1.2,
			'ground'
		),
		{ show: 'strand', points: strand.slice(0, 3).map(([x, y]) => [x, y] as const), wide: 1.8 },
		ropes(twistedUp(turns, fingers[0], hook[1], fingers[1], 1.5)),
		tail([fingers[0], fingers[1]], [84, 2], [124, 14]),
		...marks
	);
}
const pinch = hand([62, 6], [120, 34]);
const yarnBall: SketchMark = { show: 'disc', at: [112, 20], radius: 9, tone: 'film-other' };
const round = turning([60, 62], 16, 200, 340);
const back = turning([60, 62], 16, 340, 200);

const shorter = 6;
const spin = (): ActStep[] => [
	moving(say.tieJoinedYarnToThe(), [hanging(0, 0, 0, yarnBall, tool('look', 60, 29))]),
	moving(say.leadItUpThroughThe(), [hanging(0, 0, 0, yarnBall, hand([62, 14], [96, -6]))]),
	moving(say.pinchItAForearmAbove(), [
		hanging(0, 0, 0, yarnBall, pinch),
		hanging(0.4, 0, 0, yarnBall, pinch)
	]),
	mind(
		moving(
			say.twirlItAlwaysTheSame(),
			[hanging(0.4, 0, 0, yarnBall, pinch, round), hanging(0.8, 0, 3, yarnBall, pinch, round)],
			tiring
		),
		wrong(
			say.theWayOfTurningWas(),
			hanging(0.8, 0, 0, yarnBall, back, tool('spot', 60, 18)),
			say.twirlOnTheFirstWay()
		),
		wrong(
			say.itSlippedFromTheHook(),
			hanging(0.8, 0.4, 0, yarnBall, tool('spot', 60, 26)),
			say.stopLeadItByThe()
		)
	),
	moving(say.beforeItTouchesTheFloor(), [
		hanging(1, 0.2, 4, yarnBall),
		hanging(0, 0.5, 0, yarnBall, hand([72, 36], [112, 60]))
	]),
	moving(say.notchAndHookAgainUnspun(), [
		hanging(0, 0.5, 0, yarnBall, pinch),
		hanging(0.8, 0.6, 3, yarnBall, pinch, round)
	]),
	moving(say.unwindItAllAndBall({ shorter }), [
		sketch(
			ropes(plied(6, 2.4, -4, 84, 36, ['film-other', 'film-other'])),
			{ show: 'disc', at: [92, 36], radius: 16, tone: 'film-other' },
			ropes(woundBall([92, 36], 15, 8))
		)
	]),
	moving(say.toPlyTwirlTwoSpun(), [
		sketch(ropes(plied(6, 2.2, -4, 70, 26), plied(6, 2.2, -4, 70, 48))),
		sketch(ropes(plied(-3, 4.4, -4, 124, 36)), turning([60, 36], 24, 340, 200))
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
