import type { Fabric } from '../drawing/fabric-marks';
import type { Sketch, SketchMark } from '../drawing/sketch-scene';
import type { ToolName } from '../drawing/sketch-tools';
import type { Point } from '../drawing/smooth-line';
import { loopNail, loopRow, loopsDrawn, nailLoops } from '../acts/frame-pictures';
import { jointStages, loopJoint } from '../acts/joint-curves';
import { overhandPair } from '../acts/strand-curves';
import type { TechniqueKind } from '../techniques/technique';
import type { FaultKind } from './faults';

/** What is mended: a fault, or a place that a fingertip goes through. */
export type Mended = FaultKind | 'through';

/** The line a strand lies on over the mat it belongs to. */
const high = 22;

const strand = (...points: Point[]): SketchMark => ({ show: 'strand', points });
const dashed = (...points: Point[]): SketchMark => ({ show: 'dashed', points });
const move = (from: Point, to: Point): SketchMark => ({ show: 'move', from, to });
const at = (show: ToolName, x: number, y: number): SketchMark => ({ show, at: [x, y] });

/** The foot of the mat that a strand above belongs to. */
const below = (technique: TechniqueKind): Fabric => ({ technique, rows: [64, 52] });
const whole = (technique: TechniqueKind, more: Partial<Fabric> = {}): Fabric => ({
	technique,
	rows: [60, 48, 36, 24, 12],
	...more
});

/**
 * Two loops joined on the table, as the act of joining draws them.
 *
 * @param stage of the joint
 * @param bow how far one side swings out
 */
const jointed = (stage: number, bow = 0): SketchMark => ({
	show: 'ropes',
	ropes: loopJoint(stage, { at: [58, high], turn: 0, scale: 0.8 }, bow, 68)
});
const snug = jointStages - 1;
const loose = jointStages - 3;

/** Two ends tied as one, as the act of the overhand knot draws them: so far round, so far drawn together. */
const tied = (until: number, size: number): SketchMark => ({
	show: 'ropes',
	ropes: overhandPair(until, size).map((rope) => ({
		...rope,
		wide: 2.6,
		points: rope.points.map(
			([x, y, z]) => [60 + 0.78 * (x - 60), high + 0.55 * (y - 30), z] as const
		)
	}))
});

/** Loops about the nails of the head, and the row through them so far as it has come. */
const inLoops = (until: number): SketchMark[] => [
	{ show: 'ropes', ropes: [...nailLoops('head'), ...loopRow('head', until, 'inside')] },
	...Array.from({ length: loopsDrawn }, (_, loop): SketchMark => ({
		show: 'nail',
		at: loopNail(loop, 'head')
	}))
];

type Pictures = (technique: TechniqueKind) => readonly Sketch[];

/** Steps in which strand is worked over the mat it is part of. */
const onStrand =
	(...steps: readonly (readonly SketchMark[])[]): Pictures =>
	(technique) =>
		steps.map((marks) => ({ fabrics: [below(technique)], marks }));

/** A row that is worked anew on top of a mat. */
const topRow = (technique: TechniqueKind): SketchMark[] =>
	technique === 'crochet'
		? [dashed([8, 6], [30, 3], [60, 6], [90, 3], [112, 6])]
		: [strand([2, 8], [20, 5], [40, 11], [60, 5], [80, 11], [100, 5], [118, 8])];

