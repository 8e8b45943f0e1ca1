import { bandScene } from '$lib/core/drawing/band-scene';
import { describe, expect, it } from 'vitest';
import type { Foretold } from './foretold';
import { hitsWords, isHit } from './foretold';
import { restsOf } from './rests-words';
import type { SeasonBasis } from './season-view';
import { orderOf } from './season-view';
import {
	addsWords,
	chanceWords,
	heldWords,
	leversIn,
	moreBagsWords,
	outlookWords,
	likelihood,
	seasonQuery,
	thereWords,
	whyNot
} from './season-words';

const outlook = { expected: 8.6, low: 7, high: 11, chance: 0.4, weeks: [], heldBackBy: {} };

describe('a season in words', () => {
	it.each([
		[0, 'very unlikely', 'less than 1 in 10'],
		[0.05, 'very unlikely', 'less than 1 in 10'],
		[0.06, 'unlikely', '1 in 10'],
		[0.35, 'unlikely', '4 in 10'],
		[0.39, 'about even', '4 in 10'],
		[0.64, 'about even', '6 in 10'],
		[0.65, 'likely', '7 in 10'],
		[0.94, 'likely', '9 in 10'],
		[0.95, 'almost certain', 'more than 9 in 10'],
		[1, 'almost certain', 'more than 9 in 10']
	])('says a chance of %s with no digit it does not have', (chance, word, tenths) =>
		expect([likelihood(chance), chanceWords(chance)]).toEqual([word, `${word} (${tenths})`])
	);
	it('says what is likely, what is there, and what lacks', () => {
		expect(outlookWords(outlook)).toBe('About 9 (7–11)');
		expect(outlookWords({ ...outlook, low: 2, high: 2 })).toBe('2, almost certain');
		expect(
			thereWords({ by: '', wanted: 9, handedOver: 0, asks: [] }, { ready: 1, inCheck: 2 })
		).toBe('0 delivered, 1 ready, 2 to check or mend.');
		expect(heldWords({ bags: 0.13, strand: 0.86, checks: 0.01 })).toEqual([
			['strand', 86],
			['bags', 13],
			['checks', 1]
		]);
		// Five of a hundred each by rounding: they still add up.
		const shares = { bags: 0.13, strand: 0.325, makers: 0.325, checks: 0.22 };
		expect(heldWords(shares).reduce((sum, [, share]) => sum + share, 0)).toBe(100);
	});
	it('says what a change adds, or why it adds nothing', () => {
		expect([addsWords(0.04), addsWords(1.25), addsWords(-0.4)]).toEqual([
			'no more mats',
			'1.3 mats more',
			'0.4 mats fewer'
		]);
		expect([moreBagsWords(912), moreBagsWords(-4), moreBagsWords(-87)]).toEqual([
			'910 bags more',
			'as many bags',
			'90 bags fewer'
		]);
		expect(whyNot('two-makers', { strand: 0.8, makers: 0.2 })).toContain(
			'beginners would use up the yarn'
		);
		expect(whyNot('bags-300', { makers: 1 })).toContain('too few makers');
		expect(whyNot('table-day', {})).toBe('Enough for all that is wanted.');
	});
	it('goes into an address and out of it', () => {
		const levers = { 'table-day': 2, 'two-makers': 0, 'bags-300': 1 };
		const query = seasonQuery('2027-02-04', { levers, other: 'p 1' });
		expect(query).toBe('?by=2027-02-04&with=table-day&with=table-day&with=bags-300&plan=p+1');
		expect(leversIn(new URLSearchParams(query).getAll('with'))).toEqual(levers);
		// More than anybody means is nine.
		expect(leversIn(Array.from({ length: 30 }, () => 'bags-300'))['bags-300']).toBe(9);
	});
});

const basis: SeasonBasis = {
	today: '2026-11-26',
	goals: [],
	hasRhythm: true,
	isBeginKept: false,
	nextPlan: null,
	shut: [],
	counted: [],
	newMat: { bags: 500, makingSeconds: 72_000, tool: 'loom', bagsPerBall: 20 },
	plans: [
		{
			id: 'p',
			name: 'Loom',
			toBegin: 1,
			bags: 600,
			makingSeconds: 36_000,
			tool: 'frame',
			bagsPerBall: 20
		}
	],
	tools: { loom: 2, frame: null },
	ready: 1,
	inCheck: 0,
	mats: [{ done: 0.5, weeks: [0.1, 0.3], isOnLoom: true, maker: null, isLeft: false }],
	freeMakers: [],
	strandMats: 0.2,
	bagMats: 1,
	perPlace: [{ place: 'Ferry kiosk', bags: 310, times: 2, lastOn: '2026-11-20' }],
	bagsPerWeek: [0.5, 0, 1.5, 1, 1, 2],
	tableDays: [
		{ id: 'd', day: '2026-12-03', ahead: 7, attendance: 0.8, said: 5, likely: 4 },
		{ id: null, day: '2026-11-26', ahead: 0, attendance: 1, said: 0, likely: 0 }
	],
	perTableDay: [0.4],
	checks: { good: 0, mended: 0 }
};

