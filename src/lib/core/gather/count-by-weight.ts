import { defaults } from '../defaults';
import { positive, within } from '../domain-error';
import { eightyPercent } from '../know/eighty-percent';

/** A sample of bags weighed one by one or in known handfuls. */
export interface WeighedSample {
	/** Bags in the sample, a whole number from 2. */
	readonly bags: number;
	/** Mean mass of one, g, above 0. */
	readonly meanG: number;
	/** Spread between them (standard deviation), g, 0 or more. */
	readonly spreadG: number;
}

export interface CountByWeight {
	/** Bags in the box; not a whole number, because it is not known to be one. */
	readonly bags: number;
	readonly standardError: number;
	/** The 80 % interval. */
	readonly low: number;
	readonly high: number;
	/** Half the interval over the count. */
	readonly share: number;
	/** How many more bags to weigh for ±3 %; 0 where that is reached, null where no sample would do. */
	readonly moreToWeigh: number | null;
}

/**
 * Counts a box by its weight: `n = (G − T)/m̄`, with standard error
 * `√(n s² + n² s²/k + (n e/(G − T))² m̄²) / m̄`: the spread of the bags in the box, of the sample, and of the scale.
 *
 * @param grossG the full box, g
 * @param tareG the empty box, g, 0 or more and below the gross
 * @param scaleErrorG what the scale is good to, g, 0 or more
 * @throws DomainError
 * @source bench default for the wanted ±3 %; the rest is the propagation of independent errors
 */
export function countByWeight(
	grossG: number,
	tareG: number,
	sample: WeighedSample,
	scaleErrorG: number
): CountByWeight {
	const tare = within('tareG', tareG, { atLeast: 0 });
	const netG = positive('netG', within('grossG', grossG, { atLeast: 0 }) - tare);
	const k = within('sample.bags', sample.bags, { atLeast: 2 });
	const mean = positive('sample.meanG', sample.meanG);
	const cv = within('sample.spreadG', sample.spreadG, { atLeast: 0 }) / mean;
	const scale = within('scaleErrorG', scaleErrorG, { atLeast: 0 });

	const bags = netG / mean;
	const relative = cv ** 2 / bags + cv ** 2 / k + (scale / netG) ** 2;
	const standardError = bags * Math.sqrt(relative);
	const reach = eightyPercent * standardError;
	// The sample's own share is all that more weighing can shrink.
	const allowed = (defaults.wantedCountShare.value / eightyPercent) ** 2;
	const room = allowed - cv ** 2 / bags - (scale / netG) ** 2;
	const wanted = room > 0 ? Math.ceil(cv ** 2 / room) : null;
	return {
		bags,
		standardError,
		low: Math.max(0, bags - reach),
		high: bags + reach,
		share: reach / bags,
		moreToWeigh:
			relative <= allowed ? 0 : wanted === null || wanted > bags ? null : Math.max(1, wanted - k)
	};
}