const pictures: Readonly<Record<Mended, Pictures>> = {
	'torn-joint': onStrand(
		[
			strand([2, high], [40, high]),
			strand([80, high], [118, high]),
			at('cut', 34, high),
			at('cut', 86, high),
			at('spot', 60, high)
		],
		[tied(0.62, 1), move([60, 44], [60, 36])],
		[tied(1, 0.5), move([24, 42], [8, 42]), move([96, 42], [112, 42])]
	),
	'uneven-ring': onStrand(
		[jointed(snug, 9), at('spot', 84, 14)],
		[jointed(loose, 6), move([28, 40], [46, 40]), move([88, 40], [104, 40])],
		[jointed(snug), move([20, 38], [6, 38]), move([100, 38], [114, 38])]
	),
	'double-strip': onStrand(
		[
			{
				show: 'strand',
				points: [
					[10, high],
					[110, high]
				],
				wide: 14
			},
			move([60, 40], [60, 30])
		],
		[
			{
				show: 'strand',
				points: [
					[10, high],
					[110, high]
				],
				wide: 14
			},
			dashed([4, high], [116, high]),
			at('cut', 14, high)
		],
		[jointed(snug)]
	),
	'tight-joint': onStrand(
		[jointed(snug), at('knot', 60, high), at('cut', 42, high), at('cut', 80, high)],
		[jointed(snug)]
	),
	'loose-joint': onStrand(
		[jointed(loose), move([28, 42], [8, 42]), move([92, 42], [112, 42])],
		[jointed(snug), dashed([62, 6], [62, 38])]
	),
	narrows: () => [
		{
			fabrics: [whole('crochet', { rows: [60, 49, 38, 27], counts: [9, 9, 8, 6] })],
			marks: ['1', '2', '3', '4', '5', '6'].map((words, nth): SketchMark => ({
				show: 'word',
				words,
				at: [12 + nth * 12, 14]
			}))
		},
		{
			fabrics: [whole('crochet', { rows: [60, 48, 36, 24], counts: [9, 9, 8, 8] })],
			marks: [dashed([102, 30], [103, 18], [109, 16], [112, 28]), at('hook', 94, 22)]
		},
		{
			fabrics: [whole('crochet', { rows: [60, 48, 36], counts: [9, 9, 8] })],
			marks: [
				strand([8, 26], [40, 22], [70, 26], [100, 16], [117, 8]),
				move([60, 12], [100, 4]),
				at('spot', 104, 36)
			]
		}
	],
	waves: () => [
		{
			fabrics: [whole('crochet', { rows: [60, 48, 36, 24], counts: [9, 10, 11, 12], wave: 3 })],
			marks: [strand([8, 14], [50, 8], [90, 12], [117, 4]), move([50, 20], [104, 14])]
		},
		{ fabrics: [whole('crochet', { rows: [60, 48, 36, 24] })], marks: [at('hook', 60, 16)] }
	],
	cups: () => [
		{
			fabrics: [
				whole('crochet', { rows: [58, 48, 38, 28], left: 20, right: 100, high: 8, wave: -4 })
			],
			marks: [strand([22, 18], [60, 10], [110, 6]), move([50, 22], [104, 14])]
		},
		{ fabrics: [whole('crochet', { rows: [58, 42, 26], high: 15 })], marks: [at('hook', 60, 16)] }
	],
	'loose-rows': (technique) => [
		{
			fabrics: [whole(technique, { rows: [62, 51, 28, 12] })],
			marks: [at('finger', 60, 34), move([40, 32], [40, 44]), move([80, 32], [80, 44])]
		},
		{ fabrics: [whole(technique, { rows: [62, 52, 42, 32] })], marks: topRow(technique) }
	],
	'ends-alike': (technique) => [
		{
			fabrics: [whole(technique, { rows: [60, 48, 24, 12], phases: [true, false, false, true] })],
			marks: [
				at('spot', 60, 36),
				strand(
					[0, 36],
					[14, 40],
					[28, 32],
					[42, 40],
					[56, 32],
					[70, 40],
					[84, 32],
					[98, 40],
					[118, 34]
				)
			]
		},
		{ fabrics: [whole(technique)], marks: [move([60, 2], [60, 24]), move([60, 70], [60, 48])] }
	],
	'knot-at-peg': (technique) => [
		{
			fabrics: [{ technique, rows: [64, 53], left: 30 }],
			marks: [
				at('peg', 12, 24),
				strand([12, 18], [116, 20]),
				strand([12, 30], [116, 30]),
				at('knot', 24, 18),
				at('cut', 44, 20)
			]
		},
		{
			fabrics: [{ technique, rows: [64, 53], left: 30 }],
			marks: [
				at('peg', 12, 24),
				strand([12, 18], [116, 20]),
				strand([12, 30], [116, 30]),
				at('knot', 76, 19),
				{ show: 'measure', from: [14, 10], to: [76, 10], words: '75 mm' }
			]
		}
	],
	'edge-missed': (technique) => [
		{
			fabrics: [whole(technique, { right: 94 })],
			marks: [
				strand([110, 4], [110, 68]),
				strand([94, 60], [106, 54], [113, 48], [94, 42], [108, 36], [113, 30], [94, 24]),
				at('hook', 92, 22)
			]
		}
	],
	'nails-missed': (technique) => [
		{
			fabrics: [whole(technique, { rows: [66, 55] })],
			marks: [...inLoops(0.72), at('spot', 96, 24), at('hook', 90, 34)]
		},
		{
			fabrics: [whole(technique, { rows: [66, 55] })],
			marks: [...inLoops(1), move([104, 44], [78, 44])]
		}
	],
	'rod-off': (technique) => [
		{
			fabrics: [whole(technique, { left: 30 })],
			marks: [
				{ show: 'rod', from: [10, 2], to: [10, 70] },
				at('knot', 10, 14),
				at('knot', 10, 58),
				move([28, 36], [16, 36])
			]
		},
		{
			fabrics: [whole(technique, { left: 16 })],
			marks: [
				{ show: 'rod', from: [10, 2], to: [10, 70] },
				...[12, 36, 60].map((y) => strand([10, y - 3], [4, y], [10, y + 3], [20, y])),
				move([60, 4], [20, 4])
			]
		}
	],
	'band-curls': (technique) => [
		{
			fabrics: [{ technique, rows: [36], high: 14, right: 70 }],
			marks: [
				strand([70, 36], [90, 20], [106, 34], [94, 50], [82, 40], [90, 32]),
				move([100, 60], [74, 64])
			]
		},
		{
			fabrics: [{ technique, rows: [30, 44], high: 13 }],
			marks: [move([40, 66], [16, 66]), move([80, 66], [104, 66])]
		},
		{
			fabrics: [{ technique, rows: [28, 42], high: 13 }],
			marks: [strand([8, 12], [40, 8], [80, 14], [112, 8]), move([60, 62], [60, 54])]
		}
	],
	'loose-tail': (technique) => [
		{
			fabrics: [whole(technique)],
			marks: [
				strand([117, 22], [104, 30], [92, 42], [78, 42]),
				dashed([78, 42], [18, 42]),
				at('hook', 76, 42),
				move([60, 30], [24, 30])
			]
		}
	],
	'weak-tie': (technique) => [
		{
			fabrics: [whole(technique, { right: 78 })],
			marks: [
				strand([76, 36], [92, 34], [108, 24], [117, 10]),
				at('spot', 80, 36),
				move([92, 50], [112, 58])
			]
		},
		{
			fabrics: [whole(technique, { right: 78 })],
			marks: [
				strand([117, 20], [92, 28], [70, 34], [62, 40], [70, 46], [92, 46], [117, 52]),
				at('hook', 60, 38)
			]
		},
		{
			fabrics: [whole(technique, { right: 78 })],
			marks: [
				strand([117, 28], [92, 34], [70, 36], [62, 40], [70, 44], [92, 44], [117, 46]),
				at('knot', 86, 40),
				move([92, 60], [116, 60])
			]
		}
	],
	damp: (technique) => [
		{
			fabrics: [whole(technique, { rows: [62, 50, 38] })],
			marks: [20, 44, 68, 92].flatMap((x) => [at('drop', x, 10), at('drop', x + 12, 24)])
		},
		{
			fabrics: [whole(technique, { rows: [60, 48, 36, 24], left: 18, right: 102 })],
			marks: [strand([0, 10], [60, 14], [120, 10]), at('peg', 24, 13), at('peg', 96, 13)]
		},
		{
			fabrics: [whole(technique, { rows: [58, 47], left: 26, right: 94 })],
			marks: [
				{ show: 'rod', from: [18, 34], to: [18, 68] },
				{ show: 'rod', from: [18, 68], to: [102, 68] },
				{ show: 'rod', from: [102, 68], to: [102, 34] },
				at('drop', 60, 22),
				dashed([48, 12], [72, 32]),
				dashed([72, 12], [48, 32])
			]
		}
	],
	through: (technique) => [
		{
			fabrics: [whole(technique, { rows: [62, 51, 26, 12] })],
			marks: [at('finger', 60, 42), at('spot', 60, 40)]
		},
		technique === 'crochet' || technique === 'finger-bands'
			? {
					fabrics: [whole(technique, { rows: [62, 51, 26, 12] })],
					marks: [
						strand([22, 51], [34, 30], [46, 48], [58, 30], [70, 48], [82, 30], [94, 51]),
						at('hook', 92, 48)
					]
				}
			: {
					fabrics: [whole(technique, { rows: [62, 52, 32, 20] })],
					marks: [
						...topRow(technique),
						strand([2, 42], [20, 45], [40, 39], [60, 45], [80, 39], [100, 45], [118, 42])
					]
				}
	]
};

/**
 * How a fault is mended in a technique, drawn step by step: as many sketches as its remedy has steps.
 *
 * @example remedySketches('tight-joint', 'crochet').length // 2
 */
export const remedySketches = (kind: Mended, technique: TechniqueKind): readonly Sketch[] =>
	pictures[kind](technique);
