import type { Words } from './judged';

/** What is said of film, strips and stacks. */
export const ofBags = {
	'film-thin': (f) => ({
		call: 'Check the measures',
		why: `This film would be ${f.figure('filmUm', 1)} µm thick, thinner than any bag.`,
		act: 'Weigh a counted handful again and measure flat.'
	}),
	'film-thick': (f) => ({
		call: 'Check the measures',
		why: `This film would be ${f.figure('filmUm', 0)} µm thick, thicker than any bag.`,
		act: 'Was the handful counted? Measure flat.'
	}),
	'offcut-wasteful': (f) => ({
		call: `${f.small('offcutMm')} of every bag left over`,
		why: 'The strip width does not divide the body.',
		act: `${f.figure('evenStrips', 0)} strips of ${f.small('evenWidthMm')} use it all.`,
		cure: `Cut ${f.figure('evenStrips', 0)} strips`
	}),
	'short-strip': (f) => ({
		call: 'Last strip short',
		why: `It is ${f.small('shortMm')} instead of ${f.small('stripWidthMm')}, a little thinner in the hand.`,
		act: 'Spread the short ones through the mat.'
	}),
	'spiral-narrow': (f) => ({
		call: 'Narrow for thin film',
		why: `One ply of ${f.figure('filmUm', 0)} µm snaps when it is cut so narrow.`,
		act: `Cut at least ${f.small('leastMm')} wide, and check after the first two turns.`,
		cure: `Cut ${f.small('leastMm')} wide`
	}),
	'stack-too-thick': (f) => ({
		call: 'Stack too thick for the tool',
		why: `${f.figure('bags', 0)} bags folded so are ${f.figure('layers', 0)} layers at the gusset, ${f.figure('filmMm', 1)} mm of film; it tires above ${f.figure('limitMm', 1)} mm.`,
		act:
			f.value('bagsWithinLimit') < 1
				? 'Mark and cut instead of folding.'
				: `Take ${f.figure('bagsWithinLimit', 0)} at a time.`
	}),
	'strip-weak': (f) => ({
		call: 'Weak strand',
		why: `A joint holds about ${f.figure('holdsN', 0)} N: a careless pull snaps it.`,
		act: 'Cut wider, or work two strands together.',
		cure: 'Spin two together'
	})
} satisfies Words;
