import { bagPresets } from '$lib/core/bag/presets';
import { exerciseKinds, exerciseOf, isRight } from '$lib/core/know-how/exercises';
import { describe, expect, it } from 'vitest';
import { actNames, actOf, acts, box, stepsOf } from './acts';
import { answerWords, questionWords, whyWords } from './exercise-words';

const own = { bag: bagPresets[0].bag, bagName: 'your Thin carrier', system: 'cm', box } as const;
const of = (act: (typeof actNames)[number]) => stepsOf(act, own) ?? [];

describe('an act', () => {
	it.each(actNames)('%s is told in steps that are read aloud within twelve seconds', (act) => {
		const steps = of(act);
		expect(steps.length).toBeGreaterThan(2);
		// Two and a half words a second are an easy pace.
		const long = steps.filter(({ words }) => words.split(/\s+/).length > 30);
		expect(long).toEqual([]);
		for (const { scene } of steps) expect(scene.marks.length).toBeGreaterThan(2);
	});
	it('is drawn with the group’s own bag, with its cautions at the step they belong to', () => {
		expect(of('spiral')[0]?.words).toContain('your Thin carrier');
		expect(of('spiral').map(({ caution }) => caution !== null)).toEqual([true, true, false, false]);
		const wide = stepsOf('rings', { ...own, bag: { ...own.bag, flatWidthMm: 500 } });
		expect(JSON.stringify(wide?.[0]?.scene)).not.toBe(JSON.stringify(of('rings')[0]?.scene));
	});
	it('of a bag that cannot be cut so is none', () =>
		expect(stepsOf('spiral', { ...own, bag: { ...own.bag, bodyMm: 90 } })).toBeNull());
	it('brings three strands home with the sixth crossing, and not before', () => {
		const home = of('band-turn').findIndex(({ words }) => words.includes('home again'));
		expect(home).toBe(6);
		expect(of('band-turn')).toHaveLength(7);
	});
	it('has a name that is known, or is none', () => {
		expect(actOf('spiral')).toBe('spiral');
		expect(actOf('constructor')).toBeNull();
		expect(new Set(actNames.map((act) => acts[act].title)).size).toBe(actNames.length);
	});
});

describe('a question', () => {
	it.each(exerciseKinds)('%s says what is asked, and why for every answer', (kind) => {
		for (let seed = 0; seed < 50; seed++) {
			const { facts, options } = exerciseOf(kind, seed);
			expect(questionWords(facts, 'ft')).not.toMatch(/NaN|undefined/);
			expect(new Set(options.map((option) => answerWords(facts, option))).size).toBe(
				options.length
			);
			for (const option of options) {
				const why = whyWords(facts, option, 'cm');
				expect(why.length).toBeGreaterThan(20);
				expect(why).not.toMatch(/NaN|undefined/);
			}
		}
	});
	it('tells which turns fall out, and where a ball ends', () => {
		const slit = { kind: 'slit', turns: 5, slit: 3 } as const;
		expect(whyWords(slit, 3, 'cm')).toContain('turn 3 runs into itself and falls out as a ring');
		expect(whyWords(slit, 2, 'cm')).toContain('turns 2 and 3 run into each other');
		expect(isRight(slit, 4)).toBe(true);
		const ball = { kind: 'ball-end', ballMm: 20_000, rowMm: 3000, from: 11 } as const;
		expect(whyWords(ball, 17, 'cm')).toMatch(
			/^It makes six whole rows, 11 to 16, and 2(.0)? m are left for row 17.$/
		);
	});
});