describe('what a season rests on', () => {
	it('is said with its spread, and that it is thin where it is', () => {
		const words = new Map(restsOf(basis).map((rest) => [rest.of, rest.words]));
		expect(words.get('mat')).toBe(
			'It takes 500 bags and about 20 hours of making, by the plans you want.'
		);
		expect(words.get('bags')).toBe(
			'In six weeks: 0 to 1,000 bags, 500 on average. 500 in store, and 100 in balls.'
		);
		expect(words.get('places')).toBe('In twelve weeks: Ferry kiosk 310 (2 times).');
		expect(words.get('days')).toContain('Only one is known, so the range is wide');
		expect(words.get('days')).toContain('3 Dec (80 % of those who said yes come)');
		expect(words.get('makers')).toContain('A week adds 20 % to 20 % of a mat');
		expect(words.get('tools')).toContain('You have 2');
		expect(words.get('checks')).toBe('None is known yet, so we use what is usual.');
	});
	it('is asked about in whole weeks, with days in the week they fall in, and the looms there are', () => {
		const goal = { by: '2027-01-06', wanted: 3, handedOver: 1, asks: [] };
		const levers = { 'table-day': 0, 'two-makers': 0, 'bags-300': 0 };
		const order = orderOf(basis, goal, { levers, other: 'p' });
		expect(order.now).toMatchObject({ weeks: 5, looms: 2, handedOver: 1, ready: 1 });
		expect(order.now.tableDays.map(({ week }) => week)).toEqual([2, 1]);
		// No frame was ever noted: nobody can count on how many there are.
		expect(order.other).toEqual({
			id: 'p',
			kind: { bags: 600, makingSeconds: 36_000 },
			looms: null
		});
		expect(orderOf(basis, { ...goal, by: '2026-11-20' }, { levers, other: null }).now.weeks).toBe(
			0
		);
	});
});

describe('past forecasts', () => {
	const one: Foretold = {
		id: 1,
		at: new Date(),
		byDay: '2026-11-20',
		wanted: 4,
		there: 1,
		low: 2,
		expected: 2.5,
		high: 3,
		chance: 0.1,
		came: 3
	};
	it('is a hit within its band, ends counted', () => {
		expect([1, 2, 3, 4, null].map((came) => isHit({ ...one, came }))).toEqual([
			false,
			true,
			true,
			false,
			null
		]);
	});
	it('is added up, and few say little', () => {
		expect(hitsWords([{ ...one, came: null }])).toBe('');
		expect(hitsWords([one])).toBe(
			'The one forecast so far came out within its range. Too few to tell yet.'
		);
		expect(hitsWords([...Array.from({ length: 5 }, () => one), { ...one, came: 9 }])).toBe(
			'Five of six forecasts came out within their range; 8 in 10 should.'
		);
	});
});

describe('a band on paper', () => {
	const order = {
		start: 1,
		points: [
			{ low: 1, expected: 2, high: 4 },
			{ low: 2, expected: 3, high: 5 }
		],
		wanted: 4,
		names: ['today', '', '12 Dec'],
		wantedWords: '4 wanted'
	};
	const box = { width: 100, tallest: 54, type: 4 };
	it('rises with what it shows, within its room, and names what it is told to', () => {
		const { marks, width, height } = bandScene(order, box);
		expect([width, height]).toEqual([100, 62]);
		const words = marks.flatMap((mark) => ('words' in mark ? [mark.words] : []));
		expect(words).toEqual(['4 wanted', '1', '2', '5', 'today', '12 Dec']);
		// Five are as high as the highest, the band's foot: 54 of 5.4 are ten each.
		const [band] = marks;
		expect(band && 'path' in band ? band.path : '').toBe(
			'M12 45.6L54 15.6L96 5.6L96 35.6L54 45.6Z'
		);
	});
	it('of no week is what there is', () =>
		expect(
			JSON.stringify(bandScene({ ...order, points: [], names: ['today'] }, box))
		).not.toContain('null'));
});
