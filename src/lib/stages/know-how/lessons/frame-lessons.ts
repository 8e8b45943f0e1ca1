import { frameLessons as say } from '$lib/words/know-how';
import type { Rope } from '$lib/core/drawing/rope';
import type { Sketch, SketchMark } from '$lib/core/drawing/sketch-scene';
import {
	chainX,
	frameAt,
	mostNails,
	footNail,
	headNail,
	loopNail,
	loopRow,
	loopsDrawn,
	nailLoops,
	nailPath,
	panelSeam,
	ringChain,
	type FrameEnd,
	type LoopRow
} from '$lib/core/acts/frame-pictures';
import { drawnOf } from '$lib/core/acts/loom-pictures';
import type { WeavePlace } from '$lib/core/acts/weave-curves';
import { twinedPair, warp } from '$lib/core/acts/weave-curves';
import { formatLength } from '$lib/core/units/format-length';
import { smallNumber } from '$lib/ui/number-words';
import type { Act, ActStep, OwnThings } from './lesson';
import {
	board,
	fire,
	hand,
	mind,
	move,
	moving,
	patch,
	rodsCaution,
	ropes,
	sketch,
	thread,
	tiring,
	tool,
	word,
	wrong
} from './lesson';

const nail = ([x, y]: readonly [number, number]): SketchMark => tool('nail', x, y);
/** Nails that are drawn: the group's own where they fit, else odd or even as they are. */
const nailsOf = ({ frame: own }: OwnThings): number => drawnOf(own?.nails ?? mostNails, mostNails);
const allNails = (count: number): SketchMark[] =>
	Array.from({ length: count }, (_, at) => [
		nail(headNail(at, count)),
		nail(footNail(at, count))
	]).flat();
const rods: SketchMark[] = [10, 110].map((x) =>
	thread(
		[
			[x, 2],
			[x, 70]
		],
		2,
		'quiet'
	)
);
const clips: SketchMark[] = [10, 110].flatMap((x) =>
	[14, 58].map((y): SketchMark => ({ show: 'disc', at: [x, y], radius: 2.4, tone: 'ground' }))
);
const onFrame = (own: OwnThings, until: number, ...marks: readonly SketchMark[]): Sketch =>
	sketch(...allNails(nailsOf(own)), ropes(nailPath(until, nailsOf(own)).rope), ...marks);

const nailing = (all: OwnThings): ActStep[] => {
	const { frame: own, system } = all;
	return [
		moving(
			own
				? say.yourFrameHasNailsAtEach({
						nails: own.nails,
						length: formatLength(own.lengthMm, system, 'mat')
					})
				: say.knotAnEyeInThe(),
			[onFrame(all, 0.06, hand([16, 24], [60, 84]))]
		),
		moving(say.downRoundTheOppositeNail(), [onFrame(all, 0.06), onFrame(all, 0.4)]),
		moving(
			say.onToTheLastNail(),
			[onFrame(all, 0.4), onFrame(all, 1, tool('look', 105, 58))],
			tiring
		),
		mind(
			moving(say.nowTheRodsThroughEyes(), [onFrame(all, 1, ...rods, ...clips)], rodsCaution),
			wrong(
				say.bareNailsHoldTheRod(),
				onFrame(all, 1, ...rods, tool('spot', 110, 58)),
				say.tieTheRodForThis()
			)
		)
	];
};

const chainRings = 4;
const chains = (own: OwnThings, many: number, ...marks: readonly SketchMark[]): Sketch => {
	const count = nailsOf(own);
	return sketch(
		...Array.from({ length: count }, (_, at) =>
			[frameAt.head, frameAt.foot].map((y) => tool('nail', chainX(at, count), y))
		).flat(),
		ropes(Array.from({ length: many }, (_, at) => ringChain(at, chainRings, count)).flat()),
		...marks
	);
};
/** A chain with a loop too many, which bows between its nails. */
const slackChain = (at: number, count: number): Rope[] =>
	ringChain(at, chainRings + 1, count).map((rope) => ({
		...rope,
		points: rope.points.map(
			([x, y, z]) =>
				[
					x + 7 * Math.sin((Math.PI * (y - frameAt.head)) / (frameAt.foot - frameAt.head)),
					y,
					z
				] as const
		)
	}));
