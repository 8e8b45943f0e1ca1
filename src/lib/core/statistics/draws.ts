import { within } from '../domain-error';
import type { Rng } from './rng';
import { randomNormal } from './rng';

/**
 * A number of a gamma distribution with scale 1 (Marsaglia and Tsang, public domain).
 *
 * @param shape above 0
 * @throws DomainError
 * @example randomGamma(seededRng(7), 3) // 2.9053
 */
export function randomGamma(rng: Rng, shape: number): number {
	within('shape', shape, { moreThan: 0 });
	if (shape < 1) return randomGamma(rng, shape + 1) * (1 - rng()) ** (1 / shape);
	const d = shape - 1 / 3;
	const c = 1 / Math.sqrt(9 * d);
	for (;;) {
		const normal = randomNormal(rng);
		const v = (1 + c * normal) ** 3;
		if (v <= 0) continue;
		const u = 1 - rng();
		if (Math.log(u) < (normal * normal) / 2 + d - d * v + d * Math.log(v)) return d * v;
	}
}

/**
 * A number of a beta distribution.
 *
 * @param a above 0
 * @param b above 0
 * @throws DomainError
 * @example randomBeta(seededRng(7), 1, 3) // 0.47776
 */
export function randomBeta(rng: Rng, a: number, b: number): number {
	const [one, other] = [randomGamma(rng, a), randomGamma(rng, b)];
	return one / (one + other);
}
