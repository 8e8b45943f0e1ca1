import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { GroupId } from '../../src/lib/server/base/group-id';
import { maybeOne } from '../../src/lib/server/db/verbs';
import { findMade } from '../../src/lib/server/check/made-mats';
import {
	addReceivingPlace,
	endReceiving,
	listReceivingPlaces
} from '../../src/lib/server/gather/places';
import { accountOf, listDeliveries, listReady } from '../../src/lib/server/hand-over/deliveries';
import { send, today, withBall } from './a-mat';
import { useDatabase } from './database';

useDatabase();
const problemsOf = (saved: object) => (saved as { problems?: unknown }).problems;
const idOf = (saved: { outcome: string }) =>
	String(saved.outcome === 'kept' ? (saved as unknown as { id: number }).id : 0);
const size = { width: '86 cm', length: '185 cm' };

/** Finishes a mat and finds it good. */
async function makeGood(group: GroupId, mat: string): Promise<void> {
	for (const [type, typed] of [
		['finish', { mat }],
		['check', { mat, ...size }]
	] as const)
		expect((await send(group, type, typed)).outcome).toBe('kept');
}

/** A group with a good mat and a place that asks for it. */
async function aGoodMat() {
	const t = await withBall(20);
	await send(t.group, 'issue', { mat: t.code, ball: t.ball });
	await makeGood(t.group, t.code);
	const { id: place } = await addReceivingPlace(t.group, 'Tide House');
	const deliver = (mats = t.code, more: Record<string, string> = {}) =>
		send(t.group, 'deliver', { place, mats, goes_on: today, ...more });
	return { ...t, place, deliver };
}

