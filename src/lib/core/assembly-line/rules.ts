import type { SeatTime } from './day';
import type { LineCut, LineStation } from './assembly-line';

/** What holds of seats whatever is wanted. */
export interface SeatRules {
	readonly cutTool: LineCut;
	/** The most people at a station at once, for want of tools; no limit where none is given. */
	readonly tools: Partial<Readonly<Record<LineStation, number>>>;
	/** Names of those who are children: no blade, and an adult beside them at the same station throughout. */
	readonly children: ReadonlySet<string>;
	/** Names of those who are neither children nor adults: no blade, and nobody's adult. */
	readonly teens?: ReadonlySet<string>;
	/** Stations at which somebody has an adult beside them throughout, by their name. */
	readonly company?: ReadonlyMap<string, readonly LineStation[]>;
	/** Stations at which somebody does not sit, by their name. */
	readonly barred?: ReadonlyMap<string, readonly LineStation[]>;
}

/** Why seats may not be so, and whose it is. */
export interface Broken {
	readonly why:
		| 'child-at-blade'
		| 'teen-at-blade'
		| 'child-alone'
		| 'alone'
		| 'barred'
		| 'no-tool'
		| 'two-seats';
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
 * What is against the rules, the first thing first: a child or a teenager sits at no blade; a child, and who wants
 * company, has an adult beside them at the same station throughout; nobody sits where they are barred, nor twice at
 * once; nobody is without a tool.
 *
 * @param judged names of those whose seats are looked at: others are there, and stay as they are
 * @example brokenRule([{ name: 'Ivo', speed: 1, station: 'cut', fromS: 0, toS: 60 }], { cutTool: 'rolling-blade', tools: {}, children: new Set(['Ivo']) }, new Set(['Ivo']))?.why // 'child-at-blade'
 */
export function brokenRule(
	sittings: readonly SeatTime[],
	rules: SeatRules,
	judged: ReadonlySet<string>
): Broken | null {
	const { cutTool, tools, children, teens, company, barred } = rules;
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
		if (station === 'cut' && cutTool === 'rolling-blade' && (isChild || teens?.has(name)))
			return { why: isChild ? 'child-at-blade' : 'teen-at-blade', name, station, atS: fromS };
		if (barred?.get(name)?.includes(station)) return { why: 'barred', name, station, atS: fromS };
		for (let next = at + 1; next < sittings.length; next++) {
			const other = sittings[next];
			if (other?.name === name && overlaps(sitting, other))
				return { why: 'two-seats', name, station, atS: Math.max(fromS, other.fromS) };
		}
		if (isChild || company?.get(name)?.includes(station)) {
			const goneS = aloneFrom(sitting, sittings, rules);
			if (goneS < toS - momentS)
				return { why: isChild ? 'child-alone' : 'alone', name, station, atS: goneS };
		}
	}
	return null;
}

/** Until when adults sit at the station of a child without a gap, s. */
function aloneFrom(
	{ name, station, fromS, toS }: SeatTime,
	sittings: readonly SeatTime[],
	{ children, teens }: SeatRules
): number {
	let untilS = fromS;
	for (let isFurther = true; isFurther && untilS < toS - momentS;) {
		isFurther = false;
		for (const other of sittings)
			if (
				other.station === station &&
				other.name !== name &&
				!children.has(other.name) &&
				!teens?.has(other.name) &&
				other.fromS <= untilS + momentS &&
				other.toS > untilS + momentS
			) {
				untilS = other.toS;
				isFurther = true;
			}
	}
	return untilS;
}

/**
 * Whether not every seating is allowed, for want of tools or for somebody's sake.
 *
 * @example isHeldBy({ cutTool: 'scissors', tools: {}, children: new Set(['Ivo']) }) // true
 */
export const isHeldBy = ({ tools, children, company }: SeatRules): boolean =>
	Object.keys(tools).length > 0 || children.size > 0 || (company?.size ?? 0) > 0;
