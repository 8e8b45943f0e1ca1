import { lacking as say } from '$lib/words/plan';
import { tick } from 'svelte';
import { firstOf } from '../words/step-fields';
import type { StepName } from '../words/step-lines';
import type { Bench } from './bench.svelte';

/** What stands in the way of keeping a plan: said aloud, and shown at its place with the focus there. */
export class Lacking {
	/** What was missing when keeping was tried, until it is there or something else is begun. */
	shown = $state<{ readonly at: 'name' | StepName; readonly words: string } | null>(null);

	constructor(
		private readonly bench: Bench,
		private readonly name: () => string,
		/** Brings what stands within a step, so that its fields are there. */
		private readonly fetch: (step: StepName) => Promise<unknown>
	) {}

	get isAnything(): boolean {
		return !this.bench.isCurrent || !this.name().trim();
	}

	/** Called where any of it may have changed. */
	look(): void {
		if (this.shown?.at === 'name' ? this.name().trim() : this.bench.isCurrent) this.shown = null;
	}

	/** Opens the step of what is missing and gives its field the focus. */
	async show(): Promise<void> {
		const { bench } = this;
		const first = bench.isCurrent ? null : firstOf(bench.reading.problems);
		if (first) {
			const words = bench.problemAt(first.field) ?? say.checkTheMarkedField();
			bench.open(first.step);
			this.shown = { at: first.step, words: say.notKeptYet({ words }) };
			await tick();
			// Without network the field is there as the server wrote it.
			await this.fetch(first.step).catch(() => undefined);
			await tick();
			focusOn(first.field);
		} else if (!this.name().trim()) {
			const words = say.notKeptYetGiveThe();
			this.shown = { at: 'name', words };
			focusOn('name');
		}
	}
}

function focusOn(id: string): void {
	const field = document.getElementById(id);
	field?.scrollIntoView({ block: 'center' });
	field?.focus();
}
