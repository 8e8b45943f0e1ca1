import type { Mark, Tone } from './scene';

/** A place of a strand: x to the right, y down, z towards whoever looks. */
export type Point3 = readonly [number, number, number];

/** A strand as it lies: a smooth line through its points, over what lies lower and under what lies higher. */
export interface Rope {
	readonly points: readonly Point3[];
	/** How wide it is drawn. */
	readonly wide: number;
	readonly tone: Tone;
	/** Whether its end runs on into its beginning. */
	readonly isClosed?: boolean;
	/** The share of its length that is drawn, from its beginning; all where left out. */
	readonly until?: number;
}

/** Where two strands cross as they are looked at, or one crosses itself. */
export interface Crossing {
	/** Which strand lies on top, and where along it: steps of its line. */
	readonly over: { readonly rope: number; readonly at: number };
	readonly under: { readonly rope: number; readonly at: number };
	readonly x: number;
	readonly y: number;
	/** 1 where the lower strand runs from right to left of the upper one's way, −1 where from left to right. */
	readonly sign: 1 | -1;
	/** How far the upper one lies above the lower. */
	readonly gap: number;
}

/** Steps a line makes from one of its points to the next. */
const stepsBetween = 6;

/**
 * The smooth line of a strand as many short steps (Catmull–Rom), cut off where it is drawn until.
 *
 * @returns places in order; a closed one ends where it begins
 * @example ropeLine({ points: [[0, 0, 0], [6, 0, 0]], wide: 1, tone: 'film' }).length // 7
 */
export function ropeLine({ points, isClosed = false, until = 1 }: Rope): Point3[] {
	const count = points.length;
	const at = (index: number): Point3 =>
		points[isClosed ? (index + count) % count : Math.max(0, Math.min(count - 1, index))] ?? [
			0, 0, 0
		];
	const spans = isClosed ? count : count - 1;
	const line: Point3[] = [];
	const end = Math.max(0, Math.min(1, until)) * spans;
	for (let step = 0; ; step++) {
		const along = Math.min(step / stepsBetween, end);
		const span = Math.min(Math.floor(along), spans - 1);
		const u = along - span;
		const [a, b, c, d] = [at(span - 1), at(span), at(span + 1), at(span + 2)];
		const place = (axis: 0 | 1 | 2): number =>
			0.5 *
			(2 * b[axis] +
				(c[axis] - a[axis]) * u +
				(2 * a[axis] - 5 * b[axis] + 4 * c[axis] - d[axis]) * u * u +
				(3 * b[axis] - a[axis] - 3 * c[axis] + d[axis]) * u * u * u);
		line.push([place(0), place(1), place(2)]);
		if (along >= end) return line;
	}
}

interface Run {
	readonly rope: number;
	readonly from: number;
	readonly to: number;
	readonly box: readonly [number, number, number, number];
}

