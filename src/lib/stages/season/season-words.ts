import type { LeverCounts, LeverName } from '$lib/core/season/forecast';
import { leverNames } from '$lib/core/season/forecast';
import { fixed, smallNumber } from '$lib/ui/number-words';

/** A chance as one would say it: `nine in ten`, `three in five`, `hardly`. */
export function chanceWords(chance: number): string {
	if (chance < 0.03) return 'hardly';
	if (chance > 0.97) return 'almost surely';
	const near = [
		[1, 10],
		[1, 5],
		[1, 4],
		[1, 3],
		[2, 5],
		[1, 2],
		[3, 5],
		[2, 3],
		[3, 4],
		[4, 5],
		[9, 10]
	] as const;
	const [of, all] = near.reduce<readonly [number, number]>(
		(best, one) =>
			Math.abs(one[0] / one[1] - chance) < Math.abs(best[0] / best[1] - chance) ? one : best,
		near[0]
	);
	return `${smallNumber(of)} in ${smallNumber(all)}`;
}

/** A lever, as often as it is taken. */
export const leverWords = (name: LeverName, count: number): string => {
	switch (name) {
		case 'table-day':
			return count === 1 ? 'one more table day' : `${smallNumber(count)} more table days`;
		case 'two-makers':
			return `${smallNumber(2 * count)} more makers`;
		case 'bags-300':
			return `${300 * count} bags more`;
	}
};

/** Levers that are taken, in a line. */
export const leversWords = (levers: LeverCounts): string =>
	leverNames
		.filter((name) => levers[name] > 0)
		.map((name) => leverWords(name, levers[name]))
		.join(', ');

/** What a lever adds: `1.2 mats more`, `no mat more`, `0.2 mats fewer`. */
export const addsWords = (adds: number): string =>
	Math.abs(adds) < 0.05
		? 'no mat more'
		: `${fixed(Math.abs(adds), 1)} mats ${adds > 0 ? 'more' : 'fewer'}`;

/** Levers as an address has them: `table-day`, once for each time. */
export function leversIn(words: readonly string[]): LeverCounts {
	const count = (name: LeverName) => Math.min(9, words.filter((word) => word === name).length);
	return {
		'table-day': count('table-day'),
		'two-makers': count('two-makers'),
		'bags-300': count('bags-300')
	};
}

/** The query of a goal and its levers. */
export function seasonQuery(by: string, levers: LeverCounts): string {
	const query = new URLSearchParams({ by });
	for (const name of leverNames)
		for (let nth = 0; nth < levers[name]; nth++) query.append('with', name);
	return `?${query.toString()}`;
}
