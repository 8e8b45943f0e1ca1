import { matsToBegin } from '../../src/lib/server/need/need';
import * as commonWords from '../../src/lib/words/common';
import * as houseWords from '../../src/lib/words/house';
import { type Db, house } from '../../src/lib/server/db/db';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { codeOf } from '../../src/lib/core/code/code';
import { startingPlan } from '../../src/lib/core/model/starting-plan';
import { pilesAfter } from '../../src/lib/core/prepare/piles';
import type { Entry } from '../../src/lib/entries/registry';
import type { LoadEntry } from '../../src/lib/entries/types/load';
import { foreseen } from '../../src/lib/stages/prepare/foreseen';
import { reserveCodes } from '../../src/lib/server/book/codes';
import { isDatabaseAway } from '../../src/lib/server/db/pool';
import { findThing, happenTo } from '../../src/lib/server/book/things';
import { saveEntry } from '../../src/lib/server/entries/take-entry';
import { loadTable } from '../../src/lib/server/prepare/load-table';
import { listLoadedLooms } from '../../src/lib/server/prepare/loaded-looms';
import { listPiles, tableNow } from '../../src/lib/server/prepare/piles';
import { listBalls } from '../../src/lib/server/prepare/balls';
import { loomWishes } from '../../src/lib/server/prepare/loom-wishes';
import { listTools } from '../../src/lib/server/prepare/tools';
import { barePractice } from '../../src/lib/core/practice/practice';
import { wantMats } from '../../src/lib/server/gather/wanted';
import { writeOf } from '../../src/lib/server/plan/keep-form';
import { insertPlan } from '../../src/lib/server/plan/plans';
import { useDatabase } from './database';
import { keep } from './samples';
import { aTable, pilesOf, rings, wrongAt } from './table';

useDatabase();
const key = () => crypto.randomUUID();
const hall = { today: '2026-11-27', timeZone: 'UTC' };
const readBy = { system: 'cm', today: hall.today } as const;
const problemsOf = (saved: Awaited<ReturnType<typeof keep>>) =>
	saved.outcome === 'refused' ? saved.problems : saved.outcome;
const back = (group: Db, corrects: number): Promise<Awaited<ReturnType<typeof keep>>> =>
	keep(group, key(), { type: 'correction', of: 'entry', corrects, note: 'a slip', byName: null });
const actsOf = async (group: Db) => (await tableNow(group, hall)).acts;
const lastAct = async (group: Db) => (await actsOf(group))[0];
/** Acts one after the other, each of which is kept. */
async function all(group: Db, acts: readonly Entry[]) {
	for (const act of acts) expect(await keep(group, key(), act)).toMatchObject({ outcome: 'kept' });
}

