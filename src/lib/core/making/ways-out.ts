import type { ColourName } from '../colour/colours';
import { colourNames } from '../colour/colours';
import { within } from '../domain-error';
import type { ColourRows } from './strand-left';
import { strandLeft } from './strand-left';

/** How a mat goes on where strand of a colour will not do: rows of colours for the whole mat. */
export type WayOut =
	/** So many more balls of a colour: the stripes stay. */
	| {
			readonly way: 'ball';
			readonly balls: readonly { readonly colour: ColourName; readonly count: number }[];
			readonly stripes: readonly ColourRows[];
	  }
	/** From a row on, the rows before it come again in the other order. */
	| { readonly way: 'mirror'; readonly row: number; readonly stripes: readonly ColourRows[] }
	/** What is left is spread over its stripes, each of them narrower. */
	| { readonly way: 'spread'; readonly stripes: readonly ColourRows[] }
	/** The stripes that are left take the colours in another order. */
	| { readonly way: 'order'; readonly stripes: readonly ColourRows[] };

/** A mat in work, and strand by colour, m: given for it, and in the store for whatever it may take. */
export interface ShortMat {
	readonly stripes: readonly ColourRows[];
	readonly made: number;
	readonly rowM: number;
	readonly givenM: Partial<Readonly<Record<ColourName, number>>>;
	readonly storeM: Partial<Readonly<Record<ColourName, number>>>;
	/** Strand of one ball, m. */
	readonly ballM: number;
}

type Rows = readonly ColourName[];

const rowsOf = (stripes: readonly ColourRows[]): ColourName[] =>
	stripes.flatMap(({ colour, rows }) => Array.from({ length: rows }, () => colour));

/** Rows of one colour after the other, as stripes. */
function stripesOf(rows: Rows): ColourRows[] {
	const stripes: { colour: ColourName; rows: number }[] = [];
	for (const colour of rows) {
		const last = stripes.at(-1);
		if (last?.colour === colour) last.rows++;
		else stripes.push({ colour, rows: 1 });
	}
	return stripes;
}

const countOf = (rows: Rows): Map<ColourName, number> => {
	const count = new Map<ColourName, number>();
	for (const colour of rows) count.set(colour, (count.get(colour) ?? 0) + 1);
	return count;
};

/** Whether strand at hand does for some rows. */
const doesFor = (rows: Rows, have: ReadonlyMap<ColourName, number>): boolean =>
	[...countOf(rows)].every(([colour, count]) => count <= (have.get(colour) ?? 0));

/** The first row, from the middle on, from which the rows before can come again in the other order. */
function mirrored(all: Rows, made: number, have: ReadonlyMap<ColourName, number>): WayOut | null {
	for (let row = Math.max(made, Math.ceil(all.length / 2)); row < all.length; row++) {
		const turned = all.map((colour, at) => (at < row ? colour : (all[2 * row - 1 - at] ?? colour)));
		if (doesFor(turned.slice(made), have))
			return { way: 'mirror', row, stripes: stripesOf(turned) };
	}
	return null;
}

/** Each stripe of a colour that lacks becomes narrower; what follows it becomes wider, or what there is most of. */
function spread(all: Rows, made: number, have: ReadonlyMap<ColourName, number>): WayOut | null {
	const rest = all.slice(made);
	const need = countOf(rest);
	const over = new Map<ColourName, number>();
	for (const [colour, rows] of have) over.set(colour, rows - (need.get(colour) ?? 0));
	const stripes = stripesOf(rest);
	const seen = new Map<ColourName, number>();
	const kept = new Map<ColourName, number>();
	const spreadRows = stripes.flatMap(({ colour, rows }, at) => {
		const [wanted, there] = [need.get(colour) ?? 0, have.get(colour) ?? 0];
		if (there >= wanted) return Array.from({ length: rows }, () => colour);
		const soFar = (seen.get(colour) ?? 0) + rows;
		seen.set(colour, soFar);
		const own = Math.floor((soFar * there) / wanted) - (kept.get(colour) ?? 0);
		kept.set(colour, (kept.get(colour) ?? 0) + own);
		return Array.from({ length: rows }, (_, row) => {
			if (row < own) return colour;
			const next = stripes[at + 1]?.colour;
			const most = [...over].toSorted((one, other) => other[1] - one[1])[0]?.[0];
			const other = next !== undefined && (over.get(next) ?? 0) > 0 ? next : (most ?? colour);
			over.set(other, (over.get(other) ?? 0) - 1);
			return other;
		});
	});
	return doesFor(spreadRows, have)
		? { way: 'spread', stripes: stripesOf([...all.slice(0, made), ...spreadRows]) }
		: null;
}

