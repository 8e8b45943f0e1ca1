import type { Judgement } from '../core/judge/judge-plan';
import type { LengthSystem } from '../core/units/format-length';
import { formatLength, trimmed } from '../core/units/format-length';
import { hookName } from './stitch-words';

/** What a judgement says: the call, why, and what to do. */
export interface JudgementWords {
	readonly call: string;
	readonly why: string;
	readonly act: string | null;
}

export function judgementWords({ code, figures }: Judgement, system: LengthSystem): JudgementWords {
	const value = (name: string): number => figures[name] ?? NaN;
	const small = (name: string) => formatLength(value(name), system, 'small');
	const mat = (name: string) => formatLength(value(name), system, 'mat');
	const cover = `Cover ${trimmed(value('cover'), 2)}`;
	const hooks = `This strand suits a hook of ${trimmed(value('nearMm'), 1)} to ${trimmed(value('farMm'), 1)} mm.`;
	const tryHook = `Try ${hookName(value('suggestedMm'))}.`;
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
				act: 'A smaller hook or a wider strip closes it.'
			};
		case 'cover-gaps':
			return {
				call: 'Gaps',
				why: `${cover}: a fingertip goes through, and so does the cold.`,
				act: 'Take a smaller hook, a wider strip or a shorter stitch.'
			};
		case 'hook-small':
			return { call: 'Hook small for the strand', why: hooks, act: tryHook };
		case 'hook-large':
			return { call: 'Hook large for the strand', why: hooks, act: tryHook };
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
				act: `${trimmed(value('evenStrips'), 0)} strips of ${small('evenWidthMm')} use it all.`
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
				act: 'Add length, or choose it on purpose for someone smaller.'
			};
		case 'strip-weak':
			return {
				call: 'Weak strand',
				why: `A joint holds about ${trimmed(value('holdsN'), 0)} N: a careless pull snaps it.`,
				act: 'Cut wider, or work two strands together.'
			};
	}
}
