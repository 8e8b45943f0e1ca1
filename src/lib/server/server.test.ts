import { barePractice } from '$lib/core/practice/practice';
import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { demoPlans } from '../../../scripts/demo/plans';
import { bagPresets } from '../core/bag/presets';
import { estimatePlan } from '$lib/core/estimate/estimate';
import { practiceOf } from '$lib/core/calibrate/practice-of';
import { largestPlanFile } from '$lib/stages/plan/document/file-size';
import { fieldsOfPlan } from '$lib/stages/plan/fields';
import { keptFiguresOf } from '$lib/stages/plan/document/kept-figures';
import { writePlanFile } from '$lib/stages/plan/document/plan-file';
import { planToWord } from '$lib/stages/plan/document/plan-link';
import { parseRequest } from '$lib/stages/plan/document/requests';
import { startingPlan } from '$lib/core/model/starting-plan';
import { answerJson } from '$lib/server/web/answer-json';
import { asAway, awayMessage, orAway } from './db/away';
import { isDatabaseAway, isNeverSent } from './db/pool';
import { readKeepForm } from '$lib/server/plan/keep-form';
import { planOfWord } from '$lib/server/plan/plan-of-word';
import { readBody } from '$lib/server/web/read-body';
import { readForm } from '$lib/server/web/read-form';
import { readUpload } from '$lib/server/plan/read-upload';
import { guideMarks, guideSvg } from './sheets/guide';

const post = (body: string, headers: Record<string, string> = {}) =>
	new Request('http://127.0.0.1/', { method: 'POST', body, headers });
const coded = (code: string) => Object.assign(new Error('x'), { code });

describe('a JSON door', () => {
	const shape = z.strictObject({ n: z.number() });
	const answer = (body: string, headers?: Record<string, string>) =>
		answerJson(post(body, headers), (text) => {
			const read = parseRequest(text, shape);
			return read.problems ? read : { value: { twice: read.value.n * 2 } };
		});

	it('answers what it understands, and says what it does not by status and sentence', async () => {
		const good = await answer('{"n": 4}');
		expect([good.status, await good.json()]).toEqual([200, { twice: 8 }]);
		const broken = await answer('{');
		expect(broken.status).toBe(400);
		const wrong = await answer('{"n": "four"}');
		expect(wrong.status).toBe(422);
		expect(((await wrong.json()) as { problems: string[] }).problems[0]).toMatch(/^n: /);
	});

	it('turns away what is larger than any plan file, announced or not', async () => {
		const large = 'x'.repeat(largestPlanFile + 1);
		expect((await answer(large)).status).toBe(413);
		expect((await answer('{}', { 'content-length': String(largestPlanFile + 1) })).status).toBe(
			413
		);
	});

	it('answers with the status that the work asks for', async () => {
		const said = await answerJson(post('{}'), () => ({ problems: ['gone'], status: 410 }));
		expect(said.status).toBe(410);
	});
});

describe('a body', () => {
	it('is read up to its size', async () => {
		expect(await readBody(post('hello'), 5)).toEqual({ text: 'hello' });
		expect(await readBody(post('hello'), 4)).toEqual({ text: null });
	});

	it('that breaks off on the way is none', async () => {
		const broken = new ReadableStream({
			start: (controller) => controller.error(new Error('cut'))
		});
		const request = new Request('http://127.0.0.1/', {
			method: 'POST',
			body: broken,
			duplex: 'half'
		} as RequestInit);
		expect(await readBody(request, 99)).toEqual({ text: null });
	});
});

describe('a form', () => {
	it('is read by its fields, and has none where its body is no form', async () => {
		const good = new Request('http://127.0.0.1/', {
			method: 'POST',
			body: new URLSearchParams({ mats: '4' })
		});
		expect((await readForm(good)).get('mats')).toBe('4');
		const broken = post('--here\r\n', { 'content-type': 'multipart/form-data; boundary=here' });
		expect([...(await readForm(broken))]).toEqual([]);
	});
});

describe('a plan file in a form', () => {
	const upload = (file?: File) => {
		const form = new FormData();
		if (file) form.set('file', file);
		return readUpload(new Request('http://127.0.0.1/', { method: 'POST', body: form }));
	};

	it('is read as the plan it holds', async () => {
		const { read } = await upload(new File([writePlanFile('Mine', startingPlan)], 'mine.json'));
		expect(read).toMatchObject({ name: 'Mine', plan: startingPlan });
	});

	it.each([
		[undefined, 'file-missing'],
		[new File([], 'empty.json'), 'file-missing'],
		[new File(['x'.repeat(largestPlanFile + 1)], 'large.json'), 'file-too-large'],
		[new File(['{'], 'broken.json'), 'file-not-json'],
		[new File(['{"format": "other"}'], 'other.json'), 'file-other-kind']
	])('%o is refused as %s', async (file, code) => {
		const { read } = await upload(file);
		expect(read.problems?.[0]?.code).toBe(code);
	});

	it('that is no form at all is missing', async () => {
		const { form, read } = await readUpload(post('not a form'));
		expect(form).toBeNull();
		expect(read.problems?.[0]?.code).toBe('file-missing');
	});
});

