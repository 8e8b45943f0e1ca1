import type { LengthSystem } from '$lib/core/units/format-length';
import type { LengthProblem } from '$lib/core/units/parse-length';
import type { NumberProblem } from '$lib/ui/typed-values';
import { TypedFields, type Misread } from '$lib/ui/typed-fields';
import type { PlanProblem } from '$lib/core/model/plan-problems';
import type { Exact } from './exact';
import { exactG, exactMm, readExact } from './exact';
import type { FieldName, Fields, LengthFieldName } from './names';
import { lengthFields } from './names';

export type FieldProblem =
	| LengthProblem
	| { readonly code: 'mass-not-understood'; readonly part: string }
	| PlanProblem
	| NumberProblem;

export type FieldProblems = Partial<Record<FieldName, FieldProblem>>;

/** Reads typed fields one by one and keeps what was not understood, so that every field gets its sentence at once. */
export class FieldReader extends TypedFields {
	readonly problems: FieldProblems = {};
	readonly #exact: Exact;

	constructor(
		readonly fields: Fields,
		system: LengthSystem
	) {
		super({ ...fields }, system);
		this.#exact = readExact(fields.exact ?? '');
	}

	protected misread(field: FieldName, { of, problem }: Misread): void {
		this.problems[field] =
			of === 'mass' && problem.code === 'not-understood'
				? { ...problem, code: 'mass-not-understood' }
				: problem;
	}

	length(field: LengthFieldName): number {
		const mm = this.readLength(field, lengthFields[field].scale);
		return exactMm(field, this.fields[field], mm, this.system, this.#exact);
	}

	number(field: FieldName): number {
		return this.readNumber(field);
	}

	/** The mass of one bag, from a weighed and counted handful. */
	massOfOne(): number {
		const grams = this.readMass('handful_g');
		const count = this.number('handful_count');
		const isCount = Number.isInteger(count) && count >= 1 && count <= 1000;
		if (!this.problems.handful_count && !isCount)
			this.problems.handful_count = { code: 'not-a-number', part: this.fields.handful_count };
		return exactG(this.fields.handful_g, grams, this.system, this.#exact) / count;
	}

	/** One word out of a few; the first where it is none of them, as a browser shows it. */
	word<const Word extends string>(field: FieldName, words: readonly [Word, ...Word[]]): Word {
		return words.find((word) => word === this.fields[field]) ?? words[0];
	}

	isYes(field: FieldName): boolean {
		return this.fields[field] === 'yes';
	}
}