const stringing = (own: OwnThings): ActStep[] => {
	const count = nailsOf(own);
	return [
		moving(say.joinLoopsToChainsEach(), [
			chains(own, 0, ropes(ringChain(2, chainRings, count)), word(String(chainRings), [84, 40]))
		]),
		moving(say.hangOneChainFromThe(), [chains(own, 0), chains(own, 1, hand([24, 60], [60, 84]))]),
		moving(
			say.oneChainForEachPair({
				nails: smallNumber(count),
				rings: smallNumber(chainRings),
				all: count * chainRings
			}),
			[chains(own, 1), chains(own, 3), chains(own, count)],
			tiring
		),
		mind(
			moving(say.thenTheRodsBesideThe(), [chains(own, count, ...rods, ...clips)], rodsCaution),
			wrong(
				say.oneChainHasALoop(),
				chains(own, 1, ropes(slackChain(1, count)), tool('spot', chainX(1, count) + 4, 36)),
				say.countAndTakeTheLoop()
			)
		)
	];
};

const place: WeavePlace = { left: 14, right: 106, foot: 70, pitch: 13, wide: 3 };
const ends = 6;
/** Rows of pairs between the rods, the last so far as it has come. */
const twined = (rows: number, until = 1, lead = 0): Rope[] =>
	Array.from({ length: rows }, (_, at) =>
		twinedPair(ends, at + 1, place, at === rows - 1 ? until : 1, lead)
	).flat();
const sideRods: Rope[] = [9, 111].map((x): Rope => ({
	points: [
		[x, 78, 0],
		[x, 36, 0],
		[x, -6, 0]
	],
	wide: 2,
	tone: 'quiet'
}));
const pairs = (rows: number, until: number, ...marks: readonly SketchMark[]): Sketch =>
	sketch(ropes(warp(ends, place, 74, -2), sideRods, twined(rows, until)), ...marks);

const rodAt: Rope = {
	points: [
		[8, 78, 0],
		[8, 36, 0],
		[8, -6, 0]
	],
	wide: 2,
	tone: 'quiet'
};
/** Loops about the nails of one end, the rod beside them, and a row through them. */
const looped = (
	end: FrameEnd,
	until: number,
	way: LoopRow,
	...marks: readonly SketchMark[]
): Sketch =>
	sketch(
		ropes(nailLoops(end), rodAt, loopRow(end, until, way)),
		...Array.from({ length: loopsDrawn }, (_, loop) => nail(loopNail(loop, end))),
		...marks
	);

const firstRow = (): ActStep[] => [
	moving(
		say.foldALoopRoundThe(),
		[looped('foot', 0.09, 'inside', hand([12, 48], [40, 84]))],
		rodsCaution
	),
	mind(
		moving(say.inTheFirstNailSLoop(), [
			looped('foot', 0.09, 'inside'),
			looped('foot', 0.28, 'inside', tool('look', 24, 48))
		]),
		wrong(
			say.bothHalvesLieBehindBoth(),
			looped('foot', 1, 'behind', tool('spot', 48, 48)),
			say.takeTheRowOutAnd()
		),
		wrong(
			say.theGapBetweenTwoNails(),
			looped('foot', 1, 'gaps', tool('spot', 36, 48)),
			say.takeItBackToThat()
		)
	),
	moving(
		say.theSameInEveryNail(),
		[looped('foot', 0.28, 'inside'), looped('foot', 0.9, 'inside')],
		tiring
	),
	mind(
		moving(say.theKnottedEyeOfThe(), [looped('foot', 0.9, 'inside', tool('look', 96, 48))]),
		wrong(
			say.theLastEyeWasLeft(),
			looped('foot', 0.72, 'inside', tool('spot', 96, 48)),
			say.drawBothHalvesThroughIt()
		)
	),
	moving(say.roundTheRodTheTwo(), [
		looped('foot', 0.9, 'inside'),
		looped(
			'foot',
			1,
			'inside',
			ropes({
				...rodAt,
				points: [
					[114, 78, 0],
					[114, 36, 0],
					[114, -6, 0]
				]
			})
		)
	])
];

const twining = (): ActStep[] => [
	moving(say.oneHalfGoesOverAn(), [pairs(1, 0.06), pairs(1, 0.12)]),
	mind(
		moving(say.inTheGapTheyChange(), [pairs(1, 0.12), pairs(1, 0.3, tool('look', 29, 63))]),
		wrong(
			say.theLeadingStrandWentBelow(),
			sketch(
				ropes(warp(ends, place, 74, -2), sideRods, twined(3, 1), twinedPair(ends, 4, place, 1, 1)),
				tool('spot', 60, 24)
			),
			say.takeTheRowBackTo()
		)
	),
	mind(
		moving(
			say.roundTheRodWithBoth(),
			[pairs(1, 0.3), pairs(1, 1, move([104, 50], [116, 50]))],
			rodsCaution
		),
		wrong(say.theRodWasMissedThe(), pairs(2, 1, tool('spot', 111, 60)), say.takeTheRowBackToThe())
	),
	moving(say.aStrandRunsOutJoin(), [pairs(2, 0.6, tool('knot', 76, 50))]),
	moving(
		say.backAgainRowUponRow(),
		[pairs(2, 0.1), pairs(3, 1, hand([40, 26], [24, -10]), hand([80, 26], [96, -10]))],
		tiring
	)
];

