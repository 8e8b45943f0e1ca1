import { crochetLessons as say } from '$lib/words/know-how';
import type { Rope } from '$lib/core/drawing/rope';
import type { Sketch, SketchMark } from '$lib/core/drawing/sketch-scene';
import {
	ballJoin,
	chainRow,
	placeX,
	rowFoot,
	rowInWork,
	slipKnot,
	standingStitch,
	stitchHigh,
	topOf,
	turnedRow
} from '$lib/core/acts/crochet-pictures';
import type { StitchMove } from '$lib/core/acts/stitch-states';
import { stitchStates } from '$lib/core/acts/stitch-states';
import { chain, woundBall } from '$lib/core/acts/strand-curves';
import { stitches } from '$lib/core/techniques/crochet/stitches';
import type { Stitch } from '$lib/core/techniques/crochet/stitches';
import { hookName, stitchName } from '$lib/ui/stitch-words';
import { smallNumber } from '$lib/ui/number-words';
import type { Act, ActStep, OwnThings } from './lesson';
import { hand, mind, move, moving, ropes, sketch, tiring, tool, word, wrong } from './lesson';
import { joining, snug } from './joining';

const holding = hand([6, 31], [-10, 76]);
const hookAt = (x: number, y: number, isThrough = true): Rope => ({
	points: [
		[126, y - 12, isThrough ? 6 : 0],
		[x + 16, y - 3, isThrough ? 6 : 0],
		[x + 5, y - 0.6, isThrough ? 4 : 0],
		[x, y, isThrough ? -4 : 0],
		[x - 6, y + 1, isThrough ? -4 : 0],
		[x - 10, y + 3, isThrough ? -4 : 0]
	],
	wide: 3.6,
	tone: 'quiet'
});

const links = 5;
const pitch = 17;
const chained = (many: number, until: number, ...marks: readonly SketchMark[]): Sketch => {
	const at = 12 + (many - 1) * pitch + 20;
	return sketch(
		ropes(chain(many, until, pitch, 12, 40), hookAt(at, 40)),
		tool('knot', 9, 40),
		...marks
	);
};

const chaining = ({ hookMm }: OwnThings): ActStep[] => [
	moving(say.slipKnotFirstLayA(), [sketch(ropes(slipKnot(0)), hand([10, 58], [-10, 84]))]),
	moving(say.pullItUpThroughThe(), [
		sketch(ropes(slipKnot(0)), hand([66, 40], [112, 70])),
		sketch(ropes(slipKnot(1)), hand([102, 32], [124, 64]))
	]),
	moving(
		say.putTheHookIntoThe({
			part: hookMm === null ? '' : say.hereAOne2({ hookName: hookName(hookMm) })
		}),
		[sketch(ropes(slipKnot(1), hookAt(92, 30)), move([30, 64], [8, 64]), move([68, 12], [68, 0]))]
	),
	moving(say.layTheStrandOverThe(), [chained(1, 0.92), chained(2, 0.52, hand([96, 24], [60, -8]))]),
	moving(say.drawItThroughTheLoop(), [chained(2, 0.52), chained(2, 0.94)]),
	moving(
		say.againAndAgainEachAsLong(),
		[
			chained(links, 0.4),
			chained(
				links,
				0.97,
				...Array.from({ length: links - 1 }, (_, nth) =>
					word(String(nth + 1), [12 + pitch * (nth + 0.9), 66])
				)
			)
		],
		tiring
	)
];

const chainX = (link: number): number => 104 - (link - 1) * 14;
/** The chain lying flat with its Vs up, its knot at the [left], stitches standing in it. */
function onChain(own: OwnThings, worked: number, ...marks: readonly SketchMark[]): Sketch {
	const { turningChains } = stitches[own.stitch];
	const { links: all, into } = chainRow(5, turningChains, worked);
	const high = stitchHigh[own.stitch];
	const flat = Array.from({ length: all - turningChains }, (_, nth): Rope =>
		topOf(chainX(nth + 1) - 14, 60, 'film-other')
	);
	const turned = Array.from({ length: turningChains }, (_, nth): Rope => {
		const y = 56 - (nth * high) / turningChains;
		return {
			...topOf(104, y, 'film-other'),
			points: [
				[101, y, 1],
				[104, y - 5, 1],
				[107, y, 1],
				[104, y + 3, 1]
			]
		};
	});
	const stands = into.map((link) => {
		const stitch = standingStitch(own.stitch, 0, 'weft');
		const shift = chainX(link - turningChains) - 14 - placeX(0);
		const moved = (rope: Rope): Rope => ({
			...rope,
			points: rope.points.map(([x, y, z]) => [x + shift, y, z] as const)
		});
		return [moved(stitch.legs), moved(stitch.top), ...stitch.bars.map(moved)];
	});
	return sketch(ropes(flat, turned, stands.flat()), tool('knot', chainX(6) - 16, 60), ...marks);
}

