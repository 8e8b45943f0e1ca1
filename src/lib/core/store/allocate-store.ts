import type { ColourName } from '../colour/colours';
import { within } from '../domain-error';
import type { MatDemand } from './mat-demand';

/** What strand is drawn from, the furthest on first: what is balled is used before what is cut. */
export const drawnForms = ['ball', 'piece', 'bag'] as const;
export type DrawnForm = (typeof drawnForms)[number];

/** So many of a kind, a colour and a form in the store. */
export interface Stock {
	readonly kind: string;
	readonly colour: ColourName;
	readonly form: DrawnForm;
	/** 0 or more. */
	readonly amount: number;
	/** Bags of good strand in one ball or piece, above 0; null where it is not known how it was cut, and for bags. */
	readonly bagsEach: number | null;
}

/** Mats that are wanted by one plan. */
export interface Want<Line extends Stock = Stock> {
	/** The kind of bag they are made of; null where it is none of the kinds there are. */
	readonly kind: string | null;
	/** A whole number, 0 or more. */
	readonly mats: number;
	/** Of one mat. */
	readonly demand: MatDemand;
	/** Whether what lies there may be drawn for a colour of it, or for what may be of any. */
	readonly takes: (line: Line, colour: LackedColour) => boolean;
}

/** A colour that is lacking, or `any`. */
export type LackedColour = ColourName | 'any';

/** What a want draws and what it lacks, in bags to prepare unless it says otherwise. */
export interface Allocation {
	readonly wanted: number;
	readonly drawn: number;
	/** What is drawn, as it lies in the store: bags, cut pieces and balls. */
	readonly from: Readonly<Record<DrawnForm, number>>;
	readonly lacking: Partial<Readonly<Record<LackedColour, number>>>;
	/** By colour, in bags to prepare: what is wanted, and what of it is in balls already. */
	readonly byColour: Partial<
		Readonly<Record<LackedColour, { readonly wanted: number; readonly balled: number }>>
	>;
}

/**
 * Bags to prepare that one ball, piece or bag stands for: by how it was cut, or as the plan's own cut
 * and ball size have it where that is not known.
 *
 * @example worthInBags({ form: 'ball', bagsEach: 12 }, { bags: 50, byColour: {}, ofAnyColour: 50, bagsPerBall: 20, bagsPerPiece: 0.25, bagsPerGood: 1.25 }) // 15
 */
export function worthInBags(
	{ form, bagsEach }: Pick<Stock, 'form' | 'bagsEach'>,
	{ bagsPerBall, bagsPerPiece, bagsPerGood }: MatDemand
): number {
	if (form === 'bag') return 1;
	if (bagsEach !== null) return bagsEach * bagsPerGood;
	return form === 'ball' ? bagsPerBall : bagsPerPiece;
}

/** A bag this small a part of which is lacking is a matter of rounding. */
const crumb = 1e-6;

/**
 * Deals the store out to what is wanted. Named colours are served first, in the order of the wants,
 * and then what may be of any colour from whatever there is most of. Only what a want takes is drawn
 * for it; balls and cut pieces count by the bags in them.
 *
 * @throws DomainError where an amount or a number of mats is out of its domain
 * @example allocateStore([{ kind: 'Thin carrier', colour: 'blue', form: 'bag', amount: 25, bagsEach: null }], [{ kind: 'Thin carrier', mats: 2, demand: { bags: 20, byColour: {}, ofAnyColour: 20, bagsPerBall: 20, bagsPerPiece: 0.25, bagsPerGood: 1.08 }, takes: () => true }]) // [{ wanted: 40, drawn: 25, from: { ball: 0, piece: 0, bag: 25 }, lacking: { any: 15 }, byColour: { any: { wanted: 40, balled: 0 } } }]
 */
export function allocateStore<Line extends Stock>(
	stock: readonly Line[],
	wants: readonly Want<Line>[]
): Allocation[] {
	const left = stock.map((line) => ({
		line,
		amount: within('amount', line.amount, { atLeast: 0 })
	}));
	const allocations = wants.map(({ mats, demand }) => ({
		wanted: within('mats', mats, { atLeast: 0, isWhole: true }) * demand.bags,
		drawn: 0,
		from: { ball: 0, piece: 0, bag: 0 },
		lacking: {} as Partial<Record<LackedColour, number>>,
		byColour: {} as Partial<Record<LackedColour, { wanted: number; balled: number }>>
	}));

	const take = (at: number, colour: LackedColour, bags: number) => {
		const want = wants[at];
		const allocation = allocations[at];
		if (!want || !allocation || bags <= 0) return;
		let open = bags;
		const own = (allocation.byColour[colour] ??= { wanted: 0, balled: 0 });
		own.wanted += bags;
		for (const form of drawnForms) {
			const heaps = left
				.filter(
					({ line }) =>
						line.kind === want.kind &&
						line.form === form &&
						(colour === 'any' || line.colour === colour) &&
						want.takes(line, colour)
				)
				.map((heap) => ({ heap, worth: worthInBags(heap.line, want.demand) }))
				.sort((a, b) => b.heap.amount * b.worth - a.heap.amount * a.worth);
			for (const { heap, worth } of heaps) {
				const used = Math.min(heap.amount, open / worth);
				heap.amount -= used;
				open -= used * worth;
				allocation.from[form] += used;
				if (form === 'ball') own.balled += used * worth;
			}
		}
		allocation.drawn += bags - open;
		if (open > crumb) allocation.lacking[colour] = (allocation.lacking[colour] ?? 0) + open;
	};

	for (const [at, { mats, demand }] of wants.entries()) {
		for (const [colour, bags] of Object.entries(demand.byColour))
			take(at, colour as ColourName, bags * mats);
	}
	for (const [at, { mats, demand }] of wants.entries()) take(at, 'any', demand.ofAnyColour * mats);
	return allocations;
}

/** What is lacking of one kind in one colour, over all wants. */
export interface Lack {
	readonly kind: string | null;
	readonly colour: LackedColour;
	/** Bags to prepare. */
	readonly bags: number;
}

/**
 * What is still lacking by kind and colour, in the order the wants name them.
 *
 * @example lacksOf([{ kind: 'Thin carrier' }], [{ wanted: 40, drawn: 25, from: { ball: 0, piece: 0, bag: 25 }, lacking: { any: 15 }, byColour: {} }]) // [{ kind: 'Thin carrier', colour: 'any', bags: 15 }]
 */
export function lacksOf(
	wants: readonly Pick<Want, 'kind'>[],
	allocations: readonly Allocation[]
): Lack[] {
	const lacks: { kind: string | null; colour: LackedColour; bags: number }[] = [];
	for (const [at, { lacking }] of allocations.entries()) {
		const kind = wants[at]?.kind ?? null;
		for (const [colour, bags] of Object.entries(lacking)) {
			const same = lacks.find((lack) => lack.kind === kind && lack.colour === colour);
			if (same) same.bags += bags;
			else lacks.push({ kind, colour: colour as LackedColour, bags });
		}
	}
	return lacks;
}
