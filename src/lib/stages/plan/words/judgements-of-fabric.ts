import type { TechniqueKind } from '$lib/core/techniques/technique';
import { hookName } from '$lib/ui/stitch-words';
import type { Judged, Words } from './judged';

/** What would bring the rows closer, in each technique's own words; beating is for looms. */
const closerBy: Readonly<Record<TechniqueKind, { readonly fair: string; readonly gaps: string }>> =
	{
		crochet: {
			fair: 'Take a smaller hook or a wider strip.',
			gaps: 'Take a smaller hook, a wider strip or a shorter stitch.'
		},
		'peg-loom': {
			fair: 'Beat the rows firmer, or cut the weft wider.',
			gaps: 'Beat the rows firmer, cut the weft wider, or set the pegs closer.'
		},
		twined: {
			fair: 'Push the rows closer, or cut a wider strip.',
			gaps: 'Push the rows closer, cut a wider strip, or set the nails closer.'
		},
		'finger-bands': {
			fair: 'Draw the weaver a little snugger, or take a bulkier strand.',
			gaps: 'Take a bulkier strand, and draw the weaver snug without curling the band.'
		}
	};

const coverOf = (f: Judged) => `Cover ${f.figure('cover', 2)}`;
const hooksFor = (f: Judged) =>
	`This strand suits a hook of ${f.figure('nearMm', 1)} to ${f.figure('farMm', 1)} mm.`;
/** Where the hook chosen is the nearest there is, it is the strip that can give. */
const tryHook = (f: Judged, strip: string) =>
	f.value('suggestedMm') === f.value('hookMm')
		? `No nearer hook is usual: cut a ${strip} strip.`
		: `Try ${hookName(f.value('suggestedMm'))}.`;
const useHook = (f: Judged) => `Take ${f.figure('suggestedMm', 1)} mm`;
const closer = (f: Judged) =>
	'closerHookMm' in f.figures ? `Take ${f.figure('closerHookMm', 1)} mm` : 'Beat it firm';

/** What is said of closeness, hooks and size. */
export const ofFabric = {
	'cover-close': (f) => ({
		call: 'Close',
		why: `${coverOf(f)}: a fingertip should not go through if the tension is even.`,
		act: null
	}),
	'cover-fair': (f) => ({
		call: 'Fair',
		why: `${coverOf(f)}: a fingertip may find a way through here and there.`,
		act: closerBy[f.kind].fair,
		cure: closer(f)
	}),
	'cover-gaps': (f) => ({
		call: 'Gaps',
		why: `${coverOf(f)}: a fingertip goes through, and so does the cold.`,
		act: closerBy[f.kind].gaps,
		cure: closer(f)
	}),
	'hook-small': (f) => ({
		call: 'Hook small for the strand',
		why: hooksFor(f),
		act: tryHook(f, 'narrower'),
		cure: useHook(f)
	}),
	'hook-large': (f) => ({
		call: 'Hook large for the strand',
		why: hooksFor(f),
		act: tryHook(f, 'wider'),
		cure: useHook(f)
	}),
	'size-missed': (f) => ({
		call: 'Comes out another width',
		why: `Whole bands make it ${f.mat('widthMm')} wide instead of ${f.mat('wantedMm')}.`,
		act: 'Choose another strand, or take the width it comes to.'
	}),
	'mat-narrow': (f) => ({
		call: 'Narrow to lie on',
		why: `${f.mat('widthMm')} is less than the usual ${f.mat('leastMm')} and more.`,
		act: 'Make it wider, or choose it on purpose for someone smaller.',
		cure: `Make it ${f.mat('leastMm')} wide`
	}),
	'mat-shorter-than-sleeper': (f) => ({
		call: 'Shorter than the sleeper',
		why: `The mat comes out ${f.mat('lengthMm')} long; the sleeper drawn is ${f.mat('sleeperMm')}.`,
		act: 'Add length, or choose it on purpose for someone smaller.',
		cure: 'Make it long enough'
	})
} satisfies Words;