const firstRow = (own: OwnThings): ActStep[] => {
	const { turningChains: turn } = stitches[own.stitch];
	return [
		moving(
			say.chainAsManyStitchesAs({
				more: smallNumber(turn),
				stitchName: stitchName(own.stitch, own.terms)
			}),
			[onChain(own, 0)],
			tiring
		),
		mind(
			moving(say.skipTheLastAtThe({ skipped: smallNumber(turn) }), [
				{
					...onChain(own, 0),
					marks: [...onChain(own, 0).marks, ropes(hookAt(92, 58)), tool('look', 90, 60)]
				}
			]),
			wrong(
				say.theChainIsTwistedIts(),
				onChain(
					own,
					0,
					ropes(
						[62, 48].map((x): Rope => ({
							points: [
								[x - 7, 58, 2],
								[x, 60, 2],
								[x + 7, 63, 2],
								[x + 7, 57, 1],
								[x, 60.4, -1],
								[x - 7, 63, 1]
							],
							wide: 2,
							tone: 'film-other',
							isClosed: true
						}))
					),
					tool('spot', 55, 60)
				),
				say.layItFlatAgainBefore()
			),
			wrong(
				say.theFirstChainWasUsed(),
				onChain(own, 1, tool('spot', 104, 52)),
				say.pullTheStitchOutAnd()
			)
		),
		moving(
			say.workAStitchIntoEvery(),
			[onChain(own, 1), onChain(own, 2), onChain(own, 3), onChain(own, 5)],
			tiring
		),
		mind(
			moving(say.countThemAsManyAs(), [
				onChain(own, 5, ...[1, 2, 3, 4, 5].map((nth) => word(String(nth), [chainX(nth) - 14, 12])))
			]),
			wrong(
				say.theLastChainWasMissed(),
				onChain(own, 4, tool('spot', chainX(5) - 14, 56)),
				say.workOneMoreCloseTo()
			),
			wrong(
				say.theChainIsTooTight(),
				onChain(own, 5, tool('spot', 60, 62)),
				say.pullItBackAndChain()
			)
		)
	];
};

const moveWords: Readonly<Record<StitchMove, string>> = {
	over: say.layTheStrandOverThe2(),
	in: say.putTheHookInUnder(),
	up: say.catchTheStrandAndDraw(),
	'through-two': say.drawTheStrandThroughTwo(),
	'through-three': say.drawTheStrandThroughAll()
};

const before = 2;
/** A stitch move by move, the row below it and the stitches before. */
const worked = (stitch: Stitch, at: number, ...marks: readonly SketchMark[]): Sketch => {
	const states = stitchStates(stitch);
	const {
		below,
		stitches: stands,
		hook,
		loops,
		strand
	} = rowInWork(stitch, before, states[at] ?? null, at === states.length - 1);
	return sketch(
		ropes(
			below,
			stands.flatMap(({ legs, top, bars }) => [legs, top, ...bars]),
			strand,
			hook,
			loops
		),
		holding,
		...marks
	);
};

const stitched =
	(stitch: Stitch) =>
	({ terms }: OwnThings): ActStep[] => {
		const states = stitchStates(stitch);
		return [
			moving(say.beginWithOneLoopOn({ stitchName: stitchName(stitch, terms) }), [
				worked(stitch, -1)
			]),
			...states.map((state, at) => {
				const isLast = at === states.length - 1;
				const counted = /:$/.test(moveWords[state.move])
					? say.loops2PluralOneOtherOn({ loops: smallNumber(state.loops), loops2: state.loops })
					: '';
				const step = moving(
					`${moveWords[state.move]}${counted}${isLast ? say.theStitchIsMadeOne() : ''}`,
					[worked(stitch, at)],
					isLast ? tiring : null
				);
				return state.move === 'in'
					? mind(
							step,
							wrong(
								say.theHookWentUnderOne(),
								worked(stitch, at, tool('spot', placeX(before), rowFoot)),
								say.drawTheHookOutAnd()
							)
						)
					: step;
			}),
			moving(say.theNextStitchBeginsIn(), [
				worked(stitch, states.length - 1, tool('look', placeX(before + 1), rowFoot))
			])
		];
	};

