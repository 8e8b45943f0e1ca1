import { positive } from '../domain-error';
import type { Crate, Roll } from './roll';

/** A roll in a crate: which it is, and where its middle lies in the crate's open end, mm from its corner. */
export interface PackedRoll {
	readonly roll: number;
	readonly xMm: number;
	readonly yMm: number;
	/** Which layer it is in, from the open end, from 1. */
	readonly layer: number;
}

/** A crate as it is packed: the size of its open end, and the rolls in it. */
export interface PackedCrate {
	readonly widthMm: number;
	readonly heightMm: number;
	readonly rolls: readonly PackedRoll[];
}

export interface RollPacking {
	readonly crates: readonly PackedCrate[];
	/** Rolls that fit no crate of this size. */
	readonly left: readonly number[];
}

/** A crate lying on one of its sides: its open end, and how long it is behind that. */
interface Lying {
	readonly end: readonly [number, number];
	readonly deepMm: number;
}

/** The three ways a crate can lie. */
function lyings({ widthMm, depthMm, heightMm }: Crate): Lying[] {
	const edges = [widthMm, depthMm, heightMm];
	return edges.map((deepMm, at) => {
		const [one = 0, other = 0] = edges.filter((_, edge) => edge !== at);
		return { deepMm, end: [Math.max(one, other), Math.min(one, other)] };
	});
}

/** Rolls in an order laid in rows, each as high as its first; a new crate where none has room. */
function layRows(
	rolls: readonly Roll[],
	order: readonly number[],
	[widthMm, heightMm]: readonly [number, number]
): Omit<PackedRoll, 'layer'>[][] {
	const crates: {
		rows: { y: number; height: number; x: number }[];
		rolls: Omit<PackedRoll, 'layer'>[];
	}[] = [];
	for (const roll of order) {
		const size = rolls[roll]?.diameterMm ?? 0;
		const place = (): boolean => {
			for (const crate of crates) {
				const row = crate.rows.find(
					({ height, x }) => size <= height + 1e-9 && x + size <= widthMm + 1e-9
				);
				const last = crate.rows.at(-1);
				const y = last ? last.y + last.height : 0;
				const own = row ?? (y + size <= heightMm + 1e-9 ? { y, height: size, x: 0 } : null);
				if (!own) continue;
				if (!row) crate.rows.push(own);
				crate.rolls.push({ roll, xMm: own.x + size / 2, yMm: own.y + size / 2 });
				own.x += size;
				return true;
			}
			return false;
		};
		if (place()) continue;
		crates.push({ rows: [], rolls: [] });
		place();
	}
	return crates.map((crate) => crate.rolls);
}

/** So few rolls are tried in every order. */
const mostTried = 6;

function* ordersOf(items: readonly number[]): Generator<readonly number[]> {
	if (items.length < 2) yield items;
	for (const [at, first] of items.entries())
		for (const rest of items.length < 2 ? [] : ordersOf(items.filter((_, other) => other !== at)))
			yield [first, ...rest];
}

/**
 * Rolled mats packed into crates of one size, side by side in rows: the thickest first; of few rolls every
 * order is tried. Rolls too long or too thick for the crate are left.
 *
 * @param rolls each with a diameter and a length above 0, mm
 * @throws DomainError
 * @example packRolls([{ diameterMm: 200, lengthMm: 425 }, { diameterMm: 200, lengthMm: 425 }, { diameterMm: 180, lengthMm: 425 }], { widthMm: 400, depthMm: 450, heightMm: 200 }).crates.length // 2
 */
export function packRolls(rolls: readonly Roll[], crate: Crate): RollPacking {
	for (const [name, edge] of Object.entries(crate)) positive(name, edge);
	for (const { diameterMm, lengthMm } of rolls) {
		positive('diameterMm', diameterMm);
		positive('lengthMm', lengthMm);
	}
	const packings = lyings(crate).map((lying) => packLying(rolls, lying));
	const [best] = packings.toSorted(
		(one, other) => one.left.length - other.left.length || one.crates.length - other.crates.length
	);
	return best ?? { crates: [], left: rolls.map((_, at) => at) };
}

function packLying(rolls: readonly Roll[], { end, deepMm }: Lying): RollPacking {
	const size = (at: number) => rolls[at]?.diameterMm ?? 0;
	const all = rolls.map((_, at) => at);
	const fits = (at: number) =>
		size(at) <= end[1] + 1e-9 && (rolls[at]?.lengthMm ?? 0) <= deepMm + 1e-9;
	const packed = all.filter(fits);
	const usual = packed.toSorted((one, other) => size(other) - size(one) || one - other);
	let layers = layRows(rolls, usual, end);
	if (packed.length <= mostTried)
		for (const order of ordersOf(packed)) {
			const tried = layRows(rolls, order, end);
			if (tried.length < layers.length) layers = tried;
		}
	// Where rolls are short, one layer of them lies behind the other.
	const longest = Math.max(1, ...packed.map((at) => rolls[at]?.lengthMm ?? 0));
	const deep = Math.max(1, Math.floor(deepMm / longest + 1e-9));
	const crates = Array.from({ length: Math.ceil(layers.length / deep) }, (_, at) => ({
		widthMm: end[0],
		heightMm: end[1],
		rolls: layers
			.slice(at * deep, (at + 1) * deep)
			.flatMap((layer, nth) => layer.map((roll) => ({ ...roll, layer: nth + 1 })))
	}));
	return { crates, left: all.filter((at) => !fits(at)) };
}
