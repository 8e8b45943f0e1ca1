import { type Db, house } from '../../src/lib/server/db/db';
import { expect } from 'vitest';
import { saveEntry } from '../../src/lib/server/entries/take-entry';
import { findMat, listMats } from '../../src/lib/server/making/mats';
import { keepRhythm } from '../../src/lib/server/people/rhythm';
import { addPerson } from '../../src/lib/server/people/people';
import { keep } from './samples';
import { aTable } from './table';

const key = () => crypto.randomUUID();
export const today = '2026-11-28';
export const now = { today, timeZone: 'UTC' };

/** Sends an entry as a device does. */
export const send = (
	group: Db,
	type: string,
	typed: Record<string, string>,
	more: { key?: string; at?: string; device?: string; sequence?: number } = {}
) =>
	saveEntry(
		group,
		{ key: key(), type, typed, at: `${today}T12:00:00Z`, ...more },
		{ lengthSystem: 'cm', timeZone: 'UTC' },
		new Date(`${today}T12:00:00Z`)
	);

/** A group says that it meets on the days it types alone: a chance is told it, and no day comes of itself. */
export const meetAsTyped = (group: Db, rule: string | null = null) =>
	keepRhythm(
		group,
		{
			...{ version: 0, rule, startsOn: '2026-01-01', endsOn: null, place: 'Boat shed' },
			...{ from: 1080, to: 1230, breaks: [], breakLength: 5, planId: null, ballsWanted: null }
		},
		null,
		today
	);

/** A group with a maker, and a mat she has begun. */
export async function aMat(begunOn = today, bags = 10) {
	const table = await aTable(bags);
	const { group, planned } = table;
	const mabel = key();
	await addPerson(group, mabel, 'Mabel');
	const begun = await send(
		group,
		'begin',
		{ plan: planned.planId, person: mabel },
		{ at: `${begunOn}T12:00:00Z` }
	);
	expect(begun.outcome).toBe('kept');
	const thing = await house.maybeOne<{ id: number; code: string }>(
		`select id, code from thing where group_id = $1 and sort = 'mat'`,
		[group.groupId]
	);
	const { id = 0, code = '' } = thing ?? {};
	const mat = async () => {
		const line = (await listMats(group, now)).find((one) => one.code === code);
		const found = await findMat(group, code, now);
		if (!line || !found) throw new Error('the mat is not being made');
		// In the list of all it is the same.
		expect(found).toMatchObject(line);
		return found;
	};
	const row = (step: 1 | -1 = 1, more: Parameters<typeof send>[3] = {}) =>
		send(group, 'row', { mat: code, step: String(step) }, more);
	const rows = (to: string, seen = '', more: Parameters<typeof send>[3] = {}) =>
		send(group, 'rows', { mat: code, to, seen }, more);
	return { ...table, group, planned, mabel, id, code, mat, row, rows };
}

/** A mat, and a ball of so many blue bags. */
export async function withBall(bags = 20, begunOn = today) {
	const t = await aMat(begunOn, bags);
	for (const entry of [t.flatten(bags), t.cut(bags), t.join(bags * 4), t.ball(bags)])
		expect((await keep(t.group, key(), entry, new Date(`${begunOn}T12:00:00Z`))).outcome).toBe(
			'kept'
		);
	const wound = await house.maybeOne<{ code: string }>(
		`select code from thing where group_id = $1 and sort = 'ball'`,
		[t.group.groupId]
	);
	return { ...t, ball: wound?.code ?? '' };
}
