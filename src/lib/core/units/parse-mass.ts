import type { LengthSystem } from './format-length';

/** Grams in each unit a kitchen scale shows; pound and ounce by their international definition. */
export const gPerUnit = { g: 1, kg: 1000, oz: 28.349523125, lb: 453.59237 } as const;
export type MassUnit = keyof typeof gPerUnit;

const spellings = new Map<string, MassUnit>(
	Object.entries({
		g: 'g',
		gram: 'g',
		grams: 'g',
		kg: 'kg',
		kilo: 'kg',
		kilos: 'kg',
		kilogram: 'kg',
		kilograms: 'kg',
		oz: 'oz',
		ounce: 'oz',
		ounces: 'oz',
		lb: 'lb',
		lbs: 'lb',
		pound: 'lb',
		pounds: 'lb'
	} as const)
);

/** The unit a bare second number takes: 2 lb 6 is six ounces. */
const nextUnit: Partial<Record<MassUnit, MassUnit>> = { lb: 'oz', kg: 'g' };

export type MassProblem =
	| { readonly code: 'empty' }
	| { readonly code: 'not-understood'; readonly part: string }
	| { readonly code: 'thousands-or-decimals'; readonly part: string };
export type ParsedMass =
	| { readonly g: number; readonly problem?: never }
	| { readonly g?: never; readonly problem: MassProblem };

/**
 * The unit of a mass written with none: what the group's kitchen scales show.
 *
 * @example [bareMassUnitOf('cm'), bareMassUnitOf('ft')] // ['g', 'oz']
 */
export const bareMassUnitOf = (system: LengthSystem): MassUnit => (system === 'ft' ? 'oz' : 'g');

/**
 * Reads a mass as a kitchen scale shows it: `52 g`, `0.05 kg`, `37 oz`, `2 lb 6 oz`, `2 lb 6`. A
 * comma before three digits may group thousands or begin decimals, and is asked about.
 *
 * @param bareUnit the unit of a number with none
 * @example parseMass('2 lb 6 oz', 'g') // { g: 1077.3 }
 */
export function parseMass(text: string, bareUnit: MassUnit): ParsedMass {
	let rest = text.trim().toLowerCase().replace(/−/g, '-').replace(/\s+/g, ' ');
	if (rest === '') return { problem: { code: 'empty' } };
	const all = rest;
	let g = 0;
	let expected: MassUnit | undefined = bareUnit;
	for (let part = 0; rest !== ''; part++) {
		const match: RegExpExecArray | null = /^(-?\d+(?:[.,]\d+)?) ?([a-z]+\.?)? ?/.exec(rest);
		const unit: MassUnit | undefined =
			match?.[2] === undefined ? expected : spellings.get(match[2].replace(/\.$/, ''));
		if (!match?.[1] || !unit || part > 1) return { problem: { code: 'not-understood', part: all } };
		if (/,\d{3}$/.test(match[1]))
			return { problem: { code: 'thousands-or-decimals', part: match[1] } };
		const value = Number(match[1].replace(',', '.'));
		// A second part belongs to the first, and is never less than nothing.
		if (part === 1 && (unit !== expected || value < 0))
			return { problem: { code: 'not-understood', part: all } };
		g += value * gPerUnit[unit];
		rest = rest.slice(match[0].length);
		expected = nextUnit[unit];
	}
	return { g };
}
