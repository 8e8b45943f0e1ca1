import { describe, expect, it } from 'vitest';
import { DomainError } from '../domain-error';
import { suitableHookMm } from '../techniques/crochet/hooks';
import { exerciseScene } from './exercise-scenes';
import type { ExerciseKind } from './exercises';
import { exerciseKinds, exerciseOf, isRight, weftIsOver } from './exercises';
import { piecesOfTube, spiralWith } from './slits';

describe('a tube slit all round', () => {
	it('is one strip where each slit goes to the next, and rings where each goes straight over', () => {
		for (const turns of [2, 5, 9]) {
			const each = Array.from({ length: turns }, (_, turn) => turn);
			expect(piecesOfTube(each.map((turn) => turn + 1))).toEqual({ strips: [each], rings: [] });
			expect(piecesOfTube(each)).toEqual({ strips: [], rings: each.map((turn) => [turn]) });
		}
	});
	it('loses just the turns that a wrong slant shuts', () => {
		expect(piecesOfTube(spiralWith(5, 2, 2))).toEqual({ strips: [[0, 1, 3, 4]], rings: [[2]] });
		expect(piecesOfTube(spiralWith(5, 2, 4))).toEqual({ strips: [[0, 1, 2, 4]], rings: [[3]] });
		expect(piecesOfTube(spiralWith(5, 2, 1))).toEqual({ strips: [[0, 3, 4]], rings: [[1, 2]] });
	});
	it.each([[[0, 0]], [[1, 3]], [[-1, 2]], [[0.5, 1]]])('of %j is refused', (goesOn) =>
		expect(() => piecesOfTube(goesOn)).toThrow(DomainError)
	);
});

describe('an exercise', () => {
	it.each(exerciseKinds)('%s has exactly one right answer, for 10,000 seeds', (kind) => {
		const wrong: number[] = [];
		for (let seed = 0; seed < 10_000; seed++) {
			const { facts, options } = exerciseOf(kind, seed);
			const right = options.filter((option) => isRight(facts, option));
			if (right.length !== 1 || options.length < 2 || new Set(options).size !== options.length)
				wrong.push(seed);
		}
		expect(wrong).toEqual([]);
	});
	it('has its right answer in no one place', () => {
		for (const kind of exerciseKinds) {
			const places = new Set(
				Array.from({ length: 300 }, (_, seed) => {
					const { facts, options } = exerciseOf(kind, seed);
					return options.findIndex((option) => isRight(facts, option));
				})
			);
			expect(places.size, kind).toBeGreaterThan(1);
		}
	});
	it('is the same for the same seed', () => {
		const of = (kind: ExerciseKind) => exerciseOf(kind, 41);
		for (const kind of exerciseKinds) expect(of(kind)).toEqual(of(kind));
	});
	it('is judged by what would come of it', () => {
		expect([1, 2, 3].map((to) => isRight({ kind: 'slit', turns: 4, slit: 2 }, to))).toEqual([
			false,
			false,
			true
		]);
		const crossings = { kind: 'crossings', strands: 4, made: 1 } as const;
		expect([1, 2, 3, 4].map((more) => isRight(crossings, more))).toEqual([
			false,
			false,
			true,
			false
		]);
		const ball = { kind: 'ball-end', ballMm: 20_000, rowMm: 3000, from: 11 } as const;
		// Six rows are made whole, 11 to 16: in the seventeenth it runs out.
		expect([16, 17, 18].map((row) => isRight(ball, row))).toEqual([false, true, false]);
		const { near, far } = suitableHookMm(4);
		const hook = { kind: 'hook', diameterMm: 4 } as const;
		expect([near - 0.1, near, far, far + 0.1].map((mm) => isRight(hook, mm))).toEqual([
			false,
			true,
			true,
			false
		]);
	});
	it('shows a weave whose rows take turns, but for the wrong one', () => {
		const facts = { kind: 'wrong-row', strands: 6, rows: 6, wrong: 4 } as const;
		const like = (row: number) =>
			[1, 2, 3, 4, 5, 6].every(
				(at) => weftIsOver(facts, row, at) === weftIsOver(facts, row - 1, at)
			);
		expect([2, 3, 4, 5, 6].map(like)).toEqual([false, false, true, true, false]);
	});
});

describe('an exercise drawn', () => {
	const box = { width: 400, tallest: 240, type: 14 };
	const fallen = (answer: number | null) =>
		(exerciseScene({ kind: 'slit', turns: 6, slit: 3 }, answer, box)?.marks ?? []).filter(
			(mark) => 'fill' in mark && mark.fill === 'scrap'
		).length;
	it('lets just the turns fall out that would', () =>
		expect([null, 4, 3, 2].map(fallen)).toEqual([0, 0, 1, 2]));
	it('keeps what is asked open until it is answered', () => {
		const words = (answer: number | null) =>
			(
				exerciseScene({ kind: 'over-under', strands: 6, row: 3, strand: 4 }, answer, box)?.marks ??
				[]
			).flatMap((mark) => ('words' in mark ? [mark.words] : []));
		expect(words(null)).toContain('?');
		expect(words(1)).not.toContain('?');
	});
	it('lies over as often as the weave does', () => {
		const facts = { kind: 'wrong-row', strands: 5, rows: 4, wrong: 3 } as const;
		let over = 0;
		for (let row = 1; row <= 4; row++)
			for (let at = 1; at <= 5; at++) if (weftIsOver(facts, row, at)) over++;
		const drawn = (exerciseScene(facts, null, box)?.marks ?? []).filter(
			(mark) => 'stroke' in mark && mark.stroke === 'weft'
		).length;
		// Each row once from side to side, and again wherever it lies over a strand.
		expect(drawn).toBe(4 + over);
	});
	it('stays within its room, for any seed', () => {
		for (const kind of exerciseKinds)
			for (let seed = 0; seed < 40; seed++) {
				const scene = exerciseScene(exerciseOf(kind, seed).facts, null, box);
				if (scene) expect(scene.height).toBeLessThanOrEqual(box.tallest + 2 * box.type);
			}
	});
});
