import { bandLessons as say } from '$lib/words/know-how';
import type { Rope } from '$lib/core/drawing/rope';
import { bandStrands, braided, linkedWeaver } from '$lib/core/know-how/band-curves';
import { crossingsHome } from '$lib/core/techniques/bands/braid';
import { capital, smallNumber } from '$lib/ui/number-words';
import type { Act, ActStep } from './lesson';
import { move, moving, ropes, sketch, tiring, tool } from './lesson';

const first = { left: 10, right: 112, top: -22, apart: 14 } as const;
const single = (until: number): Rope[] => [
	...bandStrands(3, 2, 118, first.top, first.apart, 3),
	linkedWeaver(3, 6, until, first, false)
];

const weaving = (): ActStep[] => [
	moving(
		say.threeWholeTubesLieAlong(),
		[sketch(ropes(bandStrands(3, 2, 118, first.top, first.apart, 3)), tool('knot', 6, 34))],
		tiring
	),
	moving(say.aFourthIsTheWeaver(), [sketch(ropes(single(0.03))), sketch(ropes(single(0.15)))]),
	moving(say.roundTheEdgeAndBack(), [sketch(ropes(single(0.15))), sketch(ropes(single(0.33)))]),
	moving(say.onAndOnLyingFlat(), [sketch(ropes(single(0.33))), sketch(ropes(single(1)))]),
	moving(say.makeTheFirstBandAs(), [
		sketch(ropes(single(1)), { show: 'measure', from: [4, 66], to: [116, 66], words: '' })
	])
];

const home = crossingsHome(3);
const turn = (crossings: number, until: number): Rope[] =>
	braided(3, crossings, 14, { x: 16, y: 24, apart: 12 }, 4.4, until);

const turning = (): ActStep[] =>
	Array.from({ length: home + 1 }, (_, made) =>
		moving(
			made === 0
				? say.threeStrandsLieSideBy()
				: made === home
					? say.withCrossingsEveryStrandIs({ made: smallNumber(made) })
					: made === home / 2
						? say.afterTheOuterStrandsLie({ made: smallNumber(made) })
						: made % 2 === 1
							? say.theOuterStrandNearestTo()
							: say.theOuterStrandFarthestFrom(),
			made === 0
				? [sketch(ropes(turn(0, 1)))]
				: [sketch(ropes(turn(made, (2 * made - 1) / (2 * made + 2)))), sketch(ropes(turn(made, 1)))]
		)
	);

const second = { left: 8, right: 114, top: 8, apart: 10 } as const;
const linked = (until: number): Rope[] => [
	...bandStrands(3, 2, 118, second.top, second.apart, 0),
	...bandStrands(3, 2, 118, second.top, second.apart, 3),
	linkedWeaver(3, 6, until, second)
];
const linking = (): ActStep[] => [
	moving(say.theBandBeforeLiesAbove(), [
		sketch(
			ropes(
				bandStrands(3, 2, 118, second.top, second.apart, 0),
				bandStrands(3, 2, 118, second.top, second.apart, 3)
			)
		)
	]),
	moving(say.theWeaverGoesOverAnd(), [sketch(ropes(linked(0.03))), sketch(ropes(linked(0.26)))]),
	moving(say.andAtThatReturnTakes(), [
		sketch(ropes(linked(0.26))),
		sketch(ropes(linked(0.42)), tool('spot', 44, 30))
	]),
	moving(say.soAtEveryReturnNone(), [sketch(ropes(linked(0.42))), sketch(ropes(linked(1)))])
];

const tucked = (until: number): Rope => ({
	points: [
		[117, 24, 1],
		[110, 30, 1],
		...[0, 1, 2, 3].flatMap((gap): [number, number, number][] => [
			[100 - gap * 18, 34, 2],
			[91 - gap * 18, 34, -2]
		])
	],
	wide: 4,
	tone: 'weft',
	until
});
const base: Rope[] = Array.from({ length: 6 }, (_, at) => ({
	points: [
		[16 + at * 18, -4, 0],
		[16 + at * 18, 24, 0],
		[16 + at * 18, 48, 0],
		[16 + at * 18, 76, 0]
	] as const,
	wide: 7,
	tone: 'film-other' as const
}));
const tucking = (): ActStep[] => [
	moving(say.whenAStrandEndsLeave(), [sketch(ropes(base, tucked(0.16)))]),
	moving(say.tuckItIntoTheNext(), [
		sketch(ropes(base, tucked(0.16))),
		sketch(ropes(base, tucked(0.4)))
	]),
	moving(say.thenIntoTheNextAnd(), [
		sketch(ropes(base, tucked(0.4))),
		sketch(ropes(base, tucked(1)))
	]),
	moving(say.strokeItFlatAndCut(), [
		sketch(ropes(base, tucked(1)), tool('cut', 30, 44), move([90, 60], [50, 60]))
	])
];

export const bandActs = {
	'band-weave': {
		when: say.aTableAClipAnd({ what: capital(say.noTools()) }),
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