describe('bags at the table', () => {
	it('become a ball, their film with them to the milligram', async () => {
		const t = await aTable(100);
		await all(t.group, [t.flatten(20), t.cut(20, 0.05)]);
		// 20 bags of 5.2 g: 80 rings, of which 4 are spoiled; 3.275 g of each bag are in its rings.
		expect(await pilesOf(t.group)).toMatchObject({
			'blue bag': [80, 416_000],
			'blue piece': [76, 62_228],
			'blue scrap': [41.772, 41_772]
		});
		await all(t.group, [t.join(76), t.ball(19)]);
		expect(await pilesOf(t.group)).toEqual({
			'blue bag': [80, 416_000],
			'blue ball': [1, 62_228],
			'blue scrap': [41.772, 41_772],
			'white bag': [100, 520_000]
		});
		const [ball] = await listBalls(t.group);
		expect(ball?.content).toMatchObject({
			bags: 19,
			pieces: 76,
			filmMg: 62_228,
			planName: 'A mat',
			metres: { expected: 33.4, low: 31.7, high: 35.1 }
		});
	});

	it('are wound in several colours as one mixed ball, in their order', async () => {
		const t = await aTable(40);
		for (const colour of ['white', 'blue'] as const)
			await all(t.group, [t.flatten(10, colour), t.cut(10, 0, colour), t.join(40, colour)]);
		const colours = [
			{ colour: 'white', bags: 4 },
			{ colour: 'blue', bags: 10 }
		] as const;
		await all(t.group, [t.ball(0, { colours })]);
		expect((await listBalls(t.group))[0]?.content.colours).toEqual(colours);
		expect(await pilesOf(t.group)).toMatchObject({
			'mixed ball': [1, 45_851],
			'white strand': [24, 19_651]
		});
		expect(
			problemsOf(await keep(t.group, key(), t.ball(0, { colours: [...colours, ...colours] })))
		).toEqual({ bags: expect.stringContaining('twice') });
	});

	it('are refused in a sentence where there are not so many', async () => {
		const t = await aTable(30);
		await all(t.group, [t.flatten(20)]);
		expect(problemsOf(await keep(t.group, key(), t.flatten(11)))).toEqual({
			bags: 'Only 10 blue bags are here, and this takes 11. Take fewer, or count the pile again.'
		});
		expect(problemsOf(await keep(t.group, key(), t.cut(21)))).toMatchObject({
			bags: expect.stringContaining('Only 20 blue flat bags')
		});
		expect(problemsOf(await keep(t.group, key(), t.join(4)))).toMatchObject({
			pieces: expect.stringContaining('No blue loops are here any more')
		});
		expect(await wrongAt(t.group)).toEqual({ film: 0, below: 0, filmBelow: 0 });
	});

	it.each([
		[{ bags: '0' }, 'bags', 'At least 1.'],
		[{ bags: '2.5' }, 'bags', 'whole number'],
		[{ bags: 'many' }, 'bags', 'whole number'],
		[{ bags: '99999' }, 'bags', 'At most 200.'],
		[{ code: '2222' }, 'code', commonWords.codeWords.aCodeHasFiveSigns()],
		[{ code: '22O22' }, 'code', 'without 0, 1, I, L and O'],
		[{ code: '22223' }, 'code', 'one character is wrong, or two are swapped'],
		[{ cut: 'loops_x_4_13_439_0.8' }, 'cut', 'Choose one of the piles.'],
		[{ mass: '-3 g' }, 'mass', '']
	])('a ball typed with %j says so at the field', async (slip, field, sentence) => {
		const t = await aTable(1);
		const typed = { kind: t.kindId, colour: 'blue', cut: 'loops_71.3_4_13.1_439_0.819', bags: '1' };
		const saved = await saveEntry(
			t.group,
			{ key: key(), type: 'ball', typed: { ...typed, ...slip } },
			{ lengthSystem: 'cm', timeZone: 'UTC' }
		);
		expect(problemsOf(saved)).toEqual({ [field]: expect.stringContaining(sentence) });
	});

	it('taken by eight tables at once leave no pile below nothing', async () => {
		const t = await aTable(100);
		// As a device does: what a busy database could not do just now is sent again under its key.
		const sent = async (entry: Parameters<typeof keep>[2]) => {
			const own = key();
			for (;;)
				try {
					return await keep(t.group, own, entry);
				} catch (error) {
					if (!isDatabaseAway(error)) throw error;
				}
		};
		const flattened = await Promise.all(Array.from({ length: 8 }, () => sent(t.flatten(20))));
		expect(flattened.filter(({ outcome }) => outcome === 'kept')).toHaveLength(5);
		// Every act at once on the same piles, and one of them taken back meanwhile.
		const first = await lastAct(t.group);
		await Promise.all([
			...Array.from({ length: 5 }, () => sent(t.cut(20, 0.05))),
			...Array.from({ length: 5 }, () => sent(t.join(38))),
			...Array.from({ length: 5 }, () => sent(t.ball(9))),
			back(t.group, first?.id ?? 0)
		]);
		expect(await wrongAt(t.group)).toEqual({ film: 0, below: 0, filmBelow: 0 });
	});

	it('sent again count once, and make one ball', async () => {
		const t = await aTable(20);
		await all(t.group, [t.flatten(20), t.cut(20), t.join(80)]);
		const [sent, ball] = [key(), t.ball(10)];
		const saved = await Promise.all(Array.from({ length: 6 }, () => keep(t.group, sent, ball)));
		expect(saved.map(({ outcome }) => outcome).sort()).toEqual([
			...Array<string>(5).fill('duplicate'),
			'kept'
		]);
		expect(await listBalls(t.group)).toHaveLength(1);
	});
});

