import * as gatherWords from '../../src/lib/words/gather';
import { type Db } from '../../src/lib/server/db/db';
import fc from 'fast-check';
import { beforeEach, describe, expect, it } from 'vitest';
import { listDropOffs } from '../../src/lib/server/gather/drop-offs';
import { endDrying, listDrying } from '../../src/lib/server/gather/drying';
import { listStoredKinds, removeKind } from '../../src/lib/server/gather/kinds';
import { listBalances, listMovements } from '../../src/lib/server/gather/ledger';
import { rowsAfter } from '../../src/lib/server/gather/list-out';
import { listPlaces } from '../../src/lib/server/gather/places';
import { practiceOfGroup } from '../../src/lib/server/measures/practice';
import { listSorted } from '../../src/lib/server/gather/sortings';
import type { SortingEntry } from '../../src/lib/entries/types/sorting';
import { useDatabase } from './database';
import { dropOff, newGroup, newTable, sorting, keep } from './samples';

useDatabase();

let group: Db;
let kindId = '';
beforeEach(async () => {
	({ group, kindId } = await newTable());
});

const key = () => crypto.randomUUID();
const sort = (more: Partial<SortingEntry> = {}, under = key(), at?: Date) =>
	keep(group, under, { ...sorting, kindId, ...more }, at);
const nothing = { strand: 0, stuffing: 0, drying: 0, rejected: 0, lookAgainHours: null };
const hang = async (drying: number): Promise<number> => {
	const saved = await sort({ ...nothing, drying, lookAgainHours: 2 });
	if (saved.outcome !== 'kept') throw new Error('the pile was not kept');
	return Number(saved.id);
};
const takeOff = (driedFrom: number, piles: Partial<SortingEntry>, under = key()) =>
	sort({ ...nothing, ...piles, driedFrom }, under);
const held = async () =>
	Object.fromEntries((await listBalances(group)).map(({ form, amount }) => [form, amount]));
const back = (of: 'drop-off' | 'sorting', corrects: number, under = key()) =>
	keep(group, under, { type: 'correction', of, corrects, note: 'typed wrong', byName: 'Odo' });

describe('bags that hang to dry', () => {
	it('are known by kind, colour and place, the ones to look at soonest first', async () => {
		const at = new Date('2026-11-19T18:00:00Z');
		await sort({ ...nothing, drying: 5, lookAgainHours: 30 }, key(), at);
		await sort({ ...nothing, drying: 8, lookAgainHours: 3, colour: 'green' }, key(), at);
		await sort({ ...nothing, strand: 9 });
		expect(await listDrying(group)).toMatchObject([
			{ place: 'Ferry kiosk', kind: 'Thin carrier', colour: 'green', hanging: 8, endedAt: null },
			{ colour: 'blue', hanging: 5, lookAgainAt: new Date('2026-11-21T00:00:00Z') }
		]);
	});

	it('come off their pile as they are sorted, and go where they belong', async () => {
		const pile = await hang(38);
		expect(await held()).toEqual({});
		expect((await takeOff(pile, { strand: 20, rejected: 3 })).outcome).toBe('kept');
		expect((await listDrying(group))[0]?.hanging).toBe(15);
		await takeOff(pile, { stuffing: 5, drying: 10, lookAgainHours: 4 });
		// What is still damp hangs in a pile of its own now.
		expect((await listDrying(group)).map(({ hanging }) => hanging)).toEqual([10]);
		expect(await held()).toEqual({ bag: 20, stuffing: 5 });
		expect((await listPlaces(group))[0]).toMatchObject({ sorted: 28, rejected: 8 });
		expect((await listSorted(group)).map(({ hasDried }) => hasDried)).toEqual([true, true, false]);
	});

	it('are never more than hung there, however many sort them at once', async () => {
		const pile = await hang(38);
		const refused = await takeOff(pile, { strand: 39 });
		expect(refused).toMatchObject({ outcome: 'refused' });
		expect(JSON.stringify(refused)).toContain('Only 38 hang there, and this adds up to 39.');
		const saved = await Promise.all(Array.from({ length: 8 }, () => takeOff(pile, { strand: 12 })));
		expect(saved.filter(({ outcome }) => outcome === 'kept')).toHaveLength(3);
		expect(await held()).toEqual({ bag: 36 });
		expect((await listDrying(group))[0]?.hanging).toBe(2);
	});

	it('count once, though their entry is sent again when the pile is gone', async () => {
		const pile = await hang(6);
		const sent = key();
		const saved = await Promise.all([1, 2, 3].map(() => takeOff(pile, { strand: 6 }, sent)));
		expect(saved.map(({ outcome }) => outcome).sort()).toEqual(['duplicate', 'duplicate', 'kept']);
		expect(await held()).toEqual({ bag: 6 });
		expect(await takeOff(pile, { strand: 1 })).toMatchObject({
			outcome: 'refused',
			problems: { dried: expect.stringContaining('That pile is not drying') as string }
		});
		expect((await takeOff(999_999, { strand: 1 })).outcome).toBe('refused');
	});

	it('are said to be gone, and to be there after all', async () => {
		const pile = await hang(6);
		const before = Date.now();
		await endDrying(group, pile, true);
		const [ended] = await listDrying(group);
		const endedAt = ended?.endedAt?.getTime() ?? 0;
		expect(endedAt >= before - 1000 && endedAt <= Date.now() + 1000).toBe(true);
		await endDrying(group, pile, true);
		expect((await listDrying(group))[0]?.endedAt).toEqual(ended?.endedAt);
		expect((await takeOff(pile, { strand: 6 })).outcome).toBe('refused');
		await endDrying(group, pile, false);
		expect((await takeOff(pile, { strand: 6 })).outcome).toBe('kept');
		expect(await listDrying(group)).toEqual([]);
		expect(await endDrying(await newGroup(), pile, true)).toBe(0);
	});
});

