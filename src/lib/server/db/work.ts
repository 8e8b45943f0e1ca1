import type { GroupId } from '../base/group-id';
import type { Parameter } from './ask';

/** What goes into the book with the first change of some work, in the transaction of that change. */
export type Along = (db: Writes) => Promise<void>;
/** What writes. */
interface Writes {
	readonly execute: (sql: string, values: readonly Parameter[]) => Promise<number>;
}

/** So long work that met a database standing still asks it nothing more, ms: a page is answered by then. */
const noMoreMs = 5000;

/** What every handle of one request or job shares: for which group it is, who does it, and what goes with its first change. */
export class Work {
	/** Until when a database that stood still is not waited for, by the clock of the process, ms. */
	#stillUntil = 0;
	#along: Along | null;

	constructor(
		/** Undefined for what belongs to the house and to no group: there the database shows no rows of groups. */
		readonly groupId: GroupId | undefined,
		/** The account that does it; null where no one is signed in. */
		readonly accountId: string | null,
		along: Along | null
	) {
		this.#along = along;
	}

	/** The group that the database is told. */
	get groupSaid(): GroupId | undefined {
		// To measure what the walls cost. Where there are walls, who says no group sees nothing.
		return process.env.NEST_ROW_NO_WALLS === 'yes' ? undefined : this.groupId;
	}

	/** Whether the database just stood still for this work: then it is not waited for once more. */
	get isStill(): boolean {
		return this.#stillUntil > performance.now();
	}

	/** Says that the database stood still for it. What is asked for the house is asked by many, and asked each time. */
	markStill(): void {
		if (this.groupId !== undefined) this.#stillUntil = performance.now() + noMoreMs;
	}

	/** Whether something is to be written with the first change. */
	get hasAlong(): boolean {
		return this.#along !== null;
	}

	/** Takes what is to be written with the first change, so that nobody else does; undone where the change comes to nothing. */
	takeAlong(): { readonly write: Along; readonly giveBack: () => void } | null {
		const along = this.#along;
		if (along === null) return null;
		this.#along = null;
		return { write: along, giveBack: () => (this.#along = along) };
	}
}
