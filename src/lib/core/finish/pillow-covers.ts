import { defaults } from '../defaults';
import { within } from '../domain-error';
import { wholeIn, atLeastWhole } from '../factors/rounding';
import { pillowMassG } from './pillow';

/** How full a pillow is stuffed: soft, or as who sews usually does. */
export type PillowPacking = 'soft' | 'full';

export interface PillowCovers {
	/** Scrap one pillow takes, g. */
	readonly gramsEach: number;
	/** Pillows the scrap and the covers in hand give. */
	readonly stuffed: number;
	/** One piece of cloth, two of which make a cover, seams with it, mm. */
	readonly pieceMm: readonly [number, number];
	/** Cloth off the bolt for all that the scrap would fill, m. */
	readonly clothM: number;
	readonly leftG: number;
	readonly minutes: number;
	/** So many grams and fewer lie flat, g. */
	readonly flatBelowG: number;
}

/** What may be typed of a pillow, mm. */
export const pillowLimits = {
	side: { atLeast: 200, atMost: 700 },
	height: { atLeast: 50, atMost: 200 }
} as const;

const density: Readonly<Record<PillowPacking, number>> = {
	soft: defaults.pillowDensity.value,
	full: defaults.pillowDensityFull.value
};

/**
 * Sewn pillow covers: two pieces of cloth, three sides sewn, stuffed, sewn shut. Always cloth, never film.
 *
 * @param clothWidthMm of the bolt
 * @param scrapG there is, 0 or more
 * @param covers in hand, whole; as many as are wanted if not given
 * @throws DomainError where no piece fits the cloth
 * @source bench default
 * @example pillowCovers({ widthMm: 400, lengthMm: 300, heightMm: 100 }, 'full', 1400, 6000).stuffed // 12
 */
export function pillowCovers(
	pillow: { readonly widthMm: number; readonly lengthMm: number; readonly heightMm: number },
	packing: PillowPacking,
	clothWidthMm: number,
	scrapG: number,
	covers?: number
): PillowCovers {
	const widthMm = within('pillow.widthMm', pillow.widthMm, pillowLimits.side);
	const lengthMm = within('pillow.lengthMm', pillow.lengthMm, pillowLimits.side);
	const heightMm = within('pillow.heightMm', pillow.heightMm, pillowLimits.height);
	within('scrapG', scrapG, { atLeast: 0 });
	if (covers !== undefined) within('covers', covers, { atLeast: 0, isWhole: true });
	const across = widthMm + heightMm + defaults.coverSeams.value;
	const along = lengthMm + heightMm + defaults.coverSeams.value;
	within('clothWidthMm', clothWidthMm, { atLeast: Math.min(across, along), atMost: 5000 });
	const gramsEach = pillowMassG(widthMm, lengthMm, heightMm, density[packing]);
	const fillable = wholeIn(scrapG / gramsEach);
	const stuffed = Math.min(covers ?? fillable, fillable);
	const boltMm = (lyingMm: number, runMm: number) => {
		const beside = wholeIn(clothWidthMm / lyingMm);
		return beside === 0 ? Infinity : atLeastWhole((2 * fillable) / beside) * runMm;
	};
	return {
		gramsEach,
		stuffed,
		pieceMm: [across, along],
		clothM: Math.min(boltMm(across, along), boltMm(along, across)) / 1000,
		leftG: scrapG - stuffed * gramsEach,
		minutes: (stuffed * defaults.stuffPillow.value) / 60,
		flatBelowG: defaults.pillowFlat.value * pillowMassG(widthMm, lengthMm, heightMm, density.full)
	};
}
