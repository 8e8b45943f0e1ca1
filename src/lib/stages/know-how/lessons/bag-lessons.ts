import { bagLessons as say } from '$lib/words/know-how';
import type { Bag } from '$lib/core/bag/measure-bag';
import { cuttingStack } from '$lib/core/cut/stack';
import type { Sketch, SketchMark } from '$lib/core/drawing/sketch-scene';
import type { Point } from '$lib/core/drawing/smooth-line';
import { bagMarks, bagOutline } from '$lib/core/acts/bag-pictures';
import type { BagFate, SeenBag } from '$lib/core/acts/cut-pictures';
import { bagFate, foldedPacket, wallsAt } from '$lib/core/acts/cut-pictures';
import { smallNumber } from '$lib/ui/number-words';
import type { Act, ActStep, OwnThings } from './lesson';
import {
	blade,
	board,
	dashed,
	film,
	hand,
	hygiene,
	lying,
	mind,
	moving,
	patch,
	sketch,
	thread,
	tool,
	trims,
	word,
	wrong
} from './lesson';

/** The group's bag lying flat, and what is done about it. */
const bagWith = ({ bag }: OwnThings, ...marks: readonly SketchMark[]): Sketch =>
	sketch(...bagMarks(bag, lying(bag)), ...marks);

/** A pouch that stands open, so many drops in it. */
const pouch = (drops: number): Sketch =>
	sketch(
		thread(
			[
				[8, 66],
				[112, 66]
			],
			1.6
		),
		patch('film', [40, 14], [80, 14], [86, 66], [34, 66]),
		patch('ground', [40, 14], [50, 10], [70, 10], [80, 14], [70, 18], [50, 18]),
		...Array.from({ length: drops }, (_, at) =>
			tool('drop', 46 + (at % 3) * 14, 34 + Math.floor(at / 3) * 14)
		)
	);

/** What is done with a bag, by where it goes. */
const fateWords: Readonly<Record<Exclude<BagFate, 'pile'>, string>> = {
	'dry-first': say.pouchesThatHeldSomethingWet(),
	stuffing: say.aHoleOrATear(),
	recycling: say.crumpleACornerPlasticThat(),
	'own-pile': say.layTheRestInPiles()
};
/** A sound bag, but for what is seen of this one. */
const seen = (fault: Partial<SeenBag>): string => {
	const fate = bagFate({
		isWetInside: false,
		isNewInBox: false,
		doesFilmCrack: false,
		hole: null,
		...fault
	});
	return fate === 'pile' ? say.aHoleCloseToThe() : fateWords[fate];
};

function sorting(own: OwnThings): ActStep[] {
	const { bag, bagName } = own;
	const { left, foot, scale } = lying(bag);
	const middle = left + 0.5 * bag.flatWidthMm * scale;
	const half = foot - 0.5 * bag.bodyMm * scale;
	const low = foot - 0.05 * bag.bodyMm * scale;
	const hole = (x: number, y: number, radius: number): SketchMark => ({
		show: 'disc',
		at: [x, y],
		radius,
		tone: 'ground'
	});
	return [
		moving(seen({ isWetInside: true }), [pouch(6), pouch(0)], hygiene),
		moving(say.takeOneBagHereEmpty({ bagName }), [
			bagWith(own, hand([left + 6, foot - bag.bodyMm * scale - 2], [2, 20]))
		]),
		moving(seen({ hole: 'body' }), [
			bagWith(own, hole(middle, half, 3), tool('look', middle, half))
		]),
		moving(seen({ hole: 'edge' }), [bagWith(own, hole(middle, low, 2), tool('look', middle, low))]),
		moving(seen({ doesFilmCrack: true }), [
			bagWith(
				own,
				thread([
					[left, foot - 16],
					[left + 8, foot - 12],
					[left + 6, foot - 6],
					[left + 14, foot]
				]),
				tool('look', left + 6, foot - 8)
			)
		]),
		moving(
			seen({ isNewInBox: true }),
			[
				sketch(
					thread(
						[
							[2, 66],
							[118, 66]
						],
						1.6
					),
					...[0, 1, 2].flatMap((pile) =>
						Array.from({ length: 5 - pile }, (_, at) =>
							patch(
								pile === 1 ? 'weft' : pile === 2 ? 'film' : 'film-other',
								...board(4 + pile * 28, 60 - at * 5, 24 - 4 * pile, 4)
							)
						)
					),
					patch('ground', ...board(90, 44, 26, 20)),
					...[0, 1, 2].map((at) => patch('film-other', ...board(92, 58 - at * 5, 22, 4))),
					word(say.new(), [103, 38])
				)
			],
			film
		)
	];
}

