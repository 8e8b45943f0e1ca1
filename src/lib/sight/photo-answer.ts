import type { Answer, CountRanged, Ranged } from '$lib/core/photo/measured';

const places = (value: number) => Math.round(value * 1000) / 1000;
const range = ({ value, low, high }: Ranged) => ({
	value: places(value),
	low: places(low),
	high: places(high)
});
const count = ({ isSure, ...held }: CountRanged) => ({ ...range(held), sure: isSure });

const each = <From, To>(held: Readonly<Record<string, From>>, by: (one: From) => To) =>
	Object.fromEntries(Object.entries(held).map(([name, one]) => [name, by(one)]));

/** What a photograph told, in the words of the JSON door. */
export function photoAnswer(answer: Answer): object {
	const { of, boards, problem } = answer;
	const residual_mm = answer.residualMm === null ? null : places(answer.residualMm);
	if (answer.problem !== null) return { of, boards, residual_mm, measures: {}, problem };
	const { measures, counts, strips, isNarrowing, film, isDark } = answer;
	return {
		of,
		boards,
		residual_mm,
		measures: {
			...each(measures, range),
			...each(counts, count),
			...(isNarrowing !== null && { narrows: isNarrowing })
		},
		...(of === 'strips' && {
			strips: strips.map(({ mean, isOdd }) => ({ mean_mm: range(mean), odd: isOdd }))
		}),
		...(isNarrowing !== null && { narrows: isNarrowing }),
		...(film && { film: film.colour, film_sure: film.isSure }),
		...(isDark && { warning: 'dark' }),
		problem: null
	};
}
