import { within } from '../domain-error';
import { z90 } from './z90';

const steps = 400;
/** Beyond so many degrees of freedom the normal distribution is as near as anyone reads. */
const asNormal = 400;

/**
 * How many standard errors hold 80 % each way where the spread itself was found from few values
 * (Student's t). With `t = √ν tan θ` the density is `cos^(ν − 1) θ`, added up until four fifths lie
 * between.
 *
 * @param degrees of freedom, from 1, whole or not
 * @throws DomainError
 * @example studentT90(1) // 3.0777
 * @example studentT90(9) // 1.383
 */
export function studentT90(degrees: number): number {
	within('degrees', degrees, { atLeast: 1 });
	if (degrees > asNormal) return z90;
	const width = Math.PI / 2 / steps;
	const cumulated = new Float64Array(steps + 1);
	let before = 1;
	for (let at = 1; at <= steps; at++) {
		const here = Math.max(0, Math.cos(at * width)) ** (degrees - 1);
		cumulated[at] = (cumulated[at - 1] ?? 0) + (before + here) / 2;
		before = here;
	}
	const wanted = 0.8 * (cumulated[steps] ?? 1);
	const next = cumulated.findIndex((sum) => sum >= wanted);
	const [low = 0, high = 1] = [cumulated[next - 1], cumulated[next]];
	return Math.sqrt(degrees) * Math.tan((next - 1 + (wanted - low) / (high - low)) * width);
}
