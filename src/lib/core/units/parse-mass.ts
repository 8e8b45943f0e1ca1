/** Grams in each unit a kitchen scale shows; the ounce by its international definition. */
const gPerUnit = new Map(
	Object.entries({
		g: 1,
		kg: 1000,
		oz: 28.349523125,
		lb: 453.59237
	})
);

export type MassProblem =
	{ readonly code: 'empty' } | { readonly code: 'not-understood'; readonly part: string };
export type ParsedMass =
	| { readonly g: number; readonly problem?: never }
	| { readonly g?: never; readonly problem: MassProblem };

/** Reads a mass as a kitchen scale shows it: `52`, `52 g`, `0.05 kg`, `1.8 oz`. A number alone is grams. */
export function parseMass(text: string): ParsedMass {
	const plain = text.trim().toLowerCase().replace(/−/g, '-');
	if (plain === '') return { problem: { code: 'empty' } };
	const match = /^(-?\d+(?:[.,]\d+)?)\s?([a-z]+)?$/.exec(plain);
	const factor = gPerUnit.get(match?.[2] ?? 'g');
	if (!match?.[1] || factor === undefined)
		return { problem: { code: 'not-understood', part: plain } };
	return { g: Number(match[1].replace(',', '.')) * factor };
}
