import { caseFile as say } from '$lib/words/table-day';
import type { LineDay } from '$lib/core/assembly-line/day';
import {
	lineBuffers,
	lineCuts,
	lineStations,
	usualStack
} from '$lib/core/assembly-line/assembly-line';
import type { Seated } from '$lib/core/assembly-line/people';
import { evenly } from '$lib/core/assembly-line/people';
import type { SeatRules } from '$lib/core/assembly-line/rules';
import type { FileProblem, ReadFile } from '$lib/ui/read-json';
import { jsonOf, shapedAs } from '$lib/ui/read-json';
import { z } from 'zod';

/** A day as a file has it: what is made, what lies there, who comes, and what is asked of it. */
export interface DayCase {
	readonly day: Omit<LineDay, 'sittings'>;
	/** In the order of the file. */
	readonly people: readonly Seated[];
	readonly rules: SeatRules;
	/** Asked for by chance, so many days by this seed; null where not. */
	readonly noise: { readonly seed: number; readonly runs: number } | null;
	/** Seats are advised by this seed. */
	readonly seed: number;
}

const number = (sentence: string) => z.number({ error: sentence }).finite(sentence);
const whole = (least: number, most: number, error: string) =>
	z.number({ error }).int(error).min(least, error).max(most, error);
const atLeast = (least: number, most: number, error: string) =>
	number(error).min(least, error).max(most, error);

const mostMinutes = 1440;
const mostFilm = 1_000_000;
const count = (what: string) => whole(0, mostFilm, say.aNumberOfWhole0({ what }));
const stationWords = say.oneOf({ lineStations: lineStations.join(', ') });
const station = z.enum(lineStations, { error: stationWords });
const minute = atLeast(0, mostMinutes, say.aMinuteOfTheDay());
const pieces = say.aNumberOfPiecesWhole();
const seedWords = say.aSeedAWholeNumber();

const personShape = z.object(
	{
		name: z
			.string({ error: say.thisPersonHasNoName() })
			.trim()
			.min(1, say.thisPersonHasNoName())
			.max(200, say.thisNameIsTooLong()),
		speed: number(say.aSpeedAbove0And())
			.gt(0, say.aSpeedAbove0And())
			.max(20, say.aSpeedAbove0And())
			.default(1),
		station: station.optional(),
		may: z
			.array(station, { error: say.aListOfStations() })
			.max(20, say.aListOfStations())
			.optional(),
		from: minute.optional(),
		to: minute.optional(),
		child: z.boolean({ error: say.thisIsTrueOrFalse() }).default(false)
	},
	{ error: say.thisIsAPersonA() }
);

const caseShape = z.object(
	{
		minutes: number(say.thisIsHowLongThe())
			.gt(0, say.thisIsHowLongThe())
			.max(mostMinutes, say.thisIsHowLongThe()),
		pieces_per_bag: whole(1, 1000, pieces),
		bags_per_ball: whole(1, 1000, say.bagsInABallWhole()),
		cut_tool: z.enum(lineCuts, { error: say.oneOf2({ lineCuts: lineCuts.join(', ') }) }),
		stack: whole(1, 1000, say.bagsCutAtOnceWhole()).optional(),
		batch: whole(1, 1000, say.bagsInABatchWhole()).default(20),
		stock: z
			.object(
				{
					bags: count('bags').default(0),
					flat: count(say.flatBags()).default(0),
					pieces: count('pieces').default(0),
					joined: atLeast(0, mostFilm, say.yarnInBags0To()).default(0),
					balls: count('balls').default(0)
				},
				{ error: say.thisIsWhatLiesThere() }
			)
			.prefault({}),
		people: z.array(personShape, { error: say.aListOfPeople() }).max(60, say.atMost60People()),
		tools: z
			.partialRecord(station, whole(0, 1000, say.aNumberOfToolsWhole()), {
				error: say.theseAreToolsByStation()
			})
			.default({}),
		room: z
			.partialRecord(
				z.enum(lineBuffers, { error: say.oneOf3({ lineBuffers: lineBuffers.join(', ') }) }),
				atLeast(0, mostFilm, say.thisIsHowMuchThere()),
				{ error: say.thisIsRoomByPlace() }
			)
			.default({}),
		noise: z.boolean({ error: say.thisIsTrueOrFalse() }).default(false),
		seed: whole(0, 4_294_967_295, seedWords).default(1),
		runs: whole(1, 20_000, say.aNumberOfDaysWhole()).default(1000)
	},
	{ error: say.thisIsNotADay() }
);

/** Reads a day out of the text of a file, or says all that is wrong with it. */
export function readDayCase(text: string): ReadFile<DayCase> {
	const { value: content, problems: unread } = jsonOf(text);
	if (unread) return { problems: unread };
	if (
		Array.isArray(content) ||
		(typeof content === 'object' && content !== null && 'cases' in content)
	)
		return { problems: [{ path: 'file', sentence: say.thisHoldsManyDaysGive() }] };
	const { value: data, problems: unlike } = shapedAs(content, caseShape);
	if (unlike) return { problems: unlike };
	const lengthS = data.minutes * 60;
	const problems: FileProblem[] = [];
	const people = data.people.map((person, at): Seated => {
		const { name, speed, station: seat, may, from = 0, to = data.minutes } = person;
		const path = `people.${at}`;
		if (to > data.minutes)
			problems.push({
				path: `${path}.to`,
				sentence: say.theDayEndsAtMinute({ minutes: data.minutes })
			});
		else if (from >= to)
			problems.push({ path: `${path}.from`, sentence: say.whoeverComesMustComeBefore() });
		if (person.child && seat === 'cut' && data.cut_tool === 'rolling-blade')
			problems.push({
				path: `${path}.station`,
				sentence: say.aChildNeverSitsAt()
			});
		const times = { name, fromS: from * 60, toS: to * 60 };
		return seat
			? { ...times, speed, station: seat }
			: { ...times, speeds: evenly(speed), may: may ?? lineStations };
	});
	for (const [at, one] of people.entries())
		if (
			people
				.slice(0, at)
				.some((other) => other.name === one.name && one.fromS < other.toS && other.fromS < one.toS)
		)
			problems.push({ path: `people.${at}`, sentence: say.sitsInTwoPlacesAt({ name: one.name }) });
	if (problems.length > 0) return { problems };
	return {
		value: {
			day: {
				line: {
					piecesPerBag: data.pieces_per_bag,
					bagsPerBall: data.bags_per_ball,
					cutTool: data.cut_tool,
					stack: data.stack ?? usualStack(data.cut_tool),
					batch: data.batch
				},
				stock: data.stock,
				room: data.room,
				lengthS
			},
			people,
			rules: {
				cutTool: data.cut_tool,
				tools: data.tools,
				children: new Set(data.people.filter(({ child }) => child).map(({ name }) => name))
			},
			noise: data.noise ? { seed: data.seed, runs: data.runs } : null,
			seed: data.seed
		}
	};
}
