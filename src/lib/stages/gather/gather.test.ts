import * as commonWords from '$lib/words/common';
import { describe, expect, it } from 'vitest';
import { barePractice } from '$lib/core/practice/practice';
import { allocateStore } from '$lib/core/store/allocate-store';
import { bagPresets } from '$lib/core/bag/presets';
import { queryOf } from '$lib/ui/query';
import { bagsToAsk, colourWords, dryingWords, drawnWords, lackingWords } from './ask-words';
import { readEntry } from '$lib/entries/read-entry';
import { filmCall } from './film-words';
import { FormReader } from '$lib/entries/form-reader';
import { factorTitles, readingWords } from '$lib/measures/measure-words';
import { filteredLines, totalsOf } from './store-view';
import { amountWords, heapWords } from '$lib/ui/store-words';

const uuid = '6f1d7e1c-1111-4111-8111-111111111111';

/** The problems of an entry, or what it was read as. */
const read = (type: string, typed: Record<string, string>) =>
	readEntry(type, typed, { system: 'cm', today: '2026-11-26' });

describe('a form that is read', () => {
	const reader = (typed: Record<string, string>, system: 'cm' | 'ft' = 'cm') =>
		new FormReader(typed, system);

	it.each([
		['12', 12, undefined],
		[' 12 ', 12, undefined],
		['', NaN, 'Please fill this in.'],
		['1.5', NaN, '“1.5” is not a whole number.'],
		['twelve', NaN, '“twelve” is not a whole number.'],
		['-1', NaN, 'At least 0.'],
		['1000', NaN, 'At most 99.'],
		['9999999999999', NaN, '“9999999999999” is not a whole number.']
	])('counts %j', (text, value, problem) => {
		const form = reader({ bags: text });
		const count = form.count('bags', { atLeast: 0, atMost: 99 });
		if (problem) expect(form.problems.bags).toBe(problem);
		else expect(count).toBe(value);
	});

	it('takes an empty count for what it stands for', () =>
		expect(reader({}).count('sacks', { atLeast: 0, atMost: 9 }, 0)).toBe(0));

	it.each([
		['12,5', 12.5, undefined],
		['', NaN, 'Please fill this in.'],
		['x', NaN, '“x” is not a number.'],
		['0', NaN, 'More than 0.'],
		['101', NaN, 'At most 100.']
	])('reads the number %j', (text, value, problem) => {
		const form = reader({ minutes: text });
		const number = form.number('minutes', { moreThan: 0, atMost: 100 });
		if (problem) expect(form.problems.minutes).toBe(problem);
		else expect(number).toBe(value);
	});

	it.each([
		['2.4 kg', 2400],
		['310 g', 310],
		['310', 310]
	])('weighs %j', (text, grams) =>
		expect(reader({ gross: text }).grams('gross', 0, 9999)).toBe(grams)
	);

	it('keeps weights within bounds', () => {
		const form = reader({ light: '1 g', heavy: '9 kg', odd: 'much' });
		form.grams('light', 2, 100);
		form.grams('heavy', 2, 100);
		form.grams('odd', 2, 100);
		expect(form.problems).toEqual({
			light: 'At least 2 g.',
			heavy: 'At most 100 g.',
			odd: '“much” was not understood. Write it like 52 g or 1.8 kg.'
		});
	});

	it('reads handfuls one after the other', () => {
		expect(reader({ h: '52.4 51,1; 53 g' }).manyGrams('h')).toEqual([52.4, 51.1, 53]);
		const none = reader({ h: ' ' });
		none.manyGrams('h');
		expect(none.problems.h).toBe('Weigh at least one handful.');
		const bad = reader({ h: '52 x' });
		bad.manyGrams('h');
		expect(bad.problems.h).toBe('“x” is not a weight.');
		const many = reader({ h: '5 '.repeat(501) });
		many.manyGrams('h');
		expect(many.problems.h).toBe('At most 500 handfuls.');
	});

	it('reads lengths in the group’s units, and nothing where that is allowed', () => {
		expect(reader({ width: '24' }).millimetres('width', 'bag', 2000)).toBe(240);
		expect(reader({ width: '2' }, 'ft').millimetres('width', 'bag', 2000)).toBeCloseTo(50.8, 6);
		expect(reader({ gusset: '' }).millimetres('gusset', 'bag', 500, 0)).toBe(0);
		expect(reader({ gusset: '0' }).millimetres('gusset', 'bag', 500, 0)).toBe(0);
		const form = reader({ none: '0', far: '9 m', odd: 'long' });
		form.millimetres('none', 'bag', 2000);
		form.millimetres('far', 'bag', 2000);
		form.millimetres('odd', 'bag', 2000);
		expect(form.problems).toEqual({
			none: commonWords.formReader.thisMustBeMoreThan(),
			far: 'At most 2 m.',
			odd: '“long” was not understood. Write it like 84 cm, 0.84 m or 33 in.'
		});
	});

	it('knows days that there are', () => {
		const form = reader({
			good: '2026-02-28',
			bad: '2026-02-29',
			old: '1999-01-01',
			word: 'someday'
		});
		expect(form.day('good')).toBe('2026-02-28');
		for (const field of ['bad', 'old', 'word']) form.day(field);
		expect(Object.keys(form.problems)).toEqual(['bad', 'old', 'word']);
	});

	it('says days from the day they were typed on, and books them as they are', () => {
		const waited = new FormReader({ by: 'tomorrow' }, 'cm', '2026-11-28', '2026-11-24');
		expect(waited.anyDay('by')).toBe('2026-11-25');
		expect(waited.canonical).toEqual({ by: '2026-11-25' });
		const nobodyKnows = reader({ by: 'tomorrow', near: '20 Dec', full: '20 Dec 2026' });
		for (const field of ['by', 'near', 'full']) nobodyKnows.anyDay(field);
		expect(Object.keys(nobodyKnows.problems)).toEqual(['by', 'near']);
	});

	it('refuses texts that are too long or cannot be shown, and empty ones that are needed', () => {
		const form = reader({ long: 'x'.repeat(21), odd: 'a\u0007b', empty: ' ' });
		form.text('long', 20);
		form.text('odd', 20);
		form.needed('empty', 20);
		expect(form.problems).toEqual({
			long: 'At most 20 characters, please.',
			odd: commonWords.formReader.thereIsACharacterHere(),
			empty: 'Please fill this in.'
		});
	});

	it('takes only the words and ids that are offered', () => {
		const form = reader({ way: 'sideways', kind: 'x', id: uuid.toUpperCase() });
		expect(form.word('way', ['in', 'out'])).toBe('in');
		form.uuid('kind');
		expect(form.uuid('id')).toBe(uuid);
		expect(Object.keys(form.problems)).toEqual(['way', 'kind']);
	});
});

