import { actScenes as say } from '$lib/words/sheets';
import type { Mark, Scene } from '$lib/core/drawing/scene';
import { disc, rectangle } from '$lib/core/drawing/scene';
import type { Point } from '$lib/core/drawing/smooth-line';
import { through } from '$lib/core/drawing/smooth-line';

const line = 0.6;
const stroke = (path: string, width = line): Mark => ({
	path,
	stroke: 'ink',
	width,
	isRound: true
});
const patch = (path: string, fill: 'film' | 'ground' | 'scrap'): Mark[] => [
	{ path, fill },
	{ path, stroke: 'ink', width: line }
];
const smooth = (points: readonly Point[]): string => `M${points[0]?.join(' ')}${through(points)}`;
const words = (said: string, x: number, y: number): Mark => ({
	words: said,
	x,
	y,
	anchor: 'middle'
});

/** Three steps of an act side by side, mm. */
const drawn = (...marks: readonly Mark[]): Scene => ({ width: 170, height: 62, marks });

/** An arrow from a place to another, its head at the end. */
function arrow([x1, y1]: Point, [x2, y2]: Point): Mark {
	const long = Math.hypot(x2 - x1, y2 - y1);
	const [dx, dy] = [(x2 - x1) / long, (y2 - y1) / long];
	const wing = (side: 1 | -1) =>
		`${x2 - 3 * dx + side * 1.8 * dy} ${y2 - 3 * dy - side * 1.8 * dx}`;
	return stroke(`M${x1} ${y1}L${x2} ${y2}M${wing(1)}L${x2} ${y2}L${wing(-1)}`, 0.8);
}

/** A carrier lying flat with its handles up. */
const bag = (x: number, y: number, width = 26): string => {
	const strap = width * 0.27;
	return `M${x} ${y}h${strap}v11h${width - 2 * strap}v-11h${strap}v38h${-width}z`;
};

/** Flattening: gussets in, air out, seams of a stack together. */
const flatten = drawn(
	...patch(bag(6, 6), 'film'),
	stroke('M11 17v27M27 17v27', 0.3),
	arrow([0, 32], [9, 32]),
	arrow([38, 32], [29, 32]),
	words(say.sidesIn(), 19, 58),
	...patch(bag(66, 6), 'film'),
	arrow([79, 38], [79, 12]),
	words(say.airOutFromTheSeam(), 79, 58),
	...[0, 1, 2, 3, 4].flatMap((nth) => patch(rectangle(126, 40 - nth * 5, 34, 3.6), 'film')),
	stroke('M126 17v28', 1.2),
	words(say.seamsTogether(), 143, 58)
);

/** Joining loops: through, and back through itself, drawn snug. */
const loop = (x: number, y: number, long: number): string =>
	`M${x} ${y}c0 -8 ${long} -8 ${long} 0c0 8 ${-long} 8 ${-long} 0z`;
const joinLoops = drawn(
	stroke(loop(2, 28, 30), 1.6),
	stroke(loop(24, 24, 26), 1.6),
	words(say.layTheNewRingThrough(), 28, 58),
	stroke(loop(62, 28, 28), 1.6),
	stroke('M86 22c10 -8 24 -4 24 5c0 8 -10 12 -18 8c-6 -3 -8 -8 -14 -7', 1.6),
	arrow([106, 15], [90, 27]),
	words(say.backThroughItself(), 87, 58),
	stroke(loop(122, 28, 22), 1.6),
	stroke(loop(147, 28, 22), 1.6),
	stroke('M143 24q4 4 0 8M148 24q-4 4 0 8', 1.6),
	words(say.drawFromTheKnot(), 146, 58)
);

/** Joining strips: end on end, knotted or drawn through. */
const joinStrips = drawn(
	stroke('M0 24h34M22 30h34', 2.4),
	words(say.endsSideBySide(), 28, 58),
	stroke(
		smooth([
			[62, 28],
			[80, 28],
			[92, 20],
			[96, 30],
			[84, 36],
			[82, 26],
			[98, 24],
			[114, 26]
		]),
		2
	),
	words(say.asOneOrThroughThe(), 87, 58),
	stroke('M122 28h20M150 28h20', 2.4),
	stroke(disc(146, 28, 4), 2),
	words(say.smallTailsAlong(), 146, 58)
);

/** Winding a ball: loose, and turned a little now and then. */
const ball = drawn(
	stroke('M2 40c14 -22 20 14 34 -4', 1.6),
	words(say.asItComesFromThe(), 26, 58),
	arrow([42, 30], [58, 30]),
	...patch(disc(86, 28, 19), 'film'),
	...[-12, -6, 0, 6, 12].map((shift) =>
		stroke(
			smooth([
				[86 + shift - 6, 28 - Math.sqrt(Math.max(0, 361 - (shift - 6) ** 2)) * 0.9],
				[86 + shift, 28],
				[86 + shift + 4, 28 + Math.sqrt(Math.max(0, 361 - (shift + 4) ** 2)) * 0.9]
			]),
			0.5
		)
	),
	arrow([108, 12], [112, 28]),
	words(say.looseFilmMustNotStretch(), 86, 58),
	...patch(disc(146, 24, 14), 'film'),
	...patch(rectangle(136, 34, 22, 10), 'ground'),
	words(say.itsLabelOn(), 147, 58)
);

/** The act of a station, drawn in millimetres; cutting is drawn with the bag that is cut. */
export const actScenes = {
	flatten,
	'join-loops': joinLoops,
	'join-strips': joinStrips,
	ball
} as const;
