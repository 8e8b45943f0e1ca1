import { bagLessons as say } from '$lib/words/know-how';
import type { Sketch, SketchMark } from '$lib/core/drawing/sketch-scene';
import { cuttingStack } from '$lib/core/cut/stack';
import { bagMarks, endOn } from '$lib/core/know-how/bag-pictures';
import { smallNumber } from '$lib/ui/number-words';
import type { Act, ActStep, OwnThings } from './lesson';
import {
	blade,
	board,
	film,
	hygiene,
	lying,
	move,
	moving,
	patch,
	sketch,
	tool,
	trims,
	word
} from './lesson';

/** The group's bag in the middle of a sketch, and what is pointed out of it. */
const bagWith = ({ bag }: OwnThings, ...marks: readonly SketchMark[]): Sketch =>
	sketch(...bagMarks(bag, lying(bag)), ...marks);

function sorting(own: OwnThings): ActStep[] {
	const { bag, bagName } = own;
	const { left, foot, scale } = lying(bag);
	const [middle, low] = [left + 0.5 * bag.flatWidthMm * scale, foot - 0.06 * bag.bodyMm * scale];
	const half = foot - 0.5 * bag.bodyMm * scale;
	return [
		moving(say.takeOneBagHereEmpty({ bagName }), [bagWith(own)], hygiene),
		moving(say.aHoleOrATear(), [
			bagWith(own, tool('spot', middle, half), {
				show: 'disc',
				at: [middle, half],
				radius: 3,
				tone: 'ground'
			})
		]),
		moving(say.aHoleCloseToThe(), [
			bagWith(own, tool('spot', middle, low), {
				show: 'disc',
				at: [middle, low],
				radius: 2,
				tone: 'ground'
			})
		]),
		moving(say.crumpleACornerPlasticThat(), [
			bagWith(
				own,
				tool('cut', left + 4, foot - 8),
				{
					show: 'dashed',
					points: [
						[left, foot - 16],
						[left + 8, foot - 12],
						[left + 6, foot - 6],
						[left + 14, foot]
					]
				},
				tool('spot', left + 6, foot - 8)
			)
		]),
		moving(say.whatOnlySmellsIsRinsed(), [
			sketch(
				...[0, 1, 2].flatMap((pile) =>
					Array.from({ length: 5 - pile }, (_, at) =>
						patch(
							pile === 1 ? 'weft' : pile === 2 ? 'film' : 'film-other',
							...board(8 + pile * 38, 60 - at * 5, 30 - 4 * pile, 4)
						)
					)
				)
			)
		])
	];
}

function flattening(own: OwnThings): ActStep[] {
	const { bag, bagName } = own;
	const scale = Math.min(0.28, 100 / ((2 * bag.flatWidthMm + 4 * bag.gussetMm) * 0.42));
	const end = (way: Parameters<typeof endOn>[1], ...marks: readonly SketchMark[]): Sketch =>
		sketch({ show: 'patch', points: endOn(bag, way, [60, 36], scale), tone: 'film' }, ...marks);
	const hasSides = bag.gussetMm > 0;
	return [
		moving(say.lookIntoTheBagFrom({ bagName }), [end('open')], film),
		moving(hasSides ? say.pushBothSideFoldsIn() : say.layItDownWithIts(), [
			end('open'),
			end('half', move([4, 36], [22, 36]), move([116, 36], [98, 36]))
		]),
		moving(say.pressItFlatEdgesOver(), [end('half'), end('tucked', move([60, 8], [60, 26]))]),
		moving(say.strokeTheAirOutFrom(), [bagWith(own, move([60, 62], [60, 20]))]),
		moving(say.layBagsSeamOnSeam(), [
			...[1, 6].map((count) =>
				sketch(
					...Array.from({ length: 6 }, (_, at) =>
						patch('film-other', ...board(24, 60 - Math.min(at, count - 1) * 6, 72, 4.4))
					),
					word(say.seamsThisSide(), [60, 14])
				)
			)
		])
	];
}

function folding(own: OwnThings): ActStep[] {
	const { bag, bagName } = own;
	const body = bag.bodyMm - 100;
	const scale = Math.min(0.16, 60 / Math.max(1, body), 80 / bag.flatWidthMm);
	const [width, high] = [bag.flatWidthMm * scale, Math.max(8, body * scale)];
	const left = 46 - width / 2;
	/** The trimmed bag folded so often, and the flap on its way over. */
	const folded = (folds: number, flap: number): Sketch => {
		const each = high / 2 ** folds;
		const top = 66 - each;
		const layers = 2 ** (folds + 1);
		return sketch(
			patch('film-other', ...board(left, top, width, each)),
			patch(
				'film',
				[left, top],
				[left + width, top],
				[left + width, top + each * flap],
				[left, top + each * flap]
			),
			// Beside it the same from its edge: every layer of film a line.
			...Array.from({ length: layers }, (_, at) =>
				patch('quiet', ...board(94, 64.6 - at * 2.4, 22, 1))
			)
		);
	};
	const of = (folds: number) =>
		cuttingStack(bag, { style: 'loops', equalStrips: 2 ** folds, ...trims }, 'scissors', 1);
	const layers = (folds: number): string => {
		const { layers: few, layersAtGusset: many } = of(folds);
		return few === many ? say.layers({ few }) : say.layersAtTheSides({ few, many });
	};
	return [
		moving(say.layTheTrimmedBagFlat({ bagName }), [folded(0, 0)]),
		moving(say.foldItInHalfEdges({ layers: layers(1) }), [folded(0, 0), folded(1, 1)]),
		moving(say.onceMoreInHalfCut({ layers: layers(2) }), [folded(1, 0), folded(2, 1)]),
		moving(
			of(2).bagsWithinLimit > 0
				? say.foldedSoScissorsTakeOf({ min: smallNumber(Math.min(20, of(2).bagsWithinLimit)) })
				: say.foldedSoThisBagIs(),
			[folded(2, 1)],
			blade
		)
	];
}

export const bagActs = {
	sort: {
		when: say.beforeAnythingElseAtThe(),
		steps: sorting
	},
	flatten: {
		when: say.soThatItCutsInto(),
		steps: flattening
	},
	fold: {
		when: say.foldAndFoldAgainGives(),
		steps: folding
	}
} as const satisfies Record<string, Act>;
