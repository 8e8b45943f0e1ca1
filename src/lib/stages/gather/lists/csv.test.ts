import * as commonWords from '$lib/words/common';
import * as gatherWords from '$lib/words/gather';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkDropOffs, checkMovements, lineKey, problemsShown } from './check-list';
import { guessMatching, listFields, matchingProblems } from './columns';
import { mostColumns, mostRows, readCsv, writeCsv } from './read-csv';
import { readDropOffRow, readMovementRow } from './read-row';

const kindId = '6f1d7e1c-1111-4111-8111-111111111111';
const context = { kinds: new Map([['thin carrier', kindId]]), today: '2026-11-25', dayOrder: null };
const turn = () => Promise.resolve();

const read = (text: string) => {
	const answer = readCsv(text);
	if (answer.problem !== undefined) throw new Error(answer.problem);
	return answer.list;
};

describe('a list as CSV', () => {
	it('is read as it was written, whatever stands in its cells', () =>
		fc.assert(
			fc.property(
				fc.array(
					fc.array(fc.string({ unit: fc.constantFrom('a', '"', ',', ';', '\n', 'é', ' x', '=') }), {
						minLength: 3,
						maxLength: 3
					}),
					{ minLength: 1, maxLength: 8 }
				),
				(rows) => {
					const shown = rows.map((row) => row.map((cell) => `.${cell}.`));
					const { heads, rows: back } = read(writeCsv([['one', 'two', 'three'], ...shown]));
					expect(heads).toEqual(['one', 'two', 'three']);
					expect(back).toEqual(shown);
				}
			)
		));

	it('ends each row with CRLF and marks only the cells that need it', () =>
		expect(
			writeCsv([
				['place', 'note'],
				['Ferry kiosk', 'wet, and "torn"'],
				['Tide House', null]
			])
		).toBe('place,note\r\nFerry kiosk,"wet, and ""torn"""\r\nTide House,\r\n'));

	it.each(['=1+1', '＝1+1', '＋1', '－1', '\u200b=1+1', '\ufeff\u00a0@now', ' =1', '\t1'])(
		'sends %j out with a mark before it, and reads it as it was',
		(cell) => {
			const written = writeCsv([['note'], [cell]]);
			expect(written).toBe(`note\r\n"'${cell}"\r\n`);
			expect(read(written).rows).toEqual([[cell]]);
		}
	);

	it('leaves words and numbers that are none as they are', () =>
		expect(writeCsv([['12 = a dozen', '\u200bbags', -3]])).toBe('12 = a dozen,\u200bbags,-3\r\n'));

	it('of nothing is nothing', () => expect(writeCsv([])).toBe(''));

	it.each([
		['semicolons', 'date;place\n2026-11-24;Ferry kiosk'],
		['tabs', 'date\tplace\n2026-11-24\tFerry kiosk'],
		['a mark of its byte order', '\ufeffdate,place\r\n2026-11-24,Ferry kiosk\r\n'],
		['empty lines', 'date,place\n\n2026-11-24,Ferry kiosk\n , \n'],
		['lines that end as old machines ended them', 'date,place\r2026-11-24,Ferry kiosk']
	])('may have %s', (_, text) => {
		const { heads, rows } = read(text);
		expect(heads).toEqual(['date', 'place']);
		expect(rows).toEqual([['2026-11-24', 'Ferry kiosk']]);
	});

	it.each([
		['', 'The list has no rows.'],
		['date,place', 'The list has no rows.'],
		['date,place\n"2026,Ferry', 'a quotation mark is never closed'],
		['date,place\n2026-11-24,a,b', 'Row 2 has more fields than headings.'],
		['a\u0000b\n1', 'This is not a text list.'],
		['d\ufffdte\n1', 'Some letters cannot be read.'],
		[`${'a,'.repeat(mostColumns)}a\n1`, `at most ${mostColumns} can be read`],
		[`a\n${'1\n'.repeat(mostRows + 1)}`, `${mostRows + 1} rows`]
	])('that is %j is refused in a sentence', (text, words) =>
		expect(readCsv(text).problem).toContain(words)
	);
});

