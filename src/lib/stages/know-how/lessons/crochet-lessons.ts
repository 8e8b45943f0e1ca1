import { crochetLessons as say } from '$lib/words/know-how';
import type { Fabric } from '$lib/core/drawing/fabric-marks';
import type { Sketch, SketchMark } from '$lib/core/drawing/sketch-scene';
import type { StitchMove } from '$lib/core/know-how/stitch-states';
import { stitchMarks, stitchStates } from '$lib/core/know-how/stitch-states';
import { chain } from '$lib/core/know-how/strand-curves';
import { stitches } from '$lib/core/techniques/crochet/stitches';
import type { Stitch } from '$lib/core/techniques/crochet/stitches';
import { hookName, stitchName } from '$lib/ui/stitch-words';
import { smallNumber } from '$lib/ui/number-words';
import type { Act, ActStep, OwnThings } from './lesson';
import { move, moving, ropes, sketch, tiring, tool, word } from './lesson';
import { joining, snug } from './joining';

/** Rows that are worked already, under what is done now. */
const rows = (...at: readonly number[]): Fabric => ({ technique: 'crochet', rows: at });
const over = (fabric: Fabric, ...marks: readonly SketchMark[]): Sketch => ({
	fabrics: [fabric],
	marks
});

const chaining = ({ hookMm }: OwnThings): ActStep[] => [
	moving(
		say.makeALoopInThe({
			part: hookMm === null ? '' : say.hereAOne({ hookName: hookName(hookMm) })
		}),
		[sketch(ropes(chain(1, 0.92, 18, 50, 40)), tool('hook', 76, 40))]
	),
	moving(say.layTheStrandOverThe(), [
		sketch(ropes(chain(2, 0.52, 18, 40, 40)), tool('hook', 82, 40), move([108, 20], [94, 30]))
	]),
	moving(say.drawItThroughTheLoop(), [
		sketch(ropes(chain(2, 0.52, 18, 40, 40)), tool('hook', 82, 40)),
		sketch(ropes(chain(2, 0.94, 18, 40, 40)), tool('hook', 88, 40))
	]),
	moving(
		say.againAndAgainEachAs(),
		[
			sketch(ropes(chain(6, 0.32, 14, 16, 40)), tool('hook', 50, 40)),
			sketch(ropes(chain(6, 0.97, 14, 16, 40)), tool('hook', 108, 40))
		],
		tiring
	),
	moving(say.countThemAsTheyLie(), [
		sketch(
			ropes(chain(6, 0.97, 14, 16, 40)),
			...[1, 2, 3, 4, 5].map((link) => word(String(link), [16 + 14 * link + 4, 62]))
		)
	])
];

const moveWords: Readonly<Record<StitchMove, string>> = {
	over: say.layTheStrandOverThe2(),
	in: say.putTheHookInUnder(),
	up: say.catchTheStrandAndDraw(),
	'through-two': say.drawTheStrandThroughTwo(),
	'through-three': say.drawTheStrandThroughAll()
};

/** A stitch move by move, over the row below. */
const stitched =
	(stitch: Stitch) =>
	({ terms }: OwnThings): ActStep[] => {
		const states = stitchStates(stitch);
		const row = rows(64, 53);
		return [
			moving(say.beginWithOneLoopOn({ stitchName: stitchName(stitch, terms) }), [
				over(row, ...stitchMarks({ move: 'up', loops: 1, isOver: false, isIn: false }))
			]),
			...states.map((state, at) => {
				const isLast = at === states.length - 1;
				const counted = /:$/.test(moveWords[state.move])
					? say.loops2PluralOneOtherOn({ loops: smallNumber(state.loops), loops2: state.loops })
					: '';
				return moving(`${moveWords[state.move]}${counted}${isLast ? say.theStitchIsMade() : ''}`, [
					over(row, ...stitchMarks(state))
				]);
			})
		];
	};

const turning = ({ terms }: OwnThings): ActStep[] => [
	moving(say.workIntoTheVeryLast(), [
		over(rows(62, 50, 38), tool('spot', 106, 38), tool('hook', 108, 28))
	]),
	moving(
		say.chainForTheHeightOf({
			what: (['sc', 'hdc', 'dc'] as const)
				.map((stitch) =>
					say.for({
						turningChains: smallNumber(stitches[stitch].turningChains),
						stitchName: stitchName(stitch, terms)
					})
				)
				.join(', ')
		}),
		[
			over(
				rows(62, 50, 38),
				{
					show: 'strand',
					points: [
						[110, 34],
						[112, 24],
						[108, 14]
					]
				},
				tool('knot', 111, 27),
				tool('knot', 110, 18)
			)
		]
	),
	moving(say.turnTheWorkOverLike(), [over(rows(62, 50, 38), move([100, 20], [20, 20]))]),
	moving(say.goBackTheOtherWay(), [
		over(
			rows(62, 50, 38, 26),
			...[1, 2, 3, 4, 5, 6, 7, 8, 9].map((nth) => word(String(nth), [nth * 12, 16]))
		)
	])
];

const newBall = (): ActStep[] => [
	moving(say.stopWhileThereIsA(), [
		over(
			rows(64, 52),
			{
				show: 'strand',
				points: [
					[60, 44],
					[84, 30],
					[112, 34]
				],
				wide: 4
			},
			tool('hook', 58, 40)
		)
	]),
	moving(say.joinTheNewBallAs(), joining(1, 6)),
	moving(say.snugAndEvenTheJoint(), joining(6, snug)),
	moving(say.goOnAsIfIt(), [
		over(
			rows(64, 52, 40),
			{
				show: 'strand',
				points: [
					[76, 32],
					[92, 22],
					[118, 26]
				],
				wide: 4
			},
			tool('hook', 72, 30),
			tool('knot', 100, 22)
		)
	])
];

export const crochetActs = {
	chain: {
		when: say.toBeginAMatAnd(),
		practice: 'hook',
		steps: chaining
	},
	sc: {
		when: say.denseMatsSingleCrochetIn(),
		practice: 'hook',
		schools: [
			{ name: say.across(), trade: say.rowsOfTheShortSide() },
			{ name: say.lengthwise(), trade: say.rowsAsLongAsThe() }
		],
		steps: stitched('sc')
	},
	hdc: {
		when: say.halfDoubleCrochetInUs(),
		steps: stitched('hdc')
	},
	dc: {
		when: say.quickAndOpenDoubleCrochet(),
		steps: stitched('dc')
	},
	turn: {
		when: say.atEveryEndHereA(),
		steps: turning
	},
	'new-ball': {
		when: say.whereTheBallInWork(),
		practice: 'ball-end',
		steps: newBall
	}
} as const satisfies Record<string, Act>;
