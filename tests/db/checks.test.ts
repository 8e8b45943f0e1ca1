import { describe, expect, it } from 'vitest';
import { checkOverview, findMade } from '../../src/lib/server/check/made-mats';
import { listMats } from '../../src/lib/server/hand/mats';
import { listMeasurements } from '../../src/lib/server/measures/measurements';
import { aMat, now, send, withBall } from './a-mat';
import { useDatabase } from './database';

useDatabase();
const problemsOf = (saved: object) => (saved as { problems?: unknown }).problems;
const size = { width: '86 cm', length: '185 cm' };

/** A mat whose rows are made and that is finished. */
async function aFinishedMat() {
	const t = await aMat();
	await t.rows('211');
	const finish = () => send(t.group, 'finish', { mat: t.code });
	expect((await finish()).outcome).toBe('kept');
	const check = (more: Record<string, string> = {}) =>
		send(t.group, 'check', { mat: t.code, ...size, ...more });
	const made = async () => {
		const found = await findMade(t.group, t.code);
		if (!found) throw new Error('the mat is not made');
		return found;
	};
	return { ...t, finish, check, made };
}

describe('a mat that is finished', () => {
	it('is in hand no more, and waits to be checked', async () => {
		const t = await aFinishedMat();
		expect(await listMats(t.group, now)).toEqual([]);
		expect((await checkOverview(t.group)).mats).toMatchObject([
			{ code: t.code, state: 'finished', last: null }
		]);
		expect(problemsOf(await t.finish())).toEqual({ mat: `${t.code} is not being made any more.` });
		expect(problemsOf(await t.row())).toHaveProperty('mat');
	});
	it('is found good, and stands in no list; its plan says what it should be', async () => {
		const t = await aFinishedMat();
		const { planned } = await t.made();
		const mass = `${Math.round(planned?.massG ?? 0)} g`;
		expect((await t.check({ mass })).outcome).toBe('kept');
		expect(await t.made()).toMatchObject({ state: 'good', last: { result: 'good', reasons: [] } });
		expect((await checkOverview(t.group)).mats).toEqual([]);
		expect((await checkOverview(t.group)).acceptance.expected).toBeCloseTo(5 / 6, 9);
	});
});

describe('a mat with faults', () => {
	it('is mended and checked again; its history stays, and its first check is what counts', async () => {
		const t = await aFinishedMat();
		const found = await t.check({
			map: '010000000000000',
			faults: 'loose-tail@0.1,0.5; torn-joint@0.9,0.2'
		});
		expect(found.outcome).toBe('kept');
		expect(await t.made()).toMatchObject({
			state: 'to-mend',
			last: { result: 'mend', minutes: 5 + 8 + 8 }
		});
		expect((await checkOverview(t.group)).faults).toMatchObject([
			{ kind: 'torn-joint', step: 'join', mats: 1, of: 1 },
			{ kind: 'loose-tail', step: 'finish', mats: 1, of: 1 }
		]);
		expect((await send(t.group, 'mended', { mat: t.code })).outcome).toBe('kept');
		expect((await t.made()).state).toBe('mended');
		expect(problemsOf(await send(t.group, 'mended', { mat: t.code }))).toHaveProperty('mat');
		expect((await t.check()).outcome).toBe('kept');
		const made = await t.made();
		expect(made.state).toBe('good');
		expect(made.checks.map(({ result }) => result)).toEqual(['good', 'mend']);
		// Good at the second look is not good at once.
		expect((await checkOverview(t.group)).acceptance.expected).toBeCloseTo(4 / 6, 9);
	});
	it('is what whoever checks it makes of it, where they say why', async () => {
		const t = await aFinishedMat();
		expect(problemsOf(await t.check({ result: 'other-use' }))).toHaveProperty('why');
		expect((await t.check({ result: 'other-use', why: 'for the kennels' })).outcome).toBe('kept');
		expect(await t.made()).toMatchObject({
			state: 'other-use',
			last: { why: 'for the kennels', reasons: [] }
		});
	});
	it('that two check at once is checked twice, and a check is taken back', async () => {
		const t = await aFinishedMat();
		const [one, two] = await Promise.all([t.check(), t.check({ faults: 'damp@0.5,0.5' })]);
		expect([one.outcome, two.outcome]).toEqual(['kept', 'kept']);
		const { checks, state } = await t.made();
		expect(checks).toHaveLength(2);
		// It stands as the last of them found it.
		expect(state).toBe(checks[0]?.result === 'good' ? 'good' : 'to-mend');
		for (const saved of [one, two])
			await send(t.group, 'correction', {
				of: 'entry',
				corrects: String(saved.outcome === 'kept' ? saved.id : 0),
				note: 'another mat'
			});
		expect(await t.made()).toMatchObject({ state: 'finished', last: null });
	});
	it.each([
		[{ width: 'wide' }, 'width'],
		[{ length: '' }, 'length'],
		[{ length: '185 kg' }, 'length'],
		[{ mass: 'heavy' }, 'mass'],
		[{ mass: '900 kg' }, 'mass'],
		[{ map: '012' }, 'map'],
		[{ faults: 'rust@0,0' }, 'faults'],
		[{ faults: 'damp@2,0' }, 'faults'],
		[{ faults: 'knot-at-peg@0.5,0.5' }, 'faults'],
		[{ mat: 'ABCDE' }, 'mat'],
		[{ result: 'burn' }, 'result']
	])('%j is said at the field', async (slip, field) => {
		const t = await aFinishedMat();
		expect(problemsOf(await t.check(slip as Record<string, string>))).toHaveProperty(field);
		expect((await t.made()).checks).toEqual([]);
	});
});

it('a mat that is being made still cannot be checked', async () => {
	const t = await aMat();
	expect(problemsOf(await send(t.group, 'check', { mat: t.code, ...size }))).toEqual({
		mat: `${t.code} is being made still: finish it first.`
	});
});

it('a good mat teaches of the bags it took, where its balls say them, and nothing that is odd', async () => {
	const t = await withBall(20);
	await send(t.group, 'issue', { mat: t.code, ball: t.ball });
	await t.rows('211');
	await send(t.group, 'finish', { mat: t.code });
	await send(t.group, 'check', { mat: t.code, ...size });
	// Twenty bags make no mat: most of its balls had no label, and it teaches nothing.
	expect(await listMeasurements(t.group)).toEqual([]);
});
