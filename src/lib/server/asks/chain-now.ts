import { Answers } from '$lib/server/db/cache';
import type { Db } from '$lib/server/db/db';
import { listKinds } from '$lib/server/gather/kinds';
import type { AskNeed, PlanNeed } from '$lib/server/need/need';
import { seasonTables } from '$lib/server/season/season-now';
import type { LackedColour } from '$lib/core/store/allocate-store';
import type { HallDay } from '$lib/ui/reader';
import { loadAsks } from './load-asks';
import type { BallsBy } from './season-asks';

/** What is lacking, what to ask for, by when, and of whom. */
export interface BagsToAsk {
	readonly kind: string | null;
	readonly colour: LackedColour;
	readonly toAsk: number;
	/** Of those, how many are to be there by a day; null where none presses. */
	readonly toAskBy: number;
	readonly by: string | null;
	readonly source: { readonly id: string; readonly name: string } | null;
}

/** From what is asked to what to ask which source for. */
export interface Chain {
	readonly asks: readonly AskNeed[];
	readonly plans: readonly PlanNeed[];
	readonly balls: readonly BallsBy[];
	readonly bags: readonly BagsToAsk[];
}

const chains = new Answers<Chain>(seasonTables);

/** The chain as it stands today; read anew when anything of it was kept since. */
export const chainNow = (db: Db, { today, timeZone }: HallDay, mark?: string): Promise<Chain> => {
	const now = { today, timeZone };
	return chains.of(
		db,
		now,
		async () => {
			const { need, toWind, asks } = await loadAsks(db, null, listKinds(db), now);
			return {
				asks: need.asks,
				plans: need.plans,
				balls: toWind,
				bags: asks.map(({ kind, colour, toAsk, toAskBy, by, source }) => ({
					...{ kind, colour, toAsk, toAskBy, by, source }
				}))
			};
		},
		mark
	);
};