/** A bag as it comes: each corner somewhere else, both sides out of their folds by so much of what they hide. */
function crumpled(bag: Bag, left: number, right: number): Sketch {
	const place = lying(bag);
	const outline = bagOutline(bag, place);
	const middle = place.left + (bag.flatWidthMm * place.scale) / 2;
	const shift = (at: number, much: number): Point => [
		much * (2.4 * Math.sin(at * 2.4 + 1) + 3.4),
		much * 2.6 * Math.cos(at * 1.7)
	];
	const points = outline.map(([x, y], at): Point => {
		const much = x < middle ? left : right;
		const [dx, dy] = shift(at, much);
		return [x + (x < middle ? dx : -dx), Math.min(70, y + dy)];
	});
	return sketch({ show: 'patch', points, tone: 'film-other' });
}

function flattening(own: OwnThings): ActStep[] {
	const { bag, bagName } = own;
	const { left, foot, scale } = lying(bag);
	const right = left + bag.flatWidthMm * scale;
	const rim = foot - (bag.bodyMm + bag.handleMm) * scale;
	const sides = bag.gussetMm > 0;
	const pull = (x: number, from: number) => [
		hand([x, foot - 1], [from, 70]),
		hand([x, rim + 2], [from, rim + 6])
	];
	const flat = bagWith(own);
	const wide: Bag = { ...bag, flatWidthMm: bag.flatWidthMm + 2 * bag.gussetMm, gussetMm: 0 };
	return [
		moving(say.aBagAsItComes({ bagName }), [crumpled(bag, 1, 1)], film),
		moving(sides ? say.takeOneSideOfIt() : say.takeOneSideOfItAt(), [
			{ ...crumpled(bag, 1, 1), marks: [...crumpled(bag, 1, 1).marks, ...pull(left + 8, -6)] },
			{ ...crumpled(bag, 0, 1), marks: [...crumpled(bag, 0, 1).marks, ...pull(left + 2, -6)] }
		]),
		mind(
			moving(say.theOtherSideTooPush(), [
				{ ...crumpled(bag, 0, 1), marks: [...crumpled(bag, 0, 1).marks, ...pull(right - 8, 126)] },
				{ ...crumpled(bag, 0, 0), marks: [...crumpled(bag, 0, 0).marks, ...pull(right - 2, 126)] }
			]),
			...(sides
				? [
						wrong(
							say.theSideFoldsLiePulled(),
							sketch(...bagMarks(wide, lying(wide)), tool('spot', 30, 40)),
							say.pushEachSideFoldIn()
						)
					]
				: [])
		),
		moving(
			sides
				? say.strokeFromTheSeamTo({
						middle: smallNumber(wallsAt(bag, bag.flatWidthMm / 2)),
						side: smallNumber(wallsAt(bag, 1))
					})
				: say.strokeFromTheSeamToThe(),
			[
				{
					...flat,
					marks: [
						...flat.marks,
						hand([(left + right) / 2, foot - 8], [(left + right) / 2 + 40, 78])
					]
				},
				{
					...flat,
					marks: [
						...flat.marks,
						hand([(left + right) / 2, foot - bag.bodyMm * scale + 6], [(left + right) / 2 + 50, 60])
					]
				}
			]
		),
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

/** The bag folded lengthwise, its handles and seam off or not, then end to end; beside it its layers seen from the edge. */
function packed(
	bag: Bag,
	side: number,
	end: number,
	isTrimmed: boolean,
	...marks: readonly SketchMark[]
): Sketch {
	const { foot, scale } = lying(bag);
	const [body, handle] = [bag.bodyMm * scale, bag.handleMm * scale];
	const width = (bag.flatWidthMm * scale) / 2 ** side;
	const off = isTrimmed ? 0.12 * body : 0;
	const low = foot - off;
	const high = (body - 2 * off) / 2 ** end;
	const packet = foldedPacket(end);
	const y = (layer: number) => 30 + layer * 7;
	const at = (part: number) => y(packet.layers.indexOf(part));
	return sketch(
		patch('film-other', ...board(12, low - high, width, high)),
		patch(
			'film',
			...board(
				12,
				isTrimmed ? low : low - high - handle,
				Math.min(width, 9),
				isTrimmed ? 0 : handle
			)
		),
		...(end > 0
			? [
					...packet.layers.map((part) =>
						thread(
							[
								[70, at(part)],
								[112, at(part)]
							],
							2.6,
							'film-line'
						)
					),
					...packet.folds.map(({ parts: [one, other], end: where }): SketchMark => {
						const x = where === 1 ? 112 : 70;
						const out = (where === 1 ? 1 : -1) * Math.abs(at(other) - at(one)) * 0.3;
						return thread(
							[
								[x, at(one)],
								[x + out, at(one)],
								[x + out, at(other)],
								[x, at(other)]
							],
							2.6,
							'film-line'
						);
					})
				]
			: []),
		...marks
	);
}

function folding({ bag, bagName }: OwnThings): ActStep[] {
	const { foot, scale } = lying(bag);
	const body = bag.bodyMm * scale;
	const width = (bag.flatWidthMm * scale) / 4;
	const of = (folds: number) =>
		cuttingStack(bag, { style: 'loops', equalStrips: 2 ** folds, ...trims }, 'scissors', 1);
	const cuts = foldedPacket(2).folds.length;
	const rings = foldedPacket(2).layers.length;
	// Two folds along the bag and two from end to end double the walls four times.
	const layers = 2 * 2 ** 4;
	const top = (end: number) => foot - 0.12 * body - (0.76 * body) / 2 ** end;
	return [
		moving(say.layFlatUntrimmedFoldIt({ bagName }), [
			packed(bag, 0, 0, false),
			packed(bag, 1, 0, false, hand([14 + width, foot - body / 2], [96, 60]))
		]),
		moving(say.onceMoreTheSameWay(), [
			packed(bag, 1, 0, false),
			packed(bag, 2, 0, false, hand([12 + width, foot - body / 2], [90, 60]))
		]),
		moving(
			say.nowSeamAndHandlesCome(),
			[
				packed(
					bag,
					2,
					0,
					false,
					dashed([8, foot - body], [20 + width, foot - body]),
					dashed([8, foot - 0.1 * body], [20 + width, foot - 0.1 * body])
				),
				packed(bag, 2, 0, true, tool('cut', 24 + width, foot - 0.1 * body, 90))
			],
			blade
		),
		mind(
			moving(say.foldThePacketEndTo(), [
				packed(bag, 2, 0, true),
				packed(bag, 2, 1, true, hand([12 + width, top(1)], [84, 4]))
			]),
			wrong(
				say.foldedBeforeTheHandlesAre(),
				packed(bag, 0, 1, false, tool('spot', 20, 30)),
				say.unfoldTakeSeamAndHandles()
			)
		),
		moving(say.onceMoreOneEndHolds(), [
			packed(bag, 2, 1, true),
			packed(bag, 2, 2, true, hand([12 + width, top(2)], [60, 4]))
		]),
		mind(
			moving(
				say.cutBothFoldedEndsOpen({
					layers,
					cuts: smallNumber(cuts),
					rings: smallNumber(rings)
				}),
				[
					packed(
						bag,
						2,
						2,
						true,
						dashed([74, 24], [74, 58]),
						dashed([108, 24], [108, 58]),
						tool('cut', 74, 16),
						tool('cut', 108, 16)
					)
				],
				blade
			),
			wrong(
				say.onlyOneEndWasCut(),
				packed(bag, 2, 2, true, tool('cut', 108, 16), tool('spot', 70, 41)),
				say.cutTheOtherEndToo()
			)
		),
		moving(
			of(2).bagsWithinLimit > 0
				? say.foldedSoScissorsTakeOfThese({ min: smallNumber(Math.min(20, of(2).bagsWithinLimit)) })
				: say.foldedSoThisBagIs(),
			[packed(bag, 2, 2, true)]
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
