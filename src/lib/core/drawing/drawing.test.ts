import { describe, expect, it } from 'vitest';
import { stripesOf } from '../colour/stripes';
import { sketchBag } from '../cut/sketch-bag';
import { cutBag } from '../cut/cut-bag';
import { bagPresets } from '../bag/presets';
import { rollMat } from '../finish/roll';
import { layPlanBalls } from '../model/balls-of-plan';
import { modelPlan } from '../model/model';
import { plansOfAllSorts } from '../model/plans.arbitrary';
import { startingPlan } from '../model/starting-plan';
import type { Plan } from '../model/types';
import { barePoint } from '../practice/practice';
import { layStrandOf } from '../techniques/peg-loom/lay-strand';
import { bagScene, cutScene, placeBag } from './bag-scene';
import { bandsScene, turnScene } from './bands-scene';
import { finishScene } from './finish-scene';
import { frameScene } from './frame-scene';
import { loomScene } from './loom-scene';
import { matScene, placeMat } from './mat-scene';
import { rowsScene } from './rows-scene';
import type { Box, Mark, PathMark, Scene } from './scene';
import { strandScene } from './strand-scene';

/** A desk's room, a phone's, and a sheet's in millimetres. */
const boxes: readonly Box[] = [
	{ width: 560, tallest: 212, type: 13 },
	{ width: 300, tallest: 110, type: 13 },
	{ width: 180, tallest: 90, type: 4.2 }
];
const plans = Object.values(plansOfAllSorts);
const modelOf = (plan: Plan) => modelPlan(plan, barePoint);
const paths = (scene: Scene) => scene.marks.filter((mark): mark is PathMark => 'path' in mark);
const said = (scene: Scene) => scene.marks.flatMap((mark) => ('words' in mark ? [mark.words] : []));

/** Every place that a path names outright: beginnings, ends of lines and curves. */
function placesOf(mark: Mark): [number, number][] {
	if ('words' in mark) return [[mark.x, mark.y]];
	if ('texture' in mark)
		return [
			[mark.x, mark.y],
			[mark.x + mark.width, mark.y + mark.height]
		];
	return [...mark.path.matchAll(/[ML](-?[\d.e-]+) (-?[\d.e-]+)/g)].map(([, x, y]) => [
		Number(x),
		Number(y)
	]);
}

function scenesOf(plan: Plan, box: Box): Scene[] {
	const model = modelOf(plan);
	const { mat } = model;
	const sketch = sketchBag(plan.bag, plan.cut);
	const scenes = [
		matScene(
			mat,
			stripesOf(layPlanBalls(plan, model).runs),
			1750,
			{ across: 'ab', along: 'cd' },
			box
		),
		bagScene(sketch, { width: '30', gusset: '8', body: '38', handle: '15' }, box),
		cutScene(sketch, { band: () => 'ring', rings: 'rings', halves: 'two' }, box),
		strandScene(model.yield, null, { coin: '23', strand: 'thick', hook: null }, { ...box, mm: 1 }),
		finishScene(
			rollMat(mat),
			{ ties: 'braid', hasStrap: true },
			{ rollAcross: '20', rollLong: '40', ties: 'two' },
			box
		)
	];
	if (mat.kind === 'crochet')
		scenes.push(rowsScene(mat, { chain: 'chain', rows: ['1', '2', '3'], stitch: 's' }, box));
	if (mat.kind === 'peg-loom' && plan.technique.kind === 'peg-loom')
		scenes.push(
			loomScene(
				mat,
				plan.technique,
				{ pegToPeg: 'p', pitch: 'q', noKnot: 'n', rods: 'r', meet: 'm' },
				box
			)
		);
	if (mat.kind === 'twined')
		scenes.push(frameScene(mat, { length: 'l', width: 'w', nails: 'n', corner: ['a', 'b'] }, box));
	if (mat.kind === 'finger-bands')
		scenes.push(
			bandsScene(mat, { bandWidth: 'b', links: ['a', 'b'] }, box),
			turnScene(mat.warpStrands, 4, 6, box)
		);
	return scenes;
}

describe('every drawing', () => {
	it('stays in its room and names real places, for plans of all sorts, on a desk, a phone and paper', () => {
		for (const plan of plans)
			for (const box of boxes)
				for (const scene of scenesOf(plan, box)) {
					expect(scene.width).toBe(box.width);
					for (const mark of scene.marks) {
						if ('path' in mark) expect(mark.path).not.toMatch(/NaN|Infinity|undefined/);
						for (const [x, y] of placesOf(mark)) {
							expect(x).toBeGreaterThanOrEqual(-0.01);
							expect(x).toBeLessThanOrEqual(box.width + 0.01);
							expect(y).toBeGreaterThanOrEqual(-0.01);
							expect(y).toBeLessThanOrEqual(scene.height + 0.01);
						}
					}
				}
	});
});

