import type { Point3, Rope } from '../drawing/rope';
import type { Tone } from '../drawing/scene';
import { braid, pairOf } from '../techniques/bands/braid';

const tones: readonly Tone[] = ['film-other', 'weft', 'film-line', 'quiet'];

/**
 * The strands of a braid as they lie, from left to right: at every crossing the one that comes from outside lies on top.
 *
 * @param strands 3 or 4
 * @param crossings how many are made, whole
 * @param step how far a crossing takes it
 * @param until how much of it is drawn, 0 to 1
 * @example braided(3, 2, 12, { x: 10, y: 20, apart: 10 }, 4, 1)[0]?.points.length // 7
 */
export function braided(
	strands: number,
	crossings: number,
	step: number,
	{ x, y, apart }: { readonly x: number; readonly y: number; readonly apart: number },
	wide: number,
	until: number
): Rope[] {
	const orders = Array.from({ length: crossings + 1 }, (_, made) => braid(strands, made));
	return Array.from({ length: strands }, (_, strand): Rope => {
		const lane = (made: number): number => (orders[made] ?? []).indexOf(strand);
		const points: Point3[] = [
			[x - 0.8 * step, y + lane(0) * apart, 0],
			[x, y + lane(0) * apart, 0]
		];
		for (let made = 1; made <= crossings; made++) {
			const [from, to] = [lane(made - 1), lane(made)];
			const pair = pairOf(strands, made - 1);
			const isOuter = from === (pair[0] === 0 ? 0 : strands - 1);
			const z = from === to ? 0 : isOuter ? 2 : -2;
			const begin = x + (made - 1) * step;
			points.push(
				[begin + 0.5 * step, y + ((from + to) / 2) * apart, z],
				[begin + step, y + to * apart, 0]
			);
		}
		points.push([x + (crossings + 0.8) * step, y + lane(crossings) * apart, 0]);
		return { points, wide, tone: tones[strand] ?? 'film', until };
	});
}

/** Where bands lie: from where to where, and how far their strands are apart. */
export interface BandPlace {
	readonly left: number;
	readonly right: number;
	readonly top: number;
	readonly apart: number;
}

/** One pass of a weaver across a band: a place at each strand, over it or under it. */
const passAcross = (
	strands: number,
	isDown: boolean,
	x: (share: number) => number,
	lane: (strand: number) => number,
	isOver: (strand: number) => boolean
): Point3[] =>
	Array.from({ length: strands }, (_, at): Point3 => {
		const strand = isDown ? at : strands - 1 - at;
		return [x(0.15 + (0.7 * (at + 0.5)) / strands), lane(strand), isOver(strand) ? 2 : -2];
	});

/**
 * A weaver that goes over and under the strands of a band and, at each return, hooks into the turn of the weaver before.
 *
 * @param strands of each band
 * @param passes whole, 1 or more
 * @param until how far it has come, 0 to 1
 * @param top where the band before begins
 * @param links whether it hooks into the weaver of the band before
 * @example linkedWeaver(3, 4, 1, { left: 10, right: 110, top: 10, apart: 8 }).points.length // 20
 */
export function linkedWeaver(
	strands: number,
	passes: number,
	until: number,
	{ left, right, top, apart }: BandPlace,
	links = true
): Rope {
	const step = (right - left) / passes;
	const lane = (at: number): number => top + at * apart;
	const points: Point3[] = [];
	for (let pass = 1; pass <= passes; pass++) {
		const isDown = pass % 2 === 1;
		const x = (share: number): number => left + (pass - 1 + share) * step;
		// Where it hooks into the turn of another, its last crossing before that is over.
		const across = passAcross(
			strands,
			isDown,
			x,
			(strand) => lane(strands + strand),
			(strand) => (pass + strand) % 2 === (links ? 0 : 1)
		);
		points.push(...across);
		// Below the last strand it turns; above the first it turns as well, or hooks into the turn of the weaver before:
		// up under that turn, and back over it.
		points.push(
			...(isDown
				? [[x(1), lane(2 * strands - 0.35), 0] as const]
				: links
					? ([
							[x(0.97), lane(strands - 0.42), -2],
							[x(1), lane(strands - 0.72), 0],
							[x(1.03), lane(strands - 0.42), 2]
						] as const)
					: [[x(1), lane(strands - 0.65), 0] as const])
		);
	}
	return { points, wide: 3.2, tone: 'weft', until };
}

