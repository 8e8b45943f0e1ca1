import type { ColourName } from '../colour/colours';
import { within } from '../domain-error';

/** Rows of one colour after another, from the first row of a mat on. */
export interface ColourRows {
	readonly colour: ColourName;
	readonly rows: number;
}

/** Strand of one colour: what a mat still takes, what is at hand, and how much of it lacks; m. */
export interface StrandLeft {
	readonly colour: ColourName;
	readonly neededM: number;
	readonly inHandM: number;
	readonly lacksM: number;
}

/**
 * The strand that a mat still takes against what was issued for it, by colour, in the order the colours
 * come in. What the rows that are made have taken is used up.
 *
 * @param stripes the colours of its rows
 * @param made rows made from the first on, 0 or more
 * @param rowM strand a row, m, above 0
 * @param issuedM strand issued by colour, m
 * @throws DomainError
 * @example strandLeft([{ colour: 'white', rows: 10 }, { colour: 'blue', rows: 10 }], 12, 2, { white: 20, blue: 10 }) // [{ colour: 'blue', neededM: 16, inHandM: 6, lacksM: 10 }]
 */
export function strandLeft(
	stripes: readonly ColourRows[],
	made: number,
	rowM: number,
	issuedM: Partial<Readonly<Record<ColourName, number>>>
): StrandLeft[] {
	within('made', made, { atLeast: 0 });
	within('rowM', rowM, { moreThan: 0 });
	const used = new Map<ColourName, number>();
	const open = new Map<ColourName, number>();
	let from = 0;
	for (const { colour, rows } of stripes) {
		const done = Math.min(rows, Math.max(0, made - from));
		used.set(colour, (used.get(colour) ?? 0) + done * rowM);
		open.set(colour, (open.get(colour) ?? 0) + (rows - done) * rowM);
		from += rows;
	}
	return [...open].flatMap(([colour, neededM]): StrandLeft[] => {
		if (neededM <= 0) return [];
		const inHandM = Math.max(0, (issuedM[colour] ?? 0) - (used.get(colour) ?? 0));
		return [{ colour, neededM, inHandM, lacksM: Math.max(0, neededM - inHandM) }];
	});
}

/**
 * The row in which a colour runs out, from 1; null where it lasts to the end of its stripes.
 *
 * @param inHandM strand of the colour that is at hand, m
 * @example runsOutAt([{ colour: 'white', rows: 10 }, { colour: 'blue', rows: 10 }], 12, 2, 'blue', 6) // 16
 */
export function runsOutAt(
	stripes: readonly ColourRows[],
	made: number,
	rowM: number,
	colour: ColourName,
	inHandM: number
): number | null {
	let left = Math.floor(inHandM / within('rowM', rowM, { moreThan: 0 }) + 1e-9);
	let from = 0;
	for (const stripe of stripes) {
		const begin = Math.max(from, made);
		const rows = from + stripe.rows - begin;
		if (stripe.colour === colour && rows > 0) {
			if (rows > left) return begin + left + 1;
			left -= rows;
		}
		from += stripe.rows;
	}
	return null;
}