describe('the mat', () => {
	it('lies at one scale with its sleeper, its measures said along both edges', () => {
		const { mat } = modelOf(startingPlan);
		for (const box of boxes) {
			const { length, width, scale } = placeMat(mat, 1750, box);
			expect(length / width).toBeCloseTo(mat.lengthMm / mat.widthMm, 9);
			expect(length).toBeCloseTo(mat.lengthMm * scale, 9);
			expect(width).toBeLessThanOrEqual(box.tallest + 1e-9);
		}
		const scene = matScene(mat, [], 1750, { across: '85 cm', along: '185 cm' }, boxes[0] as Box);
		expect(said(scene)).toEqual(['85 cm', '185 cm']);
	});

	it('has one tile of stitches for every stitch across and every two rows along', () => {
		const { mat } = modelOf(startingPlan);
		if (mat.kind !== 'crochet') throw new Error('crochet is wanted');
		const [texture] = matScene(
			mat,
			[],
			1750,
			{ across: '', along: '' },
			boxes[0] as Box
		).marks.filter((mark) => 'texture' in mark);
		if (!texture || !('texture' in texture)) throw new Error('a texture is wanted');
		expect(texture.width / texture.tile.width).toBeCloseTo(mat.rows / 2, 6);
		expect(texture.height / texture.tile.height).toBeCloseTo(mat.stitches, 6);
	});

	it('has one patch of film for each colour, and as many strokes as stripes', () => {
		const plan: Plan = { ...startingPlan, colours: ['blue', 'white', 'green'] };
		const stripes = stripesOf(layPlanBalls(plan, modelOf(plan)).runs);
		const films = paths(
			matScene(modelOf(plan).mat, stripes, 1750, { across: '', along: '' }, boxes[0] as Box)
		).filter(({ fill }) => fill?.startsWith('film-') && fill !== 'film-other');
		expect(films.map(({ fill }) => fill)).toEqual(['film-blue', 'film-white', 'film-green']);
		expect(films.flatMap(({ path }) => [...path.matchAll(/M/g)])).toHaveLength(stripes.length);
	});
});

describe('the bag', () => {
	it('is cut where the sketch cuts it: a line at every ring', () => {
		const sketch = sketchBag(startingPlan.bag, startingPlan.cut);
		const box = boxes[0] as Box;
		const scene = cutScene(sketch, { band: () => 'r', rings: '', halves: '' }, box);
		const dashed = paths(scene).filter(({ dash, stroke }) => dash && stroke === 'ink');
		expect(dashed).toHaveLength(sketch.lines.length);
		const { scale } = placeBag(sketch, box, 0, 100);
		expect(scale).toBeGreaterThan(0);
	});

	it('says every band beside it where there is room, and the rings once where there is not', () => {
		const many = sketchBag(startingPlan.bag, {
			style: 'loops',
			stripWidthMm: 10,
			trimBottomMm: 12,
			trimTopMm: 12
		});
		const words = { band: () => 'ring', rings: '36 rings', halves: '' };
		expect(said(cutScene(many, words, boxes[1] as Box))).toEqual(['36 rings']);
		const few = sketchBag(startingPlan.bag, startingPlan.cut);
		expect(said(cutScene(few, words, { width: 300, tallest: 400, type: 13 }))).toHaveLength(
			few.bands.length
		);
	});
});

describe('the strand', () => {
	it('is as thick as it lies in the hand, at true scale, and so is the hook', () => {
		const cut = cutBag(bagPresets[0].bag, startingPlan.cut);
		const scene = strandScene(
			cut,
			8,
			{ coin: '23 mm', strand: '', hook: '8 mm' },
			{ mm: 3, type: 13, width: 300 }
		);
		const film = paths(scene).find(({ fill, stroke }) => fill === 'film' && !stroke);
		const [, top, bottom] = /M[\d.]+ ([\d.]+)H[\d.]+V([\d.]+)/.exec(film?.path ?? '') ?? [];
		expect(Number(bottom) - Number(top)).toBeCloseTo(cut.bulkDiameterMm * 3, 6);
		const hook = paths(scene).find(({ fill }) => fill === 'quiet');
		const [, from, to] = /M[\d.]+ ([\d.]+)H[\d.]+V([\d.]+)/.exec(hook?.path ?? '') ?? [];
		expect(Number(to) - Number(from)).toBeCloseTo(24, 6);
	});
});

describe('the loom and the frame', () => {
	it('have a peg for every strand end and a knot wherever one falls', () => {
		const plan = plansOfAllSorts['a spiral, knotted, on a firm loom with a short piece'];
		if (plan?.technique.kind !== 'peg-loom') throw new Error('a loom is wanted');
		const { mat } = modelOf(plan);
		if (mat.kind !== 'peg-loom') throw new Error('a loom is wanted');
		const words = { pegToPeg: '', pitch: '', noKnot: '', rods: '', meet: '' };
		const scene = loomScene(mat, plan.technique, words, boxes[0] as Box);
		const circles = (tone: string) =>
			paths(scene)
				.filter(({ fill }) => fill === tone)
				.flatMap(({ path }) => [...path.matchAll(/M/g)]).length;
		expect(circles('ground')).toBe(2 * mat.pegs);
		const crosses = paths(scene)
			.filter(({ stroke }) => stroke === 'bad')
			.flatMap(({ path }) => [...path.matchAll(/M/g)]).length;
		expect(circles('ink') + crosses).toBe(
			mat.pegs * layStrandOf(mat, plan.technique.shortPiece).knotsMm.length
		);
	});

	it('have two nails to every loop of warp', () => {
		const plan = plansOfAllSorts['a frame with cloth warps in panels'] as Plan;
		const { mat } = modelOf(plan);
		if (mat.kind !== 'twined') throw new Error('a frame is wanted');
		const scene = frameScene(
			mat,
			{ length: '', width: '', nails: '', corner: ['', ''] },
			boxes[0] as Box
		);
		const nails = paths(scene)
			.filter(({ fill }) => fill === 'ink')
			.flatMap(({ path }) => [...path.matchAll(/M/g)]).length;
		// Three more stand in the corner that is drawn large.
		expect(nails).toBe(2 * mat.panel.nails + 3);
	});
});

describe('the turn of a band', () => {
	it('ends with the strands where the braid has them', () => {
		const scene = turnScene(3, 2, 6, boxes[0] as Box);
		const ends = scene.marks.flatMap((mark) => ('words' in mark && mark.x > 50 ? [mark] : []));
		expect(ends.toSorted((a, b) => a.y - b.y).map(({ words }) => words)).toEqual(['c', 'a', 'b']);
	});
});
