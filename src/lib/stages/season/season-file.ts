import { seasonFile as say } from '$lib/words/season';
import { weeksInSpans } from '$lib/core/rhythm/span';
import type { MakerOfSeason, SeasonNow } from '$lib/core/season/now';
import { asBefore } from '$lib/core/season/now';
import { daysBetween } from '$lib/ui/days';
import type { ReadFile } from '$lib/ui/read-json';
import { readJson } from '$lib/ui/read-json';
import { z } from 'zod';

/** A season whose forecast is asked for. */
export interface SeasonCase {
	readonly today: string;
	readonly wanted: number;
	readonly now: SeasonNow;
	readonly bagsPerMat: number;
	readonly seed: number;
	readonly runs: number;
}

const words = {
	day: say.aDayLike202611(),
	count: say.aNumberOfMatsWhole(),
	worth: say.thisIsAnAmountIn(),
	share: say.theShareOfAMat(),
	done: say.thisIsTheShareOf(),
	list: say.aListOfAtMost(),
	id: say.anIdATextOf(),
	away: say.awayIsAListOf(),
	seed: say.aSeedAWholeNumber(),
	runs: say.aNumberOfRunsWhole(),
	bags: say.bagsForOneMatMore()
} as const;

const day = z.iso.date({ error: words.day });
const count = z
	.number({ error: words.count })
	.int(words.count)
	.min(0, words.count)
	.max(10_000, words.count);
const worth = z.number({ error: words.worth }).min(0, words.worth).max(10_000, words.worth);
const weeks = z
	.array(z.number({ error: words.share }).min(0, words.share).max(20, words.share), {
		error: words.list
	})
	.max(520, words.list)
	.default([]);
/** An id of a mat, or of a maker. */
export const idField = z.string({ error: words.id }).min(1, words.id).max(200, words.id);
const away = z
	.array(
		z.tuple([day, day], { error: words.away }).refine(([from, to]) => from <= to, words.away),
		{ error: words.away }
	)
	.max(100, words.away)
	.default([]);
const worths = z.array(worth, { error: words.list }).max(520, words.list).default([]);

/** What every door of a season reads, whoever makes its mats. */
export const seasonFields = {
	today: day,
	by: day,
	wanted: count,
	handed_over: count.default(0),
	ready: count.default(0),
	in_check: count.default(0),
	strand_mats: worth.default(0),
	bag_mats: worth.default(0),
	bags_per_week: worths,
	table_days: z.array(day, { error: words.list }).max(520, words.list).default([]),
	per_table_day: z
		.array(
			z.union([worth, z.strictObject({ made: worth, short: z.boolean().default(false) })], {
				error: say.whatATableDayMade()
			}),
			{ error: words.list }
		)
		.max(520, words.list)
		.default([]),
	checks: z
		.strictObject(
			{ good: count.default(0), mended: count.default(0) },
			{ error: say.theseAreChecksGoodAnd() }
		)
		.default({ good: 0, mended: 0 }),
	bags_per_mat: z
		.number({ error: words.bags })
		.gt(0, words.bags)
		.max(100_000, words.bags)
		.default(550),
	seed: z
		.number({ error: words.seed })
		.int(words.seed)
		.min(0, words.seed)
		.max(4_294_967_295, words.seed)
		.default(1),
	runs: z
		.number({ error: words.runs })
		.int(words.runs)
		.min(1, words.runs)
		.max(20_000, words.runs)
		.default(2000)
} as const;

/** Somebody who makes mats, as a file has them. */
export const makerFields = { id: idField.optional(), weeks, away } as const;
/** The share of a mat that is made, and the weeks it rests. */
export const matFields = {
	done: z.number({ error: words.done }).min(0, words.done).max(100, words.done),
	rest_weeks: count.default(0)
} as const;

const fileShape = z.strictObject(
	{
		...seasonFields,
		mats: z
			.array(z.strictObject({ ...makerFields, ...matFields }, { error: say.aMatBeingMadeHas() }), {
				error: say.aListOfMatsBeing()
			})
			.default([]),
		free_makers: z
			.array(z.strictObject(makerFields, { error: say.aMakerWithoutAMat() }), {
				error: say.aListOfMakersWithout()
			})
			.default([])
	},
	{ error: say.aSeasonHasTodayBy() }
);

/** What a file says of a season beside its mats and makers. */
type SeasonData = z.infer<z.ZodObject<typeof seasonFields>>;

