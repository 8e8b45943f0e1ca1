import { defaults } from '../defaults';
import { positive, within } from '../domain-error';
import { z90 } from '../statistics/z90';
import { studentT90 } from '../statistics/student-t';

/** A sample of bags weighed in handfuls of so many each. */
export interface WeighedSample {
	/** Handfuls weighed, a whole number from 1. */
	readonly handfuls: number;
	/** Bags in each, a whole number from 1. */
	readonly bagsEach: number;
	/** Mean mass of one bag, g, above 0. */
	readonly meanG: number;
	/** Spread between bags (standard deviation), g, 0 or more; of one handful the craft's. */
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
	/** How many more bags to weigh for ±3 %, in whole handfuls; 0 where that is reached, null where no sample would do. */
	readonly moreToWeigh: number | null;
}

/** What a count rests on, each as a share of the count. */
interface Shares {
	readonly bags: number;
	readonly bagsEach: number;
	/** Coefficient of variation between bags. */
	readonly cv: number;
	/** What the scale is good to, over the net weight. */
	readonly scale: number;
}

/** Standard error of a count over the count, after so many handfuls. */
const errorShare = ({ bags, bagsEach, cv, scale }: Shares, handfuls: number): number =>
	Math.sqrt(cv ** 2 / bags + cv ** 2 / (handfuls * bagsEach) + scale ** 2);

/**
 * How many standard errors hold 80 %. The spread comes from the handfuls, so it is known with one
 * degree of freedom less than there are; the scale's part is known as it is (Welch, Satterthwaite).
 * One handful takes the craft's spread, which is known as well.
 */
function reachOf(shares: Shares, handfuls: number): number {
	if (handfuls < 2 || shares.cv === 0) return z90;
	const all = errorShare(shares, handfuls) ** 2;
	const ofBags = all - shares.scale ** 2;
	return studentT90((handfuls - 1) * (all / ofBags) ** 2);
}

/** Half the 80 % interval over the count, after so many handfuls of the same spread. */
const shareAfter = (shares: Shares, handfuls: number): number =>
	reachOf(shares, handfuls) * errorShare(shares, handfuls);

/** The fewest handfuls that bring the interval within what is wanted, or null where the box has not so many. */
function handfulsWanted(shares: Shares, from: number): number | null {
	const wanted = defaults.wantedCountShare.value;
	let [least, most] = [from, Math.floor(shares.bags / shares.bagsEach)];
	if (most < from || shareAfter(shares, most) > wanted) return null;
	while (least < most) {
		const middle = Math.floor((least + most) / 2);
		if (shareAfter(shares, middle) <= wanted) most = middle;
		else least = middle + 1;
	}
	return least;
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
 * @example countByWeight(3200, 200, { handfuls: 3, bagsEach: 10, meanG: 5.2, spreadG: 1 }, 2) // { bags: 576.92, standardError: 20.78, low: 537.75, high: 616.09, share: 0.067896, moreToWeigh: 70 }
 */
export function countByWeight(
	grossG: number,
	tareG: number,
	sample: WeighedSample,
	scaleErrorG: number
): CountByWeight {
	const tare = within('tareG', tareG, { atLeast: 0 });
	const netG = positive('netG', within('grossG', grossG, { atLeast: 0 }) - tare);
	const handfuls = within('sample.handfuls', sample.handfuls, { atLeast: 1, isWhole: true });
	const bagsEach = within('sample.bagsEach', sample.bagsEach, { atLeast: 1, isWhole: true });
	const mean = positive('sample.meanG', sample.meanG);
	const cv = within('sample.spreadG', sample.spreadG, { atLeast: 0 }) / mean;
	const scale = within('scaleErrorG', scaleErrorG, { atLeast: 0 }) / netG;

	const shares: Shares = { bags: netG / mean, bagsEach, cv, scale };
	const { bags } = shares;
	const share = shareAfter(shares, handfuls);
	const wanted =
		share <= defaults.wantedCountShare.value ? handfuls : handfulsWanted(shares, handfuls + 1);
	return {
		bags,
		standardError: bags * errorShare(shares, handfuls),
		low: Math.max(0, bags * (1 - share)),
		high: bags * (1 + share),
		share,
		moreToWeigh: wanted === null ? null : (wanted - handfuls) * bagsEach
	};
}
