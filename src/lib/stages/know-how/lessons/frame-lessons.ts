import { frameLessons as say } from '$lib/words/know-how';
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
			? say.yourFrameHasNailsAt({
					nails: own.nails,
					formatLength: formatLength(own.lengthMm, system, 'mat')
				})
			: say.tieTheEndOfThe(),
		[onFrame(0.02)],
		rodsCaution
	),
	moving(say.leadItToTheOther(), [onFrame(0.02), onFrame(0.35)]),
	moving(say.goOnToTheLast(), [onFrame(0.35), onFrame(1)]),
	moving(say.putARodAlongEach(), [onFrame(1, tool('spot', 8, 20), tool('spot', 112, 20))])
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
	moving(say.beginAtTheFootEach(), [nailLoops(true, 0.02)]),
	moving(say.leadTheFirstStrandUnder(), [nailLoops(true, 0.02), nailLoops(true, 1)]),
	moving(say.aRowThatLiesOn(), [
		{
			...nailLoops(false, 1),
			marks: [...nailLoops(false, 1).marks, tool('cut', 60, 34), tool('spot', 60, 50)]
		}
	]),
	moving(say.thenTwineTheSecondStrand(), [nailLoops(true, 1)])
];

const twining = (): ActStep[] => [
	moving(say.theWeftIsAPair(), [sketch(ropes(warp(ends, place, 74, -2), twined(1, 0.12)))]),
	moving(say.crossThemWhatWasOver(), [
		sketch(ropes(warp(ends, place, 74, -2), twined(1, 0.12))),
		sketch(ropes(warp(ends, place, 74, -2), twined(1, 0.3)))
	]),
	moving(say.soOnToTheRod(), [
		sketch(ropes(warp(ends, place, 74, -2), twined(1, 0.3))),
		sketch(ropes(warp(ends, place, 74, -2), twined(1, 1)))
	]),
	moving(say.backAgainRowUponRow(), [
		sketch(ropes(warp(ends, place, 74, -2), twined(2, 0.1))),
		sketch(ropes(warp(ends, place, 74, -2), twined(3, 1)), move([60, 8], [60, 22]))
	])
];

const lastRow = (): ActStep[] => [
	moving(say.atTheHeadTheLast(), [nailLoops(true, 0.02, true)]),
	moving(say.thereIsNoRoomFor(), [
		{
			...nailLoops(true, 0.5, true),
			marks: [...nailLoops(true, 0.5, true).marks, tool('hook', 62, 22)]
		}
	]),
	moving(say.goBackOverTheLast(), [
		{
			...nailLoops(true, 1, true),
			marks: [...nailLoops(true, 1, true).marks, move([112, 30], [80, 30])]
		}
	]),
	moving(
		say.thenLiftTheMatOff(),
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
	moving(say.whereTheFrameIsSmaller(), [
		sketch(patch('film-other', ...board(14, 10, 44, 54)), patch('film', ...board(62, 10, 44, 54)))
	]),
	moving(say.layTwoSideBySide(), [
		sketch(patch('film-other', ...board(8, 10, 44, 54)), patch('film', ...board(68, 10, 44, 54))),
		sketch(patch('film-other', ...board(15, 10, 44, 54)), patch('film', ...board(61, 10, 44, 54)))
	]),
	moving(say.withAHookPullA(), [
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
	moving(say.drawItLevelNotTight(), [
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
		when: say.toBeginOnAFrame(),
		steps: nailing
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
		when: say.onAFrameUnderThe(),
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