/** Short runs of a line with the rectangle each lies in, so that what lies apart need not be compared. */
function runsOf(line: readonly Point3[], rope: number): Run[] {
	const runs: Run[] = [];
	for (let from = 0; from < line.length - 1; from += 6) {
		const to = Math.min(from + 6, line.length - 1);
		const part = line.slice(from, to + 1);
		const [xs, ys] = [part.map(([x]) => x), part.map(([, y]) => y)];
		runs.push({
			rope,
			from,
			to,
			box: [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
		});
	}
	return runs;
}

/**
 * Where lines cross as they are looked at from above, each with what lies on top.
 *
 * @param lines as `ropeLine` gives them
 * @param closed which of them end where they begin; none where left out
 * @example crossingsOf([[[0, 1, 1], [2, 1, 1]], [[1, 0, 0], [1, 2, 0]]])[0]?.over.rope // 0
 */
export function crossingsOf(
	lines: readonly (readonly Point3[])[],
	closed: readonly boolean[] = []
): Crossing[] {
	const runs = lines.flatMap(runsOf);
	const found: Crossing[] = [];
	for (const [nth, one] of runs.entries())
		for (const other of runs.slice(nth)) {
			if (
				one.box[0] > other.box[1] ||
				other.box[0] > one.box[1] ||
				one.box[2] > other.box[3] ||
				other.box[2] > one.box[3]
			)
				continue;
			found.push(...crossingsOfRuns(lines, one, other, closed));
		}
	// What crosses just where two steps meet is found with both.
	return found.filter(
		(crossing, nth) =>
			!found
				.slice(0, nth)
				.some(
					({ x, y, over, under }) =>
						Math.abs(x - crossing.x) + Math.abs(y - crossing.y) < 1e-6 &&
						over.rope === crossing.over.rope &&
						under.rope === crossing.under.rope &&
						Math.abs(over.at - crossing.over.at) < 2
				)
	);
}

function crossingsOfRuns(
	lines: readonly (readonly Point3[])[],
	one: Run,
	other: Run,
	closed: readonly boolean[]
): Crossing[] {
	const [first, second] = [lines[one.rope] ?? [], lines[other.rope] ?? []];
	const last = first.length - 2;
	const found: Crossing[] = [];
	for (let i = one.from; i < one.to; i++) {
		for (let j = one === other ? i + 2 : other.from; j < other.to; j++) {
			if (one.rope === other.rope) {
				if (Math.abs(i - j) < 2) continue;
				// The last step of a closed line touches the first.
				if (closed[one.rope] && Math.min(i, j) === 0 && Math.max(i, j) === last) continue;
			}
			const [a, b, c, d] = [first[i], first[i + 1], second[j], second[j + 1]];
			if (!a || !b || !c || !d) continue;
			const [ux, uy, vx, vy] = [b[0] - a[0], b[1] - a[1], d[0] - c[0], d[1] - c[1]];
			const turn = ux * vy - uy * vx;
			if (Math.abs(turn) < 1e-12) continue;
			const s = ((c[0] - a[0]) * vy - (c[1] - a[1]) * vx) / turn;
			const t = ((c[0] - a[0]) * uy - (c[1] - a[1]) * ux) / turn;
			if (s < -1e-9 || s > 1 + 1e-9 || t < -1e-9 || t > 1 + 1e-9) continue;
			const [za, zc] = [a[2] + s * (b[2] - a[2]), c[2] + t * (d[2] - c[2])];
			const isFirst = za >= zc;
			const [on, below] = [
				{ rope: one.rope, at: i + s },
				{ rope: other.rope, at: j + t }
			];
			// y goes down the page: what turns right on it turns left as it is written down.
			const sign = turn * (isFirst ? 1 : -1) < 0 ? 1 : -1;
			found.push({
				over: isFirst ? on : below,
				under: isFirst ? below : on,
				x: a[0] + s * ux,
				y: a[1] + s * uy,
				sign,
				gap: Math.abs(za - zc)
			});
		}
	}
	return found;
}

const pathOf = (line: readonly Point3[], scale: number): string =>
	line
		.map(
			([x, y], at) =>
				`${at === 0 ? 'M' : 'L'}${Math.round(x * scale * 10) / 10} ${Math.round(y * scale * 10) / 10}`
		)
		.join('');

/** One piece of strand with its edges, so that it is seen to lie over another. */
const pieceMarks = (
	path: string,
	{ wide, tone }: Rope,
	scale: number,
	isRound: boolean
): Mark[] => [
	{ path, stroke: 'ink', width: (wide + 1.4) * scale, isRound },
	{ path, stroke: tone, width: wide * scale, isRound }
];

/** A piece of a line about a place, so long on either side; round the join of a closed one. */
function aboutPlace(line: readonly Point3[], at: number, reach: number): Point3[] {
	const whole = Math.floor(at);
	const here = line[whole] ?? [0, 0, 0];
	const far = (step: 1 | -1): Point3[] => {
		const places: Point3[] = [];
		let [from, gone] = [here, 0];
		for (
			let index = whole + (step === 1 ? 1 : 0);
			index >= 0 && index < line.length && gone < reach;
			index += step
		) {
			const to = line[index] ?? here;
			gone += Math.hypot(to[0] - from[0], to[1] - from[1]);
			places.push(to);
			from = to;
		}
		return places;
	};
	return [...far(-1).toReversed(), ...far(1)];
}

/**
 * Strands as they are seen: each whole, the lowest first, and where two cross the upper one once more, on top.
 *
 * @param scale drawing units to a unit of the strands
 * @example ropeMarks([{ points: [[0, 0, 0], [9, 0, 0]], wide: 3, tone: 'film' }], 2).length // 2
 */
export function ropeMarks(ropes: readonly Rope[], scale: number): Mark[] {
	const lines = ropes.map(ropeLine);
	const middle = (line: readonly Point3[]): number =>
		line.reduce((sum, [, , z]) => sum + z, 0) / Math.max(1, line.length);
	const whole = ropes
		.map((rope, nth) => ({ rope, line: lines[nth] ?? [] }))
		.filter(({ line }) => line.length > 1)
		.toSorted((one, other) => middle(one.line) - middle(other.line))
		.flatMap(({ rope, line }) => pieceMarks(pathOf(line, scale), rope, scale, true));
	const height = ({ over }: Crossing): number => lines[over.rope]?.[Math.floor(over.at)]?.[2] ?? 0;
	const on = crossingsOf(
		lines,
		ropes.map(({ isClosed = false, until = 1 }) => isClosed && until >= 1)
	)
		.toSorted((one, other) => height(one) - height(other))
		.flatMap(({ over, under }) => {
			const [upper, lower] = [ropes[over.rope], ropes[under.rope]];
			const line = lines[over.rope];
			if (!upper || !lower || !line) return [];
			const reach = 0.75 * (lower.wide + 1.4) + 0.4;
			return pieceMarks(pathOf(aboutPlace(line, over.at, reach), scale), upper, scale, false);
		});
	return [...whole, ...on];
}
