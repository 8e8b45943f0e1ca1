/** Units a step may be in; ratios and counts have none. */
export type StepUnit =
	| 'mm'
	| 'mm²'
	| 'm'
	| 'g'
	| 'g/mm³'
	| 's'
	| 'h'
	| 'bags'
	| 'pieces'
	| 'joints'
	| 'balls'
	| 'stitches'
	| 'rows'
	| 'strands'
	| 'bands'
	| '';

/** One step on the way to a figure. */
export interface Step {
	/** The sign it goes by in other steps' relations; unique in its trail. */
	readonly symbol: string;
	/** What it is, by the name of its message; the words are made elsewhere. */
	readonly name: string;
	readonly value: number;
	readonly unit: StepUnit;
	/**
	 * How it follows from other steps, in their symbols with + - * / ** and the functions sqrt, floor,
	 * round, max and min; null for what was chosen, measured or is a constant of the craft.
	 */
	readonly relation: string | null;
}

/**
 * The symbols a relation is made of, in the order they stand.
 *
 * @example symbolsIn('2 * (w + g) / n') // ['w', 'g', 'n']
 */
export const symbolsIn = (relation: string): string[] => [
	...new Set((relation.match(/[A-Za-zφρπ_][\w']*/g) ?? []).filter((word) => !functions.has(word)))
];

const functions = new Set(['sqrt', 'floor', 'round', 'max', 'min']);

/**
 * The steps that lead to one of them, that one last.
 *
 * @example stepsTo([given('w', 'width', 2, 'mm'), derived('a', 'area', 4, 'mm²', 'w * w')], 'a').map(({ symbol }) => symbol) // ['w', 'a']
 */
export function stepsTo(trail: readonly Step[], symbol: string): Step[] {
	const bySymbol = new Map(trail.map((step) => [step.symbol, step]));
	const needed = new Set<string>();
	const visit = (name: string) => {
		if (needed.has(name)) return;
		needed.add(name);
		for (const other of symbolsIn(bySymbol.get(name)?.relation ?? '')) visit(other);
	};
	visit(symbol);
	return trail.filter((step) => needed.has(step.symbol));
}