describe('what is undone', () => {
	it('goes back with its ball, unless something was done with that since', async () => {
		const t = await aTable(20);
		await all(t.group, [t.flatten(20), t.cut(20), t.join(80), t.ball(10)]);
		const ball = await lastAct(t.group);
		const joined = (await actsOf(t.group))[1];
		expect(problemsOf(await back(t.group, joined?.id ?? 0))).toEqual({
			corrects: expect.stringContaining('Undo that first')
		});
		expect(await back(t.group, ball?.id ?? 0)).toMatchObject({ outcome: 'kept' });
		expect(await listBalls(t.group)).toEqual([]);
		expect((await findThing(t.group, ball?.code ?? ''))?.state).toBeNull();
		expect(await pilesOf(t.group)).toMatchObject({ 'blue strand': [80, 65_503] });
	});

	it('of what happened to a ball lets it lie there again', async () => {
		const t = await aTable(20);
		await all(t.group, [t.flatten(20), t.cut(20), t.join(80), t.ball(10)]);
		const ball = (await listBalls(t.group))[0];
		await all(t.group, [t.ball(2)]);
		const later = await lastAct(t.group);
		await t.group.transaction((db) => happenTo(db, later?.id ?? 0, ball?.id ?? 0, 'lost'));
		expect((await listBalls(t.group)).map(({ code }) => code)).toEqual([later?.code]);
		expect(await back(t.group, later?.id ?? 0)).toMatchObject({ outcome: 'kept' });
		expect((await listBalls(t.group)).map(({ code }) => code)).toEqual([ball?.code]);
	});
});

describe('any order of acts', () => {
	const act = fc.record({
		do: fc.constantFrom('flatten', 'cut', 'join', 'ball', 'back', 'recount'),
		much: fc.integer({ min: 1, max: 45 }),
		colour: fc.constantFrom('blue', 'white'),
		spoiled: fc.constantFrom(0, 0.04, 0.3)
	});
	it('makes no pile negative, loses no milligram, and comes out as the page foresaw it', async () => {
		await fc.assert(
			fc.asyncProperty(fc.array(act, { minLength: 4, maxLength: 14 }), async (history) => {
				const t = await aTable(60);
				const { cuts } = await loadTable(t.group, hall, null, matsToBegin(t.group, hall));
				for (const { do: what, much, colour, spoiled } of history) {
					const before = await listPiles(t.group);
					const entries: Partial<Record<typeof what, Entry>> = {
						flatten: t.flatten(much, colour),
						cut: t.cut(Math.ceil(much / 3), spoiled, colour),
						join: t.join(much, colour),
						ball: t.ball(0, { colours: [{ colour, bags: Math.ceil(much / 9) }] }),
						recount: {
							type: 'recount',
							kindId: t.kindId,
							colour,
							form: 'flat',
							cut: null,
							counted: much,
							byName: null,
							note: null
						}
					};
					const entry = entries[what];
					const saved = entry
						? await keep(t.group, key(), entry)
						: await back(t.group, (await lastAct(t.group))?.id ?? 0);
					expect(await wrongAt(t.group)).toEqual({ film: 0, below: 0, filmBelow: 0 });
					if (!entry || what === 'recount') continue;
					const after = foreseen(before, [{ type: what, typed: typedOf(entry) }], cuts, readBy);
					const shown = (piles: typeof after) =>
						pilesAfter([], piles)
							.map(({ colour: c, form, amount, filmMg }) => `${c} ${form} ${amount} ${filmMg}`)
							.sort();
					expect(shown(await listPiles(t.group))).toEqual(
						shown(saved.outcome === 'kept' ? after : before)
					);
				}
			}),
			{ numRuns: 12 }
		);
	});
});

