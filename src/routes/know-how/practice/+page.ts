import { exerciseKinds, exerciseOf, isRight } from '$lib/core/know-how/exercises';
import type { PageLoad } from './$types';

/** A question of a kind by its seed, and what was answered; a seed that is not given, or is none, is any. */
export const load: PageLoad = ({ url: { searchParams }, data }) => {
	const kind = exerciseKinds.find((one) => one === searchParams.get('kind')) ?? exerciseKinds[0];
	const said = Number(searchParams.get('seed') ?? NaN);
	const seed = Number.isInteger(said) && said >= 0 && said <= 1e9 ? said : data.anySeed;
	const { facts, options } = exerciseOf(kind, seed);
	const answer = options.find((option) => String(option) === searchParams.get('answer')) ?? null;
	return {
		...data,
		seed,
		facts,
		options,
		answer,
		isRight: answer === null ? null : isRight(facts, answer)
	};
};