/** Tries that are made to find another order. */
const mostTries = 20_000;

/** The stripes that are left with other colours, as few of them changed as come first; no two alike beside each other. */
function reordered(all: Rows, made: number, have: ReadonlyMap<ColourName, number>): WayOut | null {
	const stripes = stripesOf(all.slice(made));
	const left = new Map(have);
	const chosen: ColourName[] = [];
	let tries = 0;
	const place = (at: number): boolean => {
		const stripe = stripes[at];
		if (!stripe) return true;
		if (++tries > mostTries) return false;
		const others = [...left]
			.filter(([colour]) => colour !== stripe.colour)
			.toSorted((one, other) => other[1] - one[1])
			.map(([colour]) => colour);
		// The row before it is of the plan, or of the stripe that was chosen last; the stripe in work goes on.
		const before = at === 0 ? null : chosen[at - 1];
		for (const colour of [stripe.colour, ...others]) {
			const rows = left.get(colour) ?? 0;
			if (rows < stripe.rows || colour === before) continue;
			left.set(colour, rows - stripe.rows);
			chosen[at] = colour;
			if (place(at + 1)) return true;
			left.set(colour, rows);
		}
		return false;
	};
	if (!place(0)) return null;
	const rows = stripes.flatMap((stripe, at) =>
		Array.from({ length: stripe.rows }, () => chosen[at] ?? stripe.colour)
	);
	return { way: 'order', stripes: stripesOf([...all.slice(0, made), ...rows]) };
}

/**
 * The ways out where strand of a colour will not do to the end of a mat, each with the rows of the whole
 * mat as they would be. One more ball always does; the others where what is at hand and in the store is enough for them.
 *
 * @returns none where nothing lacks
 * @throws DomainError
 * @example waysOut({ stripes: [{ colour: 'white', rows: 10 }, { colour: 'blue', rows: 10 }], made: 4, rowM: 2, givenM: { white: 40, blue: 10 }, storeM: {}, ballM: 15 }).map(({ way }) => way) // ['ball', 'mirror', 'spread']
 */
export function waysOut({ stripes, made, rowM, givenM, storeM, ballM }: ShortMat): WayOut[] {
	within('ballM', ballM, { moreThan: 0 });
	const left = strandLeft(stripes, made, rowM, givenM);
	const lacking = left.filter(({ lacksM }) => lacksM > 1e-9);
	if (lacking.length === 0) return [];
	const all = rowsOf(stripes);
	const inHand = new Map<ColourName, number>();
	const usedM = new Map<ColourName, number>();
	for (const colour of all.slice(0, made)) usedM.set(colour, (usedM.get(colour) ?? 0) + rowM);
	for (const colour of colourNames) {
		const ownM = Math.max(0, (givenM[colour] ?? 0) - (usedM.get(colour) ?? 0));
		const rows = Math.floor((ownM + (storeM[colour] ?? 0)) / rowM + 1e-9);
		if (rows > 0) inHand.set(colour, rows);
	}
	const balls = lacking.map(({ colour, lacksM }) => ({
		colour,
		count: Math.ceil(lacksM / ballM - 1e-9)
	}));
	const others = [mirrored, spread, reordered].map((way) => way(all, made, inHand));
	return [{ way: 'ball', balls, stripes }, ...others.filter((way) => way !== null)];
}
