import { mirrorPath } from '$lib/core/drawing/mirror-path';
import type { Mark, Scene } from '$lib/core/drawing/scene';
import type { ActStep } from './lessons/lesson';

/** Which hand holds the hook, the blade, the strand. */
export const hands = ['right', 'left'] as const;
export type Hand = (typeof hands)[number];

const other = {
	right: 'left',
	left: 'right',
	clockwise: 'anticlockwise',
	anticlockwise: 'clockwise'
} as const;

/** Words for a hand: what stands in brackets, a side or a way of turning, is the other one for the left hand. */
const wordsFor = (words: string, hand: Hand): string =>
	words.replace(/\[(right|left|clockwise|anticlockwise)\]/g, (_, said: keyof typeof other) =>
		hand === 'right' ? said : other[said]
	);

/** A step's words for a hand, and those of what goes wrong at it. */
export const sidesFor = (step: ActStep, hand: Hand): ActStep => ({
	...step,
	words: wordsFor(step.words, hand),
	...(step.instead && {
		instead: step.instead.map((one) => ({
			...one,
			words: wordsFor(one.words, hand),
			back: wordsFor(one.back, hand)
		}))
	})
});

const ends = { start: 'end', middle: 'middle', end: 'start' } as const;

function mirrored(mark: Mark, width: number): Mark {
	if ('path' in mark) return { ...mark, path: mirrorPath(mark.path, width) };
	if ('words' in mark) return { ...mark, x: width - mark.x, anchor: ends[mark.anchor ?? 'start'] };
	return { ...mark, x: width - mark.x - mark.width };
}

/** A drawing as the left hand sees it: its sides changed, its words still to be read. */
export const forHand = (scene: Scene, hand: Hand): Scene =>
	hand === 'right'
		? scene
		: { ...scene, marks: scene.marks.map((mark) => mirrored(mark, scene.width)) };
