import { afterEach, describe, expect, it, vi } from 'vitest';
import type { defaults as Defaults } from '$lib/core/defaults';

type Name = keyof typeof Defaults;

/** All that is said of a plan, in a house where one constant of the craft is another; null for none. */
async function saidWith(name: Name | null, times: number) {
	vi.resetModules();
	const { defaults } = await vi.importActual<{ defaults: typeof Defaults }>('$lib/core/defaults');
	const others = name && { [name]: { ...defaults[name], value: defaults[name].value * times } };
	vi.doMock('$lib/core/defaults', () => ({ defaults: { ...defaults, ...others } }));
	const { estimatePlan } = await import('$lib/core/estimate/estimate');
	const { explainFigure } = await import('$lib/core/explain/explain-plan');
	const { barePoint, barePractice } = await import('$lib/core/practice/practice');
	const { startingPlan } = await import('$lib/core/model/starting-plan');
	const { keptFiguresOf } = await import('./document/kept-figures');
	const { estimateAnswer } = await import('./document/estimate-answer');
	const { planSheet } = await import('$lib/server/sheets/plan-sheet');
	const { tallyValue } = await import('./words/tally-words');
	const estimate = estimatePlan(startingPlan, barePractice);
	const trail = explainFigure(startingPlan, 'hours', barePoint);
	const paper: string[] = [];
	const sheet = new Proxy({} as Parameters<typeof planSheet>[0], {
		get: (_, key) =>
			key === 'y' || key === 'marginMm' || key === 'innerMm' || key === 'widthMm'
				? 100
				: (...said: unknown[]) => {
						paper.push(JSON.stringify(said.slice(0, 2)));
						return 10;
					},
		set: () => true
	});
	planSheet(sheet, { plan: startingPlan, estimate, system: 'cm', terms: 'us', address: null });
	return {
		/** As the bench and the lists have it. */
		screen: keptFiguresOf(estimate.tally).hours.expected,
		shown: tallyValue(estimate.tally, 'hours', 'cm'),
		/** As programs ask for it. */
		door: JSON.stringify(estimateAnswer(startingPlan, barePractice)),
		explained: trail.at(-1)?.value ?? NaN,
		relations: trail.map(({ relation }) => relation ?? '').join('\n'),
		paper: paper.join('\n')
	};
}

describe('one constant of the craft', () => {
	// Other files share what is loaded here: nothing of a changed house stays.
	afterEach(() => {
		vi.doUnmock('$lib/core/defaults');
		vi.resetModules();
	});

	it.each([
		['ball', 1.5],
		['stitchSingle', 1.2],
		['finishMat', 3],
		['handleFilmShare', 1.5],
		['packingWorked', 1.5],
		['loopJoint', 2]
	] as const)(
		'%s, changed in its one place, changes what screen, paper, doors and explanation say alike',
		async (name, times) => {
			const before = await saidWith(null, 1);
			const after = await saidWith(name, times);
			expect(after.screen).not.toBe(before.screen);
			expect(after.door).not.toBe(before.door);
			for (const { screen, explained, shown, paper } of [before, after]) {
				expect(explained).toBeCloseTo(screen, 3);
				expect(paper).toContain(shown);
			}
			expect(after.relations === before.relations && after.explained === before.explained).toBe(
				false
			);
		}
	);
});
