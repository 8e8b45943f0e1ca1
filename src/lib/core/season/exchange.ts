import { within } from '../domain-error';
import type { SeasonForecast } from './forecast';
import type { SeasonNow } from './now';

/** A kind of mat: the bags it takes, and the seconds whoever makes it works at it. */
export interface MatKind {
	readonly bags: number;
	readonly makingSeconds: number;
}

/**
 * A season whose mats, from today on, are of another kind: each takes its own strand, and grows as fast as
 * that kind does in the same hands. Mats being made stay what they are.
 *
 * @param before the kind that the season's amounts are told in; bags and seconds above 0
 * @param after the other kind; bags and seconds above 0
 * @param looms that it can be made on at once; null where it needs none
 * @throws DomainError
 * @example withNewMats({ weeks: 0, handedOver: 0, ready: 0, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, { bags: 500, makingSeconds: 80 }, { bags: 750, makingSeconds: 20 }, 2).newMat // { strand: 1.5, pace: 4 }
 */
export function withNewMats(
	now: SeasonNow,
	before: MatKind,
	after: MatKind,
	looms: number | null
): SeasonNow {
	for (const { bags, makingSeconds } of [before, after]) {
		within('bags', bags, { moreThan: 0 });
		within('makingSeconds', makingSeconds, { moreThan: 0 });
	}
	return {
		...now,
		looms,
		newMat: {
			strand: after.bags / before.bags,
			pace: before.makingSeconds / after.makingSeconds
		}
	};
}

/** What another kind of mat does to a season: mats more by its day, and bags more for those that are begun. */
export interface Exchanged {
	readonly adds: number;
	readonly chance: number;
	readonly moreBags: number;
}

/**
 * Two forecasts beside each other, by the same chance: mats begun of one kind, and of another.
 *
 * @param before forecast, and the bags one of its new mats takes
 * @param after the same with the other kind
 * @example exchangedOf({ forecast: { readyBy: { low: 1, expected: 2, high: 3, chances: new Map() }, chance: 0.2, weeks: [], begun: 3, heldBackBy: {} }, bags: 500 }, { forecast: { readyBy: { low: 3, expected: 4, high: 5, chances: new Map() }, chance: 0.5, weeks: [], begun: 4, heldBackBy: {} }, bags: 600 }).moreBags // 900
 */
export const exchangedOf = (
	before: { readonly forecast: SeasonForecast; readonly bags: number },
	after: { readonly forecast: SeasonForecast; readonly bags: number }
): Exchanged => ({
	adds: after.forecast.readyBy.expected - before.forecast.readyBy.expected,
	chance: after.forecast.chance,
	moreBags: after.forecast.begun * after.bags - before.forecast.begun * before.bags
});
