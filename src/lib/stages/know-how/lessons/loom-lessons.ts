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
		`Take whole strands of pieces, ${loom ? `as long as your loom, ${formatLength(loom.pegToPegMm, system, 'mat')} from peg to peg` : 'as long as from peg to peg'}.`,
		[pegged(0)]
	),
	moving(
		'Hang a strand’s end over the first peg, and its other end over the peg across.',
		[pegged(0), pegged(1)],
		rodsCaution
	),
	moving(
		`Lay one on every pair of pegs${loom ? `, ${loom.pegs} of them` : ''}: all of one pull, none slack.`,
		[pegged(1), pegged(3), pegged(5)]
	),
	moving('Lay a second strand on the outermost pegs: a doubled edge is a firm one.', [
		pegged(5, 0, true)
	]),
	moving(
		`No knot nearer to a peg than ${formatLength(defaults.knotFreeEnd.value, system, 'small')}: it jams when the mat comes off.`,
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
	moving('Take a laid strand off one peg, and hold its end.', [pegged(5)]),
	moving('Turn it over a few times, until its two plies lie as one.', [pegged(5), pegged(5, 3)]),
	moving('Hang it back. Twisted strands are easy to tell apart, so that no row goes wrong.', [
		pegged(5, 4)
	])
];

const place: WeavePlace = { left: 16, right: 104, foot: 66, pitch: 10, wide: 5 };
const strands = 6;
const woven = (rows: number, until = 1): Rope[] => [
	...warp(strands, place, 70, 2),
	weft(strands, rows, isOver, place, until)
];
const weaving = (): ActStep[] => [
	moving('The first row goes over one strand and under the next, to the far side.', [
		sketch(ropes(woven(1, 0.05))),
		sketch(ropes(woven(1)))
	]),
	moving('Turn round the edge strand and the rod. The second row begins the other way …', [
		sketch(ropes(woven(2, 0.5))),
		sketch(ropes(woven(2, 0.7)))
	]),
	moving('… and goes under what the first went over, over what it went under.', [
		sketch(ropes(woven(2, 0.7))),
		sketch(ropes(woven(2)))
	]),
	moving('Each row does the opposite of the last, and so binds it.', [
		sketch(ropes(woven(4, 0.5))),
		sketch(ropes(woven(4)))
	]),
	moving('Push each row down, close on the one before: a finger must not go through.', [
		sketch(ropes(woven(4)), move([40, 6], [40, 20]), move([80, 6], [80, 20]))
	])
];

const handing = (): ActStep[] => [
	moving('Two sit side by side at one end. The first weaves half way across, and stops.', [
		sketch(ropes(woven(3, 0.72))),
		sketch(ropes(woven(3, 0.84)))
	]),
	moving('She says aloud what came last, over or under, and hands the end over.', [
		sketch(ropes(woven(3, 0.84)), tool('spot', 62, 41), word('over', [62, 20]))
	]),
	moving('The second goes on with the other, to the edge, and hands it back from there.', [
		sketch(ropes(woven(3, 0.84))),
		sketch(ropes(woven(3)))
	])
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
	moving('Two ends are woven towards each other. Look at the two rows that meet.', [
		sketch(ropes(meeting(3, 2, 0)))
	]),
	moving('Do both go over the same strands? Then they are alike, and would slide.', [
		sketch(ropes(meeting(3, 2, 0)), tool('spot', 60, 34))
	]),
	moving('Weave one row more between them, opposite to both, or take one out.', [
		sketch(ropes(meeting(3, 2, 0))),
		sketch(ropes(meeting(3, 2, 0.05))),
		sketch(ropes(meeting(3, 2, 1)))
	]),
	moving('Push the rows together from both sides until no finger goes through.', [
		sketch(ropes(meeting(3, 2, 1)), move([112, 70], [112, 52]), move([112, 2], [112, 20]))
	])
];

const off = (loops: number, chained: number, ...marks: readonly SketchMark[]): Sketch =>
	sketch(ropes(chainedOff(loops, chained, 14, 24, 56)), ...marks);
const chaining = (): ActStep[] => [
	moving(
		'Draw the rods out, with pliers if they sit tight, and lift the loops off their pegs.',
		[off(4, -1)],
		rodsCaution
	),
	moving('Lay the first loop over to the second, and draw the second up through it.', [
		off(4, -1),
		off(4, 0)
	]),
	moving('Lay that one over, and draw the third through; so on, across the end.', [
		off(4, 0),
		off(4, 1),
		off(4, 2)
	]),
	moving('Put a strand through the last loop and tie it off, or it runs back.', [
		off(4, 2),
		off(4, 3, tool('knot', 104, 38))
	]),
	moving(`Do the other end alike. Hide the ends under ${smallNumber(5)} rows, against the pull.`, [
		off(4, 3, tool('knot', 104, 38), tool('hook', 84, 60))
	])
];

export const loomActs = {
	warp: {
		when: 'Before the first row.',
		schools: [
			{ name: 'Film', trade: 'the same bags; soft, washes and dries fast.' },
			{ name: 'Cloth', trade: 'stronger where panels are joined; takes longer to dry.' }
		],
		steps: warping
	},
	twist: {
		when: 'While they are laid: it makes over and under easy to see.',
		steps: twisting
	},
	'over-under': {
		when: 'On a peg loom and on a frame, row by row.',
		practice: 'over-under',
		schools: [
			{
				name: 'Balls joined before',
				trade: 'quick to weave; slack must be worked out of a long strand.'
			},
			{ name: 'A piece at a time', trade: 'slower; each piece lies as it should before the next.' }
		],
		steps: weaving
	},
	'hand-over-half': {
		when: 'Where two weave at one end.',
		practice: 'over-under',
		steps: handing
	},
	meet: {
		when: 'Where a mat is woven from both ends.',
		practice: 'wrong-row',
		steps: meet
	},
	'chain-off': {
		when: 'When the last row is woven.',
		steps: chaining
	}
} as const satisfies Record<string, Act>;
