import { house } from '../../src/lib/server/db/db';
import { describe, expect, it } from 'vitest';
import {
	addReceivingPlace,
	keepPlaceWords,
	listPlaceWords
} from '../../src/lib/server/gather/places';
import { listAsks, listWaiting } from '../../src/lib/server/hand-over/asks';
import { handOverEvents } from '../../src/lib/server/hand-over/calendar';
import { saveEntry } from '../../src/lib/server/entries/take-entry';
import { aMat, now, send, today } from './a-mat';
import { useDatabase } from './database';

useDatabase();
const problemsOf = (saved: object) => (saved as { problems?: unknown }).problems;
const idOf = (saved: object) => String((saved as { id?: number }).id ?? 0);
const size = { width: '86 cm', length: '185 cm' };

/** A group with a mat that is good, one being made, and two places. */
async function twoPlaces() {
	const t = await aMat();
	await send(t.group, 'finish', { mat: t.code });
	await send(t.group, 'check', { mat: t.code, ...size });
	await send(t.group, 'begin', { plan: t.planned.planId, person: '' });
	const [tide, rooms] = [
		await addReceivingPlace(t.group, 'Tide House'),
		await addReceivingPlace(t.group, 'Winter Rooms')
	];
	const ask = (place: string, mats: string, by: string, more: Record<string, string> = {}) =>
		send(t.group, 'asked', { place, mats, by, ...more });
	const asks = () => listAsks(t.group, now);
	return { ...t, tide: tide.id, rooms: rooms.id, ask, asks };
}

describe('what a place asks for', () => {
	it('is served by its day: what is ready goes to the first', async () => {
		const t = await twoPlaces();
		expect((await t.ask(t.rooms, '3', '2027-01-20')).outcome).toBe('kept');
		expect((await t.ask(t.tide, '2', '2026-12-24', { note: 'soon' })).outcome).toBe('kept');
		const [first, second] = await t.asks();
		expect(first).toMatchObject({
			placeName: 'Tide House',
			mats: 2,
			promised: null,
			handed: 0,
			isDone: false,
			note: 'soon',
			counts: { ready: 1 }
		});
		expect(second).toMatchObject({ placeName: 'Winter Rooms', counts: { ready: 0 } });
	});
	it('of a size counts mats of that size alone', async () => {
		const t = await twoPlaces();
		await t.ask(t.tide, '1', '2026-12-24', { length: '150 cm', width: '70 cm' });
		await t.ask(t.rooms, '1', '2026-12-30', { length: '184 cm', width: '85 cm' });
		const counts = (await t.asks()).map(({ counts: own }) => own.ready);
		expect(counts).toEqual([0, 1]);
		// The shelf says the same of what is ready, without foreseeing any mat.
		const waiting = await listWaiting(t.group, now);
		expect(waiting.map(({ counts: own }) => own.ready)).toEqual([0, 1]);
	});
	it('is promised, and a later word stands; nothing beyond what is asked', async () => {
		const t = await twoPlaces();
		const asked = await t.ask(t.tide, '2', '2026-12-24');
		const promise = (mats: string) => send(t.group, 'promised', { ask: idOf(asked), mats });
		expect(problemsOf(await promise('3'))).toEqual({
			mats: 'They ask for 2. You cannot promise more.'
		});
		for (const mats of ['2', '1']) expect((await promise(mats)).outcome).toBe('kept');
		expect((await t.asks())[0]?.promised).toBe(1);
	});
	it('is done once so many went there since, and open again when one comes back', async () => {
		const t = await twoPlaces();
		await t.ask(t.tide, '1', '2026-12-24');
		await send(t.group, 'deliver', { place: t.tide, mats: t.code, goes_on: today });
		expect((await t.asks())[0]).toMatchObject({ handed: 1, isDone: true });
		await send(t.group, 'sent-back', { mat: t.code, note: 'a tie gave' });
		expect((await t.asks())[0]).toMatchObject({ handed: 0, isDone: false });
	});
	it('counts no mat that went there before it was asked', async () => {
		const t = await twoPlaces();
		await send(t.group, 'deliver', { place: t.tide, mats: t.code, goes_on: today });
		// Asked for later, by the clock of the device.
		const asked = { place: t.tide, mats: '1', by: '2026-12-24' };
		await saveEntry(
			t.group,
			{ key: crypto.randomUUID(), type: 'asked', typed: asked, at: `${today}T13:00:00Z` },
			{ lengthSystem: 'cm', timeZone: 'UTC' },
			new Date(`${today}T14:00:00Z`)
		);
		expect((await t.asks())[0]).toMatchObject({ handed: 0, isDone: false });
	});
	it('is listed for sixty days after its day, and then no more', async () => {
		const t = await twoPlaces();
		await t.ask(t.tide, '1', '2026-12-24');
		const listed = async (day: string) => (await listAsks(t.group, { ...now, today: day })).length;
		expect(await listed('2027-02-21')).toBe(1);
		expect(await listed('2027-02-22')).toBe(0);
	});
	it('counts on a mat in check after a fortnight at the latest', async () => {
		const t = await aMat();
		await send(t.group, 'finish', { mat: t.code });
		const { id: tide } = await addReceivingPlace(t.group, 'Tide House');
		const countsBy = async (by: string) => {
			const asked = await send(t.group, 'asked', { place: tide, mats: '1', by });
			const [line] = await listAsks(t.group, now);
			await send(t.group, 'correction', { of: 'entry', corrects: idOf(asked), note: 'no' });
			return line?.counts;
		};
		expect(await countsBy('2026-12-11')).toMatchObject({ ready: 0, low: 0, high: 1 });
		expect(await countsBy('2026-12-12')).toMatchObject({ ready: 0, low: 1, high: 1 });
	});
	it('is taken back, and its promise with it', async () => {
		const t = await twoPlaces();
		const asked = await t.ask(t.tide, '2', '2026-12-24');
		await send(t.group, 'correction', { of: 'entry', corrects: idOf(asked), note: 'no' });
		expect(await t.asks()).toEqual([]);
		const late = await send(t.group, 'promised', { ask: idOf(asked), mats: '1' });
		expect(problemsOf(late)).toHaveProperty('ask');
	});
	it.each([
		[{ mats: 'some' }, 'mats'],
		[{ mats: '0' }, 'mats'],
		[{ mats: '2000' }, 'mats'],
		[{ by: 'soon' }, 'by'],
		[{ by: '2026-02-30' }, 'by'],
		[{ width: '85 cm' }, 'length'],
		[{ width: '85 kg', length: '2 m' }, 'width'],
		[{ place: 'nowhere' }, 'place'],
		[{ place: crypto.randomUUID() }, 'place']
	])('%j is said at the field', async (slip, field) => {
		const t = await twoPlaces();
		const typed = { place: t.tide, mats: '2', by: '2026-12-24', ...slip };
		expect(
			problemsOf(await send(t.group, 'asked', typed as unknown as Record<string, string>))
		).toHaveProperty(field);
		expect(await t.asks()).toEqual([]);
	});
});

