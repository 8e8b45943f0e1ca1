import type { Rope } from '$lib/core/drawing/rope';
import type { Sketch, SketchMark } from '$lib/core/drawing/sketch-scene';
import type { WeavePlace } from '$lib/core/know-how/weave-curves';
import { nailedWarp, twinedPair, warp } from '$lib/core/know-how/weave-curves';
import { formatLength } from '$lib/core/units/format-length';
import type { Act, ActStep, OwnThings } from './lesson';
import { board, fire, move, moving, patch, rodsCaution, ropes, sketch, tool } from './lesson';

const sides = { left: 14, right: 106 } as const;
const nails = 5;
const nailAt = (nail: number): number =>
	sides.left + ((nail + 0.5) * (sides.right - sides.left)) / nails;

/** The frame: nails along its head and its foot, and a rod at each side. */
const frame: SketchMark[] = [
	{ show: 'rod', from: [8, 4], to: [8, 68] },
	{ show: 'rod', from: [112, 4], to: [112, 68] },
	...Array.from({ length: nails }, (_, nail): SketchMark => ({
		show: 'disc',
		at: [nailAt(nail), 8],
		radius: 1.8,
		tone: 'quiet'
	})),
	...Array.from({ length: nails + 1 }, (_, nail): SketchMark => ({
		show: 'disc',
		at: [sides.left + (nail * (sides.right - sides.left)) / nails, 66],
		radius: 1.8,
		tone: 'quiet'
	}))
];
const onFrame = (until: number, ...marks: readonly SketchMark[]): Sketch =>
	sketch(ropes(nailedWarp(nails, sides, 8, 64, until)), ...frame, ...marks);

const nailing = ({ frame: own, system }: OwnThings): ActStep[] => [
	moving(
		own
			? `Your frame has ${own.nails} nails at each end, ${formatLength(own.lengthMm, system, 'mat')} apart. Tie the warp to the first.`
			: 'Tie the end of the warp to the first nail.',
		[onFrame(0.02)],
		rodsCaution
	),
	moving('Lead it to the other end, round a nail, and back: always round, never across.', [
		onFrame(0.02),
		onFrame(0.35)
	]),
	moving('Go on to the last nail, one pull all along, and tie it there.', [
		onFrame(0.35),
		onFrame(1)
	]),
	moving('Put a rod along each side, held by eyes or clips: rods that bare nails hold pop out.', [
		onFrame(1, tool('spot', 8, 20), tool('spot', 112, 20))
	])
];

const place: WeavePlace = { left: 14, right: 106, foot: 70, pitch: 13, wide: 3 };
const ends = 6;
/** Rows of pairs, the last so far as it has come. */
const twined = (rows: number, until = 1): Rope[] =>
	Array.from({ length: rows }, (_, at) =>
		twinedPair(ends, at + 1, place, at === rows - 1 ? until : 1)
	).flat();

/** Loops about nails at the foot, and a row that goes under or over them. */
const nailLoops = (isUnder: boolean, until: number, isHead = false): Sketch => {
	const [nailY, out] = isHead ? [10, 1] : [62, -1];
	const loops = Array.from({ length: 4 }, (_, at): Rope => {
		const x = 24 + at * 24;
		return {
			points: [
				[x - 6, nailY + out * 60, 0],
				[x - 6, nailY + out * 24, 0],
				[x - 5, nailY + out * 6, 0],
				[x, nailY - out * 4, 0],
				[x + 5, nailY + out * 6, 0],
				[x + 6, nailY + out * 24, 0],
				[x + 6, nailY + out * 60, 0]
			],
			wide: 3,
			tone: 'film-other'
		};
	});
	const row: Rope = {
		points: Array.from({ length: 9 }, (_, at) => {
			const inside = at % 2 === 1;
			return [
				12 + at * 12,
				nailY + out * (inside ? 9 : 11),
				isUnder ? -2 : inside ? 2 : 1
			] as const;
		}),
		wide: 3.4,
		tone: 'weft',
		until
	};
	return sketch(
		ropes(loops, row),
		...[24, 48, 72, 96].map((x): SketchMark => ({
			show: 'disc',
			at: [x, nailY],
			radius: 1.8,
			tone: 'quiet'
		}))
	);
};

const firstRow = (): ActStep[] => [
	moving('Begin at the foot. Each nail holds a loop of the warp.', [nailLoops(true, 0.02)]),
	moving('Lead the first strand under every loop, close to the nails.', [
		nailLoops(true, 0.02),
		nailLoops(true, 1)
	]),
	moving('A row that lies on top comes off with the nails: the whole weave slides away.', [
		{
			...nailLoops(false, 1),
			marks: [...nailLoops(false, 1).marks, tool('cut', 60, 34), tool('spot', 60, 50)]
		}
	]),
	moving('Then twine the second strand with it, end by end.', [nailLoops(true, 1)])
];

