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
	{ name: 'generous', mm: 50, how: 'three fingers off at each end' },
	{ name: 'close', mm: 12, how: 'a finger’s breadth off at each end' },
	{ name: 'none', mm: 0, how: 'nothing off' }
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
		return `${fixed(cut.filmUsedG, 1)} g of film for strand and ${fixed(bag.massG - cut.filmUsedG, 1)} g of scrap a bag`;
	};
	return [
		still(
			`The welded seam and the handles come off. Lay ${bagName} flat, seam towards you.`,
			drawn(50),
			blade
		),
		...trimSchools
			.filter(({ mm }) => mm > 0)
			.map(({ name, mm, how }) =>
				still(
					`The ${name} school: ${how}, ${formatLength(mm, system, 'small')}. It gives ${came(mm)}.`,
					drawn(mm)
				)
			),
		moving('Bag what comes off at once: scraps stuff pillows, and loose they blow away.', [
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
		still(
			`Lay the bag flat, its sides tucked in and its air out. Here it is ${bagName}.`,
			flat(own),
			film
		),
		still(
			'Cut off the welded seam below and the handles above. What comes off stuffs pillows.',
			drawCut(bag, { style: 'whole-tube', ...trims }, system, box).scene,
			blade
		),
		still(
			`Fold it up from the seam and cut straight across: ${smallNumber(pieces)} rings of one width.`,
			drawCut(bag, cut, system, box).scene
		),
		moving('Open each ring and shake it out: it is a band without an end.', [
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
		still(`Lay the bag flat. Here it is ${bagName}.`, flat(own), film),
		still(
			'Slit it from one edge up to a margin at the other, slit by slit, seam and handles off.',
			drawCut(bag, cut, system, box).scene,
			blade
		),
		still(
			'Open the margin, and cut each slit on a slant over to the next one up.',
			drawn(slit + 1)
		),
		still('Cut straight across instead, and that turn falls out as a ring.', drawn(slit)),
		still('Look after the first two slants: is it still one strip? Then go on.', drawn(slit + 1))
	];
}

function halfSteps(own: OwnThings): ActStep[] {
	const { bag, bagName, system, box } = own;
	const { left, foot, scale } = lying(bag);
	const middle = left + 0.5 * bag.flatWidthMm * scale;
	const top = foot - bag.bodyMm * scale;
	return [
		still(
			`Nothing is trimmed. Lay ${bagName} flat, and cut between the handles down its middle.`,
			drawCut(bag, { style: 'half-bag' }, system, box).scene,
			blade
		),
		moving('Each half has a handle, half the seam, and one long fold at its side.', [
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
		moving('Cut into the folded corner, just short of the seam, as far as a hand is wide.', [
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
		moving(
			'Put your hand through and open it: one very wide ring, seam and handle in its middle.',
			[
				sketch({ show: 'patch', points: endOn(bag, 'tucked', [60, 36], 0.12), tone: 'film' }),
				sketch(
					{ show: 'patch', points: endOn(bag, 'open', [60, 36], 0.12), tone: 'film' },
					move([60, 36], [34, 36]),
					move([60, 36], [86, 36])
				)
			]
		)
	];
}

export const cutActs = {
	trim: {
		when: 'Before rings, spirals and whole tubes.',
		practice: 'trim',
		schools: [
			{
				name: 'Generous',
				trade: 'no frayed or half-fused edge; less film in strand, more for pillows.'
			},
			{ name: 'Close', trade: 'more film in strand; look for half-fused film at the seam.' },
			{ name: 'None', trade: 'with the half bag alone: the seam lies in mid piece.' }
		],
		steps: trimming
	},
	rings: {
		when: 'For strand of loops, joined one through the other.',
		schools: [
			{ name: 'Rings', trade: 'quick to cut, many joints; strong, for it is two plies.' },
			{ name: 'One long strip', trade: 'one knot a bag; slow to cut, weaker for its width.' },
			{ name: 'Half bags', trade: 'nothing wasted, few joints; a thick strand, not even.' }
		],
		steps: ringSteps
	},
	spiral: {
		when: 'A spiral: strand with a single knot a bag.',
		practice: 'slit',
		steps: spiralSteps
	},
	'half-bag': {
		when: 'For thick strand of whole bags, nothing trimmed.',
		steps: halfSteps
	}
} as const satisfies Record<string, Act>;
