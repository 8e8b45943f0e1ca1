import { cutLessons as say } from '$lib/words/know-how';
import { cutBag } from '$lib/core/cut/cut-bag';
import { sketchBag } from '$lib/core/cut/sketch-bag';
import type { Cut } from '$lib/core/cut/types';
import { DomainError } from '$lib/core/domain-error';
import { bagScene } from '$lib/core/drawing/bag-scene';
import type { Scene } from '$lib/core/drawing/scene';
import type { Sketch, SketchMark } from '$lib/core/drawing/sketch-scene';
import type { Point } from '$lib/core/drawing/smooth-line';
import { bagMarks, bagOutline, endOn } from '$lib/core/acts/bag-pictures';
import { halfBagRing, piecesOfSpiral, spiralCuts } from '$lib/core/acts/cut-pictures';
import { formatLength } from '$lib/core/units/format-length';
import { drawCut, drawnMeasureWords } from '$lib/stages/plan/drawing/drawings';
import { fixed, smallNumber } from '$lib/ui/number-words';
import type { Act, ActStep, OwnThings } from './lesson';
import {
	blade,
	board,
	dashed,
	film,
	hand,
	lying,
	mind,
	move,
	moving,
	patch,
	sketch,
	still,
	thread,
	tool,
	trims,
	wrong
} from './lesson';

/** Cuts that go into nearly any bag. */
const usualRings: Cut = { style: 'loops', equalStrips: 4, ...trims };
const usualSpiral: Cut = { style: 'spiral', stripWidthMm: 50, ...trims };

/** The group's own cut where it is of that style and goes into the bag; else the usual one. */
const ownCut = ({ bag, cut }: OwnThings, usual: Cut): Cut => {
	if (cut?.style !== usual.style) return usual;
	try {
		sketchBag(bag, cut);
		return cut;
	} catch (error) {
		if (!(error instanceof DomainError)) throw error;
		return usual;
	}
};

const flat = ({ bag, system, box }: OwnThings): Scene =>
	bagScene(sketchBag(bag, { style: 'half-bag' }), drawnMeasureWords(bag, system), box);

/** The bag without its handles, without its seam, so far off as they came; where its open ends are seen into. */
function tube(
	{ bag }: OwnThings,
	seamMm: number,
	isHeaded: boolean,
	isFooted: boolean,
	...marks: readonly SketchMark[]
): Sketch {
	const { left, foot, scale } = lying(bag);
	const width = bag.flatWidthMm * scale;
	const top = foot - bag.bodyMm * scale;
	const low = foot - seamMm * scale;
	const opening = (y: number, dark: boolean): SketchMark => ({
		show: 'patch',
		points: Array.from({ length: 24 }, (_, at): Point => {
			const angle = (2 * Math.PI * at) / 24;
			return [left + width / 2 + (width / 2) * Math.cos(angle), y + 3 * Math.sin(angle)];
		}),
		tone: dark ? 'quiet' : 'film-other'
	});
	const drop = isHeaded ? 0 : 10;
	const handles = bagOutline(bag, lying(bag)).map(([x, y]): Point => [
		x,
		Math.min(y, top + 0.04 * bag.bodyMm * scale)
	]);
	return sketch(
		...(isFooted
			? []
			: [patch('scrap', ...board(left, Math.min(low + 4, 66), width, Math.max(2, foot - low)))]),
		...(isFooted ? [] : [opening(low, false)]),
		isHeaded && isFooted
			? { show: 'patch', points: bagOutline(bag, lying(bag)), tone: 'film-other' }
			: patch('film-other', ...board(left, top + 2, width, low - top - 2)),
		...(isFooted
			? [{ show: 'rod', from: [left + 1, foot], to: [left + width - 1, foot] } as const]
			: []),
		...(isHeaded
			? []
			: [
					opening(top + 2, true),
					{
						show: 'patch',
						points: handles.map(([x, y]): Point => [x + 34, y + drop]),
						tone: 'scrap'
					} as const
				]),
		...marks
	);
}

