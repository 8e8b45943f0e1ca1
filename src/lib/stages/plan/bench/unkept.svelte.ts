import type { Fields } from '$lib/stages/plan/fields';
import { convertFields } from '$lib/stages/plan/fields';
import type { Bench } from './bench.svelte';
import { readBenchDraft, writeBenchDraft } from './kept-here';

/** What is on the bench and not kept yet, its name among it: remembered on this device, so that it survives a reload. */
export class Unkept {
	name = $state('');
	/** It was brought back from before the page was loaded. */
	isBroughtBack = $state(false);
	#first = $state.raw<{ readonly fields: Fields; readonly name: string }>() as {
		readonly fields: Fields;
		readonly name: string;
	};
	#isRecalled = $state(false);
	/** Nothing has changed since the page came, or since it was kept. */
	isAsFirst = $derived.by(
		() =>
			this.name === this.#first.name &&
			Object.entries(this.#first.fields).every(
				([field, text]) => this.bench.fields[field as keyof Fields] === text
			)
	);

	/** @param place the plan's own, or `new`; @param version the version it began from */
	constructor(
		private readonly bench: Bench,
		private readonly place: string,
		private readonly version: () => number,
		name: string
	) {
		this.name = name;
		this.#first = { fields: { ...bench.fields }, name };
	}

	/**
	 * Brings back what this device remembers, where it may.
	 * @returns the version it began from: another may have been kept since; null where nothing is brought back
	 */
	recall(mayBringBack: boolean): number | null {
		const draft = readBenchDraft(this.place);
		const isBack = mayBringBack && draft !== null;
		if (isBack) {
			const { bench } = this;
			Object.assign(bench.fields, convertFields(draft.fields, draft.system, bench.system));
			bench.note();
			this.name = draft.name;
			this.isBroughtBack = !this.isAsFirst;
		}
		this.#isRecalled = true;
		return isBack ? draft.version : null;
	}

	/** Remembers a moment after the last change; runs as an effect. */
	remember(): (() => void) | undefined {
		if (!this.#isRecalled) return;
		const { bench, name } = this;
		const version = this.version();
		const draft = this.isAsFirst
			? null
			: { fields: { ...bench.fields }, name, system: bench.system, version };
		const timer = setTimeout(() => writeBenchDraft(this.place, draft), 250);
		return () => clearTimeout(timer);
	}

	/** What is on the bench is kept now. */
	noteKept(): void {
		this.#first = { fields: { ...this.bench.fields }, name: this.name };
	}

	forget(): void {
		writeBenchDraft(this.place, null);
	}

	startOver(): void {
		Object.assign(this.bench.fields, this.#first.fields);
		this.bench.note();
		this.name = this.#first.name;
		this.isBroughtBack = false;
	}
}
