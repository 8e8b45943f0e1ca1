import { execFileSync, spawnSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { expect, test } from './app';

interface WorkedCase {
	name: string;
	plan: Record<string, unknown>;
	expected: Record<string, number>;
}
const { cases } = JSON.parse(readFileSync('tests/cases/worked.json', 'utf8')) as {
	cases: WorkedCase[];
};
const [first] = cases as [WorkedCase];
const estimate = ['run', '--silent', 'estimate', '--'];

test('the command line answers a plan on standard input with its figures', () => {
	const out = execFileSync('npm', [...estimate, '-'], {
		input: JSON.stringify(first.plan),
		encoding: 'utf8'
	});
	const answer = JSON.parse(out) as Record<string, Record<string, number>>;
	for (const [key, value] of Object.entries(first.expected))
		expect(Math.abs((answer.figures?.[key] ?? NaN) / value - 1), key).toBeLessThan(0.001);
	const { in: all = 0, mat = 0, scrap = 0, spoiled = 0, ties = 0 } = answer.mass_g ?? {};
	expect(mat + scrap + spoiled + ties).toBeCloseTo(all, 6);
	expect(answer.to_collect?.low).toBeLessThan(answer.to_collect?.expected ?? 0);
});

test('the command line refuses a bad file with code 2 and a line for each problem', () => {
	const path = test.info().outputPath('bad.json');
	const bag = { ...(first.plan.bag as object), mass_g: 'heavy', body_mm: -4 };
	writeFileSync(path, JSON.stringify({ ...first.plan, bag }));
	const { status, stdout, stderr } = spawnSync('npm', [...estimate, path], { encoding: 'utf8' });
	expect(status).toBe(2);
	expect(stdout).toBe('');
	const lines = stderr
		.trim()
		.split('\n')
		.filter((line) => !line.startsWith('npm'));
	expect(lines).toHaveLength(2);
	expect(stderr).toContain('bag.mass_g: ');
	expect(stderr).toContain('bag.body_mm: ');
});

test('the command line answers a day at the table, and refuses a file of many with code 2', () => {
	const file = 'tests/cases/table-day.json';
	const { cases: days } = JSON.parse(readFileSync(file, 'utf8')) as {
		cases: { expected: Record<string, number> }[];
	};
	const [, day] = days;
	const door = ['run', '--silent', 'table-day', '--'];
	const out = execFileSync('npm', [...door, '-'], { input: JSON.stringify(day), encoding: 'utf8' });
	expect((JSON.parse(out) as { counts: object }).counts).toEqual(day?.expected);
	const { status, stdout, stderr } = spawnSync('npm', [...door, file], { encoding: 'utf8' });
	expect([status, stdout]).toEqual([2, '']);
	expect(stderr).toContain('file: This holds many days. Give one at a time.');
});

test('the command line says when mats are ready, and what is wrong with a list', () => {
	const door = ['run', '--silent', 'ready', '--', '-'];
	const mats = [{ today: '2026-11-26', done: 1 }];
	const out = execFileSync('npm', door, { input: JSON.stringify(mats), encoding: 'utf8' });
	expect(JSON.parse(out)).toEqual([
		{ low: '2026-11-26', middle: '2026-11-26', high: '2026-11-26' }
	]);
	const bad = spawnSync('npm', door, { input: '[{"today":"soon","done":2}]', encoding: 'utf8' });
	expect([bad.status, bad.stdout]).toEqual([2, '']);
	expect(bad.stderr).toContain('0.today: A day, like 2026-11-26.');
	expect(bad.stderr).toContain('0.done: ');
});

test('POST /api/estimate says the same for every worked case', async ({ request }) => {
	for (const { name, plan, expected } of cases) {
		const answer = (await (await request.post('/api/estimate', { data: plan })).json()) as {
			figures: Record<string, number>;
		};
		for (const [key, value] of Object.entries(expected))
			expect(Math.abs((answer.figures[key] ?? NaN) / value - 1), `${name} ${key}`).toBeLessThan(
				0.001
			);
	}
});

test('POST /api/compare marks what nothing else beats', async ({ request }) => {
	const { bag, target } = first.plan;
	const answer = await request.post('/api/compare', { data: { bag, target, step_mm: 10 } });
	const { compared, methods } = (await answer.json()) as {
		compared: number;
		methods: { unbeaten: boolean }[];
	};
	// Of more methods than an answer holds, those that nothing beats are in it, and it says how many there are.
	expect(compared).toBeGreaterThan(methods.length);
	expect(methods).toHaveLength(4000);
	expect(methods.filter(({ unbeaten }) => unbeaten).length).toBeGreaterThan(10);
});

test('POST /api/mix finds what a look at every mix would', async ({ request }) => {
	const { bag, ...plan } = first.plan;
	const second = cases.find(({ name }) => name === 'finger-bands')?.plan;
	const bands: Record<string, unknown> = { ...second };
	delete bands.bag;
	const methods = [
		{ name: 'hook', plan },
		{ name: 'fingers', plan: bands, at_most: 2 }
	];
	const answer = await request.post('/api/mix', {
		data: { store: [{ kind: 'carrier', bag, count: 4000 }], methods, hours: 130 }
	});
	const mix = (await answer.json()) as {
		mats: number;
		hours: number;
		left: { carrier: number };
		made: { method: string; bags: number; hours: number; mats: number }[];
	};
	const costs = await Promise.all(
		methods.map(async ({ plan: one }) => {
			const data = { ...one, bag };
			const { to_prepare, hours } = await (await request.post('/api/estimate', { data })).json();
			return { bags: to_prepare.expected as number, hours: hours.total as number };
		})
	);
	let best = 0;
	for (let hook = 0; hook < 20; hook++)
		for (let fingers = 0; fingers <= 2; fingers++) {
			const sum = (of: 'bags' | 'hours') =>
				hook * (costs[0]?.[of] ?? 0) + fingers * (costs[1]?.[of] ?? 0);
			if (sum('bags') <= 4000 && sum('hours') <= 130) best = Math.max(best, hook + fingers);
		}
	expect(mix.mats).toBe(best);
	expect(mix.hours).toBeLessThanOrEqual(130);
	expect(mix.left.carrier).toBeGreaterThanOrEqual(0);
});

test('the doors refuse what they cannot read with 400, 413 or 422 and a line that names the place', async ({
	request
}) => {
	for (const path of ['/api/estimate', '/api/compare', '/api/mix']) {
		const send = (data: string) =>
			request.post(path, {
				data: Buffer.from(data),
				headers: { 'content-type': 'application/json' }
			});
		expect((await send('knit one')).status(), path).toBe(400);
		expect((await send('{"bag":{}}')).status(), path).toBe(422);
		expect((await send('[]')).status(), path).toBe(422);
		expect((await send('null')).status(), path).toBe(422);
		expect((await send('x'.repeat(300_000))).status(), path).toBe(413);
	}
});

test('the plan file has its schema at /api/plan.schema.json', async ({ request }) => {
	const schema = (await (await request.get('/api/plan.schema.json')).json()) as {
		properties: { version: { anyOf: { const: number }[] }; plan: { required: string[] } };
	};
	expect(schema.properties.version.anyOf.map((one) => one.const)).toEqual([1, 2]);
	expect(schema.properties.plan.required).toEqual(['bag', 'cut', 'target', 'technique']);
});
