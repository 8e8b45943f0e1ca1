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
		`Make a loop in the strand’s end and put it on the hook${hookMm === null ? '' : `: here a ${hookName(hookMm)} one`}.`,
		[sketch(ropes(chain(1, 0.92, 18, 50, 40)), tool('hook', 76, 40))]
	),
	moving('Lay the strand over the hook, from behind to the front.', [
		sketch(ropes(chain(2, 0.52, 18, 40, 40)), tool('hook', 82, 40), move([108, 20], [94, 30]))
	]),
	moving('Draw it through the loop: that is one chain.', [
		sketch(ropes(chain(2, 0.52, 18, 40, 40)), tool('hook', 82, 40)),
		sketch(ropes(chain(2, 0.94, 18, 40, 40)), tool('hook', 88, 40))
	]),
	moving(
		'Again and again, each as long as the others, loose enough to enter later.',
		[
			sketch(ropes(chain(6, 0.32, 14, 16, 40)), tool('hook', 50, 40)),
			sketch(ropes(chain(6, 0.97, 14, 16, 40)), tool('hook', 108, 40))
		],
		tiring
	),
	moving(
		'Count them as they lie: each link that looks like a V is one. The loop on the hook is none.',
		[
			sketch(
				ropes(chain(6, 0.97, 14, 16, 40)),
				...[1, 2, 3, 4, 5].map((link) => word(String(link), [16 + 14 * link + 4, 62]))
			)
		]
	)
];

const moveWords: Readonly<Record<StitchMove, string>> = {
	over: 'Lay the strand over the hook, from behind.',
	in: 'Put the hook in under both top strands of the next stitch.',
	up: 'Catch the strand and draw it up:',
	'through-two': 'Draw the strand through two loops:',
	'through-three': 'Draw the strand through all three loops:'
};

/** A stitch move by move, over the row below. */
const stitched =
	(stitch: Stitch) =>
	({ terms }: OwnThings): ActStep[] => {
		const states = stitchStates(stitch);
		const row = rows(64, 53);
		return [
			moving(
				`Begin with one loop on the hook. This is ${stitchName(stitch, terms)} as your group says it.`,
				[over(row, ...stitchMarks({ move: 'up', loops: 1, isOver: false, isIn: false }))]
			),
			...states.map((state, at) => {
				const isLast = at === states.length - 1;
				const counted = /:$/.test(moveWords[state.move])
					? ` ${smallNumber(state.loops)} ${state.loops === 1 ? 'loop' : 'loops'} on the hook.`
					: '';
				return moving(`${moveWords[state.move]}${counted}${isLast ? ' The stitch is made.' : ''}`, [
					over(row, ...stitchMarks(state))
				]);
			})
		];
	};

const turning = ({ terms }: OwnThings): ActStep[] => [
	moving('Work into the very last stitch of the row: it is the one that is easily missed.', [
		over(rows(62, 50, 38), tool('spot', 106, 38), tool('hook', 108, 28))
	]),
	moving(
		`Chain for the height of the row: ${(['sc', 'hdc', 'dc'] as const).map((stitch) => `${smallNumber(stitches[stitch].turningChains)} for ${stitchName(stitch, terms)}`).join(', ')}.`,
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
	moving('Turn the work over, like a page: now the other side looks at you.', [
		over(rows(62, 50, 38), move([100, 20], [20, 20]))
	]),
	moving('Go back the other way, and count the stitches of every row: as many as before.', [
		over(
			rows(62, 50, 38, 26),
			...[1, 2, 3, 4, 5, 6, 7, 8, 9].map((nth) => word(String(nth), [nth * 12, 16]))
		)
	])
];

const newBall = (): ActStep[] => [
	moving('Stop while there is a forearm of strand left.', [
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
	moving(
		'Join the new ball as a piece is joined to a piece: through, and back through itself.',
		joining(1, 6)
	),
	moving('Snug and even: the joint must pass the hook.', joining(6, snug)),
	moving('Go on as if it were one strand. Write down in which row the new ball came.', [
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
		when: 'To begin a mat, and for its ties.',
		practice: 'hook',
		steps: chaining
	},
	sc: {
		when: 'Dense mats: single crochet in US words, double crochet in UK words.',
		practice: 'hook',
		schools: [
			{ name: 'Across', trade: 'rows of the short side: many turns, a row in a few minutes.' },
			{ name: 'Lengthwise', trade: 'rows as long as the sleeper: few turns, a row for a sitting.' }
		],
		steps: stitched('sc')
	},
	hdc: {
		when: 'Half double crochet in US words, half treble in UK words.',
		steps: stitched('hdc')
	},
	dc: {
		when: 'Quick and open: double crochet in US words, treble in UK words.',
		steps: stitched('dc')
	},
	turn: {
		when: 'At every end: here a mat keeps its width or loses it.',
		steps: turning
	},
	'new-ball': {
		when: 'Where the ball in work runs out.',
		practice: 'ball-end',
		steps: newBall
	}
} as const satisfies Record<string, Act>;
