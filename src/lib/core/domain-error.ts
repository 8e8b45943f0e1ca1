/** What a value must satisfy: at least, at most, more than, a whole number, or one of a few words. */
export interface Bound {
	readonly atLeast?: number;
	readonly atMost?: number;
	readonly moreThan?: number;
	readonly isWhole?: boolean;
}

/**
 * A value outside the domain of a relation: which parameter, what it was, what it had to be.
 * The sentence a person reads is made elsewhere; this one is for a programmer.
 */
export class DomainError extends Error {
	constructor(
		readonly parameter: string,
		readonly value: number,
		readonly bound: Bound
	) {
		super(`${parameter} is ${value}; allowed: ${JSON.stringify(bound)}`);
		this.name = 'DomainError';
	}
}

/**
 * Whether a number satisfies a bound; NaN and infinities satisfy none.
 *
 * @example isWithin(3, { atLeast: 3, atMost: 4, isWhole: true }) // true
 */
export function isWithin(value: number, bound: Bound): boolean {
	if (!Number.isFinite(value)) return false;
	if (bound.moreThan !== undefined && !(value > bound.moreThan)) return false;
	if (bound.atLeast !== undefined && !(value >= bound.atLeast)) return false;
	if (bound.atMost !== undefined && !(value <= bound.atMost)) return false;
	return !bound.isWhole || Number.isInteger(value);
}

/**
 * Returns the value, or throws a DomainError where it does not satisfy the bound.
 *
 * @example within('rows', 12, { atLeast: 1, isWhole: true }) // 12
 */
export function within(parameter: string, value: number, bound: Bound): number {
	if (!isWithin(value, bound)) throw new DomainError(parameter, value, bound);
	return value;
}

const aboveZero: Bound = { moreThan: 0 };

/**
 * Returns the value if it is a finite number above zero, else throws a DomainError.
 *
 * @example positive('widthMm', 850) // 850
 */
export function positive(parameter: string, value: number): number {
	// Asked thousands of times for one change of a field, so it does not go the long way round.
	if (value > 0 && value < Infinity) return value;
	throw new DomainError(parameter, value, aboveZero);
}

/**
 * A value, or null where it is outside the domain of a relation: what cannot be made is left out, and no
 * other fault is hidden.
 *
 * @example [ifInDomain(() => within('rows', 3, { atLeast: 1 })), ifInDomain(() => within('rows', 0, { atLeast: 1 }))] // [3, null]
 */
export function ifInDomain<Value>(ask: () => Value): Value | null {
	try {
		return ask();
	} catch (error) {
		if (error instanceof DomainError) return null;
		throw error;
	}
}
