import { type Db } from '../../src/lib/server/db/db';
import { describe, expect, it } from 'vitest';
import type { SaveResult } from '../../src/lib/server/db/save-result';
import { addReceivingPlace } from '../../src/lib/server/gather/places';
import { aMat, send, withBall } from './a-mat';
import { useDatabase } from './database';
import { movement, newTable } from './samples';
import { keep } from './samples';

useDatabase();
const key = () => crypto.randomUUID();
const asked = (saved: SaveResult) =>
	saved.outcome === 'refused' ? Object.keys(saved.problems) : saved.outcome;

/** Sends an entry, then the same with the word that it is right. */
async function twice(group: Db, type: string, typed: Record<string, string>) {
	const first = asked(await send(group, type, typed));
	return [first, asked(await send(group, type, { ...typed, sure: 'yes' }))];
}
const once = [['sure'], 'kept'];

describe('a figure far from what was expected is asked about, and kept once somebody says that it is right', () => {
	it('of a mat under the hand: its weight, its length, its width', async () => {
		for (const odd of [{ mass: '47 lb' }, { length: '7 m' }, { width: '8.5 cm' }]) {
			const t = await aMat();
			await send(t.group, 'finish', { mat: t.code });
			const typed = { mat: t.code, length: '185 cm', width: '85 cm', mass: '2.4 kg', ...odd };
			// A shape of another size is expected to weigh as much less or more.
			expect(await twice(t.group, 'check', typed)).toEqual(once);
		}
	});

	it('of a mat that is as it was planned is not asked about', async () => {
		const t = await aMat();
		await send(t.group, 'finish', { mat: t.code });
		const typed = { mat: t.code, length: '180 cm', width: '82 cm', mass: '1.9 kg' };
		expect(asked(await send(t.group, 'check', typed))).toBe('kept');
	});

	it('of rows, where the strand at hand is for far fewer', async () => {
		const t = await withBall(20);
		await send(t.group, 'issue', { mat: t.code, ball: t.ball });
		expect(await twice(t.group, 'rows', { mat: t.code, to: '100', seen: '' })).toEqual(once);
		const few = await withBall(20);
		await send(few.group, 'issue', { mat: few.code, ball: few.ball });
		expect(asked(await send(few.group, 'rows', { mat: few.code, to: '3', seen: '' }))).toBe('kept');
	});

	it('of a mat that is measured on the way', async () => {
		const t = await aMat();
		await t.rows('50');
		const sizes = { mat: t.code, row: '50', width: '85 cm' };
		expect(await twice(t.group, 'mat-size', { ...sizes, width: '8.5 m' })).toEqual(once);
	});

	it('of a pile that is counted anew, and of a pillow', async () => {
		const { group, kindId } = await newTable();
		await keep(group, key(), {
			...movement,
			kindId,
			colour: 'blue',
			form: 'bag',
			amount: 40
		} as never);
		const pile = { kind: kindId, colour: 'blue', form: 'bag' };
		expect(asked(await send(group, 'recount', { ...pile, counted: '55' }))).toBe('kept');
		expect(await twice(group, 'recount', { ...pile, counted: '550' })).toEqual(once);
		expect(asked(await send(group, 'recount', { ...pile, counted: '5' }))).toBe('kept');
		await keep(group, key(), {
			...movement,
			kindId,
			colour: 'mixed',
			form: 'scrap',
			amount: 9000
		} as never);
		expect(await twice(group, 'pillow', { scrap: '3 kg', bags: '' })).toEqual(once);
		expect(asked(await send(group, 'pillow', { scrap: '320 g', bags: '' }))).toBe('kept');
	});

	it('of a size that a place asks for', async () => {
		const { group } = await newTable();
		const place = (await addReceivingPlace(group, 'Tide House')).id;
		const ask = { place, mats: '4', by: '2027-01-20', width: '85 cm', length: '7 m' };
		expect(await twice(group, 'asked', ask)).toEqual(once);
		expect(asked(await send(group, 'asked', { ...ask, length: '190 cm' }))).toBe('kept');
	});
});
