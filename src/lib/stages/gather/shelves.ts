import type { StoreLine } from './store-view';

/** One pile of a shelf: its height is its count. */
export interface Stack extends StoreLine {
	readonly heightPx: number;
}
export interface ShelfOfKind {
	readonly kindId: string;
	readonly kind: string;
	/** Film in stacks: bags for strand and for stuffing. */
	readonly stacks: readonly Stack[];
	/** What lies beside: rings, balls, scrap. */
	readonly beside: readonly StoreLine[];
}

/** The tallest stack of the store, in pixels; all others are to its scale. */
export const tallestPx = 120;
/** What there is so little of that its height would not be seen is drawn this high. */
const leastPx = 3;

/** The store as shelves, one for each kind of bag: film stacked by colour, the rest beside it. */
export function shelvesOf(lines: readonly StoreLine[]): ShelfOfKind[] {
	const isStacked = ({ form }: StoreLine) =>
		form === 'bag' || form === 'flat' || form === 'stuffing';
	const most = Math.max(1, ...lines.filter(isStacked).map(({ amount }) => amount));
	const kinds = new Map<string, { kind: string; stacks: Stack[]; beside: StoreLine[] }>();
	for (const line of lines) {
		const shelf = kinds.get(line.kindId) ?? { kind: line.kind, stacks: [], beside: [] };
		kinds.set(line.kindId, shelf);
		if (isStacked(line))
			shelf.stacks.push({
				...line,
				heightPx: Math.max(leastPx, (tallestPx * line.amount) / most)
			});
		else shelf.beside.push(line);
	}
	const byForm = (one: StoreLine, other: StoreLine) =>
		one.form === other.form ? other.amount - one.amount : one.form === 'bag' ? -1 : 1;
	return [...kinds].map(([kindId, { kind, stacks, beside }]) => ({
		kindId,
		kind,
		stacks: stacks.sort(byForm),
		beside
	}));
}
