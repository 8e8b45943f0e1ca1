import type { LengthScale, LengthSystem } from '../core/units/format-length';
import type { LengthProblem } from '../core/units/parse-length';
import type { MassProblem } from '../core/units/parse-mass';
import type { NumberProblem, ReadNumber } from './typed-values';
import { countOf, lengthOf, massOf, numberOf } from './typed-values';

/** Why a field was not understood, as data. */
export type Misread =
	| { readonly of: 'number'; readonly problem: NumberProblem }
	| { readonly of: 'length'; readonly problem: LengthProblem }
	| { readonly of: 'mass'; readonly problem: MassProblem };

/** Reads typed fields one by one, in the page and on the server alike. What is not understood is NaN, and is noted. */
export abstract class TypedFields {
	constructor(
		protected readonly typed: Readonly<Record<string, string>>,
		protected readonly system: LengthSystem
	) {}

	protected abstract misread(field: string, why: Misread): void;

	raw(field: string): string {
		return (this.typed[field] ?? '').trim();
	}

	protected readNumber(field: string): number {
		return this.#numberIn(field, numberOf(this.raw(field)));
	}

	protected readCount(field: string): number {
		return this.#numberIn(field, countOf(this.raw(field)));
	}

	#numberIn(field: string, { value, problem }: ReadNumber): number {
		if (problem) this.misread(field, { of: 'number', problem });
		return value ?? NaN;
	}

	/** mm. */
	protected readLength(field: string, scale: LengthScale): number {
		const { mm, problem } = lengthOf(this.raw(field), this.system, scale);
		if (problem) this.misread(field, { of: 'length', problem });
		return mm ?? NaN;
	}

	/** g. */
	protected readMass(field: string): number {
		const { g, problem } = massOf(this.raw(field), this.system);
		if (problem) this.misread(field, { of: 'mass', problem });
		return g ?? NaN;
	}
}
