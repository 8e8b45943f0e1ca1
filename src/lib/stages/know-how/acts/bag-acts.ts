import type { Bag } from '$lib/core/bag/measure-bag';
import { cutBag } from '$lib/core/cut/cut-bag';
import { sketchBag } from '$lib/core/cut/sketch-bag';
import { cuttingStack } from '$lib/core/cut/stack';
import type { Cut } from '$lib/core/cut/types';
import { DomainError } from '$lib/core/domain-error';
import { bagScene } from '$lib/core/drawing/bag-scene';
import type { Scene } from '$lib/core/drawing/scene';
import type { Sketch, SketchMark } from '$lib/core/drawing/sketch-scene';
import { formatLength } from '$lib/core/units/format-length';
import { bagMarks, endOn, lieBag } from '$lib/core/know-how/bag-pictures';
import { exerciseScene } from '$lib/core/know-how/exercise-scenes';
import { drawCut, measureWords } from '$lib/stages/plan/drawing/drawings';
import { fixed, smallNumber } from '$lib/ui/number-words';
import type { Act, ActStep, OwnThings } from './act';
import { blade, board, film, hygiene, move, moving, patch, sketch, still, tool, word } from './act';

/** The trims of the usual school, and a cut that goes into nearly any bag. */
const trims = { trimBottomMm: 50, trimTopMm: 50 } as const;
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
	bagScene(sketchBag(bag, { style: 'half-bag' }), measureWords(bag, system), box);

/** The group's bag in the middle of a sketch, and where it lies. */
const lying = (bag: Bag) => lieBag(bag, { left: 28, width: 64, foot: 68, height: 64 });
const bagWith = ({ bag }: OwnThings, ...marks: readonly SketchMark[]): Sketch =>
	sketch(...bagMarks(bag, lying(bag)), ...marks);

function sorting(own: OwnThings): ActStep[] {
	const { bag, bagName } = own;
	const { left, foot, scale } = lying(bag);
	const [middle, low] = [left + 0.5 * bag.flatWidthMm * scale, foot - 0.06 * bag.bodyMm * scale];
	const half = foot - 0.5 * bag.bodyMm * scale;
	return [
		moving(
			`Take one bag, here ${bagName}, empty it and hold it up to the light.`,
			[bagWith(own)],
			hygiene
		),
		moving('A hole or a tear in its body makes weak strand: keep it for stuffing.', [
			bagWith(own, tool('spot', middle, half), {
				show: 'disc',
				at: [middle, half],
				radius: 3,
				tone: 'ground'
			})
		]),
		moving('A hole close to the seam or in a handle does no harm: that part comes off.', [
			bagWith(own, tool('spot', middle, low), {
				show: 'disc',
				at: [middle, low],
				radius: 2,
				tone: 'ground'
			})
		]),
		moving('Crumple a corner. Film that cracks or crumbles goes to recycling.', [
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
		moving('What only smells is rinsed and hung. Lay the rest in piles: size, thickness, colour.', [
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
		moving(
			`Look into the bag from its open end: here ${bagName}, as it comes.`,
			[end('open')],
			film
		),
		moving(
			hasSides
				? 'Push both side folds in, one hand a side, until they lie between the layers.'
				: 'Lay it down with its two edges straight: it has no side folds.',
			[end('open'), end('half', move([4, 36], [22, 36]), move([116, 36], [98, 36]))]
		),
		moving('Press it flat, edges over edges. It must be a true rectangle, or its strips differ.', [
			end('half'),
			end('tucked', move([60, 8], [60, 26]))
		]),
		moving('Stroke the air out, from the seam up to the open end.', [
			bagWith(own, move([60, 62], [60, 20]))
		]),
		moving('Lay bags seam on seam, twenty to a batch: batches are how bags are counted.', [
			...[1, 6].map((count) =>
				sketch(
					...Array.from({ length: 6 }, (_, at) =>
						patch('film-other', ...board(24, 60 - Math.min(at, count - 1) * 6, 72, 4.4))
					),
					word('seams this side', [60, 14])
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
		return few === many ? `${few} layers` : `${few} layers, ${many} at the sides`;
	};
	return [
		moving(`Lay the trimmed bag flat, seam side towards you. Here it is ${bagName}.`, [
			folded(0, 0)
		]),
		moving(`Fold it in half, edges over edges: ${layers(1)}.`, [folded(0, 0), folded(1, 1)]),
		moving(`Once more in half: ${layers(2)}. Cut at the folds, and it gives four rings.`, [
			folded(1, 0),
			folded(2, 1)
		]),
		moving(
			of(2).bagsWithinLimit > 0
				? `Folded so, scissors take ${smallNumber(Math.min(20, of(2).bagsWithinLimit))} of these bags at a time before the hand tires.`
				: 'Folded so, this bag is too thick for scissors: fold it but once.',
			[folded(2, 1)],
			blade
		)
	];
}

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

export const bagActs = {
	sort: {
		when: 'Before anything else, at the door or at the table.',
		steps: sorting
	},
	flatten: {
		when: 'So that it cuts into strips of one width.',
		steps: flattening
	},
	fold: {
		when: 'Fold and fold again gives two, four or eight rings.',
		steps: folding
	},
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
