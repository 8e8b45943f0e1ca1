import { isInSpans } from '$lib/core/rhythm/span';
import { daysBetween } from '$lib/ui/days';
import type { SeasonBasis } from './season-view';

/** What changed of a season, and the season as it would be without that. */
export interface SeasonChange {
	readonly sort:
		| 'maker-left'
		| 'maker-new'
		| 'away'
		| 'days-off'
		| 'days-more'
		| 'source-dry'
		| 'bags'
		| 'asked'
		| 'passed'
		| 'counted';
	/** Whom or what it is of: ids of people, days, places, as the sort has it. */
	readonly of: readonly string[];
	/** How many, or by how much. */
	readonly count: number;
	/** The season of today without the change; null where there is nothing to undo of it. */
	readonly without: SeasonBasis | null;
}

/** A change as it is told: what it did to a goal, in mats; null where that is not a matter of chance. */
export interface ChangeSaid extends Pick<SeasonChange, 'sort' | 'of' | 'count'> {
	readonly effect: number | null;
}

/** Days without a drop-off after which a source that came often is dry. */
export const dryAfterDays = 21;
/** Drop-offs by which a source comes often. */
const oftenTimes = 3;
/** Bags a week that differ by less than this share are the same. */
const alike = 0.15;

const mean = (all: readonly number[]) =>
	all.length === 0 ? 0 : all.reduce((sum, one) => sum + one, 0) / all.length;
const awayWeeks = (away: readonly number[] | undefined) => away?.length ?? 0;

/** Everyone who makes mats in a season, by their ids. */
const makersOf = ({ mats, freeMakers }: SeasonBasis): Set<string> =>
	new Set([
		...freeMakers.flatMap(({ id }) => id ?? []),
		...mats.flatMap(({ maker }) => maker ?? [])
	]);

/** Makers who left: their mats would go on, and they would take up another. */
function makersLeft(before: SeasonBasis, now: SeasonBasis): SeasonChange[] {
	const there = makersOf(now);
	const gone = [...makersOf(before)].filter((id) => !there.has(id));
	if (gone.length === 0) return [];
	const theirs = new Map(
		before.mats.flatMap((mat) => (mat.maker && gone.includes(mat.maker) ? [[mat.id, mat]] : []))
	);
	const without: SeasonBasis = {
		...now,
		mats: now.mats.map((mat) => {
			const was = theirs.get(mat.id);
			if (!was || !mat.isLeft) return mat;
			return { ...mat, away: [], weeks: was.weeks, maker: was.maker, isLeft: false };
		}),
		freeMakers: [
			...before.freeMakers.filter(({ id }) => id !== undefined && gone.includes(id)),
			...now.freeMakers
		]
	};
	return [{ sort: 'maker-left', of: gone, count: gone.length, without }];
}

/** Makers who came. */
function makersNew(before: SeasonBasis, now: SeasonBasis): SeasonChange[] {
	const known = makersOf(before);
	const fresh = [...makersOf(now)].filter((id) => !known.has(id));
	if (fresh.length === 0) return [];
	const isNew = (id: string | null | undefined) => id !== null && fresh.includes(id ?? '');
	const without = {
		...now,
		mats: now.mats.filter(({ maker }) => !isNew(maker)),
		freeMakers: now.freeMakers.filter(({ id }) => !isNew(id))
	};
	return [{ sort: 'maker-new', of: fresh, count: fresh.length, without }];
}

/** Makers who are away for longer than was known. */
function makersAway(before: SeasonBasis, now: SeasonBasis): SeasonChange[] {
	const passed = Math.floor(daysBetween(before.today, now.today) / 7);
	const was = new Map<string, number>();
	const count = (id: string | null | undefined, away: readonly number[] | undefined) =>
		void (id && was.set(id, awayWeeks(away?.filter((week) => week > passed))));
	for (const { maker, away } of before.mats) count(maker, away);
	for (const { id, away } of before.freeMakers) count(id, away);
	const isMore = (id: string | null | undefined, away: readonly number[] | undefined) =>
		!!id && was.has(id) && awayWeeks(away) > (was.get(id) ?? 0);
	const more = new Set([
		...now.mats.flatMap(({ maker, away }) => (maker && isMore(maker, away) ? [maker] : [])),
		...now.freeMakers.flatMap(({ id, away }) => (id && isMore(id, away) ? [id] : []))
	]);
	if (more.size === 0) return [];
	const there = <Maker extends { readonly away?: readonly number[] }>(
		maker: Maker,
		id: string | null | undefined
	): Maker => (id && more.has(id) ? { ...maker, away: [] } : maker);
	const without = {
		...now,
		mats: now.mats.map((mat) => there(mat, mat.maker)),
		freeMakers: now.freeMakers.map((maker) => there(maker, maker.id))
	};
	return [{ sort: 'away', of: [...more], count: more.size, without }];
}

