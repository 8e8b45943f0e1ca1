import { cutLessons as say } from '$lib/words/know-how';
import { cutBag } from '$lib/core/cut/cut-bag';
import { sketchBag } from '$lib/core/cut/sketch-bag';
import type { Cut } from '$lib/core/cut/types';
import { DomainError } from '$lib/core/domain-error';
import { bagScene } from '$lib/core/drawing/bag-scene';
import type { Scene } from '$lib/core/drawing/scene';
import { formatLength } from '$lib/core/units/format-length';
import { bagMarks, endOn } from '$lib/core/know-how/bag-pictures';
import { exerciseScene } from '$lib/core/know-how/exercise-scenes';
import { drawCut, drawnMeasureWords } from '$lib/stages/plan/drawing/drawings';
import { fixed, smallNumber } from '$lib/ui/number-words';
import type { Act, ActStep, OwnThings } from './lesson';
import {
	blade,
	board,
	film,
	lying,
	move,
	moving,
	patch,
	sketch,
	still,
	tool,
	trims
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

const trimSchools = [
	{ name: 'generous', mm: 50, how: say.threeFingersOffAtEach() },
	{ name: 'close', mm: 12, how: say.aFingersBreadthOffAt() },
	{ name: 'none', mm: 0, how: say.nothingOff() }
] as const;

const trimmed = (mm: number): Cut => ({
	style: 'loops',
	equalStrips: 4,
	trimBottomMm: mm,
	trimTopMm: mm
});

function trimming({ bag, bagName, system, box }: OwnThings): ActStep[] {
	const drawn = (mm: number) => drawCut(bag, trimmed(mm), system, box).scene;
	const came = (mm: number): string => {
		const cut = cutBag(bag, trimmed(mm));
		return say.gOfFilmForStrand({
			filmUsedG: fixed(cut.filmUsedG, 1),
			massG: fixed(bag.massG - cut.filmUsedG, 1)
		});
	};
	return [
		still(say.theWeldedSeamAndThe({ bagName }), drawn(50), blade),
		...trimSchools
			.filter(({ mm }) => mm > 0)
			.map(({ name, mm, how }) =>
				still(
					say.theSchoolItGives({
						name,
						how,
						formatLength: formatLength(mm, system, 'small'),
						came: came(mm)
					}),
					drawn(mm)
				)
			),
		moving(say.bagWhatComesOffAt(), [
			sketch(
				patch('film', [36, 30], [84, 30], [90, 68], [30, 68]),
				...[0, 1, 2, 3, 4, 5].map((at) =>
					patch('scrap', ...board(40 + (at % 3) * 14, 40 + Math.floor(at / 3) * 12, 10, 5))
				),
				move([60, 4], [60, 26])
			)
		])
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
			drawCut(bag, cut, system, box).scene
		),
		moving(say.openEachRingAndShake(), [
			sketch({ show: 'patch', points: endOn(bag, 'tucked', [60, 36], 0.11), tone: 'film' }),
			sketch({ show: 'patch', points: endOn(bag, 'open', [60, 36], 0.11), tone: 'film' })
		])
	];
}

function spiralSteps(own: OwnThings): ActStep[] {
	const { bag, bagName, system, box } = own;
	const cut = ownCut(own, usualSpiral);
	const turns = Math.max(
		4,
		Math.min(7, sketchBag(bag, cut).bands.filter(({ ring }) => ring !== null).length)
	);
	const slit = 3;
	const drawn = (to: number) => exerciseScene({ kind: 'slit', turns, slit }, to, box) ?? flat(own);
	return [
		still(say.layTheBagFlatHere({ bagName }), flat(own), film),
		still(say.slitItFromOneEdge(), drawCut(bag, cut, system, box).scene, blade),
		still(say.openTheMarginAndCut(), drawn(slit + 1)),
		still(say.cutStraightAcrossInsteadAnd(), drawn(slit)),
		still(say.lookAfterTheFirstTwo(), drawn(slit + 1))
	];
}

function halfSteps(own: OwnThings): ActStep[] {
	const { bag, bagName, system, box } = own;
	const { left, foot, scale } = lying(bag);
	const middle = left + 0.5 * bag.flatWidthMm * scale;
	const top = foot - bag.bodyMm * scale;
	return [
		still(
			say.nothingIsTrimmedLayFlat({ bagName }),
			drawCut(bag, { style: 'half-bag' }, system, box).scene,
			blade
		),
		moving(say.eachHalfHasAHandle(), [
			sketch(...bagMarks(bag, lying(bag)), {
				show: 'dashed',
				points: [
					[middle, top - 2],
					[middle, foot]
				]
			}),
			sketch(
				patch('film-other', ...board(left - 12, top, (bag.flatWidthMm * scale) / 2, foot - top)),
				patch('film-other', ...board(middle + 12, top, (bag.flatWidthMm * scale) / 2, foot - top)),
				move([middle - 4, 40], [middle - 11, 40]),
				move([middle + 4, 40], [middle + 11, 40])
			)
		]),
		moving(say.cutIntoTheFoldedCorner(), [
			sketch(
				patch('film-other', ...board(30, 12, 40, 54)),
				{ show: 'rod', from: [31, 66], to: [69, 66] },
				tool('cut', 34, 60),
				{
					show: 'dashed',
					points: [
						[28, 60],
						[48, 60]
					]
				}
			)
		]),
		moving(say.putYourHandThroughAnd(), [
			sketch({ show: 'patch', points: endOn(bag, 'tucked', [60, 36], 0.12), tone: 'film' }),
			sketch(
				{ show: 'patch', points: endOn(bag, 'open', [60, 36], 0.12), tone: 'film' },
				move([60, 36], [34, 36]),
				move([60, 36], [86, 36])
			)
		])
	];
}

export const cutActs = {
	trim: {
		when: say.beforeRingsSpiralsAndWhole(),
		practice: 'trim',
		schools: [
			{
				name: say.generous(),
				trade: say.noFrayedOrHalfFused()
			},
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
