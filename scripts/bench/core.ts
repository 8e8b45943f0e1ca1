import { barePractice } from '../../src/lib/core/practice/practice';
import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { build } from 'vite';
import { bagPresets } from '../../src/lib/core/bag/presets';
import { mixProgram } from '../../src/lib/core/back/mix';
import { compareAll } from '../../src/lib/core/compare/compare-all';
import { fromSack } from '../../src/lib/core/back/from-sack';
import { startingPlan } from '../../src/lib/core/model/starting-plan';
import { estimatePlan } from '../../src/lib/core/estimate/estimate';
import type { Plan } from '../../src/lib/core/model/types';
import { planOfShape, planShape } from '../../src/lib/stages/plan/document/document';
import { solveMix } from '../../src/lib/server/heavy/solve-mix';
import { print, quantile } from './figures.mjs';

/** Milliseconds of one call, as the median over batches, after a warm-up. */
function perCall(work: (index: number) => unknown, batch = 200, batches = 200): number {
	for (let i = 0; i < 5000; i++) work(i);
	const times: number[] = [];
	for (let b = 0; b < batches; b++) {
		const from = performance.now();
		for (let i = 0; i < batch; i++) work(b * batch + i);
		times.push((performance.now() - from) / batch);
	}
	return quantile(times, 0.5);
}

const { cases } = JSON.parse(readFileSync('tests/cases/worked.json', 'utf8')) as {
	cases: { name: string; plan: unknown }[];
};
const plans = cases.map(({ name, plan }) => ({ name, plan: planOfShape(planShape.parse(plan)) }));

// The width moves with every call, so that nothing can be remembered from the last.
const wider = (plan: Plan, index: number): Plan => ({
	...plan,
	target: { ...plan.target, widthMm: 700 + (index % 400) }
});
for (const { name, plan } of plans) {
	const median = perCall((index) => estimatePlan(wider(plan, index), barePractice));
	print(`core: estimate, ${name}, median`, median, 'ms', 0.05);
}

// Six kinds of bag in one mat.
const kinds = Array.from({ length: 5 }, (_, at) => {
	const { bag } = bagPresets[at % 3] ?? bagPresets[0];
	return { bag: { ...bag, massG: bag.massG * (1 + at / 50) }, amount: 0.1 + at / 20 };
});
const sixKinds: Plan = { ...startingPlan, mix: { by: 'share', amount: 0.3, also: kinds } };
print(
	'core: estimate, six kinds in one mat, median',
	perCall((index) => estimatePlan(wider(sixKinds, index), barePractice)),
	'ms',
	0.3
);
const sackOf12 = Array.from({ length: 12 }, (_, at) => {
	const { bag } = bagPresets[at % 3] ?? bagPresets[0];
	return {
		name: `kind ${at}`,
		bag: { ...bag, massG: bag.massG * (1 + at / 40) },
		count: 90 + 40 * at
	};
});
const sackFrom = performance.now();
fromSack(sackOf12, startingPlan, barePractice);
print('core: best mat of a sack of 12 kinds', performance.now() - sackFrom, 'ms', 1000);

const target = { widthMm: 850, lengthMm: 1850 };
const field: number[] = [];
let compared = 0;
for (let run = 0; run < 12; run++) {
	const from = performance.now();
	compared = compareAll(bagPresets[0].bag, { ...target, widthMm: 800 + run }, barePractice).length;
	field.push(performance.now() - from);
}
print('core: methods in the field', compared, '');
print(
	'core: the field for 5,000 methods, median',
	(quantile(field, 0.5) * 5000) / compared,
	'ms',
	150
);
print('core: the whole field, median', quantile(field, 0.5), 'ms');

// Twelve kinds of bag by eight methods.
const store = Array.from({ length: 12 }, (_, at) => {
	const { bag } = bagPresets[at % 3] ?? bagPresets[0];
	return {
		kind: `kind ${at}`,
		bag: { ...bag, massG: bag.massG * (1 + at / 40) },
		count: 300 + 170 * at
	};
});
const methods = plans.map(({ name, plan }) => ({
	name,
	plan: { cut: plan.cut, target: plan.target, technique: plan.technique },
	atMost: 9
}));
await solveMix(
	mixProgram(store.slice(0, 1), methods, 'mats', undefined, barePractice),
	store.slice(0, 1)
);
const solving: number[] = [];
for (let run = 0; run < 7; run++) {
	const from = performance.now();
	await solveMix(mixProgram(store, methods, 'mats', 900 + run, barePractice), store);
	solving.push(performance.now() - from);
}
print('core: best mix of 12 kinds by 8 methods, median', quantile(solving, 0.5), 'ms', 1000);

// The core as a page would load all of it.
const bundled = await build({
	configFile: false,
	logLevel: 'silent',
	build: {
		write: false,
		minify: true,
		lib: { entry: 'scripts/bench/whole-core.ts', formats: ['es'] }
	}
});
const outputs = Array.isArray(bundled) ? bundled : 'output' in bundled ? [bundled] : [];
const bytes = outputs
	.flatMap(({ output }) => output)
	.reduce((sum, piece) => sum + (piece.type === 'chunk' ? gzipSync(piece.code).length : 0), 0);
print('core: the whole of it as a bundle, gzip', bytes / 1000, 'kB', 40);