describe('what is undone', () => {
	it('of what came in counts no more, and says why', async () => {
		const wrong = await keep(group, key(), {
			...dropOff,
			bags: 1800,
			bagsHigh: 1800,
			isSure: true
		});
		await keep(group, key(), dropOff);
		const sent = key();
		expect(
			(await back('drop-off', Number(wrong.outcome !== 'refused' && wrong.id), sent)).outcome
		).toBe('kept');
		const id = (await listDropOffs(group)).find(({ bags }) => bags === 1800)?.id ?? 0;
		expect((await back('drop-off', id, sent)).outcome).toBe('duplicate');
		expect(await back('drop-off', id)).toMatchObject({
			problems: { corrects: gatherWords.takenBack.thatWasTakenBackAlready() }
		});
		expect((await listPlaces(group))[0]?.bags).toBe(180);
		expect((await listDropOffs(group)).map(({ takenBack }) => takenBack)).toEqual([
			null,
			'typed wrong'
		]);
		expect(await rowsAfter(group, 'drop-offs', 0, 10)).toHaveLength(1);
		expect((await back('drop-off', 999_999)).outcome).toBe('refused');
	});

	it('of what was sorted leaves the store and the learned share with it', async () => {
		const before = await practiceOfGroup(group);
		const saved = await sort({ strand: 40, stuffing: 6, rejected: 210, drying: 8 });
		if (saved.outcome !== 'kept') throw new Error('not kept');
		const id = Number(saved.id);
		const taken = await Promise.all([1, 2, 3].map(() => back('sorting', id)));
		expect(taken.filter(({ outcome }) => outcome === 'kept')).toHaveLength(1);
		expect(await held()).toEqual({});
		expect(await listDrying(group)).toEqual([]);
		expect(await practiceOfGroup(group)).toEqual(before);
		const line = { kindId, colour: 'blue', form: 'bag' };
		expect((await listMovements(group, line)).map(({ amount, note }) => [amount, note])).toEqual([
			[-40, 'typed wrong'],
			[40, 'from Ferry kiosk']
		]);
		expect((await listSorted(group))[0]?.takenBack).toBe('typed wrong');
	});

	it('is not what has gone out of the store since', async () => {
		const saved = await sort({ strand: 40 });
		const id = Number(saved.outcome === 'kept' && saved.id);
		const out = { type: 'movement', kindId, colour: 'blue', form: 'bag', reason: 'cut' } as const;
		await keep(group, key(), {
			...out,
			amount: -30,
			note: null,
			byName: null,
			isSure: false
		});
		expect(await back('sorting', id)).toMatchObject({
			problems: {
				corrects: expect.stringContaining(
					'already left the store: 30 blue bags (cut, 2026-'
				) as string
			}
		});
		expect(await held()).toEqual({ bag: 10, stuffing: 12 });
		expect((await listSorted(group))[0]?.takenBack).toBeNull();
	});

	it('by its movement in the store is the whole sorting, and only once', async () => {
		const saved = await sort({ strand: 40, stuffing: 6 });
		const id = Number(saved.outcome === 'kept' && saved.id);
		const [first] = await listMovements(group, { kindId, colour: 'blue', form: 'bag' });
		await keep(group, key(), {
			type: 'correction',
			of: 'entry',
			corrects: first?.id ?? 0,
			note: 'no',
			byName: null
		});
		expect((await listSorted(group))[0]?.takenBack).toBe('no');
		expect((await back('sorting', id)).outcome).toBe('refused');
		expect(await held()).toEqual({});
	});

	it('is a pile only before it is sorted; what dried hangs again when its sorting is undone', async () => {
		const pile = await hang(10);
		const sorted = await takeOff(pile, { strand: 7 });
		expect(await back('sorting', pile)).toMatchObject({
			problems: { corrects: expect.stringContaining('sorted since') as string }
		});
		expect((await back('sorting', Number(sorted.outcome === 'kept' && sorted.id))).outcome).toBe(
			'kept'
		);
		expect((await listDrying(group))[0]?.hanging).toBe(10);
		expect((await back('sorting', pile)).outcome).toBe('kept');
		expect(await listDrying(group)).toEqual([]);
	});

	it('of another group is not touched', async () => {
		const pile = await hang(10);
		const mine = group;
		group = await newGroup();
		expect((await back('sorting', pile)).outcome).toBe('refused');
		expect(await listSorted(group)).toEqual([]);
		group = mine;
		expect((await listSorted(group))[0]?.takenBack).toBeNull();
	});
});

