import { within } from '../domain-error';
import { randomGamma } from '../statistics/draws';
import type { Rng } from '../statistics/rng';
import { randomNormal } from '../statistics/rng';

/** An amount as it was: so much, or at least so much where it ran out of what it is made of. */
export interface PastAmount {
	readonly made: number;
	readonly isShort: boolean;
}

/** What is thought of amounts before any were seen: log-normal, with a mean and a coefficient of variation. */
export interface AmountPrior {
	readonly mean: number;
	readonly cv: number;
}

/** Mean and standard deviation of the logarithms of an amount. */
export interface AmountHabit {
	readonly mu: number;
	readonly sigma: number;
}

/** Shape of the inverse gamma of the variance, and what the prior mean is worth: with and without a past. */
const shape = 2;
const kappas = { some: 0.02, none: 0.5 } as const;
/** Times that what ran short is drawn anew with the habit it belongs to. */
const sweeps = 4;

interface Known {
	readonly mu: number;
	readonly kappa: number;
	readonly a: number;
	readonly b: number;
}

/** What is known after some logarithms. */
function knownAfter({ mean, cv }: AmountPrior, logs: readonly number[]): Known {
	const variance = Math.log(1 + cv ** 2);
	const mu = Math.log(mean) - variance / 2;
	const kappa = logs.length > 0 ? kappas.some : kappas.none;
	const count = logs.length;
	const middle = count > 0 ? logs.reduce((sum, log) => sum + log, 0) / count : 0;
	const squares = logs.reduce((sum, log) => sum + (log - middle) ** 2, 0);
	return {
		mu: (kappa * mu + count * middle) / (kappa + count),
		kappa: kappa + count,
		a: shape + count / 2,
		b:
			variance * (shape - 1) +
			squares / 2 +
			(kappa * count * (middle - mu) ** 2) / (2 * (kappa + count))
	};
}

function habitOf({ mu, kappa, a, b }: Known, rng: Rng): AmountHabit {
	const variance = b / randomGamma(rng, a);
	return {
		mu: mu + Math.sqrt(variance / kappa) * randomNormal(rng),
		sigma: Math.sqrt(variance)
	};
}

/** A standard normal number above one: by trying, and far out by its exponential tail. */
function normalAbove(least: number, rng: Rng): number {
	if (least < 0.5)
		for (;;) {
			const normal = randomNormal(rng);
			if (normal >= least) return normal;
		}
	for (;;) {
		const tail = least - Math.log(1 - rng()) / least;
		if (Math.log(1 - rng()) < -((tail - least) ** 2) / 2) return tail;
	}
}

/**
 * A habit of amounts as it may be, by those of the past: log-normal, its mean and spread
 * normal-inverse-gamma distributed. Amounts of nothing are left out; one that ran short counts as at
 * least what it was.
 *
 * @param past amounts, 0 or more
 * @param prior mean above 0, cv above 0
 * @throws DomainError
 * @source bench default for the prior's weights
 * @example drawAmountHabit([{ made: 0.8, isShort: false }], { mean: 0.8, cv: 0.5 }, seededRng(7)).sigma // 0.30613
 */
export function drawAmountHabit(
	past: readonly PastAmount[],
	prior: AmountPrior,
	rng: Rng
): AmountHabit {
	within('mean', prior.mean, { moreThan: 0 });
	within('cv', prior.cv, { moreThan: 0 });
	const seen = past.filter(({ made }) => within('made', made, { atLeast: 0 }) > 0);
	const logs = seen.map(({ made }) => Math.log(made));
	let habit = habitOf(knownAfter(prior, logs), rng);
	if (!seen.some(({ isShort }) => isShort)) return habit;
	for (let sweep = 0; sweep < sweeps; sweep++) {
		const { mu, sigma } = habit;
		const full = seen.map(({ isShort }, at) => {
			const log = logs[at] ?? 0;
			return isShort ? mu + sigma * normalAbove((log - mu) / sigma, rng) : log;
		});
		habit = habitOf(knownAfter(prior, full), rng);
	}
	return habit;
}

/**
 * One amount of a habit.
 *
 * @example drawAmount({ mu: 0, sigma: 0 }, seededRng(7)) // 1
 */
export const drawAmount = ({ mu, sigma }: AmountHabit, rng: Rng): number =>
	Math.exp(mu + sigma * randomNormal(rng));
