import { lesson as say } from '$lib/words/know-how';
import type { Bag } from '$lib/core/bag/measure-bag';
import { bagPresets } from '$lib/core/bag/presets';
import { defaults } from '$lib/core/defaults';
import type { Cut } from '$lib/core/cut/types';
import type { Rope } from '$lib/core/drawing/rope';
import type { Box, Scene, Tone } from '$lib/core/drawing/scene';
import type { Sketch, SketchMark } from '$lib/core/drawing/sketch-scene';
import { sketchScene, sketchSize } from '$lib/core/drawing/sketch-scene';
import type { ToolName } from '$lib/core/drawing/sketch-tools';
import type { Point } from '$lib/core/drawing/smooth-line';
import { lieBag } from '$lib/core/acts/bag-pictures';
import type { ExerciseKind } from '$lib/core/know-how/exercises';
import type { Stitch } from '$lib/core/techniques/crochet/stitches';
import type { Loom, NailFrame } from '$lib/core/tools/tools';
import type { LengthSystem } from '$lib/core/units/format-length';
import type { StitchTerms } from '$lib/ui/stitch-words';

/** What an act is drawn from: the group's own bag, strip and tools, and how lengths and stitches are written. */
export interface OwnThings {
	readonly bag: Bag;
	readonly bagName: string;
	/** How the group's plan cuts it; null where there is no plan. */
	readonly cut: Cut | null;
	readonly hookMm: number | null;
	/** Bags the group winds into a ball. */
	readonly bagsABall: number;
	/** The stitch the group crochets with. */
	readonly stitch: Stitch;
	readonly loom: Loom | null;
	readonly frame: NailFrame | null;
	readonly system: LengthSystem;
	readonly terms: StitchTerms;
	/** The room each drawing has. */
	readonly box: Box;
}

/** What acts are drawn from where no group's things are known. */
export const usualThings = {
	bag: bagPresets[0].bag,
	cut: null,
	hookMm: null,
	bagsABall: defaults.batchSize.value,
	stitch: 'sc',
	loom: null,
	frame: null
} as const satisfies Partial<OwnThings>;

/** How a step is drawn: as it moves, the last as it is left lying; or as it stands, laid out for its room. */
export type Drawn = { readonly frames: readonly Sketch[] } | { readonly scene: Scene };

/** One step of an act: what is done, drawn. */
export interface ActStep {
	readonly words: string;
	readonly drawn: Drawn;
	readonly caution: string | null;
	/** What it looks like where it went wrong, and the way back. */
	readonly instead?: readonly Mistake[];
}

/** A step gone wrong: what one sees, drawn, and the way back. */
export interface Mistake {
	readonly words: string;
	readonly drawn: Drawn;
	readonly back: string;
}

/** One way that practised hands go, and what it trades. */
export interface PractisedWay {
	readonly name: string;
	readonly trade: string;
}

/** An act: when it is done, how, and where practised hands differ. */
export interface Act {
	readonly when: string;
	readonly practice?: ExerciseKind;
	readonly schools?: readonly PractisedWay[];
	readonly steps: (own: OwnThings) => readonly ActStep[];
}

/** Nineteen letters wide: its words can be read on the narrowest phone with the largest type, and it is drawn larger where there is room. */
export const box: Box = { width: 228, tallest: 170, type: 12 };

export const moving = (
	words: string,
	frames: readonly Sketch[],
	caution: string | null = null
): ActStep => ({ words, drawn: { frames }, caution });

export const still = (words: string, scene: Scene, caution: string | null = null): ActStep => ({
	words,
	drawn: { scene },
	caution
});

/** A step as it is left lying. */
export const sceneOf = ({ drawn }: Pick<ActStep, 'drawn'>, { width, type }: Box): Scene => {
	if ('scene' in drawn) return drawn.scene;
	const last = drawn.frames.at(-1);
	return last ? sketchScene(last, width, type) : { width, height: type, marks: [] };
};

/** What it looks like where a step went wrong. */
export const wrong = (words: string, drawn: Sketch, back: string): Mistake => ({
	words,
	drawn: { frames: [drawn] },
	back
});

/** A step with what goes wrong at it. */
export const mind = (step: ActStep, ...instead: readonly Mistake[]): ActStep => ({
	...step,
	instead
});

// What sketches are made of.
export const sketch = (...marks: readonly SketchMark[]): Sketch => ({ fabrics: [], marks });
export const ropes = (...all: readonly (Rope | readonly Rope[])[]): SketchMark => ({
	show: 'ropes',
	ropes: all.flatMap((one) => ('points' in one ? [one] : [...one]))
});
export const move = (from: Point, to: Point): SketchMark => ({ show: 'move', from, to });
export const word = (words: string, at: Point): SketchMark => ({ show: 'word', words, at });
export const tool = (show: ToolName, x: number, y: number, turn = 0): SketchMark => ({
	show,
	at: [x, y],
	turn
});
/** A hand at a place, its arm from that side, and from beyond the edge: no arm ends in the air. */
export function hand(at: Point, from: Point): SketchMark {
	const [dx, dy] = [from[0] - at[0], from[1] - at[1]];
	const beyond = 8;
	/** How far along its way an arm leaves the picture through one pair of edges. */
	const out = (place: number, way: number, size: number): number =>
		way === 0 ? Infinity : ((way > 0 ? size + beyond : -beyond) - place) / way;
	const far = Math.max(
		1,
		Math.min(out(at[0], dx, sketchSize.width), out(at[1], dy, sketchSize.height))
	);
	return { show: 'hand', at, from: [at[0] + far * dx, at[1] + far * dy] };
}
export const turning = (at: Point, radius: number, from: number, to: number): SketchMark => ({
	show: 'turn',
	at,
	radius,
	from,
	to
});
export const thread = (points: readonly Point[], wide = 1, tone: Tone = 'ink'): SketchMark => ({
	show: 'line',
	points,
	wide,
	tone
});
export const dashed = (...points: readonly Point[]): SketchMark => ({ show: 'dashed', points });
export const patch = (tone: Tone, ...points: readonly Point[]): SketchMark => ({
	show: 'patch',
	points,
	tone
});
export const board = (x: number, y: number, width: number, height: number): readonly Point[] => [
	[x, y],
	[x + width, y],
	[x + width, y + height],
	[x, y + height]
];
/** The trims of the usual school. */
export const trims = { trimBottomMm: 50, trimTopMm: 50 } as const;
/** Where the group's bag lies in the middle of a sketch. */
export const lying = (bag: Bag) => lieBag(bag, { left: 28, width: 64, foot: 68, height: 64 });
/** An arm that strands lie about: a broad one of its own. */
export const arm = (from: Point, to: Point, wide = 15): Rope => ({
	points: [
		[from[0], from[1], 0],
		[(from[0] + to[0]) / 2, (from[1] + to[1]) / 2, 0],
		[to[0], to[1], 0]
	],
	wide,
	tone: 'ground'
});

// Cautions, at the step they belong to.
export const blade = say.rollingBladesAreForTrained();
export const film = say.keepBagsAndScrapsAway();
export const hygiene = say.glovesOrWashedHandsFor();
export const tiring = say.takeBreaksAndChangeSeats();
export const rodsCaution = say.rodsAndPegsStandUnder();
export const neck = say.aSlingAcrossTheBody();
export const fire = say.plasticFilmBurnsAndDrips();
