import type { Judgement } from '$lib/core/judge/judgement';
import type { TechniqueKind } from '$lib/core/techniques/technique';
import type { LengthSystem } from '$lib/core/units/format-length';
import { formatLength, trimmed } from '$lib/core/units/format-length';
import { hookName } from '$lib/ui/stitch-words';

/** What a judgement says: the call, why, and what to do. */
export interface JudgementWords {
	readonly call: string;
	readonly why: string;
	readonly act: string | null;
	/** What the button says that does it, where one choice would cure it. */
	readonly cure?: string;
}

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

export function judgementWords(
	{ code, figures }: Judgement,
	system: LengthSystem,
	kind: TechniqueKind
): JudgementWords {
	const value = (name: string): number => figures[name] ?? NaN;
	const small = (name: string) => formatLength(value(name), system, 'small');
	const mat = (name: string) => formatLength(value(name), system, 'mat');
	const cover = `Cover ${trimmed(value('cover'), 2)}`;
	const hooks = `This strand suits a hook of ${trimmed(value('nearMm'), 1)} to ${trimmed(value('farMm'), 1)} mm.`;
	// Where the hook chosen is the nearest there is, it is the strip that can give.
	const isNearest = value('suggestedMm') === value('hookMm');
	const tryHook = (strip: string) =>
		isNearest
			? `No nearer hook is usual: cut a ${strip} strip.`
			: `Try ${hookName(value('suggestedMm'))}.`;
	const useHook = `Take ${trimmed(value('suggestedMm'), 1)} mm`;
	const closer =
		'closerHookMm' in figures ? `Take ${trimmed(value('closerHookMm'), 1)} mm` : 'Beat it firm';
	switch (code) {
		case 'cover-close':
			return {
				call: 'Close',
				why: `${cover}: a fingertip should not go through if the tension is even.`,
				act: null
			};
		case 'cover-fair':
			return {
				call: 'Fair',
				why: `${cover}: a fingertip may find a way through here and there.`,
				act: closerBy[kind].fair,
				cure: closer
			};
		case 'cover-gaps':
			return {
				call: 'Gaps',
				why: `${cover}: a fingertip goes through, and so does the cold.`,
				act: closerBy[kind].gaps,
				cure: closer
			};
		case 'hook-small':
			return {
				call: 'Hook small for the strand',
				why: hooks,
				act: tryHook('narrower'),
				cure: useHook
			};
		case 'hook-large':
			return {
				call: 'Hook large for the strand',
				why: hooks,
				act: tryHook('wider'),
				cure: useHook
			};
		case 'film-thin':
			return {
				call: 'Check the measures',
				why: `This film would be ${trimmed(value('filmUm'), 1)} µm thick, thinner than any bag.`,
				act: 'Weigh a counted handful again and measure flat.'
			};
		case 'film-thick':
			return {
				call: 'Check the measures',
				why: `This film would be ${trimmed(value('filmUm'), 0)} µm thick, thicker than any bag.`,
				act: 'Was the handful counted? Measure flat.'
			};
		case 'offcut-wasteful':
			return {
				call: `${small('offcutMm')} of every bag left over`,
				why: 'The strip width does not divide the body.',
				act: `${trimmed(value('evenStrips'), 0)} strips of ${small('evenWidthMm')} use it all.`,
				cure: `Cut ${trimmed(value('evenStrips'), 0)} strips`
			};
		case 'short-strip':
			return {
				call: 'Last strip short',
				why: `It is ${small('shortMm')} instead of ${small('stripWidthMm')}, a little thinner in the hand.`,
				act: 'Spread the short ones through the mat.'
			};
		case 'mat-shorter-than-sleeper':
			return {
				call: 'Shorter than the sleeper',
				why: `The mat comes out ${mat('lengthMm')} long; the sleeper drawn is ${mat('sleeperMm')}.`,
				act: 'Add length, or choose it on purpose for someone smaller.',
				cure: 'Make it long enough'
			};
		case 'spiral-narrow':
			return {
				call: 'Narrow for thin film',
				why: `One ply of ${trimmed(value('filmUm'), 0)} µm snaps when it is cut so narrow.`,
				act: `Cut at least ${small('leastMm')} wide, and check after the first two turns.`,
				cure: `Cut ${small('leastMm')} wide`
			};
		case 'stack-too-thick':
			return {
				call: 'Stack too thick for the tool',
				why: `${trimmed(value('bags'), 0)} bags folded so are ${trimmed(value('layers'), 0)} layers at the gusset, ${trimmed(value('filmMm'), 1)} mm of film; it tires above ${trimmed(value('limitMm'), 1)} mm.`,
				act:
					value('bagsWithinLimit') < 1
						? 'Mark and cut instead of folding.'
						: `Take ${trimmed(value('bagsWithinLimit'), 0)} at a time.`
			};
		case 'mat-narrow':
			return {
				call: 'Narrow to lie on',
				why: `${mat('widthMm')} is less than the usual ${mat('leastMm')} and more.`,
				act: 'Make it wider, or choose it on purpose for someone smaller.',
				cure: `Make it ${mat('leastMm')} wide`
			};
		case 'size-missed':
			return {
				call: 'Comes out another width',
				why: `Whole bands make it ${mat('widthMm')} wide instead of ${mat('wantedMm')}.`,
				act: 'Choose another strand, or take the width it comes to.'
			};
		case 'pieces-do-not-fit':
			return {
				call: 'Loops do not fit the strand',
				why: `${trimmed(value('pieces'), 0)} loops reach ${trimmed(value('fitShare') * 100, 0)} % of the way from peg to peg.`,
				act: value('isShortened')
					? `Shorten one loop of each strand to ${mat('shortMm')}.`
					: `Add a short piece of ${mat('shortMm')} to each strand.`
			};
		case 'knot-at-peg':
			return {
				call: 'Knot too near a peg',
				why: `A knot falls ${small('knotMm')} from the peg and jams when the mat comes off; keep the last ${small('freeMm')} free.`,
				act: 'Put the short piece between two others.',
				cure: 'Short piece in the middle'
			};
		case 'weft-wider-than-warp':
			return {
				call: 'Weft thicker than warp',
				why: `The weft is ${trimmed(value('weftMm'), 1)} mm thick, the warp ${trimmed(value('warpMm'), 1)} mm: it will not beat close.`,
				act: 'Cut the weft narrower than the warp.'
			};
		case 'warp-crowded':
			return {
				call: 'Pegs too close',
				why: `Warp and weft together are thicker than the ${small('pitchMm')} between pegs.`,
				act: `Set the pegs ${small('needMm')} apart.`,
				cure: `Pegs ${small('needMm')} apart`
			};
		case 'rows-meet-wrongly':
			return {
				call: 'Rows meet alike in the middle',
				why: `After ${trimmed(value('nearRows'), 0)} rows from one end and ${trimmed(value('farRows'), 0)} from the other, two neighbours go over the same strands.`,
				act: 'Begin the far end with the other pass, or add or drop one row.',
				cure: 'Begin the far end with the other pass'
			};
		case 'panels-needed':
			return {
				call: 'More than one panel',
				why: `The frame is smaller than the mat: ${trimmed(value('across'), 0)} side by side, ${trimmed(value('along'), 0)} along, with ${mat('seamMm')} of seams.`,
				act: 'Join them along the warp; plan the colours before starting.'
			};
		case 'panels-end-to-end':
			return {
				call: 'Panels end to end',
				why: 'A seam across the sleeper pulls at the ends of the warp.',
				act: 'Use a frame as long as the mat.'
			};
		case 'strip-weak':
			return {
				call: 'Weak strand',
				why: `A joint holds about ${trimmed(value('holdsN'), 0)} N: a careless pull snaps it.`,
				act: 'Cut wider, or work two strands together.',
				cure: 'Spin two together'
			};
	}
}
