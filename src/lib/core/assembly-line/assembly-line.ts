import { defaults } from '../defaults';

/** The stations of the line, in the order film passes them. */
export const lineStations = ['flatten', 'cut', 'join', 'ball'] as const;
export type LineStation = (typeof lineStations)[number];

/**
 * One value for each station.
 *
 * @example byStation((station) => station.length).cut // 3
 */
export const byStation = <Value>(
	value: (station: LineStation) => Value
): Record<LineStation, Value> =>
	Object.fromEntries(lineStations.map((station) => [station, value(station)])) as Record<
		LineStation,
		Value
	>;

/** What lies between the stations, in the same order: each station takes from its own place and puts on the next. */
export const lineBuffers = ['bags', 'flat', 'pieces', 'joined', 'balls'] as const;
export type LineBuffer = (typeof lineBuffers)[number];

/** How bags are cut: a stack at a time, or one by one. */
export const lineCuts = ['scissors', 'rolling-blade', 'spiral', 'half-bag'] as const;
export type LineCut = (typeof lineCuts)[number];

/** What the table makes, and in which lots. */
export interface Line {
	/** Whole, 1 or more. */
	readonly piecesPerBag: number;
	/** Bags' worth of strand in a ball, whole, 1 or more. */
	readonly bagsPerBall: number;
	readonly cutTool: LineCut;
	/** Bags cut at once, whole, 1 or more. */
	readonly stack: number;
	/** Bags flattened before they are handed on, whole, 1 or more. */
	readonly batch: number;
}

/** What lies at each place: bags, flat bags and pieces, strand in bags' worth, balls; 0 or more each. */
export type Amounts = Readonly<Record<LineBuffer, number>>;

/**
 * Bags that are cut at once.
 *
 * @source bench default
 * @example [usualStack('scissors'), usualStack('rolling-blade'), usualStack('spiral')] // [3, 20, 1]
 */
export const usualStack = (tool: LineCut): number =>
	tool === 'scissors'
		? defaults.scissorsStack.value
		: tool === 'rolling-blade'
			? defaults.rollingBladeStack.value
			: 1;

/**
 * The whole lot of a station, as it counts what it takes: bags, flat bags, pieces, pieces of strand.
 *
 * @example wholeLot({ piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 }, 'ball') // 80
 */
export function wholeLot(line: Line, station: LineStation): number {
	if (station === 'flatten') return line.batch;
	if (station === 'cut') return line.stack;
	return station === 'join' ? line.piecesPerBag : line.piecesPerBag * line.bagsPerBall;
}

/**
 * Seconds for a lot at speed 1, without chance.
 *
 * @param count what is in the lot, as the station counts it
 * @source bench default
 * @example lotSeconds({ piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 }, 'cut', 3) // 72
 */
export function lotSeconds(line: Line, station: LineStation, count: number): number {
	if (station === 'flatten') return defaults.flatten.value * count;
	if (station === 'join') return defaults.loopJoint.value * count;
	if (station === 'ball') return defaults.ball.value;
	switch (line.cutTool) {
		case 'scissors':
			return defaults.cutScissorsStack.value + defaults.cutScissorsBag.value * count;
		case 'rolling-blade':
			return defaults.cutBladeStack.value + defaults.cutBladeBag.value * count;
		case 'spiral':
			return defaults.cutSpiralBag.value * count;
		case 'half-bag':
			return defaults.cutHalfBag.value * count;
	}
}