const lastRow = (): ActStep[] => [
	moving(say.atTheHeadThereIs(), [
		looped(
			'head',
			0.12,
			'inside',
			ropes({
				points: [
					[40, 78, 6],
					[30, 44, 6],
					[25, 28, 3],
					[23, 20, -4]
				],
				wide: 2.6,
				tone: 'quiet'
			})
		)
	]),
	moving(say.sameLoopDrawTheFront(), [
		looped('head', 0.12, 'inside'),
		looped('head', 0.28, 'inside', tool('look', 24, 24))
	]),
	mind(
		moving(
			say.everyLoopToTheLast(),
			[looped('head', 0.28, 'inside'), looped('head', 0.9, 'inside')],
			tiring
		),
		wrong(
			say.oneLoopWasLeftOut(),
			looped('head', 0.72, 'inside', tool('spot', 96, 24)),
			say.drawTheStrandsThroughIt()
		)
	),
	moving(say.roundTheRodAndBack(), [
		looped('head', 0.9, 'inside'),
		looped('head', 1, 'inside', move([108, 36], [76, 36]))
	]),
	moving(say.onceMoreKnotLeaveSome(), [
		looped(
			'head',
			1,
			'inside',
			tool('knot', 72, 30),
			thread(
				[
					[72, 33],
					[70, 44],
					[74, 56]
				],
				2.4,
				'weft'
			)
		)
	]),
	moving(
		say.offTheNailsRodsOut(),
		[sketch(ropes(warp(ends, { ...place, foot: 60 }, 66, 8), twined(4)), hand([60, 8], [90, -12]))],
		rodsCaution
	),
	moving(say.pushTheWeaveOutwardUntil(), [
		sketch(
			ropes(warp(ends, { ...place, foot: 60 }, 66, 8), twined(4)),
			move([40, 40], [40, 54]),
			move([80, 40], [80, 54])
		)
	]),
	moving(
		say.drawALoopThroughWhere(),
		[
			sketch(
				ropes(warp(ends, { ...place, foot: 60 }, 66, 8), twined(4), {
					points: [
						[30, 14, 3],
						[50, 14, -3],
						[70, 14, 3],
						[90, 14, -3],
						[112, 10, 3]
					],
					wide: 2.4,
					tone: 'weft'
				})
			)
		],
		fire
	)
];

const seamLoops = 4;
const seam = (until: number, apart: number, ...marks: readonly SketchMark[]): Sketch => {
	const { near, far, lace } = panelSeam(seamLoops, until, apart);
	return sketch(
		patch('film-line', ...board(-2, -4, 124, 18 - apart)),
		patch('film-other', ...board(-2, 58 + apart, 124, 20)),
		ropes(near, far, until > 0 ? lace : []),
		...marks
	);
};
const panels = (): ActStep[] => [
	moving(say.whereTheFrameIsShorter(), [
		sketch(
			...[0, 1, 2].map((at) =>
				patch(at === 1 ? 'film-line' : 'film-other', ...board(36, 3 + at * 23, 48, 20))
			)
		)
	]),
	moving(say.makeThemOnTheSame(), [seam(0, 10)]),
	moving(say.layTheEndLoopsOf(), [seam(0, 10), seam(0, 0)]),
	mind(
		moving(
			say.withAHookDrawA({ loops: smallNumber(2 * seamLoops) }),
			[seam(0.03, 0), seam(1, 0, hand([112, 38], [126, 70]))],
			tiring
		),
		wrong(say.aLoopWasPassedOver(), seam(0.55, 0, tool('spot', 76, 36)), say.takeTheStripBackTo())
	),
	moving(say.levelAndFlatKnotThe(), [seam(1, 0, tool('knot', 6, 36), tool('knot', 114, 36))])
];

export const frameActs = {
	nails: {
		when: say.toBeginOnAFrame(),
		steps: nailing
	},
	stringers: {
		when: say.aWarpOfChainsOne(),
		steps: stringing
	},
	'first-row': {
		when: say.onAFrameBeforeAny(),
		steps: firstRow
	},
	twine: {
		when: say.everyRowOfAFrame(),
		practice: 'over-under',
		steps: twining
	},
	'last-row': {
		when: say.onAFrameThroughThe(),
		steps: lastRow
	},
	panels: {
		when: say.whereTheFrameIsSmaller2(),
		schools: [
			{ name: say.plasticWarp(), trade: say.theSameBagsTearsSooner() },
			{ name: say.clothWarp(), trade: say.holdsWherePanelsAreJoined() }
		],
		steps: panels
	}
} as const satisfies Record<string, Act>;