describe('an entry', () => {
	it('of drop-offs adds batches up', () =>
		expect(
			read('drop-off', {
				place: 'Ferry kiosk',
				came_on: '2026-11-24',
				method: 'batches',
				batches: '14',
				batch_size: '20',
				loose: '6'
			}).entry
		).toMatchObject({ bags: 286, bagsLow: 286, bagsHigh: 286, sacks: 0, weighing: null }));

	it('by weight has an interval, and its weighing with it', () => {
		const { entry } = read('drop-off', {
			place: 'Ferry kiosk',
			came_on: '2026-11-24',
			method: 'weight',
			gross: '2.46 kg',
			tare: '310 g',
			handfuls: '52.4 51.1 53.6 52.8',
			bags_each: '10',
			scale_error: '2 g'
		});
		if (entry?.type !== 'drop-off') throw new Error('it was not read');
		expect(entry.bags).toBeCloseTo(2150 / 5.2475, 0);
		expect(entry.bagsLow).toBeLessThan(entry.bags);
		expect(entry.weighing).toMatchObject({ grossG: 2460, tareG: 310, sampled: 40 });
	});

	it('by weight says when the full box is lighter than the empty one', () =>
		expect(
			read('drop-off', {
				place: 'Ferry kiosk',
				came_on: '2026-11-24',
				method: 'weight',
				gross: '300 g',
				tare: '310 g',
				handfuls: '52',
				bags_each: '10',
				scale_error: '2 g'
			}).problems
		).toEqual({ gross: 'The full box must weigh more than the empty one.' }));

	it('of sorting wants one bag at least, and a time to look again only where some dry', () => {
		const typed = { place: 'Ferry kiosk', kind: uuid, colour: 'blue' };
		expect(read('sorting', typed).problems).toEqual({ strand: 'Count at least one bag.' });
		expect(read('sorting', { ...typed, strand: '4' }).entry).toMatchObject({
			lookAgainHours: null
		});
		expect(read('sorting', { ...typed, drying: '4', look_again: '3' }).entry).toMatchObject({
			lookAgainHours: 3
		});
		expect(read('sorting', { ...typed, drying: '4', look_again: '999' }).problems).toEqual({
			look_again: 'At most 240.'
		});
	});

	it('of a movement is below zero where it goes out', () => {
		const typed = {
			kind: uuid,
			colour: 'blue',
			form: 'scrap',
			direction: 'out',
			amount: '1.5 kg',
			reason: 'given'
		};
		expect(read('movement', typed).entry).toMatchObject({ amount: -1500 });
		expect(read('movement', { ...typed, form: 'bag', amount: '7', direction: 'in' }).entry).toEqual(
			{
				type: 'movement',
				kindId: uuid,
				colour: 'blue',
				form: 'bag',
				amount: 7,
				reason: 'given',
				note: null,
				byName: null,
				isSure: false
			}
		);
	});

	it('of a correction takes a movement back unless it says what else', () => {
		const typed = { corrects: '4', note: 'typed twice' };
		const of = (what?: string) => read('correction', what ? { ...typed, of: what } : typed);
		expect(of().entry).toMatchObject({ of: 'movement', corrects: 4, note: 'typed twice' });
		expect(of('sorting').entry).toMatchObject({ of: 'sorting' });
		expect(of('drop-off').entry).toMatchObject({ of: 'drop-off' });
		expect(of('plan').problems).toHaveProperty('of');
	});

	it('of a correction says what it corrects, and why where somebody says so', () => {
		expect(read('correction', { corrects: '' }).problems).toHaveProperty('corrects');
		expect(read('correction', { corrects: '4' })).toMatchObject({ entry: { corrects: 4 } });
		expect(read('correction', { corrects: '4', note: '81, not 810' }).entry).toMatchObject({
			note: '81, not 810'
		});
	});

	it('of timed work has units, people and minutes', () =>
		expect(
			read('timed', {
				work: 'join',
				units: '240',
				people: '3',
				minutes: '52,5',
				worked_on: '2026-11-19'
			}).entry
		).toMatchObject({ work: 'join', way: 'loop', units: 240, people: 3, minutes: 52.5 }));

	it('of a measure reads only the fields that belong to it', () => {
		const typed = {
			plan: uuid,
			measured_on: '2026-11-19',
			counted: '20',
			rows: '18',
			length: '22',
			height: '19',
			strand: '',
			bags_used: '36',
			mass: '52 g'
		};
		expect(read('measurement', { ...typed, measure: 'swatch' }).entry).toMatchObject({
			rows: 18,
			lengthMm: 220,
			heightMm: 190,
			strandMm: null,
			bagsUsed: null,
			massG: null
		});
		expect(read('measurement', { ...typed, measure: 'woven' }).entry).toMatchObject({
			rows: null,
			lengthMm: 220,
			heightMm: 190,
			bagsUsed: 36
		});
		expect(read('measurement', { ...typed, measure: 'handful' }).entry).toMatchObject({
			lengthMm: null,
			heightMm: null,
			massG: 52
		});
		expect(read('measurement', { ...typed, height: '', measure: 'mat' }).problems).toHaveProperty(
			'height'
		);
	});

	it('of a kind of bag is its measures, as ruler and scale give them', () => {
		const typed = {
			name: 'Bread bag',
			width: '24',
			body: '39',
			handful: '33 g',
			handful_count: '10'
		};
		expect(read('bag-kind', typed).entry).toEqual({
			type: 'bag-kind',
			kindId: null,
			name: 'Bread bag',
			handfulCount: 10,
			// What waited since before the question was asked says nothing of it.
			source: 'unknown',
			isSure: false,
			bag: { flatWidthMm: 240, gussetMm: 0, bodyMm: 390, handleMm: 0, massG: 3.3 }
		});
		const boxed = read('bag-kind', { ...typed, source: 'new' }).entry;
		expect(boxed?.type === 'bag-kind' && boxed.source).toBe('new');
		expect(read('bag-kind', { ...typed, source: 'old' }).problems).toHaveProperty('source');
		expect(read('bag-kind', { ...typed, width: '2' }).problems).toEqual({
			width: commonWords.bagKind.thatIsSmallerThanAny()
		});
		expect(read('bag-kind', { ...typed, handful: '1 g' }).problems?.handful).toContain(
			'Weigh again.'
		);
		expect(read('bag-kind', { ...typed, name: '' }).problems).toHaveProperty('name');
	});

	it('of a type nobody knows is refused', () =>
		expect(read('dance', {}).problems).toEqual({ type: 'This kind of entry is not known here.' }));
});

