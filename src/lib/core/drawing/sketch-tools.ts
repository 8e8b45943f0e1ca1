import type { Mark, PathMark } from './scene';
import { disc } from './scene';
import type { Point } from './smooth-line';

/** Things at a place of a sketch: tools, a knot, a place that is pointed out. */
export type ToolName =
	'cut' | 'knot' | 'spot' | 'look' | 'drop' | 'finger' | 'peg' | 'hook' | 'nail';

/** The thin line of a sketch, in its units. */
const thin = 1;

/** A place so far from another, turned about it by the clock. */
const turned =
	([x, y]: Point, degrees: number, scale: number) =>
	(dx: number, dy: number): string => {
		const angle = (degrees * Math.PI) / 180;
		const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
		return `${(x + dx * cos - dy * sin) * scale} ${(y + dx * sin + dy * cos) * scale}`;
	};

/**
 * A tool or a sign at its place. Scissors and needles point down and are turned by the clock; red is for what is wrong alone.
 *
 * @param turn degrees by the clock
 * @param s drawing units to a unit of the sketch
 * @example toolMarks('peg', [60, 36], 0, 2).length // 1
 */
export function toolMarks(show: ToolName, place: Point, turn: number, s: number): Mark[] {
	const [x, y] = place;
	const at = turned(place, turn, s);
	switch (show) {
		case 'cut':
			return [
				{
					path: `M${at(-2.6, -9)}L${at(2, 5)}M${at(2.6, -9)}L${at(-2, 5)}`,
					stroke: 'ink',
					width: 1.7 * s,
					isRound: true
				},
				...[-3.4, 3.4].map((dx): Mark => {
					const [cx = '0', cy = '0'] = at(dx, -11.4).split(' ');
					return {
						path: disc(Number(cx), Number(cy), 2.5 * s),
						fill: 'quiet',
						stroke: 'ink',
						width: 1.3 * s
					};
				})
			];
		case 'knot':
			return [
				{ path: disc(x * s, y * s, 4.6 * s), fill: 'ground' },
				{
					path: disc(x * s, y * s, 4.6 * s),
					fill: 'film-other',
					stroke: 'ink',
					width: 1.2 * s
				},
				{
					path: `M${at(-3.4, -1.6)}Q${at(0, 2.4)} ${at(3.4, -1.6)}`,
					stroke: 'ink',
					width: thin * s
				}
			];
		case 'spot':
			return [
				{ path: disc(x * s, y * s, 11 * s), stroke: 'bad', width: 1.5 * s, dash: [3 * s, 2.4 * s] }
			];
		case 'look':
			return [
				{ path: disc(x * s, y * s, 8 * s), stroke: 'ink', width: 1.2 * s, dash: [2.4 * s, 2 * s] }
			];
		case 'drop':
			return [
				{
					path: `M${at(0, -5)}C${at(4, 0)} ${at(3, 4)} ${at(0, 4)}C${at(-3, 4)} ${at(-4, 0)} ${at(0, -5)}z`,
					fill: 'film',
					stroke: 'ink',
					width: thin * s
				}
			];
		case 'finger':
			return [
				{
					path: `M${at(-5, -22)}L${at(-5, -2)}C${at(-5, 4)} ${at(5, 4)} ${at(5, -2)}L${at(5, -22)}`,
					fill: 'ground',
					stroke: 'ink',
					width: 1.3 * s
				},
				{ path: `M${at(-2.6, 0)}Q${at(0, -3.4)} ${at(2.6, 0)}`, stroke: 'ink', width: thin * s }
			];
		case 'peg':
			return [{ path: disc(x * s, y * s, 4 * s), fill: 'quiet', stroke: 'ink', width: 1.2 * s }];
		case 'nail':
			return [{ path: disc(x * s, y * s, 1.9 * s), fill: 'quiet', stroke: 'ink', width: thin * s }];
		case 'hook':
			return [
				{
					path: `M${at(26, -10)}L${at(2, -0.8)}M${at(2, -0.8)}C${at(-4, 1.4)} ${at(-3, 7)} ${at(2, 5)}`,
					stroke: 'ink',
					width: 2.6 * s,
					isRound: true
				}
			];
	}
}

/**
 * A hand that holds something between finger and thumb, its arm from the edge of the picture.
 *
 * @param at what it holds
 * @param from where its arm comes from, not the same place
 * @param s drawing units to a unit of the sketch
 * @example handMarks([60, 36], [110, 72], 2).length // 10
 */
export function handMarks(at: Point, from: Point, s: number): Mark[] {
	const [dx, dy] = [at[0] - from[0], at[1] - from[1]];
	const long = Math.hypot(dx, dy) || 1;
	const [ux, uy] = [dx / long, dy / long];
	const place = (back: number, aside: number): string =>
		`${(at[0] - back * ux - aside * uy) * s} ${(at[1] - back * uy + aside * ux) * s}`;
	const arm = `M${from[0] * s} ${from[1] * s}L${place(17, 0)}`;
	const palm = `M${place(17, 0)}L${place(13, 0)}`;
	const fingers = [
		`M${place(13, 3)}Q${place(7, 6.4)} ${place(-0.6, 1.2)}`,
		`M${place(14, 4)}Q${place(8, 9)} ${place(3, 5)}`,
		`M${place(13, -2.6)}Q${place(7, -5.4)} ${place(0, -1)}`
	];
	const strokes: readonly (readonly [string, number])[] = [
		[arm, 8],
		[palm, 11],
		...fingers.map((path): [string, number] => [path, 3.4])
	];
	const drawn = (stroke: PathMark['stroke'], more: number): Mark[] =>
		strokes.map(([path, width]): Mark => ({
			path,
			...(stroke && { stroke }),
			width: (width + more) * s,
			isRound: true
		}));
	return [...drawn('ink', 1.6), ...drawn('ground', 0)];
}

/**
 * An arrow bent about a place: what is turned, and which way.
 *
 * @param from degrees by the clock from the right
 * @param to where it ends; beyond `from` it turns by the clock, before it against it
 * @example turnArrow([60, 36], 10, 0, 270, 2).isRound // true
 */
export function turnArrow(
	[x, y]: Point,
	radius: number,
	from: number,
	to: number,
	s: number
): PathMark {
	const place = (degrees: number, far = radius): [number, number] => {
		const angle = (degrees * Math.PI) / 180;
		return [(x + far * Math.cos(angle)) * s, (y + far * Math.sin(angle)) * s];
	};
	const steps = Math.max(2, Math.ceil(Math.abs(to - from) / 15));
	const way = Array.from({ length: steps + 1 }, (_, at) =>
		place(from + (at / steps) * (to - from))
	);
	const back = (to > from ? -1 : 1) * (200 / radius);
	const tip = place(to);
	return {
		path: `M${way.map((one) => one.join(' ')).join('L')}M${place(to + back, radius - 3).join(' ')}L${tip.join(' ')}L${place(to + back, radius + 3).join(' ')}`,
		stroke: 'ink',
		width: 1.6 * s,
		isRound: true
	};
}
