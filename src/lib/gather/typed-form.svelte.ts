import type { LengthSystem } from '$lib/core/units/format-length';
import { readEntry } from './entries';
import type { Sentences } from './form-reader';
import type { EntryQueue } from './queue.svelte';

/** A form whose entry goes by way of the device's own shelf. */
export class TypedForm {
	typed = $state<Record<string, string>>({});
	problems = $state<Sentences>({});
	/** What was kept or set waiting last, to say so. */
	said = $state('');

	constructor(
		private readonly type: string,
		private readonly start: Readonly<Record<string, string>>,
		private readonly system: LengthSystem,
		private readonly queue: EntryQueue
	) {
		this.typed = { ...start };
	}

	/** Reads what is typed; good entries go to the queue and the fields begin anew, all but those named. */
	async submit(words: string, kept: readonly string[]): Promise<void> {
		const { entry, problems } = readEntry(this.type, this.typed, this.system);
		this.problems = problems ?? {};
		if (!entry) {
			this.said = '';
			return;
		}
		const typed = $state.snapshot(this.typed);
		this.typed = {
			...this.start,
			...Object.fromEntries(kept.map((field) => [field, typed[field] ?? '']))
		};
		await this.queue.add(this.type, typed, words);
		this.said = this.queue.isAway ? `Waiting on this device: ${words}.` : `Kept: ${words}.`;
	}
}
