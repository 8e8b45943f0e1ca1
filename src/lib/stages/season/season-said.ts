import type { Exchanged, MatKind } from '$lib/core/season/exchange';
import { exchangedOf, withNewMats } from '$lib/core/season/exchange';
import type { HoldBack, SeasonNow } from '$lib/core/season/season';
import type { LeverCounts, LeverName, SeasonBand, SeasonForecast } from '$lib/core/season/forecast';
import {
	forecastOf,
	forecastSeason,
	leverNames,
	smallestChange,
	withLevers
} from '$lib/core/season/forecast';
import { seasonRuns } from '$lib/core/season/season';

/** Another kind of mat that could be begun from now, and the looms there are for it. */
export interface SeasonOption {
	readonly id: string;
	readonly kind: MatKind;
	readonly looms: number | null;
}

/** A season that is asked about. */
export interface SeasonOrder {
	readonly now: SeasonNow;
	readonly wanted: number;
	/** The mat that the season's amounts are told in. */
	readonly mat: MatKind;
	/** Levers that are taken. */
	readonly levers: LeverCounts;
	readonly other: SeasonOption | null;
}

/** What comes of a season by its day. */
export interface Outlook {
	readonly expected: number;
	readonly low: number;
	readonly high: number;
	readonly chance: number;
	readonly weeks: readonly SeasonBand[];
	readonly heldBackBy: Partial<Readonly<Record<HoldBack, number>>>;
}

/** What one more of a lever adds, and what comes of the season then. */
export interface LeverSaid {
	readonly what: LeverName;
	readonly adds: number;
	readonly outlook: Outlook;
}

/** What is said of a season. */
export interface SeasonSaid extends Outlook {
	/** Seasons that were gone through. */
	readonly runs: number;
	readonly levers: readonly LeverSaid[];
	/** The same with nothing changed; null where nothing is. */
	readonly plain: { readonly expected: number; readonly chance: number } | null;
}

export type NineInTen = NonNullable<ReturnType<typeof smallestChange>>;

/** What another plan comes to, by its id. */
export interface ExchangeSaid extends Exchanged {
	readonly id: string;
}

/** Seasons that a forecast rests on, and those a way is looked for with. */
const [usualRuns, quickRuns] = [2000, 400] as const;
/** Weeks of makers that are lived through in a moment: a season of more is gone through fewer times. */
const atOnce = 3_000_000;

/** The chance of a season: the same wherever it is asked about, so that page and paper say the same. */
function chanceOf({ now }: SeasonOrder, most: number) {
	const work = Math.max(1, now.weeks * (now.mats.length + now.freeMakers.length));
	return { seed: 1, runs: Math.max(200, Math.min(most, Math.floor(atOnce / work))) };
}

const outlookOf = ({ readyBy, chance, weeks, heldBackBy }: SeasonForecast): Outlook => ({
	expected: readyBy.expected,
	low: readyBy.low,
	high: readyBy.high,
	chance,
	weeks,
	heldBackBy
});

const exchanged = ({ now, mat }: SeasonOrder, other: SeasonOption | null): SeasonNow =>
	other ? withNewMats(now, mat, other.kind, other.looms) : now;

const isPlain = ({ levers, other }: SeasonOrder) =>
	other === null && leverNames.every((name) => levers[name] === 0);

/** What is said of a season with what is changed of it. */
export function seasonSaid(
	order: SeasonOrder,
	progress: (share: number) => void = () => {}
): SeasonSaid {
	const { now, wanted, mat, levers, other } = order;
	const chance = chanceOf(order, usualRuns);
	/** Forecasts that are gone through: as it is, each lever more, and with nothing changed. */
	const parts = leverNames.length + (isPlain(order) ? 1 : 2);
	let done = 0;
	const told = (ran: number) => {
		progress((done + ran / chance.runs) / parts);
		if (ran === chance.runs) done++;
	};
	const changed = withLevers(exchanged(order, other), levers, mat.bags);
	const said = forecastSeason(changed, wanted, mat.bags, chance, told);
	const plain = isPlain(order)
		? null
		: forecastOf(seasonRuns(now, chance, told), wanted, now.handedOver + now.ready);
	return {
		...outlookOf(said),
		runs: chance.runs,
		levers: said.levers.map(({ what, adds, forecast }) => ({
			what,
			adds,
			outlook: outlookOf(forecast)
		})),
		plain: plain && { expected: plain.readyBy.expected, chance: plain.chance }
	};
}

/** The smallest change that makes as many as are wanted likely: nine times in ten. */
export const nineInTen = (order: SeasonOrder) =>
	smallestChange(order.now, order.wanted, order.mat.bags, 0.9, chanceOf(order, quickRuns));

/** What each of some plans does to a season, beside the mats that are begun as things stand. */
export function exchangesSaid({
	order,
	options
}: {
	readonly order: SeasonOrder;
	readonly options: readonly SeasonOption[];
}): ExchangeSaid[] {
	const { wanted, mat, levers } = order;
	const chance = chanceOf(order, usualRuns);
	const of = (other: SeasonOption | null) => {
		const now = withLevers(exchanged(order, other), levers, mat.bags);
		return {
			forecast: forecastOf(seasonRuns(now, chance), wanted, now.handedOver + now.ready),
			bags: other?.kind.bags ?? mat.bags
		};
	};
	const plain = of(null);
	return options.map((option) => ({ id: option.id, ...exchangedOf(plain, of(option)) }));
}
