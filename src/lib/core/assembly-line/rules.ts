import type { SeatTime } from './day';
import type { LineCut, LineStation } from './assembly-line';

/** What holds of seats whatever is wanted. */
export interface SeatRules {
	readonly cutTool: LineCut;
	/** The most people at a station at once, for want of tools; no limit where none is given. */
	readonly tools: Partial<Readonly<Record<LineStation, number>>>;
	/** Names of those who are children. */
	readonly children: ReadonlySet<string>;
}

/** Why seats may not be so, and whose it is. */
export interface Broken {
	readonly why: 'child-at-blade' | 'child-alone' | 'no-tool' | 'two-seats';
	readonly name: string;
	readonly station: LineStation;
	/** When, s of the day. */
	readonly atS: number;
}

/** Moments nearer than this are one, s. */
const momentS = 1e-6;
const overlaps = (one: SeatTime, other: SeatTime): boolean =>
	one.fromS < other.toS - momentS && other.fromS < one.toS - momentS;

/**
 * What is against the rules, the first thing first: a child sits at no blade, and has an adult beside
 * them at the same station throughout; nobody sits twice at once; nobody is without a tool.
 *
 * @param judged names of those whose seats are looked at: others are there, and stay as they are
 * @example brokenRule([{ name: 'Ivo', speed: 1, station: 'cut', fromS: 0, toS: 60 }], { cutTool: 'rolling-blade', tools: {}, children: new Set(['Ivo']) }, new Set(['Ivo']))?.why // 'child-at-blade'
 */
export function brokenRule(
	sittings: readonly SeatTime[],
	{ cutTool, tools, children }: SeatRules,
	judged: ReadonlySet<string>
): Broken | null {
	for (const [at, sitting] of sittings.entries()) {
		const { name, station, fromS, toS } = sitting;
		const most = tools[station];
		if (most !== undefined) {
			// Whoever sits down last finds no tool: it is enough to count at each beginning.
			const there = sittings.filter(
				(other) =>
					other.station === station && other.fromS <= fromS + momentS && other.toS > fromS + momentS
			);
			const last = there.findLast((other) => judged.has(other.name));
			if (there.length > most && last)
				return { why: 'no-tool', name: last.name, station, atS: fromS };
		}
		if (!judged.has(name)) continue;
		const isChild = children.has(name);
		if (isChild && station === 'cut' && cutTool === 'rolling-blade')
			return { why: 'child-at-blade', name, station, atS: fromS };
		for (let next = at + 1; next < sittings.length; next++) {
			const other = sittings[next];
			if (other?.name === name && overlaps(sitting, other))
				return { why: 'two-seats', name, station, atS: Math.max(fromS, other.fromS) };
		}
		if (isChild) {
			const goneS = aloneFrom(sitting, sittings, children);
			if (goneS < toS - momentS) return { why: 'child-alone', name, station, atS: goneS };
		}
	}
	return null;
}

/** Until when adults sit at the station of a child without a gap, s. */
function aloneFrom(
	{ station, fromS, toS }: SeatTime,
	sittings: readonly SeatTime[],
	children: ReadonlySet<string>
): number {
	let untilS = fromS;
	for (let isFurther = true; isFurther && untilS < toS - momentS;) {
		isFurther = false;
		for (const other of sittings)
			if (
				other.station === station &&
				!children.has(other.name) &&
				other.fromS <= untilS + momentS &&
				other.toS > untilS + momentS
			) {
				untilS = other.toS;
				isFurther = true;
			}
	}
	return untilS;
}
