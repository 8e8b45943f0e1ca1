import { house } from '../../src/lib/server/db/db';
import { describe, expect, it } from 'vitest';
import { bagsGiven } from '../../src/lib/server/making/given-bags';
import { saveEntry } from '../../src/lib/server/entries/take-entry';
import { storyOfMat } from '../../src/lib/server/hand-over/mat-story';
import { send, today, withBall } from './a-mat';
import { useDatabase } from './database';

useDatabase();

/** A label as somebody types it on a phone. */
const sloppy = (code: string) =>
	` ${code.toLowerCase().slice(0, 2)}-${code.toLowerCase().slice(2)}`;

describe('a label that is typed in small letters', () => {
	it('is the label: its mat has the ball, and the story of the mat has its bags', async () => {
		const t = await withBall();
		const given = await send(t.group, 'issue', { mat: sloppy(t.code), ball: sloppy(t.ball) });
		expect(given.outcome).toBe('kept');
		expect((await t.mat()).said.issued.map(({ code }) => code)).toEqual([t.ball]);
		expect((await bagsGiven(t.group, [t.code])).get(t.code)?.bags).toBe(20);
		expect((await storyOfMat(t.group, t.code))?.bags).toBe(20);
		await send(t.group, 'note', { mat: sloppy(t.code), text: 'Stiff film' });
		expect((await t.mat()).said.notes).toHaveLength(1);
	});

	it('stands in the book in the one way there is, and sent again counts once', async () => {
		const t = await withBall();
		const sent = {
			key: crypto.randomUUID(),
			type: 'issue',
			typed: { mat: sloppy(t.code), ball: sloppy(t.ball) },
			at: `${today}T12:00:00Z`
		};
		const context = { lengthSystem: 'cm' as const, timeZone: 'UTC' };
		expect((await saveEntry(t.group, sent, context)).outcome).toBe('kept');
		expect((await saveEntry(t.group, sent, context)).outcome).toBe('duplicate');
		const { typed } = await house.one<{ typed: object }>(
			'select typed from entry where group_id = $1 and key = $2',
			[t.group.groupId, sent.key]
		);
		expect(typed).toEqual({ mat: t.code, ball: t.ball });
	});

	it('is found by what follows from it also where it stands in the book as it was typed', async () => {
		const t = await withBall();
		// As it was entered before labels were read so.
		await house.execute(
			`insert into entry (group_id, key, digest, type, typed, typed_at) values ($1, $2, 'x', 'issue', $3, now())`,
			[t.group.groupId, crypto.randomUUID(), { mat: sloppy(t.code), ball: sloppy(t.ball) }]
		);
		expect((await t.mat()).said.issued.map(({ code }) => code)).toEqual([t.ball]);
		expect((await bagsGiven(t.group, [t.code])).get(t.code)?.bags).toBe(20);
		expect((await storyOfMat(t.group, t.code))?.bags).toBe(20);
	});
});