/** What is typed for an entry, as the page sends it. */
function typedOf(entry: Entry): Record<string, string> {
	const cut = 'loops_71.3_4_13.1_439_0.819';
	if (entry.type === 'flatten')
		return { kind: entry.kindId, colour: entry.colour, bags: String(entry.bags) };
	if (entry.type === 'cut')
		return {
			kind: entry.kindId,
			colour: entry.colour,
			bags: String(entry.bags),
			plan: entry.planId,
			plan_version: '1',
			use: 'strand',
			spoiled: String(entry.spoiledShare * 100)
		};
	if (entry.type === 'join')
		return { kind: entry.kindId, colour: entry.colour, cut, pieces: String(entry.pieces) };
	if (entry.type === 'ball')
		return {
			kind: entry.kindId,
			colour: entry.colours[0]?.colour ?? '',
			bags: String(entry.colours[0]?.bags),
			cut
		};
	return {};
}

describe('a label', () => {
	it('is bound to one ball, must be printed for the group, and is else the next code', async () => {
		const t = await aTable(40);
		await all(t.group, [t.flatten(40), t.cut(40), t.join(160)]);
		const [code = ''] = (await reserveCodes(t.group, key(), 4))?.codes ?? [];
		await all(t.group, [t.ball(5, { code })]);
		expect(problemsOf(await keep(t.group, key(), t.ball(5, { code })))).toEqual({
			code: houseWords.things.thatLabelIsOnSomething()
		});
		expect(problemsOf(await keep(t.group, key(), t.ball(5, { code: codeOf(900) })))).toEqual({
			code: houseWords.things.noLabelWithThatCode()
		});
		expect(await pilesOf(t.group)).toMatchObject({ 'blue strand': [140, expect.any(Number)] });
		await all(t.group, [t.ball(5)]);
		expect((await listBalls(t.group)).map((ball) => ball.code)).toEqual([codeOf(4), code]);
	});
});

it('a pile named by what is no id is refused at its field', async () => {
	const t = await aTable(1);
	const pile = `${'-'.repeat(36)} blue strand loops_71.3_4_13.1_439_0.819`;
	const typed = { tool: key(), plan: key(), plan_version: '1', strands: '1', pile };
	const saved = await saveEntry(
		t.group,
		{ key: key(), type: 'load', typed },
		{ lengthSystem: 'cm', timeZone: 'UTC' }
	);
	expect(problemsOf(saved)).toEqual({ pile: commonWords.load.chooseAPileOfPieces() });
});

