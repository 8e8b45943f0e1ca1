import { seatKeeper as say } from '$lib/words/table-day';
import type { DaySeat } from './day-view';

/** The day whose seats are kept: what stands here, and whether it stands against what the page brings. */
interface Seated {
	readonly day: { readonly version: number };
	readonly seats: readonly DaySeat[];
	isAhead: boolean;
}

/** How sending seats went: they are kept, another's stand, or why they must be sent again. */
export type SeatsSent = 'kept' | 'refused' | { readonly why: string };

/**
 * Keeps the seats of a day as they are moved: at once, one keeping after the other, each going by the
 * version the one before left. What is not kept stands here still, whatever the page brings meanwhile.
 */
export class SeatKeeper {
	isKeeping = $state(false);
	/** Why the seats that stand here are not kept, where they are to be sent again. */
	said = $state('');
	/** The version that the seats here follow from; null while they are the page's own. */
	#from: number | null = null;
	/** The seats that are on their way. */
	#sent: readonly DaySeat[] | null = null;

	/**
	 * @param send seats for a version, which they make the next
	 * @param renew reads the page anew
	 */
	constructor(
		private readonly bench: Seated,
		private readonly send: (version: number, seats: readonly DaySeat[]) => Promise<SeatsSent>,
		private readonly renew: () => Promise<unknown>
	) {}

	/** Whether something stands here that is not on its way even: lost, were the page left now. */
	get isUnsent(): boolean {
		return this.bench.isAhead && this.bench.seats !== this.#sent;
	}

	/** Keeps the seats as they stand by now. Called at each move. */
	async keep(): Promise<void> {
		this.bench.isAhead = true;
		if (this.isKeeping) return;
		this.isKeeping = true;
		while (this.bench.isAhead) {
			if (!(await this.#keepOnce())) break;
		}
		this.isKeeping = false;
	}

	/** @returns whether more may go at once */
	async #keepOnce(): Promise<boolean> {
		const { bench } = this;
		const version = (this.#from ??= bench.day.version);
		const sent = (this.#sent = bench.seats);
		const outcome = await this.send(version, sent);
		this.#sent = null;
		if (typeof outcome === 'object') {
			this.said = say.notKeptYetTheSeats({ why: outcome.why });
			return false;
		}
		this.said = '';
		if (outcome === 'kept') {
			this.#from = version + 1;
			if (bench.seats !== sent) return true;
		}
		// Where somebody else set them, theirs stand.
		bench.isAhead = false;
		await this.renew();
		if (!bench.isAhead) this.#from = null;
		return true;
	}
}