describe('a delivery', () => {
	it('takes good mats to a place, is received in a word, and is what it came to', async () => {
		const t = await aGoodMat();
		expect(await listReady(t.group)).toMatchObject([
			{ code: t.code, widthMm: 860, lengthMm: 1850, rollMm: expect.any(Number) as number }
		]);
		expect((await t.deliver(t.code, { note: 'by the back door' })).outcome).toBe('kept');
		expect(await listReady(t.group)).toEqual([]);
		const [line] = await listDeliveries(t.group);
		expect(line).toMatchObject({
			placeName: 'Tide House',
			goesOn: today,
			mats: [t.code],
			note: 'by the back door',
			receivedAt: null
		});
		const account = await accountOf(t.group);
		expect(account).toMatchObject({
			mats: 1,
			bags: 20,
			matsUncounted: 0,
			deliveries: 1,
			places: 1
		});
		expect(account.m2).toBeCloseTo(0.86 * 1.85, 9);
		const film = await maybeOne<{ kg: number }>(
			`select sum(film_mg)::double precision / 1000000 as kg from balance
			 where group_id = $1 and holder = 'mat' and thing_id = $2`,
			[t.group, t.id]
		);
		// The same as lies in the mat by the ledger.
		expect(account.filmKg).toBeCloseTo(film?.kg ?? NaN, 6);
		const received = { delivery: line?.code ?? '', note: 'with thanks' };
		expect((await send(t.group, 'received', received)).outcome).toBe('kept');
		expect((await listDeliveries(t.group))[0]?.receivedAt).not.toBeNull();
		expect((await findMade(t.group, t.code))?.state).toBe('received');
		expect(problemsOf(await send(t.group, 'received', received))).toEqual({
			delivery: `${line?.code} was received already.`
		});
	});
	it('takes no mat twice, none before it is good, none of nobody, and to no other place', async () => {
		const t = await aGoodMat();
		const begun = await send(t.group, 'begin', { plan: t.planned.planId, person: '' });
		const other = await maybeOne<{ code: string }>(
			'select code from thing where group_id = $1 and entry_id = $2',
			[t.group, Number(idOf(begun))]
		);
		expect(problemsOf(await t.deliver(`${t.code} ${other?.code}`))).toEqual({
			mats: `${other?.code} was not found good yet: check it first.`
		});
		// One that may not go holds up no other: nothing of it went.
		expect(await listReady(t.group)).toHaveLength(1);
		for (const [mats, more, field] of [
			['', {}, 'mats'],
			['abc', {}, 'mats'],
			['ABCDE', {}, 'mats'],
			[t.ball, {}, 'mats'],
			[t.code, { place: crypto.randomUUID() }, 'place'],
			[t.code, { goes_on: 'soon' }, 'goes_on']
		] as const)
			expect(problemsOf(await t.deliver(mats, more))).toHaveProperty(field);
		const both = await Promise.all([t.deliver(), t.deliver()]);
		expect(both.map(({ outcome }) => outcome).sort()).toEqual(['kept', 'refused']);
		expect(await accountOf(t.group)).toMatchObject({ mats: 1, deliveries: 1 });
	});
	it('that was a mistake is taken back with a reason: its mats lie there again', async () => {
		const t = await aGoodMat();
		const sent = await t.deliver();
		const taken = await send(t.group, 'correction', {
			of: 'entry',
			corrects: idOf(sent),
			note: 'the van broke down'
		});
		expect(taken.outcome).toBe('kept');
		expect(await listReady(t.group)).toHaveLength(1);
		expect(await listDeliveries(t.group)).toEqual([]);
		expect(await accountOf(t.group)).toMatchObject({ mats: 0, bags: 0, m2: 0, filmKg: 0 });
		expect((await t.deliver()).outcome).toBe('kept');
	});
	it('of which a mat comes back counts without it, and that is checked again', async () => {
		const t = await aGoodMat();
		await t.deliver();
		expect(problemsOf(await send(t.group, 'sent-back', { mat: t.code, note: '' }))).toHaveProperty(
			'note'
		);
		expect((await send(t.group, 'sent-back', { mat: t.code, note: 'a tie gave' })).outcome).toBe(
			'kept'
		);
		expect(await accountOf(t.group)).toMatchObject({ mats: 0, bags: 0 });
		expect((await findMade(t.group, t.code))?.state).toBe('sent-back');
		await send(t.group, 'check', { mat: t.code, ...size });
		expect((await t.deliver()).outcome).toBe('kept');
		expect(await accountOf(t.group)).toMatchObject({ mats: 1, bags: 20 });
	});
	it('keeps its place, which receives nothing any more', async () => {
		const t = await aGoodMat();
		await t.deliver();
		expect(await endReceiving(t.group, t.place)).toBe(true);
		expect(await listReceivingPlaces(t.group)).toEqual([]);
		expect((await listDeliveries(t.group))[0]?.placeName).toBe('Tide House');
	});
});

it('what it came to is the bags of the mats that are handed over, whatever was done and taken back', async () => {
	const t = await aGoodMat();
	let sent: { outcome: string } | null = null;
	let [isOut, isBack] = [false, false];
	await fc.assert(
		fc.asyncProperty(
			fc.array(fc.constantFrom('deliver', 'undo', 'back', 'check'), { maxLength: 6 }),
			async (acts) => {
				for (const act of acts) {
					const saved: { outcome: string } =
						act === 'deliver'
							? await t.deliver()
							: act === 'undo'
								? await send(t.group, 'correction', {
										of: 'entry',
										corrects: sent ? idOf(sent) : '0',
										note: 'no'
									})
								: act === 'back'
									? await send(t.group, 'sent-back', { mat: t.code, note: 'a tie' })
									: await send(t.group, 'check', { mat: t.code, ...size });
					if (saved.outcome !== 'kept') continue;
					if (act === 'deliver') [sent, isOut, isBack] = [saved, true, false];
					if (act === 'undo') [isOut, sent] = [false, null];
					if (act === 'back') [isOut, isBack] = [false, true];
					if (act === 'check') isBack = false;
					expect(await accountOf(t.group)).toMatchObject({
						mats: isOut ? 1 : 0,
						bags: isOut ? 20 : 0
					});
					expect(isOut && isBack).toBe(false);
				}
			}
		),
		{ numRuns: 25 }
	);
}, 60_000);
