import { describe, expect, it } from 'vitest';
import { noLevers } from '../../src/lib/core/season/forecast';
import { chainNow } from '../../src/lib/server/asks/chain-now';
import { readSeasonPage } from '../../src/lib/server/asks/season-page';
import { loadAsks } from '../../src/lib/server/asks/load-asks';
import { forgetPerson } from '../../src/lib/server/book/forget-person';
import { listKinds } from '../../src/lib/server/gather/kinds';
import { addReceivingPlace } from '../../src/lib/server/gather/places';
import { wantMats } from '../../src/lib/server/gather/wanted';
import { hangsOnPlace } from '../../src/lib/server/hand-over/hangs-on-place';
import { matsToBegin, readNeed } from '../../src/lib/server/need/need';
import { keepAway } from '../../src/lib/server/people/away';
import { shutHall } from '../../src/lib/server/people/hall-shut';
import { hangsOnPerson } from '../../src/lib/server/people/hangs-on-person';
import { addPerson } from '../../src/lib/server/people/people';
import { keepDaysAhead } from '../../src/lib/server/people/rhythm';
import { listTableDays } from '../../src/lib/server/people/table-days';
import { tableBasis } from '../../src/lib/server/prepare/piles';
import { tablePlans } from '../../src/lib/server/prepare/table-plans';
import { dropCounted, keepTried } from '../../src/lib/server/season/counted-on';
import { changesSince, forecastFor, nothingAsked } from '../../src/lib/server/season/forecasts';
import { keepLook, lookOfLastWeek } from '../../src/lib/server/season/looks';
import { goalOf } from '../../src/lib/server/season/season-asked';
import { seasonNow } from '../../src/lib/server/season/season-now';
import { readToday } from '../../src/lib/server/today/today';
import type { SeasonBasis } from '../../src/lib/stages/season/season-view';
import { extraDay } from '../../src/lib/stages/season/season-weeks';
import { aMat, meetAsTyped, now, send, withBall } from './a-mat';
import { useDatabase } from './database';

useDatabase();
const key = () => crypto.randomUUID();
const weekly = 'FREQ=WEEKLY;BYDAY=TH';
const goalIn = (basis: SeasonBasis) => {
	const goal = goalOf(basis);
	if (!goal) throw new Error('no goal');
	return goal;
};
const forecast = async (basis: SeasonBasis) => forecastFor(basis, goalIn(basis), nothingAsked);

/** A weekly table, a mat being made, and a place that asks. */
async function aWeekly(mats = '4', by = '2027-05-27') {
	const t = await withBall(20);
	const { id: place } = await addReceivingPlace(t.group, 'Tide House');
	await meetAsTyped(t.group, weekly);
	expect((await send(t.group, 'asked', { place, mats, by })).outcome).toBe('kept');
	return { ...t, place };
}

