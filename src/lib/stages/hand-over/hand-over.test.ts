import { describe, expect, it } from 'vitest';
import { barsScene } from '$lib/core/drawing/bars-scene';
import { crateScene } from '$lib/core/drawing/crate-scene';
import { remedySketches } from '$lib/core/check/remedies';
import { faultsOf } from '$lib/core/check/faults';
import { techniqueKinds } from '$lib/core/techniques/technique';
import { mendingAt, mendingWords } from '$lib/stages/check/menders';
import type { MadeMatLine } from '$lib/stages/check/check-view';
import { remedyWords } from '$lib/stages/check/check-words';
import type { DayPerson } from '$lib/stages/table-day/day-view';
import { addAccounts, barsOf, inPeriod, seasonName } from './account-view';
import { accountFigures, periodQuery } from './account-words';
import { packMats } from './packing';

const line = {
	id: 1,
	code: 'K7QM4',
	placeName: 'Tide House',
	goesOn: '2026-10-01',
	mats: 2,
	m2: 3.2,
	matBags: 1000,
	matsUncounted: 0,
	newBags: 40,
	unknownBags: 0,
	matsPartly: 0,
	matsUnweighed: 0,
	pillows: 1,
	pillowBags: 4,
	filmKg: 3.3,
	timedHours: 1.5,
	estimatedHours: 70
};
const lines = [
	line,
	{
		...line,
		code: 'C2B4X',
		goesOn: '2026-08-20',
		mats: 1,
		matsUncounted: 1,
		matBags: 0,
		newBags: 0
	},
	{ ...line, code: 'NH3WZ', goesOn: '2027-01-02', mats: 3 }
];

describe('the results so far', () => {
	it('is added up figure by figure', () =>
		expect(addAccounts(lines)).toMatchObject({
			deliveries: 3,
			mats: 6,
			matBags: 2000,
			matsUncounted: 1,
			pillowBags: 12,
			timedHours: 4.5
		}));
	it('is told apart by season, year and delivery', () => {
		const codes = (period: Parameters<typeof inPeriod>[1]) =>
			inPeriod(lines, period).map(({ code }) => code);
		expect(codes({ of: 'all' })).toHaveLength(3);
		expect(codes({ of: 'season', begins: 2026 })).toEqual(['K7QM4', 'NH3WZ']);
		expect(codes({ of: 'year', year: 2026 })).toEqual(['K7QM4', 'C2B4X']);
		expect(codes({ of: 'delivery', code: 'C2B4X' })).toEqual(['C2B4X']);
	});
	it('stands as bars: by month of a season or a year, by season in all', () => {
		const season = barsOf(inPeriod(lines, { of: 'season', begins: 2026 }), {
			of: 'season',
			begins: 2026
		});
		expect(season[0]).toEqual({ name: 'Sept', value: 0 });
		expect(season.filter(({ value }) => value > 0)).toEqual([
			{ name: 'Oct', value: 2 },
			{ name: 'Jan', value: 3 }
		]);
		expect(barsOf(lines, { of: 'all' })).toEqual([
			{ name: '2025/26', value: 1 },
			{ name: '2026/27', value: 5 }
		]);
		expect(seasonName(2099)).toBe('2099/00');
		expect(periodQuery({ of: 'season', begins: 2026 })).toBe('?season=2026');
	});
	it('says how each figure was counted, and of which mats nothing is known', () => {
		const figures = accountFigures(addAccounts(lines), 'cm');
		const of = (name: string) => figures.find((one) => one.name === name);
		// New surplus bags were never waste: they are said apart.
		expect(of('bags')).toMatchObject({ value: '1,932' });
		expect(of('bags')?.label).toContain('80');
		const unsaid = lines.map((one) => ({ ...one, unknownBags: 5 }));
		expect(
			accountFigures(addAccounts(unsaid), 'cm').find(({ name }) => name === 'bags')?.value
		).toContain('1,917');
		expect(of('bags')?.how).toContain('5 mats: 2,000');
		expect(of('bags')?.how).toContain('For one mat no label says');
		expect(of('timed')?.value).toBe('4.5 h');
		expect(figures.every(({ how }) => how.length > 20)).toBe(true);
	});
	it('is drawn: a bar as high as its figure, and nothing over nothing', () => {
		const box = { width: 200, tallest: 80, type: 10 };
		const { marks } = barsScene(
			[
				{ name: 'Oct', value: 4 },
				{ name: 'Nov', value: 1 },
				{ name: 'Dec', value: 0 }
			],
			String,
			box
		);
		const bars = marks.flatMap((mark) =>
			'path' in mark && mark.fill ? [Number(/v([\d.]+)h/.exec(mark.path)?.[1])] : []
		);
		expect(bars).toEqual([80, 20]);
		const words = marks.flatMap((mark) => ('words' in mark ? [mark.words] : []));
		expect(words).toEqual(['4', 'Oct', '1', 'Nov', 'Dec']);
	});
});

