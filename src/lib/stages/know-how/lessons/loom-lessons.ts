import { loomLessons as say } from '$lib/words/know-how';
import type { Rope } from '$lib/core/drawing/rope';
import type { Sketch, SketchMark } from '$lib/core/drawing/sketch-scene';
import { defaults } from '$lib/core/defaults';
import { plied } from '$lib/core/know-how/strand-curves';
import type { WeavePlace } from '$lib/core/know-how/weave-curves';
import { chainedOff, warp, weft } from '$lib/core/know-how/weave-curves';
import { meetingCheck } from '$lib/core/techniques/peg-loom/meeting';
import { isOver } from '$lib/core/techniques/peg-loom/over-under';
import { formatLength } from '$lib/core/units/format-length';
import { smallNumber } from '$lib/ui/number-words';
import type { Act, ActStep, OwnThings } from './lesson';
import { move, moving, rodsCaution, ropes, sketch, tool, word } from './lesson';

/** Pegs left and right, and strands looped about them, the outermost doubled. */
function pegged(strands: number, twist = 0, isDoubled = false): Sketch {
	const lines = Array.from({ length: 5 }, (_, at) => 12 + at * 12);
	return sketch(
		...lines.slice(0, strands).map((y): SketchMark =>
			twist > 0
				? ropes(plied(twist, 1.4, 14, 106, y))
				: ropes({
						points: [
							[14, y - 2.4, 0],
							[60, y - 2, 0],
							[106, y - 2.4, 0],
							[109, y, 0],
							[106, y + 2.4, 0],
							[60, y + 2, 0],
							[14, y + 2.4, 0],
							[11, y, 0]
						],
						wide: 1.8,
						tone: 'film-other',
						isClosed: true
					})
		),
		...[9, 57].slice(isDoubled ? 0 : 2).map((y): SketchMark =>
			ropes({
				points: [
					[10, y, 1],
					[60, y, 1],
					[110, y, 1]
				],
				wide: 2.4,
				tone: 'weft'
			})
		),
		...lines.flatMap((y) => [tool('peg', 12, y), tool('peg', 108, y)])
	);
}

const warping = ({ loom, system }: OwnThings): ActStep[] => [
	moving(
		say.takeWholeStrandsOfPieces({
			part: loom
				? say.asLongAsYourLoom({ formatLength: formatLength(loom.pegToPegMm, system, 'mat') })
				: say.asLongAsFromPeg()
		}),
		[pegged(0)]
	),
	moving(say.hangAStrandsEndOver(), [pegged(0), pegged(1)], rodsCaution),
	moving(say.layOneOnEveryPair({ part: loom ? say.ofThem({ pegs: loom.pegs }) : '' }), [
		pegged(1),
		pegged(3),
		pegged(5)
	]),
	moving(say.layASecondStrandOn(), [pegged(5, 0, true)]),
	moving(
		say.noKnotNearerToA({
			formatLength: formatLength(defaults.knotFreeEnd.value, system, 'small')
		}),
		[
			{
				...pegged(5, 0, true),
				marks: [
					...pegged(5, 0, true).marks,
					tool('knot', 48, 24),
					tool('knot', 70, 36),
					{ show: 'measure', from: [12, 68], to: [40, 68], words: '' }
				]
			}
		]
	)
];

const twisting = (): ActStep[] => [
	moving(say.takeALaidStrandOff(), [pegged(5)]),
	moving(say.turnItOverAFew(), [pegged(5), pegged(5, 3)]),
	moving(say.hangItBackTwistedStrands(), [pegged(5, 4)])
];

const place: WeavePlace = { left: 16, right: 104, foot: 66, pitch: 10, wide: 5 };
const strands = 6;
const woven = (rows: number, until = 1): Rope[] => [
	...warp(strands, place, 70, 2),
	weft(strands, rows, isOver, place, until)
];
const weaving = (): ActStep[] => [
	moving(say.theFirstRowGoesOver(), [sketch(ropes(woven(1, 0.05))), sketch(ropes(woven(1)))]),
	moving(say.turnRoundTheEdgeStrand(), [
		sketch(ropes(woven(2, 0.5))),
		sketch(ropes(woven(2, 0.7)))
	]),
	moving(say.andGoesUnderWhatThe(), [sketch(ropes(woven(2, 0.7))), sketch(ropes(woven(2)))]),
	moving(say.eachRowDoesTheOpposite(), [sketch(ropes(woven(4, 0.5))), sketch(ropes(woven(4)))]),
	moving(say.pushEachRowDownClose(), [
		sketch(ropes(woven(4)), move([40, 6], [40, 20]), move([80, 6], [80, 20]))
	])
];