function trimming(own: OwnThings): ActStep[] {
	const { bag, bagName, system } = own;
	const { left, foot, scale } = lying(bag);
	const right = left + bag.flatWidthMm * scale;
	const top = foot - bag.bodyMm * scale;
	const given = (mm: number) => {
		const cut = cutBag(bag, { style: 'loops', equalStrips: 4, trimBottomMm: mm, trimTopMm: mm });
		return {
			filmUsedG: fixed(cut.filmUsedG, 1),
			massG: fixed(bag.massG - cut.filmUsedG, 1),
			length: formatLength(mm, system, 'small')
		};
	};
	const seam = (mm: number): SketchMark[] => [
		dashed([left - 6, foot - mm * scale], [right + 6, foot - mm * scale]),
		tool('cut', right + 8, foot - mm * scale, 90)
	];
	return [
		moving(
			say.layFlatCutStraightAcross({ bagName }),
			[
				tube(
					own,
					0,
					true,
					true,
					dashed([left - 6, top + 2], [right + 6, top + 2]),
					tool('cut', right + 8, top + 2, 90)
				),
				tube(own, 0, false, true)
			],
			blade
		),
		moving(say.cutAboveTheWeldThree(given(50)), [tube(own, 0, false, true, ...seam(50))], blade),
		moving(say.aFingerSBreadthLeaves(given(12)), [tube(own, 0, false, true, ...seam(12))]),
		moving(say.nowItIsATube(), [tube(own, 0, false, true), tube(own, 40, false, false)]),
		moving(
			say.aStripOfPlasticWelded(),
			[
				tube(
					own,
					40,
					false,
					false,
					patch('film', ...board((left + right) / 2 - 3, top + 6, 6, foot - top - 20)),
					dashed([(left + right) / 2 - 4.4, top + 6], [(left + right) / 2 - 4.4, foot - 12]),
					dashed([(left + right) / 2 + 4.4, top + 6], [(left + right) / 2 + 4.4, foot - 12])
				)
			],
			blade
		),
		moving(
			say.bagWhatComesOffAt(),
			[
				sketch(
					patch('film', [36, 30], [84, 30], [90, 68], [30, 68]),
					...[0, 1, 2, 3, 4, 5].map((at) =>
						patch('scrap', ...board(40 + (at % 3) * 14, 40 + Math.floor(at / 3) * 12, 10, 5))
					),
					move([60, 4], [60, 26])
				)
			],
			film
		)
	];
}

function ringSteps(own: OwnThings): ActStep[] {
	const { bag, bagName, system, box } = own;
	const cut = ownCut(own, usualRings);
	const { pieces } = cutBag(bag, cut);
	return [
		still(say.layTheBagFlatIts({ bagName }), flat(own), film),
		still(
			say.cutOffTheWeldedSeam(),
			drawCut(bag, { style: 'whole-tube', ...trims }, system, box).scene,
			blade
		),
		still(
			say.foldItUpFromThe({ pieces: smallNumber(pieces) }),
			drawCut(bag, cut, system, box).scene,
			blade
		),
		mind(
			still(say.aLastStripCountsFrom(), drawCut(bag, cut, system, box).scene),
			wrong(
				say.aStripTwiceAsWide(),
				sketch(
					...[0, 1, 2].map((at) => patch('film-other', ...board(24, 10 + at * 13, 72, 10))),
					patch('film-other', ...board(24, 49, 72, 20)),
					tool('spot', 88, 59)
				),
				say.cutItDownItsMiddle()
			)
		),
		moving(say.openEachRingAndShake(), [
			sketch({ show: 'patch', points: endOn(bag, 'tucked', [60, 36], 0.11), tone: 'film' }),
			sketch({ show: 'patch', points: endOn(bag, 'open', [60, 36], 0.11), tone: 'film' })
		])
	];
}

const slits = 4;
/** The tube lying across, its folded part so high, slits so far up it. */
const folded = (low: number, flap: number, cut: number, ...marks: readonly SketchMark[]): Sketch =>
	sketch(
		patch('film-other', ...board(14, 10, 92, low - 10)),
		patch('film', ...board(14, low - flap, 92, flap)),
		...spiralCuts(slits)
			.near.slice(0, cut)
			.map(([x]) =>
				thread(
					[
						[x, low],
						[x, 20]
					],
					1.6
				)
			),
		...marks
	);
const margin = dashed([10, 20], [110, 20]);
/** The tube unfolded, an arm in it, its spine on top: slits from both sides, slants over it. */
function onArm(cuts: ReturnType<typeof spiralCuts>, ...marks: readonly SketchMark[]): Sketch {
	return sketch(
		thread(
			[
				[-4, 36],
				[124, 36]
			],
			22,
			'ink'
		),
		thread(
			[
				[-4, 36],
				[124, 36]
			],
			20,
			'ground'
		),
		patch('film-other', ...board(14, 10, 92, 52)),
		...cuts.near.map(([x, y]) =>
			thread(
				[
					[x, 62],
					[x, y]
				],
				2,
				'ink'
			)
		),
		...cuts.far.map(([x, y]) =>
			thread(
				[
					[x, 10],
					[x, y]
				],
				2,
				'ink'
			)
		),
		...cuts.slants.map(([from, to]) => thread([from, to], 2, 'ink')),
		...marks
	);
}
const cutAt = (slant: number, ...more: readonly SketchMark[]): Sketch => {
	const cuts = spiralCuts(slits, slant + 1);
	const last = cuts.slants.at(-1);
	return onArm(
		cuts,
		...(last ? [tool('cut', (last[0][0] + last[1][0]) / 2, 34, 205)] : []),
		...more
	);
};