describe('the columns of a list', () => {
	it('are known by their heads, as this application writes them and as others may', () => {
		const heads = listFields.movements.map(({ head }) => head);
		expect(guessMatching('movements', heads)).toEqual(
			listFields.movements.map(({ field }) => field)
		);
		expect(guessMatching('drop-offs', ['DAY', 'Source', 'count', 'Weather', 'brought-by'])).toEqual(
			['came_on', 'place', 'bags', '', 'brought_by']
		);
	});

	it('are each taken once', () =>
		expect(guessMatching('drop-offs', ['date', 'day'])).toEqual(['came_on', '']));

	it('are asked for where one is needed and missing, or named twice', () => {
		expect(matchingProblems('drop-offs', ['came_on', 'place', 'bags'])).toEqual([]);
		expect(matchingProblems('drop-offs', ['came_on', 'place', ''])).toEqual([
			'“bags” is needed: choose its column.'
		]);
		expect(matchingProblems('drop-offs', ['came_on', 'place', 'bags', 'bags'])).toEqual([
			'Two columns are set to “bags”. Keep one of them.'
		]);
	});
});

describe('words that a spreadsheet would run as a formula', () => {
	it('go out harmless, numbers as they are, and come back as they were', () => {
		const rows = [
			['note', 'amount'],
			['=HYPERLINK("x")', -4],
			['-wet', 3],
			['+1', 2],
			['@home', 1]
		];
		const text = writeCsv(rows);
		expect(text).toContain(`"'=HYPERLINK(""x"")",-4`);
		expect(readCsv(text).list?.rows.map(([note]) => note)).toEqual(
			rows.slice(1).map(([note]) => note)
		);
	});
});

describe('a row of drop-offs', () => {
	const matching = ['came_on', 'place', 'bags', 'bags_low', 'bags_high', 'sacks', 'note'];
	const row = (...cells: string[]) => readDropOffRow(cells, matching, context);

	it('is a count, with bounds where it has them', () => {
		expect(row('2026-11-24', 'Ferry kiosk', '120').row).toEqual({
			cameOn: '2026-11-24',
			place: 'Ferry kiosk',
			bags: 120,
			bagsLow: 120,
			bagsHigh: 120,
			sacks: 0,
			broughtBy: null,
			note: null
		});
		expect(row('2026-11-24', 'Ferry kiosk', '120', '114', '127', '2').row).toMatchObject({
			bagsLow: 114,
			bagsHigh: 127,
			sacks: 2
		});
	});

	it.each([
		[['24.11.2026', 'A', '1'], 'came_on', commonWords.formReader.typeTheDayLike20()],
		[['2026-11-26', 'A', '1'], 'came_on', gatherWords.readRow.thatDayIsStillTo()],
		[['2026-02-30', 'A', '1'], 'came_on', 'Type the day like'],
		[['2026-11-24', '', '1'], 'place', 'Please fill this in.'],
		[['2026-11-24', 'A', 'some'], 'bags', '“some” is not a whole number.'],
		[['2026-11-24', 'A', '-3'], 'bags', 'At least 0.'],
		[['2026-11-24', 'A', '99999999'], 'bags', 'At most 1000000.'],
		[['2026-11-24', 'A', '10', '12'], 'bags_low', 'This is more than the count.'],
		[['2026-11-24', 'A', '10', '', '8'], 'bags_high', 'This is less than the count.'],
		[['2026-11-24', 'A', '10', '', '', '', 'x'.repeat(401)], 'note', 'At most 400']
	] as const)('%j is wrong at %s', (cells, field, words) =>
		expect(row(...cells).problems?.[field]).toContain(words)
	);
});