describe('the chain from asks to bags', () => {
	it('begins what an ask lacks beyond the mats that count, and says it the same everywhere', async () => {
		const t = await aWeekly();
		const { asks, plans } = await readNeed(t.group, now);
		const [ask] = asks;
		// The mat that was begun is likely there in half a year.
		expect(ask).toMatchObject({
			open: 4,
			toBegin: 3,
			plan: { id: t.planned.planId },
			isLate: false
		});
		expect(ask?.counted).toMatchObject([{ code: t.code, state: 'being-made' }]);
		expect(plans).toMatchObject([{ fromAsks: 3, wish: 0 }]);
		expect((ask?.beginBy ?? '') < '2027-05-27' && (ask?.beginBy ?? '') > now.today).toBe(true);
		// The last Thursday by then.
		expect(new Date(ask?.yarnOn ?? '').getUTCDay()).toBe(4);
		// Gather, Prepare and the season read the same.
		const gather = await loadAsks(t.group, null, listKinds(t.group), now);
		expect(gather.plans[0]).toMatchObject({ fromAsks: 3, wish: 0, mats: 0 });
		const table = await tablePlans(t.group, tableBasis(t.group), matsToBegin(t.group, now));
		expect(table.plans[0]?.matsWanted).toBe(3);
		expect((await seasonNow(t.group, now)).plans[0]?.toBegin).toBe(3);
		const chain = await chainNow(t.group, now);
		expect(chain.asks).toEqual(asks);
		expect(chain.bags[0]?.by).toBe(ask?.yarnOn);
		expect(chain.balls.reduce((sum, { balls }) => sum + balls, 0)).toBeGreaterThan(60);
	});
	it('a number typed on a plan is added to what is asked, and a mat that counts for an ask does not count for it', async () => {
		const t = await aWeekly('1');
		expect((await readNeed(t.group, now)).plans).toMatchObject([{ fromAsks: 0, wish: 0 }]);
		await wantMats(t.group, t.planned.planId, 2, 0);
		expect((await readNeed(t.group, now)).plans).toMatchObject([{ fromAsks: 0, wish: 2 }]);
		// One more is begun, for nobody: it is of the wish.
		await send(t.group, 'begin', { plan: t.planned.planId, person: '' });
		expect((await readNeed(t.group, now)).plans).toMatchObject([{ fromAsks: 0, wish: 1 }]);
	});
	it('an ask of a size that no plan has says so, and asks for nothing of another', async () => {
		const t = await aWeekly('1');
		await send(t.group, 'asked', {
			...{ place: t.place, mats: '2', by: '2027-05-27', width: '60 cm', length: '1.2 m' }
		});
		const { asks, plans } = await readNeed(t.group, now);
		expect(asks.find(({ plan }) => plan === null)).toMatchObject({ toBegin: 2 });
		expect(plans[0]?.fromAsks).toBe(0);
	});
	it('a person and a place say what hangs on them', async () => {
		const t = await aWeekly();
		expect(await hangsOnPlace(t.group, t.place, now.today)).toMatchObject({ mats: 4 });
		const days = await listTableDays(t.group, now.today);
		expect(await hangsOnPerson(t.group, t.mabel, now.today)).toEqual({
			mats: [t.code],
			days: 0,
			seats: 0
		});
		expect(days.length).toBeGreaterThan(20);
	});
});

describe('a season by the rule', () => {
	it('has every day of the rule up to the day asked for, beyond those that have a page', async () => {
		const t = await aWeekly('4', '2027-10-28');
		const { tableDays } = await seasonNow(t.group, now);
		expect(tableDays.at(-1)).toMatchObject({ day: '2027-10-28', id: null });
		const apart = tableDays
			.slice(1)
			.map(({ day }, at) => (Date.parse(day) - Date.parse(tableDays[at]?.day ?? '')) / 86_400_000);
		expect(new Set(apart)).toEqual(new Set([7]));
	});
	it('tells no chance to a group that did not say how it meets, and asks for that', async () => {
		const t = await aMat();
		const { id: place } = await addReceivingPlace(t.group, 'Tide House');
		await send(t.group, 'asked', { place, mats: '2', by: '2027-02-04' });
		expect(goalOf(await seasonNow(t.group, now))).toBeNull();
		const before = await readToday(t.group, now, new Date());
		expect(before.said).toBeNull();
		expect(before.acts.map(({ id }) => id)).toContain('rhythm');
		expect(await send(t.group, 'foretold', { by: '2027-02-04' })).toMatchObject({
			outcome: 'refused'
		});
		await meetAsTyped(t.group, weekly);
		const after = await readToday(t.group, now, new Date());
		expect(after.goal?.by).toBe('2027-02-04');
		expect(after.acts.map(({ id }) => id)).not.toContain('rhythm');
	});
	it('who is away makes nothing meanwhile, and that teaches nothing', async () => {
		const t = await aWeekly('1');
		await keepAway(t.group, key(), t.mabel, { from: '2026-11-28', to: '2027-01-01' });
		const [mat] = (await seasonNow(t.group, now)).mats;
		expect(mat?.away).toEqual([1, 2, 3, 4, 5]);
		expect((await t.mat()).isAway).toBe(true);
		// Six weeks later five of the full weeks behind were away.
		const later = { ...now, today: '2027-01-09' };
		expect((await seasonNow(t.group, later)).mats[0]?.weeks).toHaveLength(1);
	});
	it('tells each goal by the same seasons as when it is looked at alone', async () => {
		const t = await aWeekly('1', '2027-02-04');
		await send(t.group, 'asked', { place: t.place, mats: '2', by: '2027-05-27' });
		const basis = await seasonNow(t.group, now);
		const [first, last] = basis.goals;
		if (!first || !last) throw new Error('no goals');
		const [alone, all] = await Promise.all([
			forecastFor(basis, first, nothingAsked),
			forecastFor(basis, last, nothingAsked)
		]);
		expect(all.goals[0]?.chance).toBe(alone.chance);
		expect(all.goals[0]?.expected).toBe(alone.expected);
		expect(all.goals[1]?.chance).toBe(all.chance);
		expect(alone.allWeeks).toEqual(all.allWeeks);
	});
});