function spiralSteps(own: OwnThings): ActStep[] {
	const { bag, bagName, system } = own;
	const cut = ownCut(own, usualSpiral);
	// A bag too small for a spiral has none.
	sketchBag(bag, cut);
	const step = formatLength(
		cut.style === 'spiral' && 'stripWidthMm' in cut && cut.stripWidthMm ? cut.stripWidthMm : 50,
		system,
		'small'
	);
	const good = spiralCuts(slits);
	return [
		moving(
			say.layTheTrimmedTubeAcross({ bagName }),
			[folded(62, 0, 0), folded(42, 22, 0, margin, hand([60, 22], [84, 76]))],
			film
		),
		moving(say.foldTheFoldedPartOnce(), [
			folded(42, 22, 0, margin),
			folded(31, 11, 0, margin, hand([60, 22], [84, 76]))
		]),
		mind(
			moving(
				say.slitFromTheFoldUp({ step }),
				[folded(31, 11, 0, margin), folded(31, 11, slits, margin, tool('cut', 96, 32, 180))],
				blade
			),
			wrong(
				say.aSlitRunsIntoThe(),
				folded(
					31,
					11,
					slits,
					margin,
					thread(
						[
							[51, 31],
							[51, 13]
						],
						1.6
					),
					tool('spot', 51, 16)
				),
				say.cutTheNextOnesShorter()
			)
		),
		moving(say.unfoldPutYourArmInto(), [onArm(spiralCuts(slits, 0))]),
		moving(say.firstCutFromTheOutside(), [onArm(spiralCuts(slits, 0)), cutAt(0)], blade),
		mind(
			moving(say.nextFromTheEndOf(), [cutAt(0), cutAt(1)], blade),
			wrong(
				say.aCutStraightAcrossThat(),
				onArm(spiralCuts(slits, slits + 1, { at: slits, way: 'straight' }), tool('spot', 88, 36)),
				say.joinTheLoopOnWith()
			),
			wrong(
				say.aSlantPassesASlit(),
				onArm(spiralCuts(slits, 3, { at: 2, way: 'skips' }), tool('spot', 70, 34)),
				say.cutThatPieceAlongIts()
			)
		),
		moving(say.stopPullTheseTwoOut(), [
			cutAt(1),
			cutAt(1, tool('look', 30, 36), hand([30, 60], [16, 80]))
		]),
		moving(
			say.onInTheSameWay({
				slits: smallNumber(slits),
				slants: smallNumber(good.slants.length)
			}),
			[cutAt(1), cutAt(2), cutAt(3), cutAt(4)],
			blade
		),
		moving(say.pullItOutIntoOneStrip({ turns: smallNumber(piecesOfSpiral(good).strips[0] ?? 0) }), [
			sketch(
				...Array.from({ length: slits + 1 }, (_, at) =>
					patch(
						'film-other',
						[14 + at * 18, 16],
						[26 + at * 18, 16],
						[32 + at * 18, 58],
						[20 + at * 18, 58]
					)
				),
				...Array.from({ length: slits }, (_, at) =>
					thread(
						[
							[26 + at * 18, 58],
							[32 + at * 18, 16]
						],
						5,
						'film-line'
					)
				)
			)
		])
	];
}

/** The whole bag, one handle left and one right, and its halves so far apart. */
function halved(own: OwnThings, apart: number, ...marks: readonly SketchMark[]): Sketch {
	const { bag } = own;
	const place = lying(bag);
	const middle = place.left + (bag.flatWidthMm * place.scale) / 2;
	const outline = bagOutline(bag, place);
	const half = (side: 1 | -1): SketchMark => ({
		show: 'patch',
		points: outline.map(([x, y]): Point => [
			(side === 1 ? Math.max(x, middle) : Math.min(x, middle)) + side * apart,
			y
		]),
		tone: 'film-other'
	});
	return sketch(
		half(-1),
		half(1),
		{
			show: 'rod',
			from: [place.left - apart + 1, place.foot],
			to: [middle - apart - 1, place.foot]
		},
		{
			show: 'rod',
			from: [middle + apart + 1, place.foot],
			to: [place.left + bag.flatWidthMm * place.scale + apart - 1, place.foot]
		},
		...marks
	);
}

/** One half opened: a ring, its two walls so far apart, the seam and the handle's tip where they hang together. */
function opened(own: OwnThings, wide: number, lies: number): Sketch {
	const { bag } = own;
	const { foot, scale } = lying(bag);
	const long = halfBagRing(bag).halfLengthMm * scale;
	const [x, y] = [60, foot - long / 2];
	const turn = (lies * Math.PI) / 2;
	const count = 40;
	const places = Array.from({ length: count }, (_, at): readonly [number, number, number] => {
		const angle = (2 * Math.PI * at) / count;
		const [up, out] = [
			(long / 2) * Math.cos(angle),
			wide * Math.sign(Math.sin(angle)) * Math.abs(Math.sin(angle)) ** 0.5
		];
		return [
			x + out * Math.cos(turn) - up * Math.sin(turn),
			y - up * Math.cos(turn) - out * Math.sin(turn),
			0
		];
	});
	return sketch({
		show: 'ropes',
		ropes: [{ points: places, wide: 6, tone: 'film-other', isClosed: true }]
	});
}