describe('sorting', () => {
	it('after any run of hanging, sorting and taking back has a store that equals what stands', async () => {
		const step = fc.record({
			act: fc.constantFrom('sort', 'hang', 'dry', 'back'),
			count: fc.integer({ min: 1, max: 30 }),
			which: fc.nat(20)
		});
		await fc.assert(
			fc.asyncProperty(fc.array(step, { minLength: 4, maxLength: 14 }), async (steps) => {
				({ group, kindId } = await newTable());
				for (const { act, count, which } of steps) {
					const piles = await listDrying(group);
					const lines = await listSorted(group);
					if (act === 'sort') await sort({ ...nothing, strand: count });
					else if (act === 'hang') await hang(count);
					else if (act === 'dry' && piles.length > 0)
						await takeOff(piles[which % piles.length]?.id ?? 0, { strand: count });
					else if (act === 'back' && lines.length > 0)
						await back('sorting', lines[which % lines.length]?.id ?? 0);
				}
				const lines = (await listSorted(group)).filter(({ takenBack }) => takenBack === null);
				const sum = (of: 'strand' | 'drying', dried?: boolean) =>
					lines
						.filter(({ hasDried }) => dried === undefined || hasDried === dried)
						.reduce((total, line) => total + line[of], 0);
				expect((await held()).bag ?? 0).toBe(sum('strand'));
				const hanging = (await listDrying(group)).reduce((total, pile) => total + pile.hanging, 0);
				expect(hanging).toBe(sum('drying') - sum('strand', true));
			}),
			{ numRuns: 15 }
		);
	});

	it('keeps the kind of bag on the list, even where nothing went into the store', async () => {
		await sort({ ...nothing, rejected: 4 });
		expect(await removeKind(group, kindId)).toBe(false);
		expect((await listStoredKinds(group)).find(({ id }) => id === kindId)?.isUsed).toBe(true);
	});

	it('is booked at the time it was typed; a line was last moved when its newest movement was', async () => {
		const [early, late] = [new Date('2026-11-05T18:00:00Z'), new Date('2026-11-12T18:00:00Z')];
		await sort({ ...nothing, strand: 3 }, key(), late);
		await sort({ ...nothing, strand: 4 }, key(), early);
		expect((await listBalances(group))[0]).toMatchObject({ amount: 7, movedAt: late });
		expect((await listSorted(group)).map(({ sortedAt }) => sortedAt)).toEqual([early, late]);
	});
});

describe('bags that come in damp', () => {
	const damp = { ...dropOff, bags: 60, bagsLow: 60, bagsHigh: 60, lookAgainHours: 5 };

	it('hang from the start, are nobody’s sorting, and come off their pile like any other', async () => {
		const at = new Date('2026-11-19T18:00:00Z');
		expect((await keep(group, key(), damp, at)).outcome).toBe('kept');
		const [pile] = await listDrying(group);
		expect(pile).toMatchObject({
			place: 'Ferry kiosk',
			kind: null,
			hanging: 60,
			lookAgainAt: new Date('2026-11-19T23:00:00Z')
		});
		expect((await listDropOffs(group))[0]).toMatchObject({ bags: 60, damp: 60 });
		expect(await listSorted(group)).toEqual([]);
		expect((await listPlaces(group))[0]).toMatchObject({ bags: 60, sorted: 0 });
		expect((await takeOff(pile?.id ?? 0, { strand: 50, rejected: 10 })).outcome).toBe('kept');
		expect(await listDrying(group)).toEqual([]);
		expect((await listPlaces(group))[0]).toMatchObject({ sorted: 60, rejected: 10 });
	});

	it('hang once, however often their entry is sent, and no more once it is undone', async () => {
		const sent = key();
		await Promise.all([1, 2, 3].map(() => keep(group, sent, damp)));
		expect((await listDrying(group)).map(({ hanging }) => hanging)).toEqual([60]);
		const [line] = await listDropOffs(group);
		expect((await back('drop-off', line?.id ?? 0)).outcome).toBe('kept');
		expect(await listDrying(group)).toEqual([]);
		expect((await listPlaces(group))[0]).toMatchObject({ bags: 0, sorted: 0 });
	});

	it('are not taken back once some of them were sorted', async () => {
		await keep(group, key(), damp);
		const [pile] = await listDrying(group);
		await takeOff(pile?.id ?? 0, { strand: 5 });
		const [line] = await listDropOffs(group);
		expect(JSON.stringify(await back('drop-off', line?.id ?? 0))).toContain(
			'Bags of it that dried were sorted since.'
		);
	});

	it('are refused where no hall could hang them', async () => {
		const refused = await keep(group, key(), {
			...damp,
			sacks: 0,
			bags: 100_001,
			bagsLow: 100_001,
			bagsHigh: 100_001,
			isSure: true
		});
		expect(refused).toMatchObject({ outcome: 'refused', problems: { damp: expect.any(String) } });
		expect(await listDropOffs(group)).toEqual([]);
	});
});
