import { describe, expect, it } from 'vitest';
import { noLevers } from '../../src/lib/core/season/forecast';
import { addReceivingPlace } from '../../src/lib/server/gather/places';
import { listAsks } from '../../src/lib/server/hand-over/asks';
import { forecastFor } from '../../src/lib/server/season/forecasts';
import { readSeason, seasonNow } from '../../src/lib/server/season/season-now';
import { stripOfToday } from '../../src/lib/server/today/film-strip';
import { actsOfToday, isAnythingKept } from '../../src/lib/server/today/today';
import { now, send, withBall } from './a-mat';
import { useDatabase } from './database';
import { newGroup } from './samples';

useDatabase();
const size = { width: '86 cm', length: '185 cm' };

/** A group with a mat in hand, a ball of twenty bags in its store, and a place that asks. */
async function aSeason(mats = '2', by = '2027-02-06') {
	const t = await withBall(20);
	const { id: place } = await addReceivingPlace(t.group, 'Tide House');
	expect((await send(t.group, 'asked', { place, mats, by })).outcome).toBe('kept');
	const basis = () => seasonNow(t.group, now);
	return { ...t, place, basis };
}

describe('a season as it stands', () => {
	it('is what the book has: what is wanted, in hand, in balls and in sacks', async () => {
		const t = await aSeason();
		const basis = await t.basis();
		expect(basis.goals).toEqual([{ by: '2027-02-06', wanted: 2, handedOver: 0 }]);
		expect(basis).toMatchObject({ ready: 0, inCheck: 0, freeMakers: [], tableDays: [] });
		expect(basis.mats).toEqual([{ done: 0, weeks: [] }]);
		expect(basis.bagsPerMat).toBeGreaterThan(400);
		// Twenty bags are in the ball; of the white ones none was touched.
		expect(basis.strandMats * basis.bagsPerMat).toBeCloseTo(20, 6);
		expect(basis.bagMats * basis.bagsPerMat).toBeCloseTo(20, 6);
	});
	it('follows a mat from hand to check, to ready, to the place, and frees its maker', async () => {
		const t = await aSeason();
		await send(t.group, 'finish', { mat: t.code });
		expect(await t.basis()).toMatchObject({ inCheck: 1, mats: [], freeMakers: [{ weeks: [1] }] });
		await send(t.group, 'check', { mat: t.code, ...size });
		expect(await t.basis()).toMatchObject({
			inCheck: 0,
			ready: 1,
			checks: { good: 1, mended: 0 }
		});
		await send(t.group, 'deliver', { place: t.place, mats: t.code, goes_on: now.today });
		expect(await t.basis()).toMatchObject({
			ready: 0,
			goals: [{ wanted: 2, handedOver: 1 }]
		});
	});
	it('asks of several days are wanted one after the other', async () => {
		const t = await aSeason();
		await send(t.group, 'asked', { place: t.place, mats: '3', by: '2026-12-24' });
		// What is asked for in another age is no goal of this season.
		await send(t.group, 'asked', { place: t.place, mats: '9', by: '2099-12-24' });
		expect((await t.basis()).goals).toEqual([
			{ by: '2026-12-24', wanted: 3, handedOver: 0 },
			{ by: '2027-02-06', wanted: 5, handedOver: 0 }
		]);
	});
	it('is forecast alike for whoever asks', async () => {
		const t = await aSeason('1');
		await send(t.group, 'finish', { mat: t.code });
		const basis = await t.basis();
		const [goal] = basis.goals;
		if (!goal) throw new Error('nothing is wanted');
		const [one, two] = await Promise.all([
			forecastFor(basis, goal, noLevers),
			forecastFor(await t.basis(), goal, noLevers)
		]);
		expect(one).toEqual(two);
		// It is in check today, and ready by the second week in every run.
		expect(one).toMatchObject({ chance: 1, low: 1, heldBackBy: {}, plain: null });
		const more = await forecastFor(basis, goal, { ...noLevers, 'two-makers': 1 });
		expect(more.plain).toEqual({ expected: one.expected, chance: 1 });
	});
});

describe('today', () => {
	const acts = async (t: Awaited<ReturnType<typeof aSeason>>) =>
		(await actsOfToday(t.group, now, { ...(await readSeason(t.group, now)), said: null })).map(
			({ id }) => id
		);
	it('has nothing for a group that kept nothing', async () => {
		const group = await newGroup();
		expect(await isAnythingKept(group)).toBe(false);
		const t = await aSeason();
		expect(await isAnythingKept(t.group)).toBe(true);
	});
	it('names what presses, and it vanishes when it is done', async () => {
		const t = await aSeason();
		expect(await acts(t)).toEqual([]);
		await send(t.group, 'note', { mat: t.code, text: 'a word' });
		await send(t.group, 'wish', { mat: t.code, wish: 'ball' });
		expect(await acts(t)).toEqual([`mat-${t.code}`]);
		// The ball is given; one of twenty bags does not go far, and that is said next.
		await send(t.group, 'issue', { mat: t.code, ball: t.ball });
		expect(await acts(t)).toEqual([`mat-${t.code}`]);
		await send(t.group, 'finish', { mat: t.code });
		expect(await acts(t)).toEqual(['check']);
		await send(t.group, 'check', { mat: t.code, ...size, faults: 'loose-tail@0.5,0.5' });
		expect(await acts(t)).toEqual(['mend']);
		await send(t.group, 'mended', { mat: t.code });
		await send(t.group, 'check', { mat: t.code, ...size });
		expect((await acts(t))[0]).toMatch(/^pack-/);
	});
	it('says that a promise comes short while there is time', async () => {
		const t = await aSeason('5', '2026-12-10');
		const basis = await t.basis();
		expect(basis.goals[0]?.wanted).toBe(5);
		const [ask] = await listAsks(t.group, now);
		await send(t.group, 'promised', { ask: String(ask?.id), mats: '5' });
		expect(await acts(t)).toContain(`short-${ask?.id}`);
	});
	it('has all the film on one strip, wherever it is', async () => {
		const t = await aSeason();
		await send(t.group, 'issue', { mat: t.code, ball: t.ball });
		const { parts } = await stripOfToday(t.group, 500);
		const of = (name: string) => parts.find((part) => part.name === name);
		expect(of('in sacks')).toMatchObject({ count: 20, bags: 20 });
		expect(of('wound')).toMatchObject({ count: 0, bags: 0 });
		expect(of('in hand')).toMatchObject({ count: 1, bags: 500 });
		expect(parts.map(({ name }) => name)).toEqual([
			'in sacks',
			'flat',
			'in pieces',
			'wound',
			'in hand',
			'to check',
			'ready',
			'handed over'
		]);
	});
});