function halfSteps(own: OwnThings): ActStep[] {
	const { bag, bagName } = own;
	const { left, foot, scale } = lying(bag);
	const width = bag.flatWidthMm * scale;
	const middle = left + width / 2;
	const [top, rim] = [foot - bag.bodyMm * scale, foot - (bag.bodyMm + bag.handleMm) * scale];
	const side = left - 14;
	const gather = dashed([side, rim + 8], [side, foot - 5]);
	const long = (halfBagRing(bag).halfLengthMm * scale) / 2;
	const at = foot - long;
	const marks = (one: Point, other: Point): SketchMark[] => [
		tool('look', ...one),
		tool('look', ...other)
	];
	return [
		moving(
			say.nothingIsTrimmedLayFlatAnd({ bagName }),
			[
				halved(own, 0, dashed([middle, top - 2], [middle, foot])),
				halved(own, 0, dashed([middle, top - 2], [middle, foot]), hand([middle, top + 10], [96, 4]))
			],
			film
		),
		mind(
			moving(
				say.cutThroughItFromThe(),
				[
					halved(own, 0, tool('cut', middle, top + 2)),
					halved(own, 0, tool('cut', middle, foot - 4)),
					halved(own, 14)
				],
				blade
			),
			wrong(
				say.theMiddleWasGatheredUnevenly(),
				sketch(
					...bagMarks(bag, lying(bag)),
					dashed([middle - 9, top], [middle - 9, foot]),
					tool('spot', middle - 9, top + 18)
				),
				say.layThickHalvesWithThick()
			)
		),
		moving(say.takeOneHalfFrontAnd(), [
			halved(own, 14, ...marks([left - 8, rim + 2], [left - 4, foot - 2]))
		]),
		moving(say.gatherTheWholeSideFold(), [
			halved(own, 14, gather),
			halved(own, 14, gather, hand([side + 2, (rim + foot) / 2], [-6, 8]))
		]),
		mind(
			moving(
				say.cutThroughAllOfThe(),
				[
					halved(own, 14, gather, tool('cut', side, rim + 12)),
					halved(own, 14, gather, tool('cut', side, foot - 10))
				],
				blade
			),
			wrong(
				say.theSeamWasCutToo(),
				halved(
					own,
					14,
					dashed([side, rim + 8], [side, foot + 2]),
					tool('spot', side + 4, foot - 4)
				),
				say.useItAsAnOpen()
			),
			wrong(
				say.aHandleWasInThe(),
				sketch(
					patch('film-other', ...board(left - 14, top, width / 2, foot - top)),
					patch('film-other', ...board(middle + 14, rim, width / 2, foot - rim)),
					tool('spot', left, top)
				),
				say.layTheNextBagWith()
			)
		),
		moving(say.openItOneLongLoop(), [opened(own, 3.4, 0), opened(own, 14, 0)]),
		moving(say.pullItSoThatSeam(), [
			opened(own, 14, 0),
			opened(own, 9, 1),
			{
				...opened(own, 9, 1),
				marks: [
					...opened(own, 9, 1).marks,
					tool('look', 60, at - 9),
					tool('look', 60, at + 9),
					move([60 - long - 4, at], [60 - long - 14, at]),
					move([60 + long + 4, at], [60 + long + 14, at])
				]
			}
		])
	];
}

export const cutActs = {
	trim: {
		when: say.beforeRingsSpiralsAndWhole(),
		practice: 'trim',
		schools: [
			{ name: say.generous(), trade: say.noFrayedOrHalfFused() },
			{ name: say.close(), trade: say.moreFilmInStrandLook() },
			{ name: say.none(), trade: say.onlyForHalfBagsThe() }
		],
		steps: trimming
	},
	rings: {
		when: say.forStrandOfLoopsJoined(),
		schools: [
			{ name: say.loops(), trade: say.quickToCutManyJoints() },
			{ name: say.oneLongStrip(), trade: say.oneKnotABagSlow() },
			{ name: say.halfBags(), trade: say.nothingWastedFewJointsA() }
		],
		steps: ringSteps
	},
	spiral: {
		when: say.aSpiralStrandWithA(),
		practice: 'slit',
		steps: spiralSteps
	},
	'half-bag': {
		when: say.forThickStrandOfWhole(),
		steps: halfSteps
	}
} as const satisfies Record<string, Act>;
