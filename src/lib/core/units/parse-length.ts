/** Units a length may be typed in, in millimetres each; exact by definition of the inch. */
export const mmPerUnit = { mm: 1, cm: 10, m: 1000, in: 25.4, ft: 304.8 } as const;
export type LengthUnit = keyof typeof mmPerUnit;

/** Why a text is no length, as data. */
export type LengthProblem =
	| { readonly code: 'empty' }
	| { readonly code: 'not-understood'; readonly part: string }
	| { readonly code: 'thousands-or-decimals'; readonly part: string };

export type ParsedLength =
	| { readonly mm: number; readonly problem?: never }
	| { readonly mm?: never; readonly problem: LengthProblem };

const spellings = new Map<string, LengthUnit>(
	Object.entries({
		mm: 'mm',
		millimetre: 'mm',
		millimetres: 'mm',
		millimeter: 'mm',
		millimeters: 'mm',
		cm: 'cm',
		centimetre: 'cm',
		centimetres: 'cm',
		centimeter: 'cm',
		centimeters: 'cm',
		m: 'm',
		metre: 'm',
		metres: 'm',
		meter: 'm',
		meters: 'm',
		in: 'in',
		inch: 'in',
		inches: 'in',
		'"': 'in',
		ft: 'ft',
		foot: 'ft',
		feet: 'ft',
		"'": 'ft'
	} as const)
);

const halves: Readonly<Record<string, string>> = {
	'½': '1/2',
	'¼': '1/4',
	'¾': '3/4',
	'⅛': '1/8',
	'⅜': '3/8',
	'⅝': '5/8',
	'⅞': '7/8',
	'⅓': '1/3',
	'⅔': '2/3'
};

/** Curly marks, primes and fraction signs as one keyboard has them. */
function plain(text: string): string {
	return text
		.trim()
		.toLowerCase()
		.replace(/[″”“]|''/g, '"')
		.replace(/[′’‘]/g, "'")
		.replace(/−/g, '-')
		.replace(/[½¼¾⅛⅜⅝⅞⅓⅔]/g, (sign) => ` ${halves[sign]}`)
		.replace(/⁄/g, '/')
		.replace(/\s+/g, ' ')
		.trim();
}

const quantity =
	/^(-?)(?:(\d+) (\d+)\/(\d+)|(\d+)\/(\d+)|(\d+(?:[.,]\d+)?|[.,]\d+))\s?([a-z]+\.?|["'])?\s?/;

/** The unit a bare second number takes: 6 ft 2 is two inches, 1 m 83 is 83 centimetres. */
const nextUnit: Partial<Record<LengthUnit, LengthUnit>> = { ft: 'in', m: 'cm' };

/**
 * Reads a length as people write it: `84`, `84 cm`, `0.84 m`, `8,4 cm`, `33 in`, `2 1/2 in`, `2½"`,
 * `6 ft 2`, `6'2"`, `1 m 83`. A number alone takes the field's own unit.
 *
 * @param bareUnit the unit of a number with none
 * @returns millimetres (any sign: bounds are the plan's business), or what was not understood
 * @example parseLength('6 ft 2', 'in') // { mm: 1879.6 }
 */
export function parseLength(text: string, bareUnit: LengthUnit): ParsedLength {
	let rest = plain(text);
	if (rest === '') return { problem: { code: 'empty' } };
	let mm = 0;
	let sign = 1;
	let expected: LengthUnit = bareUnit;
	for (let part = 0; rest !== ''; part++) {
		const match = quantity.exec(rest);
		const isTooMany = part === 2 || (part === 1 && match?.[1] === '-');
		if (!match || isTooMany) return { problem: { code: 'not-understood', part: rest } };
		const [taken, minus, wholes, over, under, alone, below, decimal, word] = match;
		if (decimal && /,\d{3}$/.test(decimal))
			return { problem: { code: 'thousands-or-decimals', part: decimal } };
		const unit = word === undefined ? expected : spellings.get(word.replace(/\.$/, ''));
		if (!unit) return { problem: { code: 'not-understood', part: word ?? taken } };
		if (part === 1 && unit !== expected) return { problem: { code: 'not-understood', part: rest } };
		const value = decimal
			? Number(decimal.replace(',', '.'))
			: Number(wholes ?? 0) + Number(over ?? alone) / Number(under ?? below);
		if (!Number.isFinite(value)) return { problem: { code: 'not-understood', part: taken.trim() } };
		if (part === 0) sign = minus ? -1 : 1;
		mm += value * mmPerUnit[unit];
		rest = rest.slice(taken.length);
		if (rest !== '') {
			const next = part === 0 ? nextUnit[unit] : undefined;
			if (!next) return { problem: { code: 'not-understood', part: rest } };
			expected = next;
		}
	}
	// To the millionth: 65.93 cm are 659.3 mm, and not a breath more, which whole rows would feel.
	return { mm: (sign * Math.round(mm * 1e6)) / 1e6 };
}