describe('a row of movements', () => {
	const matching = listFields.movements.map(({ field }) => field);
	const row = (...cells: string[]) => readMovementRow(cells, matching, context);

	it('names its kind, colour and form as people do', () =>
		expect(
			row('2026-11-24', 'thin CARRIER', 'Blue', 'cut pieces', '-40', 'cut', 'Odo').row
		).toEqual({
			movedAt: '2026-11-24T12:00:00Z',
			kindId,
			colour: 'blue',
			form: 'piece',
			amount: -40,
			reason: 'cut',
			byName: 'Odo',
			note: null
		}));

	it.each([
		['', null],
		['2026-11-24', '2026-11-24T12:00:00Z'],
		['2026-11-24 09:30', '2026-11-24T09:30Z'],
		['2026-11-24T09:30:15Z', '2026-11-24T09:30:15Z']
	])('of %j happened at %j', (when, movedAt) =>
		expect(row(when, 'Thin carrier', 'blue', 'bag', '4').row?.movedAt).toBe(movedAt)
	);

	it('may weigh scrap to the gram, and counts all else', () => {
		expect(row('', 'Thin carrier', 'mixed', 'scrap', '12.5').row?.amount).toBe(12.5);
		expect(row('', 'Thin carrier', 'blue', 'bag', '12.5').problems?.amount).toContain('whole');
	});

	it('that corrected another ledger is an ordinary movement here', () =>
		expect(row('', 'Thin carrier', 'blue', 'bag', '4', 'correction').row?.reason).toBe('imported'));

	it.each([
		[['2026-02-30', 'Thin carrier', 'blue', 'bag', '4'], 'moved_at', 'Write the day'],
		[['2026-11-24T25:00', 'Thin carrier', 'blue', 'bag', '4'], 'moved_at', 'Write the day'],
		[['2027-01-01', 'Thin carrier', 'blue', 'bag', '4'], 'moved_at', 'in the future'],
		[['', 'Silk bag', 'blue', 'bag', '4'], 'kind', 'There is no kind “Silk bag”'],
		[['', '', 'blue', 'bag', '4'], 'kind', 'Please fill this in.'],
		[['', 'Thin carrier', 'mauve', 'bag', '4'], 'colour', 'Write one of white'],
		[['', 'Thin carrier', 'blue', 'rope', '4'], 'form', 'Write one of bag'],
		[['', 'Thin carrier', 'blue', 'bag', '0'], 'amount', 'The amount is 0'],
		[['', 'Thin carrier', 'blue', 'scrap', '0.0001'], 'amount', 'The amount is 0'],
		[['', 'Thin carrier', 'blue', 'bag', ''], 'amount', 'Please fill this in.'],
		[['', 'Thin carrier', 'blue', 'bag', '4', 'lost'], 'reason', 'Write one of imported']
	] as const)('%j is wrong at %s', (cells, field, words) =>
		expect(row(...cells).problems?.[field]).toContain(words)
	);
});