describe('the store in words', () => {
	const line = (
		form: 'bag' | 'ball' | 'scrap',
		amount: number,
		colour: 'blue' | 'white' = 'blue',
		kindId = 'a'
	) => ({ kindId, kind: kindId, colour, form, amount, movedAt: new Date(amount) });
	const lines = [line('bag', 4), line('bag', 9, 'white'), line('scrap', 1900), line('ball', 2)];
	const all = { show: '', of: '', in: '', order: 'kind' } as const;

	it('weighs scrap and counts the rest', () => {
		expect(amountWords('scrap', 1900, 'cm')).toBe('1.9 kg');
		expect(amountWords('bag', 1900, 'cm')).toBe('1,900');
		expect(heapWords('scrap', 400, 'cm')).toBe('400 g of scrap');
		expect(heapWords('piece', 480, 'cm')).toBe('480 cut pieces');
	});

	it('shows what is asked for, in the order asked for', () => {
		expect(filteredLines(lines, all)).toEqual(lines);
		expect(filteredLines(lines, { ...all, show: 'bag' })).toHaveLength(2);
		expect(filteredLines(lines, { ...all, in: 'white' })).toHaveLength(1);
		expect(filteredLines(lines, { ...all, of: 'b' })).toEqual([]);
		expect(filteredLines(lines, { ...all, show: 'bag', order: 'amount' })[0]?.amount).toBe(9);
		expect(filteredLines(lines, { ...all, order: 'moved' })[0]?.form).toBe('scrap');
	});

	it('is added up by form', () => {
		expect(totalsOf(lines)).toEqual([
			{ form: 'bag', amount: 13 },
			{ form: 'ball', amount: 2 },
			{ form: 'scrap', amount: 1900 }
		]);
	});

	it('keeps what is asked in the address, without what is empty', () =>
		expect(queryOf({ show: 'bag', of: '', colour: 'blue & white' })).toBe(
			'show=bag&colour=blue+%26+white'
		));
});

