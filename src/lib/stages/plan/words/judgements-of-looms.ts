import { trimmed } from '$lib/core/units/format-length';
import type { Words } from './judged';

/** What is said of pegs, nails and panels. */
export const ofLooms = {
	'pieces-do-not-fit': (f) => ({
		call: 'Loops do not fit the strand',
		why: `${f.figure('pieces', 0)} loops reach ${trimmed(f.value('fitShare') * 100, 0)} % of the way from peg to peg.`,
		act: f.value('isShortened')
			? `Shorten one loop of each strand to ${f.mat('shortMm')}.`
			: `Add a short piece of ${f.mat('shortMm')} to each strand.`
	}),
	'knot-at-peg': (f) => ({
		call: 'Knot too near a peg',
		why: `A knot falls ${f.small('knotMm')} from the peg and jams when the mat comes off; keep the last ${f.small('freeMm')} free.`,
		act: 'Put the short piece between two others.',
		cure: 'Short piece in the middle'
	}),
	'weft-wider-than-warp': (f) => ({
		call: 'Weft thicker than warp',
		why: `The weft is ${f.figure('weftMm', 1)} mm thick, the warp ${f.figure('warpMm', 1)} mm: it will not beat close.`,
		act: 'Cut the weft narrower than the warp.'
	}),
	'warp-crowded': (f) => ({
		call: 'Pegs too close',
		why: `Warp and weft together are thicker than the ${f.small('pitchMm')} between pegs.`,
		act: `Set the pegs ${f.small('needMm')} apart.`,
		cure: `Pegs ${f.small('needMm')} apart`
	}),
	'rows-meet-wrongly': (f) => ({
		call: 'Rows meet alike in the middle',
		why: `After ${f.figure('nearRows', 0)} rows from one end and ${f.figure('farRows', 0)} from the other, two neighbours go over the same strands.`,
		act: 'Begin the far end with the other pass, or add or drop one row.',
		cure: 'Begin the far end with the other pass'
	}),
	'panels-needed': (f) => ({
		call: 'More than one panel',
		why: `The frame is smaller than the mat: ${f.figure('across', 0)} side by side, ${f.figure('along', 0)} along, with ${f.mat('seamMm')} of seams.`,
		act: 'Join them along the warp; plan the colours before starting.'
	}),
	'panels-end-to-end': () => ({
		call: 'Panels end to end',
		why: 'A seam across the sleeper pulls at the ends of the warp.',
		act: 'Use a frame as long as the mat.'
	})
} satisfies Words;
