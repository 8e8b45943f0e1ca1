import { frameLessons as say } from '$lib/words/know-how';
import type { Rope } from '$lib/core/drawing/rope';
import type { Sketch, SketchMark } from '$lib/core/drawing/sketch-scene';
import {
	drawnNails,
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
const allNails: SketchMark[] = Array.from({ length: drawnNails }, (_, at) => [
	nail(headNail(at)),
	nail(footNail(at))
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
const onFrame = (until: number, ...marks: readonly SketchMark[]): Sketch =>
	sketch(...allNails, ropes(nailPath(until).rope), ...marks);

const nailing = ({ frame: own, system }: OwnThings): ActStep[] => [
	moving(
		own
			? say.yourFrameHasNailsAtEach({
					nails: own.nails,
					length: formatLength(own.lengthMm, system, 'mat')
				})
			: say.knotAnEyeInThe(),
		[onFrame(0.06, hand([16, 24], [60, 84]))]
	),
	moving(say.downRoundTheOppositeNail(), [onFrame(0.06), onFrame(0.4)]),
	moving(say.onToTheLastNail(), [onFrame(0.4), onFrame(1, tool('look', 105, 58))], tiring),
	mind(
		moving(say.nowTheRodsThroughEyes(), [onFrame(1, ...rods, ...clips)], rodsCaution),
		wrong(
			say.bareNailsHoldTheRod(),
			onFrame(1, ...rods, tool('spot', 110, 58)),
			say.tieTheRodForThis()
		)
	)
];

const chainRings = 4;
const chains = (many: number, ...marks: readonly SketchMark[]): Sketch =>
	sketch(
		...Array.from({ length: drawnNails }, (_, at) => [
			tool('nail', ringChain(at, 1)[0]?.points[0]?.[0] ?? 0, 10),
			tool('nail', ringChain(at, 1)[0]?.points[0]?.[0] ?? 0, 62)
		]).flat(),
		ropes(Array.from({ length: many }, (_, at) => ringChain(at, chainRings)).flat()),
		...marks
	);
const stringing = (): ActStep[] => [
	moving(say.joinLoopsToChainsEach(), [
		chains(0, ropes(ringChain(2, chainRings)), word(String(chainRings), [84, 40]))
	]),
	moving(say.hangOneChainFromThe(), [chains(0), chains(1, hand([24, 60], [60, 84]))]),
	moving(
		say.oneChainForEachPair({
			nails: smallNumber(drawnNails),
			rings: smallNumber(chainRings),
			all: drawnNails * chainRings
		}),
		[chains(1), chains(3), chains(drawnNails)],
		tiring
	),
	mind(
		moving(say.thenTheRodsBesideThe(), [chains(drawnNails, ...rods, ...clips)], rodsCaution),
		wrong(
			say.oneChainHasALoop(),
			chains(drawnNails, tool('spot', 60, 36)),
			say.countAndTakeTheLoop()
		)
	)
];

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
