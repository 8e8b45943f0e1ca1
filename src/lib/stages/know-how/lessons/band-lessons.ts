import { bandLessons as say } from '$lib/words/know-how';
import type { Rope } from '$lib/core/drawing/rope';
import type { Sketch, SketchMark } from '$lib/core/drawing/sketch-scene';
import {
	bandStrands,
	bentBack,
	braided,
	doubled,
	earlierWeaver,
	linkedWeaver
} from '$lib/core/acts/band-curves';
import { passesOf } from '$lib/core/acts/crossing-order';
import { tuckedEnds } from '$lib/core/acts/finish-pictures';
import { wristJoint } from '$lib/core/acts/joint-curves';
import { crossingsHome } from '$lib/core/techniques/bands/braid';
import { capital, smallNumber } from '$lib/ui/number-words';
import { passWords } from './pass-words';
import type { Act, ActStep } from './lesson';
import { blade, hand, hygiene, mind, moving, ropes, sketch, tiring, tool, wrong } from './lesson';

const along = 3;
const first = { left: 10, right: 112, top: -22, apart: 14 } as const;
const lanes = bandStrands(along, 2, 124, first.top, first.apart, along);
const single = (until: number): Rope[] => [...lanes, linkedWeaver(along, 6, until, first, false)];
/** What the weaver of a band does in a pass, read off its drawing. */
const passOf = (pass: number): string =>
	passWords(
		passesOf(single(1), along, (other) => (other < along ? other : null)).slice(
			along * (pass - 1),
			along * pass
		)
	);

const pair = doubled(wristJoint(2));
const starting = (): ActStep[] => [
	moving(
		say.takeFourTubesBottomsOff(),
		[
			sketch(
				ropes(
					doubled(
						[wristJoint(0)[0], wristJoint(0)[1]].map((rope): Rope => ({
							...rope,
							points: rope.points.map(([x, y, z]) => [x, y, z] as const)
						}))
					)
				)
			)
		],
		hygiene
	),
	moving(say.joinPairToPairLoop(), [
		sketch(ropes(doubled(wristJoint(1)))),
		sketch(ropes(pair), hand([48, 42], [20, 78]), hand([72, 42], [100, 78]))
	]),
	mind(
		moving(say.layItDownThreeEnds(), [
			sketch(
				ropes(bandStrands(along, 8, 124, first.top, first.apart, along), {
					points: [
						[12, 34, 3],
						[18, 20, 3],
						[22, 8, 3],
						[26, -8, 3]
					],
					wide: 5,
					tone: 'weft'
				}),
				tool('knot', 8, 34)
			)
		]),
		wrong(
			say.aClipHoldsTheStart(),
			sketch(
				ropes(lanes),
				{
					show: 'patch',
					points: [
						[0, 14],
						[8, 14],
						[8, 56],
						[0, 56]
					],
					tone: 'quiet'
				},
				tool('spot', 8, 34)
			),
			say.joinTheFourTubesFirst()
		)
	)
];

const weaving = (): ActStep[] => [
	moving(
		say.theWeaverGoes({ pass: passOf(1) }),
		[sketch(ropes(single(0.03))), sketch(ropes(single(0.15)), hand([24, 60], [50, 84]))],
		tiring
	),
	moving(say.roundTheEdgeStrandAnd({ pass: passOf(2) }), [
		sketch(ropes(single(0.15))),
		sketch(ropes(single(0.33)))
	]),
	mind(
		moving(say.onAndOnFlatOn(), [sketch(ropes(single(0.33))), sketch(ropes(single(1)))]),
		wrong(
			say.pulledTooTightTheBand(),
			sketch(
				ropes(
					bandStrands(along, 2, 124, 8, 7, along),
					linkedWeaver(along, 10, 1, { left: 10, right: 112, top: 8, apart: 7 }, false)
				),
				tool('spot', 60, 36)
			),
			say.loosenItWithTheFingers()
		),
		wrong(
			say.aPassLikeTheLast(),
			sketch(
				ropes(lanes, {
					...linkedWeaver(along, 6, 1, first, false),
					points: linkedWeaver(along, 6, 1, first, false).points.map(
						([x, y, z], at) => [x, y, at > 11 && at < 16 ? Math.abs(z) : z] as const
					)
				}),
				tool('spot', 70, 34)
			),
			say.undoItToThere()
		)
	),
	moving(say.whereAStrandRunsOut(), [sketch(ropes(single(1)), tool('knot', 84, 34))]),
	moving(say.whenYouStopClipThe(), [
		sketch(ropes(single(1)), {
			show: 'patch',
			points: [
				[112, 14],
				[118, 14],
				[118, 56],
				[112, 56]
			],
			tone: 'quiet'
		})
	]),
	moving(say.makeItAsLongAs(), [
		sketch(ropes(single(1)), { show: 'measure', from: [4, 68], to: [116, 68], words: '' })
	])
];

const home = crossingsHome(along);
/** The weaver at the end of its pass, waiting beside. */
const waiting: Rope = {
	points: [
		[-6, 44, 3],
		[4, 34, -3],
		[10, 22, 3],
		[16, 10, 0],
		[28, 6, 0]
	],
	wide: 3,
	tone: 'weft'
};
/** The three that ran along, in from the band and out of the picture, so many crossings made. */
const turn = (crossings: number, until: number): Rope[] =>
	braided(along, crossings, 13, { x: 22, y: 24, apart: 11 }, 4.2, until).map((rope) => {
		const [begin = [0, 0, 0], end = [0, 0, 0]] = [rope.points[0], rope.points.at(-1)];
		return {
			...rope,
			tone: 'film-other',
			points: [
				[-6, begin[1], 0],
				...rope.points,
				...(until === 1 ? [[126, end[1], 0] as const] : [])
			]
		};
	});
