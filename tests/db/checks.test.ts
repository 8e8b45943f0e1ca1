import { describe, expect, it } from 'vitest';
import { oddMat } from '../../src/lib/server/check/checks';
import { checkOverview, findMade, listToMend } from '../../src/lib/server/check/made-mats';
import { filmInMat } from '../../src/lib/server/check/taken-apart';
import { listMats } from '../../src/lib/server/making/mats';
import { listMeasurements } from '../../src/lib/server/measures/measurements';
import { listPiles } from '../../src/lib/server/prepare/piles';
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
	it('is being made no more, and waits to be checked', async () => {
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
	it('that two check at once is checked twice, and a check is undone', async () => {
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
		mat: `${t.code} is still being made. Finish it first.`
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

describe('a mat that is taken apart', () => {
	/** A mat with a ball of twenty bags in it, which is no good. */
	async function aWreck() {
		const t = await withBall(20);
		await send(t.group, 'issue', { mat: t.code, ball: t.ball });
		await t.rows('211');
		await send(t.group, 'finish', { mat: t.code });
		const unwound = (strand: string) => send(t.group, 'unwound', { mat: t.code, strand });
		const lying = async (form: string) =>
			(await listPiles(t.group)).find((pile) => pile.colour === 'blue' && pile.form === form) ?? {
				amount: 0,
				filmMg: 0
			};
		return { ...t, unwound, lying };
	}
	it('gives its good strand back in pieces, the rest as scrap, and not a milligram more', async () => {
		const t = await aWreck();
		expect(problemsOf(await t.unwound('20 g'))).toHaveProperty('mat');
		await send(t.group, 'check', {
			mat: t.code,
			...size,
			result: 'apart',
			why: 'all of it is thin'
		});
		const film = await filmInMat(t.group, t.id);
		expect(film).toBeGreaterThan(50_000);
		const [strand, scrap] = [await t.lying('strand'), await t.lying('scrap')];
		for (const [typed, field] of [
			['heavy', 'strand'],
			['9 kg', 'strand'],
			['', 'strand']
		] as const)
			expect(problemsOf(await t.unwound(typed))).toHaveProperty(field);
		// Not a gram more than lies in it by the book.
		const mostG = film / 1000;
		for (const more of [0.001, 1, 100])
			expect(problemsOf(await t.unwound(`${(mostG + more).toFixed(3)} g`))).toHaveProperty(
				'strand'
			);
		expect((await t.unwound('40 g')).outcome).toBe('kept');
		expect(await filmInMat(t.group, t.id)).toBe(0);
		const [after, rest] = [await t.lying('strand'), await t.lying('scrap')];
		const back = after.filmMg - strand.filmMg;
		expect(after.amount - strand.amount).toBe(Math.floor(40 / 0.819));
		expect(back).toBeGreaterThan(39_000);
		expect(back).toBeLessThanOrEqual(40_000);
		expect(rest.filmMg - scrap.filmMg).toBe(film - back);
		// Sent again, nothing is there any more.
		expect(problemsOf(await t.unwound('40 g'))).toHaveProperty('strand');
	});
	it('of which nothing is known by a label has nothing to give', async () => {
		const t = await aFinishedMat();
		await t.check({ result: 'apart', why: 'all of it is thin' });
		const unwound = await send(t.group, 'unwound', { mat: t.code, strand: '1 kg' });
		expect(problemsOf(unwound)).toHaveProperty('strand');
	});
});

it('gives back all its film as strand where all of it is good, and that is not refused', async () => {
	const t = await withBall(20);
	await send(t.group, 'issue', { mat: t.code, ball: t.ball });
	await send(t.group, 'finish', { mat: t.code });
	await send(t.group, 'check', { mat: t.code, ...size, result: 'apart', why: 'thin' });
	const filmG = (await filmInMat(t.group, t.id)) / 1000;
	expect(await send(t.group, 'unwound', { mat: t.code, strand: `${filmG} g` })).toMatchObject({
		outcome: 'kept'
	});
});

it('a mat that is found good once more teaches nothing more', async () => {
	const t = await withBall(200);
	await send(t.group, 'issue', { mat: t.code, ball: t.ball });
	await t.rows('211');
	await send(t.group, 'finish', { mat: t.code });
	// A mat of the bags it took, so that nothing of it is odd.
	const wide = { width: '100 cm', length: '60 cm', sure: 'yes', result: 'good', why: 'small' };
	for (let times = 0; times < 2; times++)
		expect(await send(t.group, 'check', { mat: t.code, ...wide })).toMatchObject({
			outcome: 'kept'
		});
	expect((await listMeasurements(t.group)).map(({ measure }) => measure)).toEqual(['mat']);
});

describe('a good mat whose bags are odd', () => {
	async function anOddMat() {
		const t = await withBall(200);
		await send(t.group, 'issue', { mat: t.code, ball: t.ball });
		await t.rows('211');
		await send(t.group, 'finish', { mat: t.code });
		await send(t.group, 'check', { mat: t.code, ...size });
		const odd = async () => {
			const made = await findMade(t.group, t.code);
			return made && oddMat(t.group, made);
		};
		return { ...t, odd };
	}
	it('asks whether it is so, and teaches once that is said', async () => {
		const t = await anOddMat();
		expect(await t.odd()).toMatchObject({ bags: 200 });
		const answer = (is_so: string) => send(t.group, 'teaches', { mat: t.code, is_so });
		expect(problemsOf(await answer('perhaps'))).toHaveProperty('is_so');
		expect((await answer('yes')).outcome).toBe('kept');
		expect(await listMeasurements(t.group)).toHaveLength(1);
		expect(await t.odd()).toBeNull();
		expect(problemsOf(await answer('no'))).toHaveProperty('mat');
	});
	it('teaches nothing where it is left out', async () => {
		const t = await anOddMat();
		expect((await send(t.group, 'teaches', { mat: t.code, is_so: 'no' })).outcome).toBe('kept');
		expect(await listMeasurements(t.group)).toEqual([]);
		expect(await t.odd()).toBeNull();
	});
});

it('faults are told by technique, kind of bag and week', async () => {
	const t = await withBall(20);
	await send(t.group, 'issue', { mat: t.code, ball: t.ball });
	await t.rows('211');
	await send(t.group, 'finish', { mat: t.code });
	await send(t.group, 'check', { mat: t.code, ...size, faults: 'narrows@0.5,0.9; damp@0,0' });
	const { faults } = await checkOverview(t.group);
	expect(faults.map(({ kind }) => kind)).toEqual(['narrows', 'damp']);
	expect(faults[0]).toMatchObject({
		step: 'make',
		mats: 1,
		of: 1,
		byTechnique: [{ technique: 'crochet', mats: 1, of: 1 }],
		byBag: [{ mats: 1, of: 1 }],
		byWeek: [{ week: '2026-11-23', mats: 1, of: 1 }]
	});
	expect((await listToMend(t.group)).map(({ code }) => code)).toEqual([t.code]);
});