/**
 * The weaver of the band before: its turns stand out along the edge that both share.
 *
 * @param strands of the band
 * @param passes as many as the band beside it has
 * @example earlierWeaver(3, 4, { left: 10, right: 110, top: 10, apart: 8 }).points.length // 26
 */
export function earlierWeaver(
	strands: number,
	passes: number,
	{ left, right, top, apart }: BandPlace
): Rope {
	const step = (right - left) / passes;
	const lane = (at: number): number => top + at * apart;
	const points: Point3[] = [];
	// It turns at the shared edge where the band beside it returns: after every second pass.
	for (let pass = 0; pass <= passes; pass++) {
		const isDown = pass % 2 === 0;
		const x = (share: number): number => left + (pass - 1 + share) * step;
		const across = passAcross(strands, isDown, x, lane, (strand) => (pass + strand) % 2 === 1);
		points.push(...across);
		if (isDown)
			points.push(
				[x(0.93), lane(strands - 0.62), 0],
				[x(1), lane(strands - 0.36), 0],
				[x(1.07), lane(strands - 0.62), 0]
			);
		else points.push([x(1), lane(-0.65), 0]);
	}
	return { points, wide: 3, tone: 'film-line' };
}

/**
 * Strands of a band lying along.
 *
 * @param first how many others lie above them
 * @example bandStrands(3, 2, 118, 8, 10, 3)[0]?.points[0] // [2, 38, 0]
 */
export const bandStrands = (
	count: number,
	left: number,
	right: number,
	top: number,
	apart: number,
	first: number
): Rope[] =>
	Array.from({ length: count }, (_, at): Rope => ({
		points: [left, left + (right - left) / 3, left + (2 * (right - left)) / 3, right].map(
			(x): Point3 => [x, top + (first + at) * apart, 0]
		),
		wide: 0.62 * apart,
		tone: 'film-other'
	}));

/**
 * Strands bent round so that they go back alongside where they came from.
 *
 * @param from where the bend begins
 * @param about the line they are bent about
 * @example bentBack([{ points: [[0, 10, 0]], wide: 1, tone: 'film' }], 20, 30)[0]?.points[0] // [0, 10, 0]
 */
export const bentBack = (ropes: readonly Rope[], from: number, about: number): Rope[] =>
	ropes.map((rope) => ({
		...rope,
		points: rope.points.map(([x, y, z]): Point3 => {
			if (x <= from) return [x, y, z];
			const radius = about - y;
			const along = x - from;
			const bend = Math.PI * about * 0.5;
			const angle = Math.min(Math.PI, (along / bend) * Math.PI);
			const beyond = Math.max(0, along - bend);
			return [from + radius * Math.sin(angle) - beyond, about - radius * Math.cos(angle), z];
		})
	}));

/**
 * Two pairs of tubes, each rolled and laid as one, joined loop through loop: two ends each way.
 *
 * @param old the two rings of the joint as one strand each
 * @example doubled([{ points: [[0, 10, 0]], wide: 4, tone: 'film' }]).length // 2
 */
export const doubled = (old: readonly Rope[]): Rope[] =>
	old.flatMap((rope) =>
		[-1.5, 1.5].map((dy): Rope => ({
			...rope,
			wide: 2,
			points: rope.points.map(([x, y, z]): Point3 => [x, y + dy, z])
		}))
	);
