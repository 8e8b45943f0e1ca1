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
const count = (what: string) =>
	whole(0, mostFilm, `This is a number of ${what}: whole, 0 to 1,000,000.`);
const stationWords = `One of: ${lineStations.join(', ')}.`;
const station = z.enum(lineStations, { error: stationWords });
const minute = atLeast(0, mostMinutes, 'This is a minute of the day: 0 to 1,440.');
const pieces = 'This is a number of pieces: whole, 1 to 1,000.';
const seedWords = 'This is a seed: a whole number from 0 to 4,294,967,295.';

const personShape = z.object(
	{
		name: z
			.string({ error: 'This person has no name.' })
			.trim()
			.min(1, 'This person has no name.')
			.max(200, 'This name is too long.'),
		speed: number('This is a speed: above 0, and 20 at most.')
			.gt(0, 'This is a speed: above 0, and 20 at most.')
			.max(20, 'This is a speed: above 0, and 20 at most.')
			.default(1),
		station: station.optional(),
		may: z
			.array(station, { error: 'This is a list of stations.' })
			.max(20, 'This is a list of stations.')
			.optional(),
		from: minute.optional(),
		to: minute.optional(),
		child: z.boolean({ error: 'This is true or false.' }).default(false)
	},
	{ error: 'This is a person: a name, a speed, and where they sit or may sit.' }
);

const caseShape = z.object(
	{
		minutes: number('This is how long the day is: above 0 and up to 1,440 minutes.')
			.gt(0, 'This is how long the day is: above 0 and up to 1,440 minutes.')
			.max(mostMinutes, 'This is how long the day is: above 0 and up to 1,440 minutes.'),
		pieces_per_bag: whole(1, 1000, pieces),
		bags_per_ball: whole(1, 1000, 'This is how many bags a ball takes: whole, 1 to 1,000.'),
		cut_tool: z.enum(lineCuts, { error: `One of: ${lineCuts.join(', ')}.` }),
		stack: whole(1, 1000, 'This is how many bags are cut at once: whole, 1 to 1,000.').optional(),
		batch: whole(1, 1000, 'This is how many bags make a batch: whole, 1 to 1,000.').default(20),
		stock: z
			.object(
				{
					bags: count('bags').default(0),
					flat: count('flat bags').default(0),
					pieces: count('pieces').default(0),
					joined: atLeast(0, mostFilm, 'This is strand in bags: 0 to 1,000,000.').default(0),
					balls: count('balls').default(0)
				},
				{ error: 'This is what lies there: bags, flat, pieces, joined, balls.' }
			)
			.prefault({}),
		people: z
			.array(personShape, { error: 'This is a list of people.' })
			.max(60, 'These are more people than a table seats: 60 at most.'),
		tools: z
			.partialRecord(station, whole(0, 1000, 'This is a number of tools: whole, 0 to 1,000.'), {
				error: 'These are tools by station.'
			})
			.default({}),
		room: z
			.partialRecord(
				z.enum(lineBuffers, { error: `One of: ${lineBuffers.join(', ')}.` }),
				atLeast(0, mostFilm, 'This is how much there is room for: 0 to 1,000,000.'),
				{ error: 'This is room by place.' }
			)
			.default({}),
		noise: z.boolean({ error: 'This is true or false.' }).default(false),
		seed: whole(0, 4_294_967_295, seedWords).default(1),
		runs: whole(1, 20_000, 'This is a number of days: whole, 1 to 20,000.').default(1000)
	},
	{ error: 'This is not a day at a table.' }
);

/** Reads a day out of the text of a file, or says all that is wrong with it. */
export function readDayCase(text: string): ReadFile<DayCase> {
	const { value: content, problems: unread } = jsonOf(text);
	if (unread) return { problems: unread };
	if (
		Array.isArray(content) ||
		(typeof content === 'object' && content !== null && 'cases' in content)
	)
		return { problems: [{ path: 'file', sentence: 'This holds many days. Give one at a time.' }] };
	const { value: data, problems: unlike } = shapedAs(content, caseShape);
	if (unlike) return { problems: unlike };
	const lengthS = data.minutes * 60;
	const problems: FileProblem[] = [];
	const people = data.people.map((person, at): Seated => {
		const { name, speed, station: seat, may, from = 0, to = data.minutes } = person;
		const path = `people.${at}`;
		if (to > data.minutes)
			problems.push({ path: `${path}.to`, sentence: `The day ends at minute ${data.minutes}.` });
		else if (from >= to)
			problems.push({ path: `${path}.from`, sentence: 'Whoever comes must come before they go.' });
		if (person.child && seat === 'cut' && data.cut_tool === 'rolling-blade')
			problems.push({
				path: `${path}.station`,
				sentence: 'A child never sits at a rolling blade.'
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
			problems.push({ path: `people.${at}`, sentence: `${one.name} sits in two places at once.` });
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