describe('packed mats', () => {
	const crate = { widthMm: 400, depthMm: 600, heightMm: 400 };
	it('lie named in their crates; those of which no plan says how thick are told', () => {
		const packed = packMats(
			[
				{ code: 'AAAAA', widthMm: 850, rollMm: 180 },
				{ code: 'BBBBB', widthMm: 850, rollMm: null },
				{ code: 'CCCCC', widthMm: 850, rollMm: 190 }
			],
			crate
		);
		expect(packed.unrolled).toEqual(['BBBBB']);
		expect(packed.crates).toHaveLength(1);
		const [first] = packed.crates;
		if (!first) throw new Error('nothing was packed');
		const scene = crateScene(first, packed.rolls, { width: 200, tallest: 200, type: 13 });
		expect(scene.marks.flatMap((mark) => ('words' in mark ? [mark.words] : [])).toSorted()).toEqual(
			['AAAAA', 'CCCCC']
		);
	});
	it('behind each other are named one under the other', () => {
		const packed = packMats(
			['AAAAA', 'BBBBB'].map((code) => ({ code, widthMm: 500, rollMm: 380 })),
			crate
		);
		const [first] = packed.crates;
		expect(packed.crates).toHaveLength(1);
		const scene = first && crateScene(first, packed.rolls, { width: 200, tallest: 200, type: 13 });
		const words = scene?.marks.flatMap((mark) => ('words' in mark ? [mark] : [])) ?? [];
		expect(words.map((mark) => mark.words)).toEqual(['AAAAA', 'BBBBB']);
		expect((words[1]?.y ?? 0) - (words[0]?.y ?? 0)).toBeCloseTo(13, 6);
	});
});

describe('mending', () => {
	it.each(techniqueKinds)('has a drawing for each step that is said, in %s', (technique) => {
		for (const kind of [...faultsOf(technique), 'through' as const])
			expect([kind, remedySketches(kind, technique).length]).toEqual([
				kind,
				remedyWords(kind, technique).length
			]);
	});
	const person = (name: string, seats: DayPerson['seats']): DayPerson => ({
		id: name,
		name,
		isChild: false,
		isTeen: false,
		needs: [],
		seats,
		chance: 1,
		came: null,
		comings: []
	});
	const mat = (kind: 'loose-tail' | 'narrows'): MadeMatLine => ({
		id: 1,
		code: 'K7QM4',
		planName: 'A mat',
		state: 'to-mend',
		since: new Date(0),
		look: null,
		rows: null,
		last: {
			id: 1,
			at: new Date(0),
			result: 'mend',
			widthMm: 850,
			lengthMm: 1850,
			massG: null,
			goesThrough: [],
			faults: [{ kind, along: 0.5, across: 0.5 }],
			reasons: [],
			notes: [],
			uses: [],
			minutes: 5,
			why: null
		}
	});
	const people = [
		person('Odo', { finish: 'new' }),
		person('Mabel', { crochet: 'practised' }),
		person('Pia', { crochet: 'new' })
	];
	it('is for whoever sits there, and what takes the technique for hands that know it', () => {
		const [tail] = mendingAt([mat('loose-tail')], { people, seats: [] });
		expect(tail).toMatchObject({ names: ['Odo', 'Mabel', 'Pia'], isSeated: false });
		const seats = [{ personId: 'Odo', station: 'finish', from: 0, to: 60 }];
		const [seated] = mendingAt([mat('loose-tail')], { people, seats });
		expect(seated && mendingWords(seated)).toBe('about 5 minutes, at the seat of Odo');
		const [narrow] = mendingAt([mat('narrows')], { people, seats });
		expect(narrow).toMatchObject({ names: ['Mabel'], isSeated: false, isPractised: true });
		const [none] = mendingAt([mat('narrows')], { people: [], seats: [] });
		expect(none && mendingWords(none)).toContain('nobody who comes knows the technique yet');
	});
});
