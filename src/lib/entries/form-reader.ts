import { formReader as say } from '$lib/words/common';
import type { Bound } from '$lib/core/domain-error';
import type { LengthScale, LengthSystem } from '$lib/core/units/format-length';
import { formatMass } from '$lib/core/units/format-mass';
import { isUnreadable } from '$lib/ui/name';
import { isUuid } from '$lib/ui/uuid';
import { lengthProblemWords, massProblemWords, numberProblemWords } from '$lib/ui/quantity-words';
import { dayOf } from '$lib/ui/typed-day';
import { TypedFields, type Misread } from '$lib/ui/typed-fields';
import { massOf } from '$lib/ui/typed-values';

/** What was typed, by field. */
export type Typed = Readonly<Record<string, string>>;
/** A sentence for each field that needs one. */
export type Sentences = Readonly<Record<string, string>>;

/** Reads typed fields one by one, in the page and on the server alike, and keeps a sentence for each that is not understood. */
export class FormReader extends TypedFields {
	readonly problems: Record<string, string> = {};
	/** What was typed in a way of its own and stands in the book in the one way there is: labels and days. */
	readonly canonical: Record<string, string> = {};

	constructor(
		typed: Typed,
		system: LengthSystem = 'cm',
		/** The day it is; nothing that was done lies after it. */
		private readonly today: string | null = null,
		/** The day it was typed on, where it waited since: what is said of it is said from there. */
		private readonly typedOn = today
	) {
		super(typed, system);
	}

	protected misread(field: string, { of, problem }: Misread): void {
		this.problems[field] =
			of === 'number'
				? numberProblemWords(problem)
				: of === 'length'
					? lengthProblemWords(problem, this.system)
					: massProblemWords(problem, this.system);
	}

	get isGood(): boolean {
		return Object.keys(this.problems).length === 0;
	}

	/** Whether an odd count or measure was said to be right. */
	get isSure(): boolean {
		return this.raw('sure') === 'yes';
	}

	/** A text of at most so many characters; null where it is empty and may be. */
	text(field: string, most: number): string | null {
		const text = this.raw(field);
		this.#look(field, text, most, [text]);
		return text === '' ? null : text;
	}

	/** Notes where a text is too long, or a line of it cannot be shown. */
	#look(field: string, text: string, most: number, lines: readonly string[]): void {
		if (text.length > most) this.problems[field] = say.atMostCharactersPlease({ most });
		if (lines.some(isUnreadable)) this.problems[field] = say.thereIsACharacterHere();
	}

	needed(field: string, most: number): string {
		const text = this.text(field, most);
		if (text === null) this.problems[field] = say.pleaseFillThisIn();
		return text ?? '';
	}

	/** A text of several lines, which may not be empty. */
	lines(field: string, most: number): string {
		const text = this.raw(field).replace(/\r\n?/g, '\n');
		if (text === '') this.problems[field] = say.pleaseFillThisIn();
		this.#look(field, text, most, text.split('\n'));
		return text;
	}

	/** A whole number within bounds; an empty field is `empty` where that is given. */
	count(field: string, bound: Bound, empty?: number): number {
		const raw = this.raw(field);
		return raw === '' && empty !== undefined
			? empty
			: this.#held(field, this.readCount(field), bound);
	}

	number(field: string, bound: Bound): number {
		return this.#held(field, this.readNumber(field), bound);
	}

	/** Notes where a value lies outside its bound; NaN is noted already. */
	#held(field: string, value: number, { atLeast, atMost, moreThan }: Bound): number {
		if (Number.isNaN(value)) return value;
		if (atLeast !== undefined && value < atLeast) this.problems[field] = say.atLeast({ atLeast });
		else if (moreThan !== undefined && !(value > moreThan))
			this.problems[field] = say.moreThan({ moreThan });
		else if (atMost !== undefined && value > atMost) this.problems[field] = say.atMost({ atMost });
		return value;
	}

	grams(field: string, least: number, most: number): number {
		const g = this.readMass(field);
		if (g < least)
			this.problems[field] = say.atLeast2({ formatMass: formatMass(least, this.system) });
		else if (g > most)
			this.problems[field] = say.atMost2({ formatMass: formatMass(most, this.system) });
		return g;
	}

	/**
	 * Masses with spaces, semicolons or commas between: one for each handful weighed. A comma right between figures is a
	 * decimal point, unless there are several in a row of them: `62,5 61,8` are two, `62,61,60` three.
	 */
	manyGrams(field: string): number[] {
		const words = this.raw(field)
			.replace(/(\d)\s+(?=(g|kg|oz|lbs?)\b)/gi, '$1')
			.replace(/,(?=\s|$)/g, ' ')
			.replace(/\d+(?:,\d+){2,}/g, (row) => row.replaceAll(',', ' '))
			.replace(/([a-z]),/gi, '$1 ')
			.split(/[\s;]+/)
			.filter((word) => word !== '');
		const masses = words.map((word) => massOf(word, this.system).g ?? NaN);
		const bad = words.find((_, at) => !((masses[at] ?? NaN) > 0));
		if (words.length === 0) this.problems[field] = say.weighAtLeastOneHandful();
		else if (bad) this.problems[field] = say.isNotAWeight({ bad: bad.slice(0, 40) });
		else if (words.length > 500) this.problems[field] = say.atMost500Handfuls();
		return masses;
	}

	/** A length; an empty field is `empty` and nothing is allowed where that is given. */
	millimetres(field: string, scale: LengthScale, most: number, empty?: number): number {
		if (empty !== undefined && this.raw(field) === '') return empty;
		const mm = this.readLength(field, scale);
		if (mm <= 0 && !(mm === 0 && empty === 0)) this.problems[field] = say.thisMustBeMoreThan();
		else if (mm > most) this.problems[field] = say.atMostM({ most: most / 1000 });
		return mm;
	}

	word<const Word extends string>(field: string, words: readonly [Word, ...Word[]]): Word {
		const found = words.find((word) => word === this.raw(field));
		if (!found) this.problems[field] = say.chooseOneOfThese();
		return found ?? words[0];
	}

	uuid(field: string): string {
		const text = this.raw(field).toLowerCase();
		if (!isUuid(text)) this.problems[field] = say.chooseOneOfThese();
		return text;
	}

	/** A day, whether it has come or not, as `2026-11-24`. */
	anyDay(field: string): string {
		const day = dayOf(this.raw(field), this.typedOn);
		if (day === null) this.problems[field] = say.typeTheDayLike20();
		else if (day !== this.raw(field)) this.canonical[field] = day;
		return day ?? this.raw(field);
	}

	/** A day on which something was done: it lies behind, or is today. */
	day(field: string): string {
		const text = this.anyDay(field);
		if (!this.problems[field] && this.today !== null && text > this.today)
			this.problems[field] = say.thatDayIsStillTo();
		return text;
	}
}