/** Table days that are off, and days beside those that were known. */
function daysChanged(before: SeasonBasis, now: SeasonBasis): SeasonChange[] {
	const last = before.tableDays.at(-1)?.day ?? '';
	const nowLast = now.tableDays.at(-1)?.day ?? '';
	const off = before.tableDays.filter(
		({ day }) =>
			day >= now.today &&
			(day <= nowLast || isInSpans(day, now.shut)) &&
			!now.tableDays.some((one) => one.day === day)
	);
	const more = now.tableDays.filter(
		({ day }) => day <= last && !before.tableDays.some((one) => one.day === day)
	);
	const byDay = (days: SeasonBasis['tableDays']) =>
		days.toSorted((one, other) => (one.day < other.day ? -1 : 1));
	const changes: SeasonChange[] = [];
	if (off.length > 0) {
		const added = off.map((day) => ({ ...day, ahead: daysBetween(now.today, day.day) }));
		changes.push({
			sort: 'days-off',
			of: off.map(({ day }) => day),
			count: off.length,
			without: { ...now, tableDays: byDay([...now.tableDays, ...added]) }
		});
	}
	if (more.length > 0)
		changes.push({
			sort: 'days-more',
			of: more.map(({ day }) => day),
			count: more.length,
			without: { ...now, tableDays: now.tableDays.filter((day) => !more.includes(day)) }
		});
	return changes;
}

/** Sources that came often and come no more, and bags a week that are others than before. */
function bagsChanged(before: SeasonBasis, now: SeasonBasis): SeasonChange[] {
	const isDry = (basis: SeasonBasis, place: SeasonBasis['perPlace'][number]) =>
		place.times >= oftenTimes && daysBetween(place.lastOn, basis.today) >= dryAfterDays;
	const dry = now.perPlace
		.filter((place) => isDry(now, place))
		.filter(({ place }) => {
			const was = before.perPlace.find((one) => one.place === place);
			return was !== undefined && !isDry(before, was);
		})
		.map(({ place }) => place);
	const [was, is] = [mean(before.bagsPerWeek), mean(now.bagsPerWeek)];
	const without = { ...now, bagsPerWeek: before.bagsPerWeek };
	if (dry.length > 0) return [{ sort: 'source-dry', of: dry, count: dry.length, without }];
	return was > 0 && Math.abs(is / was - 1) > alike
		? [{ sort: 'bags', of: [], count: (is - was) * now.newMat.bags, without }]
		: [];
}

/** What is asked for in all, and what passed its check. */
function askedAndPassed(before: SeasonBasis, now: SeasonBasis): SeasonChange[] {
	const wanted = ({ goals }: SeasonBasis) => goals.at(-1)?.wanted ?? 0;
	// What was asked for by a day that is over now is no change.
	const over = before.goals.findLast(({ by }) => by < now.today)?.wanted ?? 0;
	const more = wanted(now) - (wanted(before) - over);
	const there = (basis: SeasonBasis) => basis.ready + (basis.goals.at(-1)?.handedOver ?? 0);
	const passed = over > 0 ? 0 : there(now) - there(before);
	return [
		...(more !== 0 ? [{ sort: 'asked' as const, of: [], count: more, without: null }] : []),
		...(passed > 0 ? [{ sort: 'passed' as const, of: [], count: passed, without: null }] : [])
	];
}

function countedChanged(before: SeasonBasis, now: SeasonBasis): SeasonChange[] {
	const more = now.counted.length - before.counted.length;
	return more === 0
		? []
		: [{ sort: 'counted', of: [], count: more, without: { ...now, counted: before.counted } }];
}

/** What changed of a season since it was looked at before, each with the season of today without it. */
export const changesOf = (before: SeasonBasis, now: SeasonBasis): SeasonChange[] => [
	...makersLeft(before, now),
	...makersNew(before, now),
	...makersAway(before, now),
	...daysChanged(before, now),
	...bagsChanged(before, now),
	...countedChanged(before, now),
	...askedAndPassed(before, now)
];
