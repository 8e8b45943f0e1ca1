import type { Bag } from '$lib/core/bag/measure-bag';
import type { Box, Scene } from '$lib/core/drawing/scene';
import { bagScene } from '$lib/core/drawing/bag-scene';
import { turnScene } from '$lib/core/drawing/bands-scene';
import { sketchBag } from '$lib/core/cut/sketch-bag';
import { DomainError } from '$lib/core/domain-error';
import { exerciseScene } from '$lib/core/know-how/exercise-scenes';
import type { ExerciseKind } from '$lib/core/know-how/exercises';
import { crossingsHome } from '$lib/core/techniques/bands/braid';
import type { Cut } from '$lib/core/cut/types';
import type { LengthSystem } from '$lib/core/units/format-length';
import { drawCut, measureWords } from '$lib/stages/plan/drawing/drawings';
import { smallNumber } from '$lib/ui/number-words';

/** What an act is drawn from: the group's own bag, and how lengths are written. */
export interface OwnThings {
	readonly bag: Bag;
	readonly bagName: string;
	readonly system: LengthSystem;
	/** The room each drawing has. */
	readonly box: Box;
}

/** One step of an act: what is done, drawn. */
export interface ActStep {
	readonly words: string;
	readonly scene: Scene;
	readonly caution: string | null;
}

export const actNames = ['rings', 'spiral', 'over-under', 'band-turn'] as const;
export type ActName = (typeof actNames)[number];

/** The act of a name that comes from elsewhere; null where there is none. */
export const actOf = (name: string): ActName | null => actNames.find((one) => one === name) ?? null;

/** What an act is called, when it is done, and what practises it. */
export const acts: Readonly<
	Record<
		ActName,
		{ readonly title: string; readonly when: string; readonly practice: ExerciseKind | null }
	>
> = {
	rings: {
		title: 'Cut a bag into rings',
		when: 'For strand of loops, joined one through the other.',
		practice: null
	},
	spiral: {
		title: 'Cut a bag into one long strip',
		when: 'For strand with a single knot a bag.',
		practice: 'slit'
	},
	'over-under': {
		title: 'Weave over and under',
		when: 'On a peg loom and on a frame, row by row.',
		practice: 'over-under'
	},
	'band-turn': {
		title: 'Braid the turn of a band',
		when: 'At the end of a finger-woven band, before it goes back.',
		practice: 'crossings'
	}
};

/** Nineteen letters wide: its words can be read on the narrowest phone with the largest type, and it is drawn larger where there is room. */
export const box: Box = { width: 228, tallest: 170, type: 12 };
const blade =
	'Rolling blades are for trained adults: away from the body, gloves on, closed when put down. Blunt scissors for children. Local rules and whoever is responsible come first.';
const film = 'Keep bags and scraps away from babies and small children: film can suffocate.';
const step = (words: string, scene: Scene, caution: string | null = null): ActStep => ({
	words,
	scene,
	caution
});

/** The trims of the usual school, and a cut that goes into nearly any bag. */
const trims = { trimBottomMm: 50, trimTopMm: 50 } as const;
const ringsCut: Cut = { style: 'loops', equalStrips: 4, ...trims };
const spiralCut: Cut = { style: 'spiral', stripWidthMm: 50, ...trims };

const flat = ({ bag, system, box }: OwnThings): Scene =>
	bagScene(sketchBag(bag, { style: 'half-bag' }), measureWords(bag, system), box);

const turnsOf = (bag: Bag): number =>
	sketchBag(bag, spiralCut).bands.filter(({ ring }) => ring !== null).length;

function ringSteps(own: OwnThings): ActStep[] {
	const { bag, bagName, system, box } = own;
	return [
		step(
			`Lay the bag flat, its sides tucked in and its air out. Here it is ${bagName}.`,
			flat(own),
			film
		),
		step(
			'Cut off the welded seam below and the handles above. What comes off stuffs pillows.',
			drawCut(bag, { style: 'whole-tube', ...trims }, system, box).scene,
			blade
		),
		step(
			'Fold it up from the seam and cut straight across: rings of one width.',
			drawCut(bag, ringsCut, system, box).scene
		)
	];
}

function spiralSteps(own: OwnThings): ActStep[] {
	const { bag, bagName, system, box } = own;
	const turns = Math.max(4, Math.min(7, turnsOf(bag)));
	const slit = 3;
	const drawn = (to: number) => exerciseScene({ kind: 'slit', turns, slit }, to, box) ?? flat(own);
	return [
		step(`Lay the bag flat. Here it is ${bagName}.`, flat(own), film),
		step(
			'Slit it from one edge up to a margin at the other, slit by slit, seam and handles off.',
			drawCut(bag, spiralCut, system, box).scene,
			blade
		),
		step('Open the margin, and cut each slit on a slant over to the next one up.', drawn(slit + 1)),
		step('Cut straight across instead, and that turn falls out as a ring.', drawn(slit))
	];
}

function weaveSteps({ box }: OwnThings): ActStep[] {
	const strands = 7;
	const of = (row: number, strand: number) => {
		const facts = { kind: 'over-under', strands, row, strand } as const;
		const scene = exerciseScene(facts, (row + strand) % 2 === 0 ? 1 : 0, box);
		return scene ? [scene] : [];
	};
	const drawn = [of(1, strands), of(2, 1), of(2, 2), of(2, strands), of(4, strands)].flat();
	const words = [
		'The first row goes over one strand and under the next, to the far side.',
		'The second begins the other way: under what the first went over …',
		'… and over what it went under.',
		'So each row binds the one before it.',
		'Push each row down on the one before, close, and go on.'
	];
	return drawn.flatMap((scene, at) => {
		const said = words[at];
		return said ? [step(said, scene)] : [];
	});
}

const braidSteps = ({ box }: OwnThings): ActStep[] =>
	Array.from({ length: crossingsHome(3) + 1 }, (_, made) =>
		step(
			made === 0
				? 'Three strands lie side by side at the end of the band.'
				: made === crossingsHome(3)
					? `With ${smallNumber(made)} crossings every strand is home again: the band goes back in the same order.`
					: made === 3
						? 'After three the outer strands lie in each other’s place: go on.'
						: made % 2 === 1
							? 'The right strand over its neighbour.'
							: 'The left strand over its neighbour.',
			turnScene(3, made, crossingsHome(3), box)
		)
	);

/** The steps of an act; null where the group's bag cannot be cut so. */
export function stepsOf(act: ActName, own: OwnThings): ActStep[] | null {
	try {
		switch (act) {
			case 'rings':
				return ringSteps(own);
			case 'spiral':
				return spiralSteps(own);
			case 'over-under':
				return weaveSteps(own);
			case 'band-turn':
				return braidSteps(own);
		}
	} catch (error) {
		if (!(error instanceof DomainError)) throw error;
		return null;
	}
}
