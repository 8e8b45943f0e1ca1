import { seasonFile as say } from '$lib/words/season';
import { weeksInSpans } from '$lib/core/rhythm/span';
import type { MakerOfSeason, SeasonNow } from '$lib/core/season/season';
import { asBefore } from '$lib/core/season/season';
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
const id = z.string({ error: words.id }).min(1, words.id).max(200, words.id).optional();
const away = z
	.array(
		z.tuple([day, day], { error: words.away }).refine(([from, to]) => from <= to, words.away),
		{ error: words.away }
	)
	.max(100, words.away)
	.default([]);
const worths = z.array(worth, { error: words.list }).max(520, words.list).default([]);

const fileShape = z.strictObject(
	{
		today: day,
		by: day,
		wanted: count,
		handed_over: count.default(0),
		ready: count.default(0),
		in_check: count.default(0),
		mats: z
			.array(
				z.strictObject(
					{
						id,
						done: z.number({ error: words.done }).min(0, words.done).max(100, words.done),
						weeks,
						rest_weeks: count.default(0),
						away
					},
					{ error: say.aMatBeingMadeHas() }
				),
				{ error: say.aListOfMatsBeing() }
			)
			.default([]),
		free_makers: z
			.array(z.strictObject({ id, weeks, away }, { error: say.aMakerWithoutAMat() }), {
				error: say.aListOfMakersWithout()
			})
			.default([]),
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
	},
	{ error: say.aSeasonHasTodayBy() }
);

interface FileMaker {
	readonly id?: string | undefined;
	readonly weeks: readonly number[];
	readonly away: readonly (readonly [string, string])[];
}

/** Weeks of makers that are lived through at once: more takes too long. */
const mostWork = 40_000_000;
const mostWeeks = 260;

const problem = (path: string, sentence: string): ReadFile<SeasonCase> => ({
	problems: [{ path, sentence }]
});

/** Reads a season out of the text of a file, or says all that is wrong with it. */
export function readSeasonFile(text: string): ReadFile<SeasonCase> {
	const { value: data, problems } = readJson(text, fileShape);
	if (problems) return { problems };
	const days = daysBetween(data.today, data.by);
	if (days < 0) return problem('by', say.theSeasonEndsBeforeIt());
	const weeksToCome = Math.floor(days / 7);
	if (weeksToCome > mostWeeks) return problem('by', say.atMostFiveYearsAhead());
	const makers = data.mats.length + data.free_makers.length;
	if (makers * weeksToCome * data.runs > mostWork)
		return problem('runs', say.tooManyMatsWeeksAnd());
	for (const name of ['mats', 'free_makers'] as const) {
		const ids = data[name].flatMap((one) => one.id ?? []);
		if (new Set(ids).size < ids.length) return problem(name, say.eachIdStandsOnce());
	}
	/** A maker of the file: the weeks in which they are away are counted from the first. */
	const makerOf = ({ id, weeks, away }: FileMaker): MakerOfSeason => ({
		...(id === undefined ? {} : { id }),
		weeks,
		away: weeksInSpans(
			away.map(([from, to]) => ({ from, to })),
			data.today,
			weeksToCome
		)
	});
	return {
		value: {
			today: data.today,
			wanted: data.wanted,
			bagsPerMat: data.bags_per_mat,
			seed: data.seed,
			runs: data.runs,
			now: {
				weeks: weeksToCome,
				handedOver: data.handed_over,
				ready: data.ready,
				inCheck: data.in_check,
				mats: data.mats.map(({ rest_weeks: restWeeks, ...mat }) => ({
					...makerOf(mat),
					done: mat.done,
					restWeeks,
					isOnLoom: false
				})),
				freeMakers: data.free_makers.map(makerOf),
				strandMats: data.strand_mats,
				bagMats: data.bag_mats,
				bagsPerWeek: data.bags_per_week,
				// Days behind are none to come; each day has its own luck, whatever stands beside it.
				tableDays: data.table_days
					.map((one) => daysBetween(data.today, one))
					.filter((ahead) => ahead >= 0)
					.map((ahead, stream) => ({ week: Math.floor(ahead / 7) + 1, attendance: 1, stream })),
				perTableDay: data.per_table_day.map((one) =>
					typeof one === 'number'
						? { made: one, isShort: false }
						: { made: one.made, isShort: one.short }
				),
				checks: data.checks,
				newMat: asBefore,
				looms: null
			}
		}
	};
}
