import type { LengthSystem } from '$lib/core/units/format-length';
import type { LengthProblem } from '$lib/core/units/parse-length';
import type { NumberProblem } from '$lib/ui/typed-values';
import { lengthOf, massOf, numberOf } from '$lib/ui/typed-values';
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
export class FieldReader {
	readonly problems: FieldProblems = {};
	readonly #exact: Exact;

	constructor(
		readonly fields: Fields,
		readonly system: LengthSystem
	) {
		this.#exact = readExact(fields.exact ?? '');
	}

	length(field: LengthFieldName): number {
		const read = lengthOf(this.fields[field], this.system, lengthFields[field].scale);
		if (read.problem) {
			this.problems[field] = read.problem;
			return NaN;
		}
		return exactMm(field, this.fields[field], read.mm, this.system, this.#exact);
	}

	number(field: FieldName): number {
		const { value, problem } = numberOf(this.fields[field]);
		if (problem) this.problems[field] = problem;
		return value ?? NaN;
	}

	/** The mass of one bag, from a weighed and counted handful. */
	massOfOne(): number {
		const read = massOf(this.fields.handful_g, this.system);
		if (read.problem)
			this.problems.handful_g =
				read.problem.code === 'not-understood'
					? { ...read.problem, code: 'mass-not-understood' }
					: read.problem;
		const count = this.number('handful_count');
		const isCount = Number.isInteger(count) && count >= 1 && count <= 1000;
		if (!this.problems.handful_count && !isCount)
			this.problems.handful_count = { code: 'not-a-number', part: this.fields.handful_count };
		const grams = read.g ?? NaN;
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