describe('a list that is checked', () => {
	const matching = ['kind', 'colour', 'form', 'amount'];
	const moves = (...amounts: number[]) =>
		amounts.map((amount) => ['Thin carrier', 'blue', 'bag', String(amount)]);
	const key = lineKey({ kindId, colour: 'blue', form: 'bag' });
	const listOf = (rows: readonly (readonly string[])[]) => ({ heads: [], rows });
	const against = {
		known: () => Promise.resolve(new Set<number>()),
		isKnownSkipped: false,
		odd: (rows: readonly unknown[]) => Promise.resolve(rows.map(() => null)),
		oddField: 'amount',
		turn
	};

	it('counts empty rows as a spreadsheet does', async () => {
		const { list } = readCsv(
			'date,place,bags\n\n2026-11-24,Ferry kiosk,12\n , ,\nsoon,Ferry kiosk,4\n'
		);
		if (!list) throw new Error('not read');
		const { problems } = await checkDropOffs(list, ['came_on', 'place', 'bags'], context, against);
		expect(problems.map(({ row, at, columnAt }) => [row, at, columnAt])).toEqual([[5, 1, 0]]);
	});

	it('reads its days the way round that they tell, or asks', async () => {
		const days = async (dayOrder: 'dmy' | 'mdy' | null, ...texts: string[]) => {
			const checked = await checkDropOffs(
				listOf(texts.map((text) => [text, 'Ferry kiosk', '4'])),
				['came_on', 'place', 'bags'],
				{ ...context, dayOrder },
				against
			);
			return checked.isDayOrderAsked
				? checked.columnProblems
				: checked.rows.map(({ cameOn }) => cameOn);
		};
		expect(await days(null, '24.11.2026', '5/11/26')).toEqual(['2026-11-24', '2026-11-05']);
		expect(await days(null, '11/24/2026', '11/5/2026')).toEqual(['2026-11-24', '2026-11-05']);
		expect(await days(null, '2026/11/5')).toEqual(['2026-11-05']);
		expect(await days(null, '2026/11/4', '11/5/2026', '5/6/2026')).toEqual([
			'Dates like 11/5/2026 can be read two ways. Choose one below.'
		]);
		expect(await days('mdy', '11/5/2026', '5/6/2026')).toEqual(['2026-11-05', '2026-05-06']);
		expect(await days('dmy', '5/11/2026')).toEqual(['2026-11-05']);
	});

	it('says which rows are there already, and leaves them out where that is wished', async () => {
		const known = () => Promise.resolve(new Set([0, 2]));
		const checked = (isKnownSkipped: boolean) =>
			checkMovements(listOf(moves(5, 6, 7)), matching, context, new Map(), {
				...against,
				known,
				isKnownSkipped
			});
		expect(await checked(false)).toMatchObject({ knownCount: 2, rows: [{}, {}, {}] });
		const { rows } = await checked(true);
		expect(rows.map(({ amount }) => amount)).toEqual([6]);
	});

	it('says where it is wrong by row and column, as a spreadsheet counts them', async () => {
		const { problems, problemCount, rows } = await checkDropOffs(
			listOf([
				['2026-11-24', 'Ferry kiosk', '12'],
				['soon', 'Ferry kiosk', 'many']
			]),
			['came_on', 'place', 'bags'],
			context,
			against
		);
		expect(problemCount).toBe(2);
		expect(rows).toHaveLength(1);
		expect(problems.map(({ row, column, typed }) => [row, column, typed])).toEqual([
			[3, 'date', 'soon'],
			[3, 'bags', 'many']
		]);
	});

	it('looks at no row while a column is missing', async () => {
		const checked = await checkDropOffs(listOf([['x']]), ['came_on'], context, against);
		expect(checked.columnProblems).toHaveLength(2);
		expect(checked.problemCount).toBe(0);
	});

	it('never takes the store below zero on the way, even where the end is above it', async () => {
		const from = (there: number) =>
			checkMovements(listOf(moves(-5, 10)), matching, context, new Map([[key, there]]), against);
		expect((await from(5)).problemCount).toBe(0);
		expect((await from(4)).problems).toEqual([
			{
				row: 2,
				at: 0,
				columnAt: 3,
				column: 'amount',
				typed: '-5',
				sentence: 'There are only 4 of that in store at this row.'
			}
		]);
	});

	it('finds a shortage exactly where one is', () =>
		fc.assert(
			fc.asyncProperty(
				fc.array(fc.integer({ min: -9, max: 9 }).filter(Boolean), { maxLength: 40 }),
				fc.nat(20),
				async (amounts, there) => {
					const { rows, problemCount } = await checkMovements(
						listOf(moves(...amounts)),
						matching,
						context,
						new Map([[key, there]]),
						against
					);
					let now = there;
					let short = 0;
					for (const amount of amounts) {
						if (now + amount < 0) short++;
						else now += amount;
					}
					expect(problemCount).toBe(short);
					// The rows that are wrong only by the store are still whole as rows.
					expect(rows).toHaveLength(amounts.length);
				}
			)
		));

	it('shows the first problems and counts the others', async () => {
		const rows = Array.from({ length: problemsShown + 50 }, () => ['Silk bag', 'blue', 'bag', '1']);
		const { problems, problemCount } = await checkMovements(
			listOf(rows),
			matching,
			context,
			new Map(),
			against
		);
		expect(problems).toHaveLength(problemsShown);
		expect(problemCount).toBe(problemsShown + 50);
	});

	it('lets other work have its turn every thousand rows', async () => {
		let turns = 0;
		const rows = moves(...Array.from({ length: 3500 }, () => 1));
		await checkMovements(listOf(rows), matching, context, new Map(), {
			...against,
			turn: () => {
				turns++;
				return Promise.resolve();
			}
		});
		expect(turns).toBe(3);
	});
});
