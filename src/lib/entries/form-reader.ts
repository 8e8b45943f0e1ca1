import type { Bound } from '$lib/core/domain-error';
import type { LengthScale, LengthSystem } from '$lib/core/units/format-length';
import { bareUnitOf } from '$lib/core/units/format-length';
import { parseLength } from '$lib/core/units/parse-length';
import { formatMass } from '$lib/core/units/format-mass';
import { bareMassUnitOf, parseMass } from '$lib/core/units/parse-mass';
import { isUnreadable } from '$lib/ui/name';
import { lengthProblemWords, massProblemWords } from '$lib/ui/quantity-words';

/** What was typed, by field. */
export type Typed = Readonly<Record<string, string>>;
/** A sentence for each field that needs one. */
export type Sentences = Readonly<Record<string, string>>;

/** A whole number with its thousands grouped: `1,200`, `1.200`, `1 200`, `1’200`. */
const grouped = /^-?\d{1,3}([,.\u202f\u00a0 ’'])\d{3}(\1\d{3})*$/;

/** Reads typed fields one by one, in the page and on the server alike, and keeps a sentence for each that is not understood. */
export class FormReader {
	readonly problems: Record<string, string> = {};

	constructor(
		private readonly typed: Typed,
		private readonly system: LengthSystem = 'cm',
		/** The day it is; nothing that was done lies after it. */
		private readonly today = '2099-12-31'
	) {}

	get isGood(): boolean {
		return Object.keys(this.problems).length === 0;
	}

	/** Whether an odd count or measure was said to be right. */
	get isSure(): boolean {
		return this.raw('sure') === 'yes';
	}

	raw(field: string): string {
		return (this.typed[field] ?? '').trim();
	}

	/** A text of at most so many characters; null where it is empty and may be. */
	text(field: string, most: number): string | null {
		const text = this.raw(field);
		if (text.length > most) this.problems[field] = `This is longer than ${most} characters.`;
		if (isUnreadable(text))
			this.problems[field] =
				'There is a character here that cannot be shown. Please type it again.';
		return text === '' ? null : text;
	}

	needed(field: string, most: number): string {
		const text = this.text(field, most);
		if (text === null) this.problems[field] = 'Please fill this in.';
		return text ?? '';
	}

	/** A whole number within bounds; an empty field is `empty` where that is given. */
	count(field: string, bound: Bound, empty?: number): number {
		const raw = this.raw(field);
		if (raw === '' && empty !== undefined) return empty;
		// Nobody counts in fractions: what stands before three digits groups thousands, in any country.
		const text = grouped.test(raw) ? raw.replace(/[^\d-]/g, '') : raw;
		if (text === '') this.problems[field] = 'Please fill this in.';
		else if (!/^-?\d{1,9}$/.test(text))
			this.problems[field] = `“${text.slice(0, 40)}” is not a whole number.`;
		else this.#hold(field, Number(text), bound);
		return Number(text);
	}

	number(field: string, bound: Bound): number {
		const raw = this.raw(field);
		const text = raw.replace(',', '.');
		const value = Number(text);
		if (/,\d{3}$/.test(raw))
			this.problems[field] = lengthProblemWords(
				{ code: 'thousands-or-decimals', part: raw.slice(0, 40) },
				this.system
			);
		else if (text === '') this.problems[field] = 'Please fill this in.';
		else if (!/^-?\d{1,9}(\.\d{1,6})?$/.test(text))
			this.problems[field] = `“${text.slice(0, 40)}” is not a number.`;
		else this.#hold(field, value, bound);
		return value;
	}

	/** Notes where a value lies outside its bound. */
	#hold(field: string, value: number, { atLeast, atMost, moreThan }: Bound): void {
		if (atLeast !== undefined && value < atLeast) this.problems[field] = `At least ${atLeast}.`;
		else if (moreThan !== undefined && !(value > moreThan))
			this.problems[field] = `More than ${moreThan}.`;
		else if (atMost !== undefined && value > atMost) this.problems[field] = `At most ${atMost}.`;
	}

	grams(field: string, least: number, most: number): number {
		const read = parseMass(this.raw(field), bareMassUnitOf(this.system));
		if (read.problem) this.problems[field] = massProblemWords(read.problem, this.system);
		else if (read.g < least) this.problems[field] = `At least ${formatMass(least, this.system)}.`;
		else if (read.g > most) this.problems[field] = `At most ${formatMass(most, this.system)}.`;
		return read.g ?? NaN;
	}

	/** Masses with spaces or semicolons between: one for each handful weighed. */
	manyGrams(field: string): number[] {
		const words = this.raw(field)
			.replace(/(\d)\s+(?=(g|kg|oz|lbs?)\b)/gi, '$1')
			.split(/[\s;]+/)
			.filter((word) => word !== '');
		const unit = bareMassUnitOf(this.system);
		const masses = words.map((word) => parseMass(word, unit).g ?? NaN);
		const bad = words.find((_, at) => !((masses[at] ?? NaN) > 0));
		if (words.length === 0) this.problems[field] = 'Weigh at least one handful.';
		else if (bad) this.problems[field] = `“${bad.slice(0, 40)}” is not a weight.`;
		else if (words.length > 500) this.problems[field] = 'At most 500 handfuls.';
		return masses;
	}

	/** A length; an empty field is `empty` and nothing is allowed where that is given. */
	millimetres(field: string, scale: LengthScale, most: number, empty?: number): number {
		if (empty !== undefined && this.raw(field) === '') return empty;
		const read = parseLength(this.raw(field), bareUnitOf(this.system, scale));
		if (read.problem) this.problems[field] = lengthProblemWords(read.problem, this.system);
		else if (!(read.mm > 0) && !(read.mm === 0 && empty === 0))
			this.problems[field] = 'This must be more than nothing.';
		else if (read.mm > most) this.problems[field] = `That is longer than ${most / 1000} m.`;
		return read.mm ?? NaN;
	}

	word<const Word extends string>(field: string, words: readonly [Word, ...Word[]]): Word {
		const found = words.find((word) => word === this.raw(field));
		if (!found) this.problems[field] = 'Choose one of these.';
		return found ?? words[0];
	}

	uuid(field: string): string {
		const text = this.raw(field).toLowerCase();
		if (!/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/.test(text))
			this.problems[field] = 'Choose one of these.';
		return text;
	}

	/** A day as `2026-11-24`. */
	day(field: string): string {
		const text = this.raw(field);
		const date = new Date(`${text}T00:00:00Z`);
		const isDay = /^20\d\d-\d\d-\d\d$/.test(text) && date.toJSON()?.slice(0, 10) === text;
		if (!isDay) this.problems[field] = 'Write the day as 2026-11-24.';
		else if (text > this.today) this.problems[field] = 'That day is still to come.';
		return text;
	}
}
