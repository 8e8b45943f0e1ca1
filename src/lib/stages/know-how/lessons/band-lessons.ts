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
		'Three whole tubes lie along, flat on the table, their ends held by a clip.',
		[sketch(ropes(bandStrands(3, 2, 118, first.top, first.apart, 3)), tool('knot', 6, 34))],
		tiring
	),
	moving('A fourth is the weaver: over the first, under the second, over the third.', [
		sketch(ropes(single(0.03))),
		sketch(ropes(single(0.15)))
	]),
	moving('Round the edge and back: under what it went over, over what it went under.', [
		sketch(ropes(single(0.15))),
		sketch(ropes(single(0.33)))
	]),
	moving('On and on, lying flat, with little pull: a band pulled tight curls.', [
		sketch(ropes(single(0.33))),
		sketch(ropes(single(1)))
	]),
	moving('Make the first band as long as the sleeper: every other follows it.', [
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
				? 'Three strands lie side by side at the end of the band.'
				: made === home
					? `With ${smallNumber(made)} crossings every strand is home again: the band goes back in the same order.`
					: made === home / 2
						? `After ${smallNumber(made)} the outer strands lie in each other’s place: go on.`
						: made % 2 === 1
							? 'The outer strand nearest to you over its neighbour.'
							: 'The outer strand farthest from you over its neighbour.',
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
	moving('The band before lies above; the strands of the new one lie along its edge.', [
		sketch(
			ropes(
				bandStrands(3, 2, 118, second.top, second.apart, 0),
				bandStrands(3, 2, 118, second.top, second.apart, 3)
			)
		)
	]),
	moving('The weaver goes over and under across the new strands, and back …', [
		sketch(ropes(linked(0.03))),
		sketch(ropes(linked(0.26)))
	]),
	moving('… and at that return takes the edge strand of the band before.', [
		sketch(ropes(linked(0.26))),
		sketch(ropes(linked(0.42)), tool('spot', 44, 30))
	]),
	moving('So at every return, none skipped: the bands become one mat.', [
		sketch(ropes(linked(0.42))),
		sketch(ropes(linked(1)))
	])
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
	moving('When a strand ends, leave a hand’s length of it.', [sketch(ropes(base, tucked(0.16)))]),
	moving('Tuck it into the next gap, under a strand, and out again.', [
		sketch(ropes(base, tucked(0.16))),
		sketch(ropes(base, tucked(0.4)))
	]),
	moving('Then into the next, and the next: none skipped, or it works its way out.', [
		sketch(ropes(base, tucked(0.4))),
		sketch(ropes(base, tucked(1)))
	]),
	moving('Stroke it flat, and cut what stands out.', [
		sketch(ropes(base, tucked(1)), tool('cut', 30, 44), move([90, 60], [50, 60]))
	])
];

export const bandActs = {
	'band-weave': {
		when: `${capital('no tools')}: a table, a clip, and four whole tubes.`,
		practice: 'over-under',
		schools: [
			{ name: 'Handles cut off', trade: 'bands of one thickness; the handles are scrap.' },
			{ name: 'Handles kept', trade: 'nothing wasted; thicker where they lie.' }
		],
		steps: weaving
	},
	'band-turn': {
		when: 'At the end of a finger-woven band, before it goes back.',
		practice: 'crossings',
		steps: turning
	},
	'band-link': {
		when: 'From the second band on.',
		steps: linking
	},
	'band-tuck': {
		when: 'Where a strand ends, and at the end of the mat.',
		steps: tucking
	}
} as const satisfies Record<string, Act>;
