import { taps as say } from '$lib/words/gather';
import type { PileName, Tap } from '$lib/core/gather/tapped';
import { countTaps, gradeOfPile, pileNames } from '$lib/core/gather/tapped';
import type { TypedForm } from '$lib/entries/typed-form.svelte';
import { countOf } from '$lib/ui/typed-values';

/** The field of the form that counts the bags of each grade. */
const fields = {
	strand: 'strand',
	stuffing: 'stuffing',
	drying: 'drying',
	reject: 'rejected'
} as const;

/** Where a device keeps what was tapped until it is kept: a reload loses none of it. */
export const tapsKey = (groupId: string): string => `nest-row sorting ${groupId}`;

/**
 * Bags tapped onto piles. Every tap counts in the form's own fields, so that tapping and typing are
 * one count; the piles remember what was tapped, for undo and for the eye.
 */
export class Taps {
	made = $state.raw<readonly Tap[]>([]);

	constructor(
		private readonly form: TypedForm,
		private readonly key: string
	) {}

	/** Bags on each pile of this lot. */
	readonly onPile = $derived.by(() => {
		const counts = Object.fromEntries(pileNames.map((pile) => [pile, 0])) as Record<
			PileName,
			number
		>;
		for (const { pile, bags } of this.made) counts[pile] += bags;
		return counts;
	});

	get all(): number {
		return this.made.reduce((sum, { bags }) => sum + bags, 0);
	}

	add(pile: PileName, bags: number): void {
		if (!this.#count(pile, bags)) return;
		this.made = [...this.made, { pile, bags }];
		this.#remember();
	}

	undo(): void {
		const last = this.made.at(-1);
		if (!last) return;
		this.#count(last.pile, -last.bags);
		this.made = this.made.slice(0, -1);
		this.#remember();
	}

	/** Forgets the piles once their bags are kept, or were typed over. */
	settle(): void {
		if (this.made.length === 0) return;
		const counts = countTaps(this.made);
		const isStanding = Object.entries(fields).every(
			([grade, field]) => this.#typed(field) >= counts[grade as keyof typeof counts]
		);
		if (isStanding) return;
		this.made = [];
		this.#remember();
	}

	/** Takes up what was tapped before the page was loaded anew. */
	recall(): void {
		try {
			const kept = JSON.parse(localStorage.getItem(this.key) ?? 'null') as {
				typed: Record<string, string>;
				made: Tap[];
			} | null;
			if (
				!kept ||
				!Array.isArray(kept.made) ||
				// What the form itself remembers of the same taps is no other count.
				Object.values(fields).some(
					(field) => this.form.typed[field] && this.form.typed[field] !== kept.typed[field]
				)
			)
				return;
			Object.assign(this.form.typed, kept.typed);
			this.made = kept.made.filter(({ pile, bags }) => pileNames.includes(pile) && bags > 0);
		} catch {
			// A device that remembers nothing, or something else: the table begins empty.
		}
	}

	#typed(field: string): number {
		const text = (this.form.typed[field] ?? '').trim();
		return text === '' ? 0 : (countOf(text).value ?? NaN);
	}

	/** Counts in the field; false where what is typed there is no number, which is said. */
	#count(pile: PileName, bags: number): boolean {
		const field = fields[gradeOfPile(pile)];
		const before = this.#typed(field);
		if (!Number.isFinite(before)) {
			this.form.problems = { ...this.form.problems, [field]: say.putThisNumberRightFirst() };
			return false;
		}
		const now = Math.max(0, before + bags);
		this.form.typed[field] = now === 0 ? '' : String(now);
		return true;
	}

	#remember(): void {
		try {
			if (this.made.length === 0) localStorage.removeItem(this.key);
			else
				localStorage.setItem(
					this.key,
					JSON.stringify({ typed: $state.snapshot(this.form.typed), made: this.made })
				);
		} catch {
			// It counts on the page all the same.
		}
	}
}