interface FileMaker {
	readonly id?: string | undefined;
	readonly weeks: readonly number[];
	readonly away: readonly (readonly [string, string])[];
}

/** Weeks of makers that are lived through at once: more takes too long. */
const mostWork = 40_000_000;
const mostWeeks = 260;

/** A file that cannot be used, for one reason. */
export const problem = <Value>(path: string, sentence: string): ReadFile<Value> => ({
	problems: [{ path, sentence }]
});

/** Whole weeks of a file’s season, or what is wrong with them: too many for so many makers and runs, too. */
export function weeksOfFile(
	{ today, by, runs }: SeasonData,
	makers: number
):
	| { readonly weeks: number; readonly wrong?: never }
	| { readonly weeks?: never; readonly wrong: ReadFile<never> } {
	const days = daysBetween(today, by);
	const weeks = Math.floor(days / 7);
	if (days < 0) return { wrong: problem('by', say.theSeasonEndsBeforeIt()) };
	if (weeks > mostWeeks) return { wrong: problem('by', say.atMostFiveYearsAhead()) };
	if (makers * weeks * runs > mostWork)
		return { wrong: problem('runs', say.tooManyMatsWeeksAnd()) };
	return { weeks };
}

/** Whether an id stands twice in a list of a file. */
export function hasTwice(list: readonly { readonly id?: string | undefined }[]): boolean {
	const ids = list.flatMap((one) => one.id ?? []);
	return new Set(ids).size < ids.length;
}

/** A maker of a file: the weeks in which they are away are counted from the first. */
export const makerOfFile = <Maker extends FileMaker>(
	{ weeks, away }: Maker,
	{ today }: SeasonData,
	weeksToCome: number
): MakerOfSeason => ({
	weeks,
	away: weeksInSpans(
		away.map(([from, to]) => ({ from, to })),
		today,
		weeksToCome
	)
});

/** Table days to come: their weeks. Each has the luck of its day, whatever stands beside it; of one day the second has its own. */
function daysToCome(days: readonly string[], today: string): SeasonNow['tableDays'] {
	const ahead = days
		.map((one) => daysBetween(today, one))
		.filter((days) => days >= 0)
		.toSorted((one, other) => one - other);
	return ahead.map((days, at) => ({
		week: Math.floor(days / 7) + 1,
		attendance: 1,
		stream: streamsOfDay * days + (at - ahead.indexOf(days))
	}));
}
/** A day of a file has so many streams of its own at the most, as many as it stands in the list. */
const streamsOfDay = 600;

/** The season of a file without its mats and makers. */
export const seasonOfFile = (data: SeasonData, weeks: number): SeasonNow => ({
	weeks,
	handedOver: data.handed_over,
	ready: data.ready,
	inCheck: data.in_check,
	mats: [],
	freeMakers: [],
	strandMats: data.strand_mats,
	bagMats: data.bag_mats,
	bagsPerWeek: data.bags_per_week,
	tableDays: daysToCome(data.table_days, data.today),
	perTableDay: data.per_table_day.map((one) =>
		typeof one === 'number' ? { made: one, isShort: false } : { made: one.made, isShort: one.short }
	),
	checks: data.checks,
	newMat: asBefore,
	looms: null
});

/** Reads a season out of the text of a file, or says all that is wrong with it. */
export function readSeasonFile(text: string): ReadFile<SeasonCase> {
	const { value: data, problems } = readJson(text, fileShape);
	if (problems) return { problems };
	const { weeks, wrong } = weeksOfFile(data, data.mats.length + data.free_makers.length);
	if (wrong) return wrong;
	for (const name of ['mats', 'free_makers'] as const)
		if (hasTwice(data[name])) return problem(name, say.eachIdStandsOnce());
	const makerOf = (maker: FileMaker): MakerOfSeason => ({
		...(maker.id === undefined ? {} : { id: maker.id }),
		...makerOfFile(maker, data, weeks)
	});
	return {
		value: {
			today: data.today,
			wanted: data.wanted,
			bagsPerMat: data.bags_per_mat,
			seed: data.seed,
			runs: data.runs,
			now: {
				...seasonOfFile(data, weeks),
				mats: data.mats.map((mat) => ({
					...makerOf(mat),
					done: mat.done,
					restWeeks: mat.rest_weeks,
					isOnLoom: false
				})),
				freeMakers: data.free_makers.map(makerOf)
			}
		}
	};
}