const bent = bentBack(
	braided(along, home, 11, { x: 30, y: 10, apart: 8 }, 3.4, 1).map((rope) => ({
		...rope,
		tone: 'film-other' as const,
		points: [[-6, rope.points[0]?.[1] ?? 0, 0] as const, ...rope.points]
	})),
	40,
	36
);
const turnAt = (crossings: number, until: number, ...marks: readonly SketchMark[]): Sketch =>
	sketch(ropes(turn(crossings, until), waiting), tool('look', 28, 6), ...marks);

const turning = (): ActStep[] => [
	...Array.from({ length: home + 1 }, (_, made) =>
		moving(
			made === 0
				? say.theWeaverEndsItsPass()
				: made === home
					? say.withCrossingsEveryStrandIs({ made: smallNumber(made) })
					: made === home / 2
						? say.afterTheOuterStrandsLie({ made: smallNumber(made) })
						: made % 2 === 1
							? say.theOuterStrandNearestTo()
							: say.theOuterStrandFarthestFrom(),
			made === 0 ? [turnAt(0, 1)] : [turnAt(made, (2 * made - 1) / (2 * made + 2)), turnAt(made, 1)]
		)
	),
	moving(say.bendTheBraidBackAlongside(), [
		sketch(
			ropes(bent, {
				points: [
					[-6, 40, 3],
					[2, 26, -3],
					[8, 18, 3],
					[12, 10, -3],
					[16, 2, 0],
					[30, 0, 0]
				],
				wide: 2.6,
				tone: 'weft'
			}),
			hand([48, 62], [80, 84])
		)
	])
];

const second = { left: 8, right: 114, top: 8, apart: 10 } as const;
const passes = 6;
const old: Rope[] = [
	...bandStrands(along, -4, 124, second.top, second.apart, 0),
	earlierWeaver(along, passes, second)
];
const linked = (until: number): Rope[] => [
	...old,
	...bandStrands(along, -4, 124, second.top, second.apart, along),
	linkedWeaver(along, passes, until, second)
];
const newBand = (until: number, ...marks: readonly SketchMark[]): Sketch =>
	sketch(ropes(linked(until)), ...marks);
/** Passes of the new weaver over its own three strands, read off the drawing. */
const linkWords = (pass: number): string =>
	passWords(
		passesOf(linked(1), 2 * along + 1, (other) =>
			other > along && other <= 2 * along ? other : null
		).slice(along * (pass - 1), along * pass)
	);
const linking = (): ActStep[] => [
	moving(say.theBandBeforeIsWoven(), [
		sketch(ropes(old, bandStrands(along, -4, 124, second.top, second.apart, along)))
	]),
	mind(
		moving(say.theWeaverComesAcrossThe({ pass: linkWords(2) }), [newBand(0.03), newBand(0.28)]),
		wrong(
			say.itsLastCrossingIsUnder(),
			sketch(
				ropes(
					old,
					bandStrands(along, -4, 124, second.top, second.apart, along),
					linkedWeaver(along, passes, 0.28, second, false)
				),
				tool('spot', 40, 38)
			),
			say.takeThePassBackAnd()
		)
	),
	moving(say.underTheNextTurnOf(), [newBand(0.28), newBand(0.4, tool('look', 43, 33))]),
	mind(
		moving(say.awayAgainRoundTheEdge({ pass: linkWords(3), next: linkWords(4) }), [
			newBand(0.4),
			newBand(0.7)
		]),
		wrong(
			say.bothCrossingsLieOnOne(),
			sketch(
				ropes(
					old,
					bandStrands(along, -4, 124, second.top, second.apart, along),
					linkedWeaver(along, passes, 1, second, false)
				),
				tool('spot', 43, 34)
			),
			say.takeItBackToThe()
		)
	),
	moving(say.soAtEveryReturnNone(), [newBand(0.7), newBand(1)], tiring)
];

const tucked = (until: number, ...marks: readonly SketchMark[]): Sketch =>
	sketch(ropes(tuckedEnds(4, until)), ...marks);
const tucking = (): ActStep[] => [
	moving(say.atTheEndAfterThe(), [tucked(0.2)]),
	moving(say.leadEachBackIntoThe(), [tucked(0.2), tucked(0.42, hand([106, 12], [124, 40]))]),
	mind(
		moving(say.andTheNextGapNone(), [tucked(0.42), tucked(1)], tiring),
		wrong(say.aGapWasSkippedThe(), tucked(0.7, tool('spot', 62, 36)), say.drawItOutAndLead())
	),
	moving(say.soLoosePlacesAreFilled(), [tucked(1, tool('cut', 42, 62, 60))], blade)
];

export const bandActs = {
	'band-start': {
		when: say.aTableAClipAnd({ what: capital(say.noTools()) }),
		practice: 'snug',
		steps: starting
	},
	'band-weave': {
		when: say.theFirstBandFromIts(),
		practice: 'over-under',
		schools: [
			{ name: say.handlesCutOff(), trade: say.bandsOfOneThicknessThe() },
			{ name: say.handlesKept(), trade: say.nothingWastedThickerWhereThey() }
		],
		steps: weaving
	},
	'band-turn': {
		when: say.atTheEndOfA(),
		practice: 'crossings',
		steps: turning
	},
	'band-link': {
		when: say.fromTheSecondBandOn(),
		steps: linking
	},
	'band-tuck': {
		when: say.whereAStrandEndsAnd(),
		steps: tucking
	}
} as const satisfies Record<string, Act>;