describe('what is tried', () => {
	it('is kept: a table day is added, makers and bags are counted on until they are dropped', async () => {
		const t = await aWeekly();
		const before = await seasonNow(t.group, now);
		const goal = goalIn(before);
		const asked = { levers: { 'table-day': 1, 'two-makers': 1, 'bags-300': 1 }, other: null };
		const tried = await forecastFor(before, goal, asked);
		const pressed = key();
		for (let twice = 0; twice < 2; twice++)
			expect(await keepTried(t.group, pressed, before, goal, asked)).toMatchObject({
				outcome: 'kept'
			});
		const after = await seasonNow(t.group, now);
		expect(after.counted.map(({ what }) => what).sort()).toEqual(['bags-300', 'two-makers']);
		const added = extraDay(before, goal, 0);
		expect(after.tableDays.filter(({ day }) => day === added)).toHaveLength(1);
		// What was shown when it was tried is what comes of it, but for the luck of new makers and of the day.
		const kept = await forecast(after);
		expect(Math.abs(kept.expected - tried.expected)).toBeLessThan(0.2);
		for (const { id } of after.counted) await dropCounted(t.group, id);
		expect((await seasonNow(t.group, now)).counted).toEqual([]);
		expect(noLevers['table-day']).toBe(0);
	});
});

describe('what changed since last week', () => {
	it('a maker who left, a hall that is shut, a source that is dry: each is said, with what it did', async () => {
		const t = await aWeekly('2');
		await addPerson(t.group, key(), 'Odo');
		const first = await seasonNow(t.group, now);
		const said = await forecast(first);
		await keepLook(t.group, first, said.goals, said.allWeeks);
		const next = { ...now, today: '2026-12-05' };
		const look = await lookOfLastWeek(t.group, next.today);
		expect(look).toMatchObject({ day: now.today, said: [{ by: '2027-05-27', wanted: 2 }] });
		if (!look) throw new Error('no look');
		const changes = async () => {
			const basis = await seasonNow(t.group, next);
			return changesSince(look.basis, basis, goalIn(basis));
		};
		await keepDaysAhead(t.group, next.today);
		expect(await changes()).toEqual([]);
		await shutHall(t.group, key(), { from: '2026-12-21', to: '2027-01-03' });
		expect(await changes()).toMatchObject([
			{ sort: 'days-off', count: 2, of: ['2026-12-24', '2026-12-31'] }
		]);
		await forgetPerson(t.group, t.mabel);
		const both = await changes();
		expect(both.map(({ sort }) => sort).sort()).toEqual(['days-off', 'maker-left']);
		const left = both.find(({ sort }) => sort === 'maker-left');
		expect(left?.of).toEqual([t.mabel]);
		// Her mat is not made any more.
		expect(left?.effect ?? 0).toBeLessThan(-0.3);
		const basis = await seasonNow(t.group, next);
		expect((await forecast(basis)).expected).toBeLessThan(said.expected);
		expect(basis.mats[0]).toMatchObject({ isLeft: true, maker: null });
		// The chain no longer counts it, and one more is to be begun.
		expect((await readNeed(t.group, next)).asks[0]).toMatchObject({ counted: [], toBegin: 2 });
		await send(t.group, 'asked', { place: t.place, mats: '3', by: '2027-05-27' });
		expect((await changes()).find(({ sort }) => sort === 'asked')?.count).toBe(3);
	});
	it('the page keeps a look a day, and is the same until something changes', async () => {
		const t = await aWeekly('2');
		const page = await readSeasonPage(t.group, now);
		expect(await readSeasonPage(t.group, now)).toBe(page);
		await send(t.group, 'finish', { mat: t.code });
		expect((await readSeasonPage(t.group, now)).basis.inCheck).toBe(1);
	});
});