describe('the bench’s form', () => {
	const formOf = (more: Record<string, string> = {}) => {
		const form = new FormData();
		const fields = { ...fieldsOfPlan(startingPlan, 'cm'), lengths: 'cm', ...more };
		for (const [name, value] of Object.entries(fields)) form.set(name, value);
		return form;
	};
	const key = '6f1d7e1c-1111-4111-8111-111111111111';

	it('becomes a write of the plan with its figures', () => {
		const { write, form, plan } = readKeepForm(
			formOf({ name: ' Mine ', key, version: '3' }),
			barePractice
		);
		expect(plan).toEqual(startingPlan);
		expect(write).toMatchObject({ name: 'Mine', key });
		expect(write?.figures).toEqual(keptFiguresOf(estimatePlan(startingPlan, barePractice).tally));
		expect(form).toMatchObject({ version: 3, key, problems: {} });
	});

	it('has the figures of what the group has measured', () => {
		const practice = practiceOf({
			basis: { of: 'group' },
			readings: [{ pieceLength: { ratio: 0.9, cv: 0.02 } }],
			timed: []
		});
		const { write } = readKeepForm(formOf({ name: 'Mine', key }), practice);
		expect(write?.figures.toCollect.expected).toBeGreaterThan(
			estimatePlan(startingPlan, barePractice).tally.toCollect.expected
		);
	});

	it('that needs a look keeps what was typed, with a sentence at each field', () => {
		const { write, form } = readKeepForm(
			formOf({ name: '', mat_width: 'wide', hook: 'big' }),
			barePractice
		);
		expect(write).toBeNull();
		expect(Object.keys(form.problems).sort()).toEqual(['hook', 'mat_width', 'name']);
		expect(form.fields.mat_width).toBe('wide');
	});

	it('makes up for a key and a version that cannot be', () => {
		const { form } = readKeepForm(formOf({ name: 'Mine', key: 'x', version: '-1' }), barePractice);
		expect(form.key).toMatch(/^[0-9a-f-]{36}$/);
		expect(form.version).toBe(1);
		expect(readKeepForm(formOf({ version: '1', over: '7' }), barePractice).form.version).toBe(7);
	});

	it('of texts without end is cut, and of files is empty', () => {
		const form = formOf({ name: 'x'.repeat(5000) });
		form.set('mat_width', new File(['x'], 'x'));
		const { form: read } = readKeepForm(form, barePractice);
		expect(read.name).toHaveLength(1200);
		expect(read.fields.mat_width).toBe('');
	});
});

describe('a plan in an address', () => {
	it.each(demoPlans.map(({ name, plan }) => [name, plan] as const))('is read: %s', (_, plan) =>
		expect(planOfWord(planToWord(plan)).plan).toEqual(JSON.parse(JSON.stringify(plan)))
	);

	it.each(['', '!!!!', 'e30', planToWord(startingPlan).slice(0, 40)])(
		'that is %j is refused, not thrown',
		(word) => expect(planOfWord(word).problems?.length).toBeGreaterThan(0)
	);
});

describe('while the database is away', () => {
	it.each([
		[coded('ECONNREFUSED'), true],
		[coded('57P01'), true],
		[coded('08006'), true],
		[new AggregateError([new Error('x'), coded('ETIMEDOUT')]), true],
		[new Error('Connection terminated unexpectedly'), true],
		[new Error('timeout exceeded when trying to connect'), true],
		[coded('23505'), false],
		[new Error('anything else'), false],
		['no error at all', false]
	])('%o is known for it: %s', (error, is) => expect(isDatabaseAway(error)).toBe(is));

	it('a query that was never sent is known from one that may have been', () => {
		expect(isNeverSent(new Error('Client has encountered an error and is not queryable'))).toBe(
			true
		);
		expect(isNeverSent(new Error('Connection terminated unexpectedly'))).toBe(false);
	});

	it('work answers 503 with a sentence, or nothing, and other errors stay errors', async () => {
		const answered = Promise.reject(coded('ECONNREFUSED')).catch(asAway);
		await expect(answered).rejects.toMatchObject({ status: 503, body: { message: awayMessage } });
		// And is known for what it is all the same.
		await expect(orAway(answered)).resolves.toBeNull();
		await expect(orAway(Promise.reject(coded('ECONNREFUSED')))).resolves.toBeNull();
		await expect(orAway(Promise.resolve(4))).resolves.toBe(4);
		const other = new Error('a fault');
		await expect(Promise.reject(other).catch(asAway)).rejects.toBe(other);
		await expect(orAway(Promise.reject(other))).rejects.toBe(other);
	});
});

describe('the guide that is laid beside a bag', () => {
	const { bag } = bagPresets[0];
	const trims = { trimBottomMm: 50, trimTopMm: 50 };

	it('marks every ring where it ends, up to the handles', () => {
		const marks = guideMarks(bag, { style: 'loops', equalStrips: 4, ...trims });
		expect(marks.map(({ atMm }) => Math.round(atMm))).toEqual([50, 121, 193, 264, 335, 385]);
		expect(marks[0]?.words).toBe('seam off here');
		expect(marks.at(-1)?.words).toBe('base of the handles');
	});

	it('marks turns of a spiral, and one cut down for halves', () => {
		expect(guideMarks(bag, { style: 'spiral', stripWidthMm: 40, ...trims })[1]?.words).toBe(
			'turn 1 ends'
		);
		expect(guideMarks(bag, { style: 'half-bag' })).toHaveLength(1);
	});

	it('is drawn in millimetres that are millimetres, with nothing of the name let in', () => {
		const svg = guideSvg(bag, { style: 'half-bag' }, '<b>"Mine" & yours</b>');
		expect(svg).toMatch(/width="90mm" height="(\d+)mm" viewBox="0 0 90 \1"/);
		expect(svg).not.toContain('<b>');
		expect(svg).toContain('&#60;b&#62;&#34;Mine&#34; &#38; yours');
		const check = /id="check-100-mm" d="M84 ([\d.]+)V([\d.]+)/.exec(svg);
		expect(Number(check?.[1]) - Number(check?.[2])).toBeCloseTo(100, 6);
	});
});
