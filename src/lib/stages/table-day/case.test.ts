import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { dayAnswer } from './case-answer';
import { readDayCase } from './case-file';

interface Case {
	readonly name: string;
	readonly people: readonly { readonly name: string }[];
	readonly expected: Readonly<Record<string, number>>;
}
const { cases } = JSON.parse(readFileSync('tests/cases/table-day.json', 'utf8')) as {
	cases: Case[];
};
interface Answer {
	readonly counts: Readonly<Record<string, number>>;
	readonly seats: readonly Readonly<Record<string, number | string>>[];
	readonly adds: Readonly<Record<string, number>>;
	readonly balls?: Readonly<Record<string, number>>;
}
function answerTo(content: unknown): Answer {
	const read = readDayCase(JSON.stringify(content));
	if (read.problems) throw new Error(JSON.stringify(read.problems));
	return dayAnswer(read.value) as Answer;
}
const problemsOf = (content: unknown) =>
	readDayCase(typeof content === 'string' ? content : JSON.stringify(content)).problems?.map(
		({ path, sentence }) => `${path}: ${sentence}`
	);
const plain = {
	minutes: 60,
	pieces_per_bag: 4,
	bags_per_ball: 5,
	cut_tool: 'scissors',
	people: [{ name: 'Odo', station: 'cut' }]
} as const;

describe('a worked day', () => {
	it.each(cases)('comes out exactly: $name', (worked) => {
		const answer = answerTo(worked);
		expect(answer.counts).toEqual(worked.expected);
		expect(answer.seats.map(({ name }) => name)).toEqual(worked.people.map(({ name }) => name));
	});
});

describe('a day of a file', () => {
	it('takes what is not said for granted: everyone there throughout, nothing there', () => {
		expect(answerTo(plain).seats).toEqual([
			{
				name: 'Odo',
				station: 'cut',
				from: 0,
				to: 60,
				worked_s: 0,
				starved_s: 3600,
				blocked_s: 0
			}
		]);
	});

	it('seats those who are free, each where they may sit', () => {
		const { seats, counts } = answerTo({
			...plain,
			stock: { bags: 60 },
			people: [
				{ name: 'Odo', may: ['cut'] },
				{ name: 'Wren', may: ['flatten'] },
				{ name: 'Mabel' },
				{ name: 'Pia', station: 'ball', from: 30 }
			]
		});
		expect(
			new Set(seats.filter(({ name }) => name === 'Odo').map((one) => one['station']))
		).toEqual(new Set(['cut']));
		expect(seats.at(-1)).toMatchObject({ name: 'Pia', from: 30, to: 60 });
		expect(counts['balls']).toBeGreaterThan(0);
	});

	it('is run by chance where that is asked for, the same by the same seed', () => {
		const asked = { ...cases[0], noise: true, seed: 4, runs: 300 };
		const { balls, counts } = answerTo(asked);
		expect(counts['balls']).toBe(13);
		expect(answerTo(asked).balls).toEqual(balls);
		expect(balls?.['low']).toBeLessThan(balls?.['expected'] ?? 0);
		expect(balls?.['high']).toBeGreaterThan(balls?.['expected'] ?? 99);
		expect(Number.isInteger(balls?.['low'])).toBe(true);
		expect(answerTo({ ...asked, seed: 5 }).balls).not.toEqual(balls);
	});

	it.each([
		['no JSON', '{', ['file: This is not JSON.']],
		['many days', { cases }, ['file: This holds many days. Give one at a time.']],
		['a list', cases, ['file: This holds many days. Give one at a time.']],
		['a number', 3, ['file: This is not a table day.']],
		[
			'letters for a number, and a station nobody knows',
			{ ...plain, minutes: 'long', people: [{ name: 'Odo', station: 'knit' }] },
			[
				'minutes: How long the day is: above 0 and up to 1,440 minutes.',
				'people.0.station: One of: flatten, cut, join, ball.'
			]
		],
		[
			'somebody in two places',
			{
				...plain,
				people: [
					{ name: 'Odo', station: 'cut', to: 40 },
					{ name: 'Odo', station: 'join', from: 30 }
				]
			},
			['people.1: Odo is in two places at once.']
		],
		[
			'a child at a blade',
			{
				...plain,
				cut_tool: 'rolling-blade',
				people: [{ name: 'Ivo', station: 'cut', child: true }]
			},
			['people.0.station: A child never uses a rolling blade.']
		],
		[
			'somebody who goes before they come',
			{ ...plain, people: [{ name: 'Odo', station: 'cut', from: 30, to: 30 }] },
			['people.0.from: People must come before they leave.']
		],
		[
			'somebody who stays too long',
			{ ...plain, people: [{ name: 'Odo', station: 'cut', to: 61 }] },
			['people.0.to: The day ends at minute 60.']
		],
		[
			'half a bag, and room for letters',
			{ ...plain, stock: { bags: 0.5 }, room: { flat: 'much' } },
			[
				'stock.bags: A number of bags: whole, 0 to 1,000,000.',
				'room.flat: How much there is room for: 0 to 1,000,000.'
			]
		]
	])('with %s says so', (_, content, sentences) => expect(problemsOf(content)).toEqual(sentences));
});
