import type { CountingState } from '$lib/core/hand-over/chain';

/** The chain from asks to bags as its page shows it. */
export interface SeasonChainNow {
	readonly asks: readonly {
		readonly id: number;
		readonly placeName: string;
		readonly byDay: string;
		readonly open: number;
		readonly counted: readonly { readonly state: CountingState }[];
		readonly maybe: readonly object[];
		readonly toBegin: number;
		readonly plan: { readonly id: string; readonly name: string } | null;
		readonly beginBy: string | null;
		readonly isLate: boolean;
	}[];
	readonly plans: readonly { readonly name: string; readonly wish: number }[];
	readonly balls: readonly { readonly colour: string; readonly balls: number }[];
	readonly bags: readonly {
		readonly kind: string | null;
		readonly colour: string;
		readonly toAsk: number;
		readonly toAskBy: number;
		readonly by: string | null;
		readonly source: { readonly id: string; readonly name: string } | null;
	}[];
}