describe('asks in words', () => {
	const demand = {
		bags: 60,
		byColour: { blue: 40 },
		ofAnyColour: 20,
		bagsPerBall: 20,
		bagsPerPiece: 0.25,
		bagsPerGood: 1.08
	};
	const allocation = (amount: number) =>
		allocateStore(
			[{ kind: 'carrier', colour: 'blue', form: 'ball', amount, bagsEach: null }],
			[{ kind: 'carrier', mats: 1, demand, takes: () => true }]
		)[0];

	it('say what is drawn and what is lacking', () => {
		const [some, none] = [allocation(1), allocation(0)];
		if (!some || !none) throw new Error('nothing was drawn');
		expect(drawnWords(some)).toBe('1 ball');
		expect(lackingWords(some)).toBe('20 blue, 20 of any colour');
		expect(drawnWords(none)).toBe('nothing');
		expect(colourWords('any')).toBe('any colour');
		expect(colourWords('blue')).toBe('blue');
	});

	it.each([
		[44, 0.12, 50],
		[3, 0.12, 5],
		[100, 0, 100],
		[101, 0, 110],
		[250, 0.12, 290]
	])('ask for %s bags with %s rejected as %s', (bags, rejected, asked) =>
		expect(bagsToAsk(bags, rejected)).toBe(asked)
	);
});

describe('film', () => {
	const [carrier] = bagPresets;

	it('is judged by its thickness', () => {
		expect(filmCall(carrier.bag)).toEqual({
			words: 'Plastic about 13 µm thick: thin, like carrier bags.',
			isOdd: false
		});
		expect(filmCall({ ...carrier.bag, massG: 14 }).words).toContain('like a heavier shop bag');
		expect(filmCall({ ...carrier.bag, massG: 30 }).words).toContain('heavy');
	});

	it.each([0.5, 80])('of a carrier of %s g is none that there is', (massG) =>
		expect(filmCall({ ...carrier.bag, massG }).isOdd).toBe(true)
	);
});

describe('what a measure says', () => {
	it('is said for every factor that there is', () =>
		expect(Object.keys(factorTitles)).toEqual(Object.keys(barePractice.factors)));

	it('is a line', () =>
		expect(
			readingWords({
				stitchWidth: { ratio: 1.1, cv: 0.04 },
				framePitch: { ratio: 0.92, cv: 0.04 },
				mat: { bag: bagPresets[0].bag, ratio: 0.97, cv: 0.06, slopes: {} }
			})
		).toBe(
			'stitch width 110 % of the standard, frame rows 92 % of the standard, bags in the mat 97 % of the standard'
		));
});

describe('what hangs to dry', () => {
	it('is said by kind and colour, where they were kept', () => {
		const pouches = { kind: 'Milk pouch', colour: 'clear', hanging: 38 };
		expect(dryingWords([pouches, { kind: null, colour: null, hanging: 12 }])).toBe(
			'Milk pouch, clear: 38; 12 bags'
		);
	});
});
