// Many days by chance and the best move, off the page's own thread.
import type { SeatMove, Spare } from '$lib/core/assembly-line/best-move';
import { bestMove } from '$lib/core/assembly-line/best-move';
import type { LineDay } from '$lib/core/assembly-line/day';
import type { DaysByChance } from '$lib/core/assembly-line/many-days';
import { daysByChance } from '$lib/core/assembly-line/many-days';
import type { FreePerson } from '$lib/core/assembly-line/people';
import type { SeatRules } from '$lib/core/assembly-line/rules';
import { usualSpreads } from '$lib/core/assembly-line/seeded-chance';

export interface ToDayWorker {
	readonly run: number;
	readonly day: LineDay;
	readonly people: readonly FreePerson[];
	readonly rules: SeatRules;
	readonly spare: readonly Spare[];
	/** Days by chance, 0 where none are shown. */
	readonly runs: number;
}
export type FromDayWorker =
	| { readonly tell: 'progress'; readonly run: number; readonly share: number }
	| { readonly tell: 'move'; readonly run: number; readonly move: SeatMove | null }
	| { readonly tell: 'days'; readonly run: number; readonly days: DaysByChance };

/** Moments along each day. */
const moments = 61;
/** Moves are tried this far apart, s. */
const everyS = 900;
const tell = (message: FromDayWorker) => self.postMessage(message);

self.onmessage = ({
	data: { run, day, people, rules, spare, runs }
}: MessageEvent<ToDayWorker>) => {
	tell({ tell: 'move', run, move: bestMove(day, people, rules, 0, everyS, spare) });
	if (runs === 0) return;
	const days = daysByChance(day, { runs, seed: 1, spreads: usualSpreads }, moments, (ran) => {
		if (ran % 10 === 0) tell({ tell: 'progress', run, share: ran / runs });
	});
	tell({ tell: 'days', run, days });
};