const handing = (): ActStep[] => [
	moving(say.twoSitSideBySide(), [sketch(ropes(woven(3, 0.72))), sketch(ropes(woven(3, 0.84)))]),
	moving(say.sheSaysAloudWhatCame(), [
		sketch(ropes(woven(3, 0.84)), tool('spot', 62, 41), word('over', [62, 20]))
	]),
	moving(say.theSecondGoesOnWith(), [sketch(ropes(woven(3, 0.84))), sketch(ropes(woven(3)))])
];

/** Rows woven from both ends, and what lies between them. */
function meeting(near: number, far: number, between: number): Rope[] {
	const low: WeavePlace = { ...place, foot: 70, pitch: 9 };
	const high: WeavePlace = { ...place, foot: 2, pitch: 9 };
	const check = meetingCheck(
		{ rows: near, firstPass: 'over' },
		{ rows: far, firstPass: 'over' },
		strands,
		1
	);
	const middle: WeavePlace = { ...place, foot: 70 - near * 9, pitch: 9 };
	return [
		...warp(strands, place, 76, -4),
		weft(strands, near, isOver, low),
		// Whoever sits at the far end counts the strands from her own left.
		weft(
			strands,
			far,
			(row, strand) => isOver(row, strands + 1 - strand),
			high,
			1,
			'right',
			-1,
			'film-line'
		),
		...(between > 0 && check.verdict !== 'fine'
			? [weft(strands, 1, (_, strand) => !isOver(near, strand), middle, between)]
			: [])
	];
}

const meet = (): ActStep[] => [
	moving(say.twoEndsAreWovenTowards(), [sketch(ropes(meeting(3, 2, 0)))]),
	moving(say.doBothGoOverThe(), [sketch(ropes(meeting(3, 2, 0)), tool('spot', 60, 34))]),
	moving(say.weaveOneRowMoreBetween(), [
		sketch(ropes(meeting(3, 2, 0))),
		sketch(ropes(meeting(3, 2, 0.05))),
		sketch(ropes(meeting(3, 2, 1)))
	]),
	moving(say.pushTheRowsTogetherFrom(), [
		sketch(ropes(meeting(3, 2, 1)), move([112, 70], [112, 52]), move([112, 2], [112, 20]))
	])
];

const off = (loops: number, chained: number, ...marks: readonly SketchMark[]): Sketch =>
	sketch(ropes(chainedOff(loops, chained, 14, 24, 56)), ...marks);
const chaining = (): ActStep[] => [
	moving(say.drawTheRodsOutWith(), [off(4, -1)], rodsCaution),
	moving(say.layTheFirstLoopOver(), [off(4, -1), off(4, 0)]),
	moving(say.layThatOneOverAnd(), [off(4, 0), off(4, 1), off(4, 2)]),
	moving(say.putAStrandThroughThe(), [off(4, 2), off(4, 3, tool('knot', 104, 38))]),
	moving(say.doTheOtherEndAlike({ what: smallNumber(5) }), [
		off(4, 3, tool('knot', 104, 38), tool('hook', 84, 60))
	])
];

export const loomActs = {
	warp: {
		when: say.beforeTheFirstRow(),
		schools: [
			{ name: say.plastic(), trade: say.theSameBagsSoftWashes() },
			{ name: say.cloth(), trade: say.strongerWherePanelsAreJoined() }
		],
		steps: warping
	},
	twist: {
		when: say.whileTheyAreLaidIt(),
		steps: twisting
	},
	'over-under': {
		when: say.onAPegLoomAnd(),
		practice: 'over-under',
		schools: [
			{
				name: say.ballsJoinedBefore(),
				trade: say.quickToWeaveSlackMust()
			},
			{ name: say.aPieceAtATime(), trade: say.slowerEachPieceLiesAs() }
		],
		steps: weaving
	},
	'hand-over-half': {
		when: say.whereTwoWeaveAtOne(),
		practice: 'over-under',
		steps: handing
	},
	meet: {
		when: say.whereAMatIsWoven(),
		practice: 'wrong-row',
		steps: meet
	},
	'chain-off': {
		when: say.whenTheLastRowIs(),
		steps: chaining
	}
} as const satisfies Record<string, Act>;
