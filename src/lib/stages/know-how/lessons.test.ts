import { bagPresets } from '$lib/core/bag/presets';
import { between } from '$lib/core/drawing/between';
import { metBy } from '$lib/core/acts/crossing-order';
import type { Scene } from '$lib/core/drawing/scene';
import { exerciseKinds, exerciseOf, isRight } from '$lib/core/know-how/exercises';
import { techniqueKinds } from '$lib/core/techniques/technique';
import { faultsOf } from '$lib/core/check/faults';
import { describe, expect, it } from 'vitest';
import { sceneAt } from './act-player.svelte';
import { actGroups, lessons, stepsOf } from './lessons';
import type { OwnThings } from './lessons/lesson';
import { box, sceneOf } from './lessons/lesson';
import { answerWords, questionWords, exerciseReason } from './exercise-words';
import { forHand } from './left-hand';
import { actOfFault, actsOfStation, actsOfTechnique } from './links/lessons-at';
import type { ActName } from './links/lesson-titles';
import { actNames, lessonOf, actTitles } from './links/lesson-titles';

const own: OwnThings = {
	bag: bagPresets[0].bag,
	bagName: 'your Thin carrier',
	cut: null,
	hookMm: 8,
	bagsABall: 20,
	stitch: 'sc',
	loom: { sort: 'loom', pegs: 28, pitchMm: 25, pegToPegMm: 1930, hasRods: true },
	frame: null,
	system: 'cm',
	terms: 'us',
	box
};
const of = (act: ActName, things: OwnThings = own) => stepsOf(act, things, 'right') ?? [];