const twining = (): ActStep[] => [
	moving('The weft is a pair of strands. One goes over the first end of warp, one under it.', [
		sketch(ropes(warp(ends, place, 74, -2), twined(1, 0.12)))
	]),
	moving('Cross them: what was over goes under the next, what was under goes over.', [
		sketch(ropes(warp(ends, place, 74, -2), twined(1, 0.12))),
		sketch(ropes(warp(ends, place, 74, -2), twined(1, 0.3)))
	]),
	moving('So on to the rod, and round it with both. Every end is held between the two.', [
		sketch(ropes(warp(ends, place, 74, -2), twined(1, 0.3))),
		sketch(ropes(warp(ends, place, 74, -2), twined(1, 1)))
	]),
	moving('Back again, row upon row, pushed down close.', [
		sketch(ropes(warp(ends, place, 74, -2), twined(2, 0.1))),
		sketch(ropes(warp(ends, place, 74, -2), twined(3, 1)), move([60, 8], [60, 22]))
	])
];

const lastRow = (): ActStep[] => [
	moving('At the head the last row goes under the nails’ loops too.', [
		nailLoops(true, 0.02, true)
	]),
	moving('There is no room for fingers: draw the strand through with a hook, loop by loop.', [
		{
			...nailLoops(true, 0.5, true),
			marks: [...nailLoops(true, 0.5, true).marks, tool('hook', 62, 22)]
		}
	]),
	moving('Go back over the last ends two or three times, as one sews back.', [
		{
			...nailLoops(true, 1, true),
			marks: [...nailLoops(true, 1, true).marks, move([112, 30], [80, 30])]
		}
	]),
	moving(
		'Then lift the mat off its nails, and draw the rods out.',
		[
			sketch(
				ropes(warp(ends, { ...place, foot: 60 }, 66, 8), twined(4)),
				move([112, 66], [112, 44])
			)
		],
		fire
	)
];

const panels = (): ActStep[] => [
	moving(
		'Where the frame is smaller than the mat, it is made in panels. Plan their colours first.',
		[sketch(patch('film-other', ...board(14, 10, 44, 54)), patch('film', ...board(62, 10, 44, 54)))]
	),
	moving('Lay two side by side, their warp along each other.', [
		sketch(patch('film-other', ...board(8, 10, 44, 54)), patch('film', ...board(68, 10, 44, 54))),
		sketch(patch('film-other', ...board(15, 10, 44, 54)), patch('film', ...board(61, 10, 44, 54)))
	]),
	moving('With a hook, draw a strand through one edge and the other, in turn, along the warp.', [
		...[0.04, 1].map((until) =>
			sketch(
				patch('film-other', ...board(15, 6, 44, 60)),
				patch('film', ...board(61, 6, 44, 60)),
				ropes({
					points: Array.from({ length: 12 }, (_, at) => {
						const isLeft = at % 2 === 0;
						return [isLeft ? 54 : 66, 64 - at * 5, isLeft ? 1 : 2] as const;
					}),
					wide: 3,
					tone: 'weft',
					until
				})
			)
		)
	]),
	moving('Draw it level, not tight, and lead its end back under.', [
		sketch(
			patch('film-other', ...board(15, 6, 44, 60)),
			patch('film', ...board(61, 6, 44, 60)),
			ropes({
				points: Array.from(
					{ length: 12 },
					(_, at) => [at % 2 === 0 ? 56 : 64, 64 - at * 5, 1] as const
				),
				wide: 3,
				tone: 'weft'
			}),
			tool('hook', 66, 12)
		)
	])
];

export const frameActs = {
	nails: {
		when: 'To begin on a frame with nails.',
		steps: nailing
	},
	'first-row': {
		when: 'On a frame: before any other row.',
		steps: firstRow
	},
	twine: {
		when: 'Every row of a frame.',
		practice: 'over-under',
		steps: twining
	},
	'last-row': {
		when: 'On a frame: under the loops at its head.',
		steps: lastRow
	},
	panels: {
		when: 'Where the frame is smaller than the mat.',
		schools: [
			{ name: 'Film warp', trade: 'the same bags; tears sooner along a seam.' },
			{ name: 'Cloth warp', trade: 'holds where panels are joined; must be found and cut.' }
		],
		steps: panels
	}
} as const satisfies Record<string, Act>;