describe('a loom', () => {
	const loomPlan = {
		...startingPlan,
		technique: {
			kind: 'peg-loom',
			pitchMm: 25.4,
			pegs: 28,
			pegToPegMm: 1829,
			packing: 'firm',
			weftCut: startingPlan.cut
		}
	} as const;
	async function aLoom() {
		const t = await aTable(100, loomPlan);
		const loom = {
			sort: 'loom',
			pegs: 28,
			pitchMm: 25.4,
			pegToPegMm: 1829,
			hasRods: true
		} as const;
		for (const [name, tool] of [
			['Hall loom', loom],
			['Short loom', { ...loom, pegs: 20 }]
		] as const)
			await keep(t.group, key(), { type: 'tool', toolId: null, name, count: 1, tool });
		await all(t.group, [
			t.flatten(60),
			{ ...(t.cut(60) as Extract<Entry, { type: 'cut' }>), use: 'warp' },
			t.join(124)
		]);
		const tools = await listTools(t.group);
		const pile = { kindId: t.kindId, colour: 'blue', form: 'strand', cut: rings } as const;
		const load = (strands: number, more: Partial<LoadEntry> = {}): LoadEntry => ({
			type: 'load',
			toolId: tools.find(({ name }) => name === 'Hall loom')?.id ?? '',
			...t.planned,
			pile,
			strands,
			mat: null,
			byName: null,
			...more
		});
		const other = tools.find(({ name }) => name === 'Short loom')?.id ?? '';
		return { ...t, load, other };
	}

	it('is loaded strand by strand: the first begins the mat, which has the film from then on', async () => {
		const t = await aLoom();
		await all(t.group, [t.load(1), t.load(9)]);
		const [on] = await listLoadedLooms(t.group);
		expect(on).toMatchObject({ warpStrands: 30, strands: 10, planName: 'A mat' });
		// Four rings do not reach: a strand takes a fifth, to be shortened.
		expect(await pilesOf(t.group)).toMatchObject({ 'blue strand': [74, expect.any(Number)] });
		expect(await wrongAt(t.group)).toEqual({ film: 0, below: 0, filmBelow: 0 });
		const [, first] = await actsOf(t.group);
		expect(problemsOf(await back(t.group, first?.id ?? 0))).toEqual({
			corrects: `Something was done with the mat ${on?.code} since. Undo that first, newest first.`
		});
		expect(await back(t.group, (await lastAct(t.group))?.id ?? 0)).toMatchObject({
			outcome: 'kept'
		});
		expect((await listLoadedLooms(t.group))[0]?.strands).toBe(1);
		expect(await back(t.group, first?.id ?? 0)).toMatchObject({ outcome: 'kept' });
		expect(await listLoadedLooms(t.group)).toEqual([]);
	});

	it('takes no more strands than its warp has, none of another loom, and none that are not there', async () => {
		const t = await aLoom();
		await all(t.group, [t.load(24)]);
		expect(problemsOf(await keep(t.group, key(), t.load(7)))).toEqual({
			strands: 'The warp has 30 strands; only 6 are still missing.'
		});
		expect(problemsOf(await keep(t.group, key(), t.load(2)))).toMatchObject({
			strands: expect.stringContaining('Only 4 blue pieces of yarn are here')
		});
		expect(problemsOf(await keep(t.group, key(), t.load(1, { toolId: t.other })))).toMatchObject({
			tool: expect.stringContaining('needs 28 pegs; Short loom has 20')
		});
		expect(problemsOf(await keep(t.group, key(), t.load(1, { mat: codeOf(77) })))).toMatchObject({
			mat: expect.stringContaining('is not on Hall loom any more')
		});
	});

	it('that two plans want at once is told', async () => {
		const t = await aLoom();
		const other = await insertPlan(t.group, writeOf('Another mat', loomPlan, key(), barePractice));
		if (other.outcome !== 'kept') return;
		const tools = await listTools(t.group);
		const named = async () =>
			Object.values(await loomWishes(t.group, tools, matsToBegin(t.group, hall)));
		expect(await named()).toEqual([]);
		await wantMats(t.group, t.planned.planId, 1, 0);
		await wantMats(t.group, other.plan.id, 1, 0);
		expect((await named()).map((names) => names.toSorted())).toEqual([['A mat', 'Another mat']]);
	});

	it('begun by two at once carries one mat', async () => {
		const t = await aLoom();
		await Promise.all(
			[t.load(2), t.load(3), t.load(4)].map((entry) => keep(t.group, key(), entry))
		);
		expect(await listLoadedLooms(t.group)).toHaveLength(1);
		expect((await listLoadedLooms(t.group))[0]?.strands).toBe(9);
	});
});

describe('a pile that was counted again', () => {
	it('is as it was counted, and what it differs by stands against the difference', async () => {
		const t = await aTable(30);
		await all(t.group, [t.flatten(20)]);
		const recount = (counted: number): Entry => ({
			type: 'recount',
			kindId: t.kindId,
			colour: 'blue',
			form: 'flat',
			cut: null,
			counted,
			byName: null,
			note: 'two torn'
		});
		await all(t.group, [recount(18)]);
		expect(await pilesOf(t.group)).toMatchObject({ 'blue flat': [18, 93_600] });
		await all(t.group, [recount(21)]);
		expect(await pilesOf(t.group)).toMatchObject({ 'blue flat': [21, 109_200] });
		const different = await house.many<{ amount: number }>(
			`select amount from movement where group_id = $1 and holder = 'difference' order by entry_id desc, part limit 2`,
			[t.group.groupId]
		);
		expect(different.map(({ amount }) => amount)).toEqual([-3, 2]);
	});
});
