import type { Practice } from '$lib/core/practice/practice';
import type { Tally } from '$lib/core/estimate/estimate';
import { estimatePlan } from '$lib/core/estimate/estimate';
import type { Plan } from '$lib/core/model/types';
import type { Pin } from './kept-here';
import { mostPins, readPins, writePins } from './kept-here';

export interface PinnedPlan extends Pin {
	readonly tally: Tally;
}

const isSamePlan = (a: Plan, b: Plan): boolean => JSON.stringify(a) === JSON.stringify(b);

/** Up to four plans put beside the one on the bench; the first is the one it is measured against. */
export class Pins {
	#pins = $state.raw<readonly Pin[]>([]);
	all = $derived.by((): readonly PinnedPlan[] =>
		this.#pins.map((pin) => ({ ...pin, tally: estimatePlan(pin.plan, this.practice).tally }))
	);
	first = $derived.by(() => this.all[0] ?? null);
	isFull = $derived.by(() => this.#pins.length >= mostPins);

	constructor(private readonly practice: Practice) {}

	/** Brings back what this device remembers. */
	recall(): void {
		this.#set(readPins());
	}

	has(plan: Plan): boolean {
		return this.#pins.some((pin) => isSamePlan(pin.plan, plan));
	}

	/** Pins a plan at the end; a full board loses its last. */
	add(name: string, plan: Plan): void {
		if (this.has(plan)) return;
		this.#set([...this.#pins.slice(0, mostPins - 1), { name, plan }]);
	}

	remove(index: number): void {
		this.#set(this.#pins.filter((_, at) => at !== index));
	}

	/** Puts a pin first, to be measured against. */
	measureAgainst(index: number): void {
		const pin = this.#pins[index];
		if (pin) this.#set([pin, ...this.#pins.filter((_, at) => at !== index)]);
	}

	#set(pins: readonly Pin[]): void {
		this.#pins = pins;
		writePins(pins);
	}
}