it('how a place receives is kept, and nobody writes over what another said meanwhile', async () => {
	const t = await twoPlaces();
	const accepts = { leastLengthMm: 1800, mostWidthMm: 1000 };
	const said = { hours: 'Mondays', stairs: null, ownRules: 'aired first', accepts };
	expect((await keepPlaceWords(t.group, { id: t.tide, version: 1, ...said })).outcome).toBe('kept');
	expect(
		(await keepPlaceWords(t.group, { id: t.tide, version: 1, ...said, hours: 'never' })).outcome
	).toBe('refused');
	expect((await listPlaceWords(t.group))[0]).toMatchObject({ name: 'Tide House', ...said });
});

it('deliveries, their gatherings and the days mats are asked for are in the calendar', async () => {
	const t = await twoPlaces();
	await t.ask(t.rooms, '3', '2027-01-20');
	await send(t.group, 'deliver', {
		place: t.tide,
		mats: t.code,
		goes_on: '2026-12-10',
		gathering: 'Tea at six'
	});
	expect(await handOverEvents(t.group, 'Table', today)).toMatchObject([
		{
			day: '2026-12-10',
			place: 'Tide House',
			summary: 'Table: Tea at six (one mat to Tide House)'
		},
		{ day: '2027-01-20', summary: 'Table: 3 mats wanted by Winter Rooms' }
	]);
});

it('how a thing stands is kept beside what happens to it, whatever is undone', async () => {
	const t = await twoPlaces();
	const sent = await send(t.group, 'deliver', { place: t.tide, mats: t.code, goes_on: today });
	await send(t.group, 'correction', { of: 'entry', corrects: idOf(sent), note: 'no' });
	const rows = await house.many<{ code: string; kept: string; found: string | null }>(
		`select t.code, s.what as kept, (select v.what from thing_event v
				where v.group_id = t.group_id and v.thing_id = t.id
					and not exists (select 1 from taken_back b where b.group_id = v.group_id and b.entry_id = v.entry_id)
				order by v.id desc limit 1) as found
		 from thing t join thing_state s on s.group_id = t.group_id and s.thing_id = t.id
		 where t.group_id = $1 order by t.id`,
		[t.group.groupId]
	);
	expect(rows.map(({ kept }) => kept)).toEqual(rows.map(({ found }) => found));
	expect(rows.map(({ kept }) => kept)).toEqual(['good', 'begun']);
});
