import { slip as say } from '$lib/words/common';
/** The same press once more within so short a time is a slip of the finger; later it is another act, ms. */
export const slipMs = 400;

/** What is said of a press that was one with the press before. */
export const countedOnce = say.pressedTwiceAtOnceIt();

/** Tells a slip of the finger from a second act that is the same as the first. */
export class Slips {
	#last: { readonly what: string; readonly at: number } | null = null;

	/** Notes a press that counts. */
	note(what: string): void {
		this.#last = { what, at: performance.now() };
	}

	/** It did not count: pressing again is an act. */
	forget(): void {
		this.#last = null;
	}

	/** Whether this press is the one before it, made twice. */
	isSlip(what: string): boolean {
		return this.#last?.what === what && performance.now() - this.#last.at < slipMs;
	}
}
