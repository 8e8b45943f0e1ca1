import { type Db, house } from '../../src/lib/server/db/db';
import { knowledgeOf } from '../../src/lib/core/practice/practice';
import { estimatePlan } from '../../src/lib/core/estimate/estimate';
import { demoPlans } from '../../scripts/demo/plans';
import { beforeEach, describe, expect, it } from 'vitest';
import { barePractice } from '../../src/lib/core/practice/practice';
import { startingPlan } from '../../src/lib/core/model/starting-plan';
import type { MeasurementEntry } from '../../src/lib/entries/types/measurement';
import { leaveOutMeasurement, listMeasurements } from '../../src/lib/server/measures/measurements';
import { insertPlan } from '../../src/lib/server/plan/plans';
import { listMakers, practiceOfGroup } from '../../src/lib/server/measures/practice';
import { writeOf } from '../../src/lib/server/plan/keep-form';
import { useDatabase } from './database';
import { measurement, newGroup, keep } from './samples';

useDatabase();

const key = () => crypto.randomUUID();
let group: Db;
let chain: MeasurementEntry;
beforeEach(async () => {
	group = await newGroup();
	const kept = await insertPlan(group, writeOf('Measured', startingPlan, key(), barePractice));
	if (kept.outcome !== 'kept') throw new Error('the plan was not kept');
	chain = { ...measurement, planId: kept.plan.id };
});

describe('what a group has measured', () => {
	it('is nothing at first, and then moves what it knows, surer than before', async () => {
		expect(await practiceOfGroup(group)).toEqual(barePractice);
		const sent = key();
		expect((await keep(group, sent, chain)).outcome).toBe('kept');
		expect((await keep(group, sent, chain)).outcome).toBe('duplicate');
		const { factors } = await practiceOfGroup(group);
		expect(factors.pieceLength.median).toBeLessThan(0.95);
		expect(factors.pieceLength.cv).toBeLessThan(barePractice.factors.pieceLength.cv);
		expect(factors.rowHeight).toEqual(barePractice.factors.rowHeight);
	});

	it('is left out by choice and counted again', async () => {
		await keep(group, key(), chain);
		const [line] = await listMeasurements(group);
		await leaveOutMeasurement(group, line?.id ?? 0, true);
		expect(await practiceOfGroup(group)).toEqual(barePractice);
		await leaveOutMeasurement(group, line?.id ?? 0, false);
		expect((await practiceOfGroup(group)).factors.pieceLength.median).toBeLessThan(0.95);
	});

	it('asks about a slip of the pen before it counts, and takes the hand’s word for it', async () => {
		const slip = { ...chain, lengthMm: 40_000 };
		expect(await keep(group, key(), slip)).toMatchObject({
			outcome: 'refused',
			problems: { sure: expect.stringContaining('decimal point') as string }
		});
		// Ten times is no piece, however sure the one is who typed it; half as long again may be one.
		expect(await keep(group, key(), { ...slip, isSure: true })).toMatchObject({
			outcome: 'refused',
			problems: { counted: expect.stringContaining('Measure again') as string }
		});
		const long = { ...chain, lengthMm: 7_000 };
		expect((await keep(group, key(), long)).outcome).toBe('refused');
		expect((await keep(group, key(), { ...long, isSure: true })).outcome).toBe('kept');
	});

	it('kept long ago and impossible moves no plan beyond what can be made', async () => {
		const bag = { ...startingPlan.bag };
		await house.execute(
			`with typed as (
				insert into entry (group_id, key, digest, type, typed_at)
				values ($1, $2, '', 'measurement', now()) returning id)
			 insert into measurement (group_id, entry_id, kind, typed, readings, measured_on)
			 select $1, id, 'handful', '{}', $3, '2026-11-01' from typed`,
			[group.groupId, key(), { bagMass: { ratio: 1000, cv: 0.02, bag } }]
		);
		const practice = await practiceOfGroup(group);
		expect(knowledgeOf(practice, bag).bagMass.median).toBeLessThanOrEqual(4);
		for (const { plan } of demoPlans)
			expect(estimatePlan(plan, practice).tally.toCollect.expected).toBeGreaterThan(0);
	});

	it('has hours that follow timed work', async () => {
		const timed = {
			type: 'timed',
			work: 'join',
			way: 'loop',
			maker: null,
			units: 300,
			people: 2,
			minutes: 60,
			workedOn: '2026-11-19',
			isSure: false
		} as const;
		await keep(group, key(), timed);
		const slip = { ...timed, units: 3000 };
		expect(await keep(group, key(), slip)).toMatchObject({
			outcome: 'refused',
			problems: { sure: expect.stringContaining('a tenth of what is known') as string }
		});
		const { hands } = await practiceOfGroup(group);
		// 7200 person-seconds for 300 joints of 15 s: 1.6 times the craft, one session of it.
		expect(hands.join.mean).toBeGreaterThan(1.4);
		expect(hands.join.mean).toBeLessThan(1.6);
		expect(hands.crochet.mean).toBe(1);
	});

	it('refuses a swatch of a plan that is not crocheted, in a sentence', async () => {
		const woven = { ...chain, measure: 'woven' as const };
		expect(await keep(group, key(), woven)).toMatchObject({ outcome: 'refused' });
	});

	it('is told by finished mats and counted batches too', async () => {
		const mat = { ...chain, measure: 'mat' as const, counted: 620, lengthMm: 1850, heightMm: 850 };
		expect((await keep(group, key(), mat)).outcome).toBe('kept');
		const { factors } = await practiceOfGroup(group);
		expect(factors.strandPerStitch.median).toBeGreaterThan(1.02);
		expect(factors.strandPerStitch.cv).toBeLessThan(barePractice.factors.strandPerStitch.cv);
		expect(factors.loomPitch).toEqual(barePractice.factors.loomPitch);
		const tiny = { ...mat, heightMm: 1 };
		expect(await keep(group, key(), tiny)).toMatchObject({ outcome: 'refused' });
	});

	it('can be looked at maker by maker, in the order of the alphabet', async () => {
		await keep(group, key(), { ...chain, maker: 'Odo' });
		await keep(group, key(), { ...chain, lengthMm: 4600, maker: ' mabel' });
		await keep(group, key(), { ...chain, lengthMm: 4600, maker: 'Mabel' });
		expect(await listMakers(group)).toHaveLength(2);
		const [mabel, odo] = await Promise.all([
			practiceOfGroup(group, 'Mabel'),
			practiceOfGroup(group, 'ODO')
		]);
		expect(mabel.factors.pieceLength.median).toBeGreaterThan(1);
		expect(odo.factors.pieceLength.median).toBeLessThan(1);
		expect(await practiceOfGroup(group, 'Wren')).toEqual(barePractice);
		const together = (await practiceOfGroup(group)).factors.pieceLength;
		expect(together.cv).toBeLessThan(odo.factors.pieceLength.cv);
	});
});
