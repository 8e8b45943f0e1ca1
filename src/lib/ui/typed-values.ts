import type { LengthScale, LengthSystem } from '../core/units/format-length';
import { bareUnitOf } from '../core/units/format-length';
import type { ParsedLength } from '../core/units/parse-length';
import { parseLength } from '../core/units/parse-length';
import type { ParsedMass } from '../core/units/parse-mass';
import { bareMassUnitOf, parseMass } from '../core/units/parse-mass';

/** Why a text is no number, as data. */
export type NumberProblem =
	| { readonly code: 'empty' }
	| {
			readonly code: 'not-a-number' | 'not-a-whole-number' | 'thousands-or-decimals';
			readonly part: string;
	  };
export type ReadNumber =
	| { readonly value: number; readonly problem?: never }
	| { readonly value?: never; readonly problem: NumberProblem };

/** A whole number with its thousands grouped: `1,200`, `1.200`, `1 200`, `1’200`. */
const grouped = /^-?\d{1,3}([,.\u202f\u00a0 ’'])\d{3}(\1\d{3})*$/;

/** A whole number as it was typed. Nobody counts in fractions: what stands before three digits groups thousands, in any country. */
export function countOf(typed: string): ReadNumber {
	const raw = typed.trim();
	const text = grouped.test(raw) ? raw.replace(/[^\d-]/g, '') : raw;
	if (text === '') return { problem: { code: 'empty' } };
	if (!/^-?\d{1,9}$/.test(text)) return { problem: { code: 'not-a-whole-number', part: text } };
	return { value: Number(text) };
}

/** A number as it was typed, with a point or a comma before its decimals. */
export function numberOf(typed: string): ReadNumber {
	const raw = typed.trim();
	if (raw === '') return { problem: { code: 'empty' } };
	if (/^-?\d+,\d{3}$/.test(raw)) return { problem: { code: 'thousands-or-decimals', part: raw } };
	if (!/^-?\d{1,9}([.,]\d{1,6})?$/.test(raw))
		return { problem: { code: 'not-a-number', part: raw } };
	return { value: Number(raw.replace(',', '.')) };
}

/** A length as it was typed, in the units of whoever typed it where it names none. */
export const lengthOf = (typed: string, system: LengthSystem, scale: LengthScale): ParsedLength =>
	parseLength(typed, bareUnitOf(system, scale));

/** A mass as it was typed, likewise. */
export const massOf = (typed: string, system: LengthSystem): ParsedMass =>
	parseMass(typed, bareMassUnitOf(system));