const across = 6;
/** A row at its end, the turning chain beside it, so much of the next row on it. */
function turned(
	own: OwnThings,
	work: number,
	skips: number,
	chains: boolean,
	...marks: readonly SketchMark[]
): Sketch {
	const {
		first,
		links: many,
		next
	} = turnedRow(across, stitches[own.stitch].turningChains, work, skips);
	const high = stitchHigh[own.stitch];
	const low = 62;
	const stand = (place: number, foot: number, tone: Rope['tone']) => {
		const { legs, top, bars } = standingStitch(own.stitch, place, tone, foot);
		return [legs, top, ...bars];
	};
	const x = placeX(0) + 9;
	const edge = Array.from({ length: chains ? many : 0 }, (_, nth): Rope => {
		const y = low - high - 1 - (nth * high) / many;
		return {
			points: [
				[x - 2.6, y, 4],
				[x, y - high / many, 4],
				[x + 2.6, y, 4],
				[x, y + 2, 4]
			],
			wide: 1.6,
			tone: 'weft',
			isClosed: true
		};
	});
	return sketch(
		ropes(
			first.flatMap((place) => stand(place, low, 'film-other')),
			next.flatMap((place) => stand(place, low - high, 'weft')),
			edge
		),
		...marks
	);
}

const turning = (own: OwnThings): ActStep[] => {
	const { turningChains: many } = stitches[own.stitch];
	const high = stitchHigh[own.stitch];
	const last = placeX(across - 1);
	return [
		mind(
			moving(say.workIntoTheVeryLast(), [turned(own, 0, 0, false, tool('look', last, 62 - high))]),
			wrong(
				say.theLastStitchWasMissed(),
				turned(own, across - 1, 0, true, tool('spot', last, 62 - high)),
				say.pullBackToTheEnd()
			)
		),
		moving(
			say.chainForThatIsThe({
				many: smallNumber(many),
				stitchName: stitchName(own.stitch, own.terms)
			}),
			[
				turned(own, 0, 0, false),
				turned(own, 0, 0, true, tool('look', placeX(0) + 9, 62 - 1.5 * high))
			]
		),
		moving(say.turnTheWorkOverLike(), [turned(own, 0, 0, true, move([90, 10], [30, 10]))]),
		mind(
			moving(say.firstStitchIntoTheFirst(), [
				turned(own, 0, 0, true),
				turned(own, 1, 0, true, tool('look', placeX(0), 62 - high))
			]),
			wrong(
				say.theFirstPlaceWasSkipped(),
				turned(own, 1, 1, true, tool('spot', placeX(0), 62 - high)),
				say.pullTheStitchOutAndBegin()
			)
		),
		moving(say.goBackTheOtherWayAnd({ across: smallNumber(across) }), [
			turned(
				own,
				across,
				0,
				true,
				...Array.from({ length: across }, (_, place) =>
					word(String(place + 1), [placeX(place), 10])
				)
			)
		])
	];
};

const ballAt = ([x, y]: readonly [number, number], radius: number): SketchMark[] => [
	{ show: 'disc', at: [x, y], radius, tone: 'weft' },
	ropes(woundBall([x, y], radius - 1, 6))
];
const ballStage = (stage: 0 | 1 | 2 | 3, ...marks: readonly SketchMark[]): Sketch => {
	const { last, first, ball, radius } = ballJoin(stage);
	return sketch(
		...(stage === 2 ? [] : ballAt(ball, radius)),
		ropes(last, first),
		...(stage === 2 ? ballAt(ball, radius) : []),
		...marks
	);
};
const newBall = (): ActStep[] => [
	moving(say.stopWithTheEndOf(), [ballStage(0, tool('look', 40, 36))]),
	moving(say.putTheLastLoopThrough(), [ballStage(0), ballStage(1, hand([64, 38], [84, -8]))]),
	mind(
		moving(say.putTheWholeBallThrough(), [ballStage(1), ballStage(2, hand([34, 46], [60, 84]))]),
		wrong(say.theBallDoesNotGo(), ballStage(1, tool('spot', 98, 52)), say.unwindSomeOfItOr())
	),
	moving(say.pullItSnugAndEven(), [ballStage(2), ballStage(3)]),
	moving(say.openEndsAreTiedWith(), joining(snug, snug))
];

export const crochetActs = {
	chain: {
		when: say.toBeginAMatAnd(),
		practice: 'hook',
		steps: chaining
	},
	'chain-row': {
		when: say.theFirstRowOfA(),
		practice: 'hook',
		steps: firstRow
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
