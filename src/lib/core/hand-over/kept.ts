import { within } from '../domain-error';

/** Where bags came from: used ones are kept from the bin, new surplus was never waste. */
export const bagSources = ['used', 'new', 'unknown'] as const;
export type BagSource = (typeof bagSources)[number];

/** Bags of one source and kind in what was handed over. */
export interface BagsHandedOver {
	readonly source: BagSource;
	readonly bags: number;
	/** One bag, g. */
	readonly massG: number;
}

export interface Kept {
	readonly bags: Readonly<Record<BagSource, number>>;
	readonly grams: Readonly<Record<BagSource, number>>;
	/** All of them. */
	readonly inHandOver: number;
	/** Some are of no known source, so that as many as this were kept, or more. */
	readonly isAtLeast: boolean;
}

/**
 * What was kept from the bin: the used bags in what was handed over, and nothing else. New ones are said
 * apart; any whose source nobody knows makes it "at least".
 *
 * @throws DomainError
 * @example keptFromBin([{ source: 'used', bags: 200, massG: 14 }, { source: 'unknown', bags: 60, massG: 5.2 }]).isAtLeast // true
 */
export function keptFromBin(handedOver: readonly BagsHandedOver[]): Kept {
	const bags = { used: 0, new: 0, unknown: 0 };
	const grams = { used: 0, new: 0, unknown: 0 };
	for (const one of handedOver) {
		bags[one.source] += within('bags', one.bags, { atLeast: 0 });
		grams[one.source] += one.bags * within('massG', one.massG, { moreThan: 0 });
	}
	return {
		bags,
		grams,
		inHandOver: bags.used + bags.new + bags.unknown,
		isAtLeast: bags.unknown > 0
	};
}