describe('an act', () => {
	it.each(actNames)('%s is told in steps that are read aloud within twelve seconds', (act) => {
		const steps = of(act);
		expect(steps.length).toBeGreaterThan(2);
		// Two and a half words a second are an easy pace.
		const long = steps.filter(({ words }) => words.split(/\s+/).length > 30);
		expect(long.map(({ words }) => words)).toEqual([]);
		for (const step of steps) {
			expect(sceneOf(step, box).marks.length, step.words).toBeGreaterThan(1);
			expect(step.words).not.toMatch(/[[\]]|NaN|undefined|!/);
		}
	});
	it('stands in one group, in the order of the work', () =>
		expect(actGroups.flatMap(({ names }) => names)).toEqual(actNames));
	it('is drawn with the group’s own bag, strip and tools, with its cautions at the step they belong to', () => {
		expect(of('spiral')[0]?.words).toContain('your Thin carrier');
		// Film where the bag lies, the blade at every slit and slant, nothing where nothing is cut.
		expect(of('spiral').map(({ caution }) => caution !== null)).toEqual(
			[1, 0, 1, 0, 1, 1, 0, 1, 0].map(Boolean)
		);
		const first = (things: OwnThings) => JSON.stringify(of('rings', things)[0]?.drawn);
		expect(first({ ...own, bag: { ...own.bag, flatWidthMm: 500 } })).not.toBe(first(own));
		const three = { style: 'loops', equalStrips: 3, trimBottomMm: 12, trimTopMm: 12 } as const;
		expect(of('rings')[2]?.words).toContain('four loops');
		expect(of('rings', { ...own, cut: three })[2]?.words).toContain('three loops');
		expect(of('warp')[0]?.words).toContain('193 cm');
		expect(of('warp', { ...own, loom: null })[0]?.words).not.toContain('193');
		expect(of('chain')[2]?.words).toContain('8 mm');
		const said = (terms: 'us' | 'uk') => of('sc', { ...own, terms })[0]?.words;
		expect([said('us'), said('uk')]).toEqual([
			expect.stringContaining('single crochet'),
			expect.stringContaining('double crochet')
		]);
	});
	it('of a bag that cannot be cut so is none', () =>
		expect(stepsOf('spiral', { ...own, bag: { ...own.bag, bodyMm: 90 } }, 'right')).toBeNull());
	it('of trimming gives the same film in all: what is not strand is scrap', () => {
		for (const { words } of of('trim').slice(1, 3)) {
			const [film = 0, scrap = 0] = [...words.matchAll(/([\d.]+) g/g)].map(([, g]) => Number(g));
			expect(film + scrap).toBeCloseTo(own.bag.massG, 1);
		}
	});
	it('brings three strands home with the sixth crossing, and not before', () => {
		const home = of('band-turn').findIndex(({ words }) => words.includes('home again'));
		expect(home).toBe(6);
		expect(of('band-turn')).toHaveLength(8);
	});
	it('weaves one row more where two ends meet alike, opposite to both', () => {
		const ropes = (of('meet')[4] ?? of('meet')[0])!.drawn;
		const last = 'frames' in ropes ? ropes.frames.at(-1) : undefined;
		const all = last?.marks.flatMap((mark) => (mark.show === 'ropes' ? mark.ropes : [])) ?? [];
		// Six strands across: the four inner ones, and at each side two and the rod as one.
		const uprights = all.length - 2;
		const inner = all.flatMap(({ wide }, nth) => (nth < uprights && wide > 4 ? [nth] : []));
		expect([uprights, inner.length]).toEqual([10, 4]);
		for (const strand of inner) {
			const down = metBy(all, strand)
				.filter(({ other }) => other >= uprights)
				.map(({ pass }) => pass);
			expect(down.length).toBeGreaterThanOrEqual(6);
			// The tied ends pass the second strand once more: the rows themselves alternate.
			const rows = down.filter((pass, at) => at === 0 || pass !== down[at - 1]);
			expect(rows.length).toBeGreaterThanOrEqual(6);
		}
		// Both wefts end in one knot.
		const ends = all.slice(uprights).map(({ points }) => points.at(-1));
		expect(ends[0]).toEqual(ends[1]);
	});
	it('moves from what lies there to what is done, and ends as its still picture', () => {
		for (const act of actNames)
			for (const step of of(act)) {
				const still = sceneOf(step, box);
				expect(sceneAt(step, 1, box, 'right')).toEqual(still);
				expect(JSON.stringify(sceneAt(step, 0.37, box, 'right'))).not.toMatch(/NaN|null/);
			}
		// Where a step begins, its strands lie as the step before left them.
		const [first, second] = of('loop-joint');
		const lines = (scene: Scene) =>
			scene.marks
				.flatMap((mark) => ('path' in mark && mark.isRound ? [mark.path] : []))
				.slice(0, 4);
		if (!first || !second) throw new Error('no steps');
		expect(lines(sceneAt(second, 0, box, 'right'))).toEqual(lines(sceneOf(first, box)));
		expect(lines(sceneAt(second, 0.5, box, 'right'))).not.toEqual(lines(sceneOf(second, box)));
		// What comes beside stands at once; what is another line, or another thing, is there at once.
		const knot = { show: 'knot', at: [0, 4] };
		const to = [{ ...knot, at: [2, 8] }, knot];
		expect(between([knot], to, 0.5)).toEqual([{ show: 'knot', at: [1, 6] }, knot]);
		expect(between([[0], [1]], [[2]], 0.5)).toEqual([[2]]);
		expect(between({ show: 'peg', at: [0, 0] }, knot, 0.5)).toEqual(knot);
	});
	it('is seen in a mirror by the left hand, its words still to be read', () => {
		const [, first] = of('loop-joint-wrists');
		const [, other] = stepsOf('loop-joint-wrists', own, 'left') ?? [];
		expect(first?.words).toContain('left hand takes the lower end of the loop on the right arm');
		expect(other?.words).toContain('right hand takes the lower end of the loop on the left arm');
		const scene = forHand(
			{
				width: 100,
				height: 10,
				marks: [
					{ path: 'M10 5h20v3L60 5C61 1 62 2 63 3z', stroke: 'ink' },
					{ words: 'seam', x: 30, y: 5, anchor: 'start' }
				]
			},
			'left'
		);
		expect(scene.marks).toEqual([
			{ path: 'M90 5h-20v3L40 5C39 1 38 2 37 3z', stroke: 'ink' },
			{ words: 'seam', x: 70, y: 5, anchor: 'end' }
		]);
		const twice = (act: ActName) =>
			of(act).map((step) => forHand(forHand(sceneOf(step, box), 'left'), 'left'));
		const numbers = (text: string) => text.match(/-?\d+(\.\d+)?/g)?.map(Number) ?? [];
		for (const [at, scene] of twice('rings').entries()) {
			const back = numbers(JSON.stringify(scene));
			const was = numbers(JSON.stringify(sceneOf(of('rings')[at] ?? of('rings')[0]!, box)));
			expect(back.length).toBe(was.length);
			for (const [nth, value] of back.entries()) expect(value).toBeCloseTo(was[nth] ?? 0, 6);
		}
	});
	it('has a name that is known, or is none', () => {
		expect(lessonOf('spiral')).toBe('spiral');
		expect(lessonOf('constructor')).toBeNull();
		expect(new Set(Object.values(actTitles)).size).toBe(actNames.length);
	});
	it('is reached from its technique, its station and its fault, each at least once', () => {
		const reached = new Set<ActName>(techniqueKinds.flatMap((kind) => actsOfTechnique[kind]));
		for (const station of ['flatten', 'cut', 'join', 'ball', 'finish', 'pillows'])
			for (const cut of ['loops', 'spiral', 'half-bag'] as const)
				for (const act of actsOfStation(station, cut)) reached.add(act);
		expect(actNames.filter((act) => !reached.has(act))).toEqual([]);
		for (const kind of techniqueKinds)
			for (const fault of faultsOf(kind)) expect(lessons[actOfFault(fault, kind)]).toBeDefined();
		expect(actsOfStation('nowhere', 'loops')).toEqual([]);
	});
});

describe('a question', () => {
	it.each(exerciseKinds)('%s says what is asked, and why for every answer', (kind) => {
		for (let seed = 0; seed < 50; seed++) {
			const { facts, options } = exerciseOf(kind, seed);
			expect(questionWords(facts, 'ft')).not.toMatch(/NaN|undefined/);
			expect(new Set(options.map((option) => answerWords(facts, option, 'cm'))).size).toBe(
				options.length
			);
			for (const option of options) {
				const why = exerciseReason(facts, option, 'cm');
				expect(why.length).toBeGreaterThan(20);
				expect(why).not.toMatch(/NaN|undefined/);
			}
		}
	});
	it('tells which turns fall out, and where a ball ends', () => {
		const slit = { kind: 'slit', turns: 5, slit: 3 } as const;
		expect(exerciseReason(slit, 3, 'cm')).toContain(
			'turn 3 runs into itself and falls out as a loop'
		);
		expect(exerciseReason(slit, 2, 'cm')).toContain('turns 2 and 3 run into each other');
		expect(isRight(slit, 4)).toBe(true);
		const ball = { kind: 'ball-end', ballMm: 20_000, rowMm: 3000, from: 11 } as const;
		expect(exerciseReason(ball, 17, 'cm')).toMatch(
			/^It makes six whole rows, 11 to 16, and 2(.0)? m are left for row 17.$/
		);
	});
});
