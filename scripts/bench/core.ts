import { estimatePlan } from '../../src/lib/core/plan/estimate';
import { startingPlan } from '../../src/lib/plan/starting-plan';
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

// The width moves with every call, so that nothing can be remembered from the last.
const estimate = (index: number) =>
	estimatePlan({
		...startingPlan,
		target: { ...startingPlan.target, widthMm: 700 + (index % 400) }
	});
print('core: estimate of one plan, median', perCall(estimate), 'ms', 0.05);
