import { readRow as say } from '$lib/words/gather';
import type { ColourName } from '$lib/core/colour/colours';
import { colourNames } from '$lib/core/colour/colours';
import type { Bound } from '$lib/core/domain-error';
import type { Form } from '$lib/core/store/forms';
import { bounds, longest, movedAtOnce } from '$lib/entries/bounds';
import { forms, rowReasons } from '$lib/core/store/forms';
import type { Sentences, Typed } from '$lib/entries/form-reader';
import { FormReader } from '$lib/entries/form-reader';
import { formWords } from '$lib/ui/store-words';
import type { Matching } from './columns';
import type { DayOrder } from './days';
import { dayFields, isoDay } from './days';

/** A drop-off of a list: counted by hand, perhaps within bounds. */
export interface DropOffRow {
	readonly cameOn: string;
	readonly place: string;
	readonly bags: number;
	readonly bagsLow: number;
	readonly bagsHigh: number;
	readonly sacks: number;
	readonly broughtBy: string | null;
	readonly note: string | null;
}

export interface MovementRow {
	/** Null for now. */
	readonly movedAt: string | null;
	readonly kindId: string;
	readonly colour: ColourName;
	readonly form: Form;
	/** Above zero in, below zero out; scrap in grams. */
	readonly amount: number;
	readonly reason: (typeof rowReasons)[number];
	readonly byName: string | null;
	readonly note: string | null;
}

/** What the rows of a list are read against. */
export interface RowContext {
	/** Ids of the kinds of bag by their names in small letters. */
	readonly kinds: ReadonlyMap<string, string>;
	/** The day it is, as `2026-11-25`: nothing of a list lies after it. */
	readonly today: string;
	/** Which way round its days are written; null where all have their year first. */
	readonly dayOrder: DayOrder | null;
}

export type ReadRow<Row> =
	| { readonly row: Row; readonly problems?: never }
	| { readonly row?: never; readonly problems: Sentences };

const typedOf = (cells: readonly string[], matching: Matching, dayOrder: DayOrder | null): Typed =>
	Object.fromEntries(
		matching.flatMap((field, at) => {
			if (field === '') return [];
			const cell = cells[at] ?? '';
			return [[field, dayFields.includes(field) ? isoDay(cell, dayOrder) : cell]];
		})
	);

/** A day, or a moment that begins with one; nothing later than today. */
function dayOf(read: FormReader, field: string, today: string): string {
	const day = read.day(field);
	if (!read.problems[field] && day > today) read.problems[field] = say.thatDayIsStillTo();
	return day;
}

/** A day, alone or with a time of that day in UTC. */
const moment = /^(20\d\d-\d\d-\d\d)(?:[T ]([01]\d|2[0-3]):[0-5]\d(:[0-5]\d(\.\d{1,6})?)?Z?)?$/;

function movedAtOf(read: FormReader, today: string): string | null {
	const text = read.raw('moved_at');
	if (text === '') return null;
	const day = moment.exec(text)?.[1];
	if (day === undefined || new Date(`${day}T00:00:00Z`).toJSON()?.slice(0, 10) !== day) {
		read.problems.moved_at = say.writeTheDayAs2026();
		return null;
	}
	if (day > today) read.problems.moved_at = say.thatDayIsStillTo();
	return text.length === 10 ? `${text}T12:00:00Z` : `${text.replace(' ', 'T').replace(/Z$/, '')}Z`;
}

export function readDropOffRow(
	cells: readonly string[],
	matching: Matching,
	{ today, dayOrder }: RowContext
): ReadRow<DropOffRow> {
	const read = new FormReader(typedOf(cells, matching, dayOrder));
	const bags = read.count('bags', bounds['drop_off.bags']);
	const row = {
		cameOn: dayOf(read, 'came_on', today),
		place: read.needed('place', longest['place.name']),
		bags,
		bagsLow: read.count('bags_low', bounds['drop_off.bags'], bags),
		bagsHigh: read.count('bags_high', bounds['drop_off.bags'], bags),
		sacks: read.count('sacks', bounds['drop_off.sacks'], 0),
		broughtBy: read.text('brought_by', longest['person.name']),
		note: read.text('note', longest['entry.note'])
	};
	if (read.isGood && row.bagsLow > bags) read.problems.bags_low = say.thisIsMoreThanThe();
	if (read.isGood && row.bagsHigh < bags) read.problems.bags_high = say.thisIsLessThanThe();
	return read.isGood ? { row } : { problems: read.problems };
}

/** Scrap as the store keeps it: to the milligram. */
const milligrams = (grams: number): number => Math.round(grams * 1000) / 1000;

/** As much out as in. */
const eitherWay = (most: number): Bound => ({ atLeast: -most, atMost: most });

/** A form by its name or by the word for it. */
const formOf = (text: string): Form | undefined =>
	forms.find((form) => form === text || formWords[form] === text || `${form}s` === text);

export function readMovementRow(
	cells: readonly string[],
	matching: Matching,
	{ kinds, today, dayOrder }: RowContext
): ReadRow<MovementRow> {
	const read = new FormReader(typedOf(cells, matching, dayOrder));
	const kind = read.needed('kind', longest['bag_kind.name']);
	const kindId = kinds.get(kind.toLowerCase()) ?? '';
	if (kindId === '' && kind !== '')
		read.problems.kind = say.thereIsNoKindAdd({ kind: kind.slice(0, 40) });
	const colour = colourNames.find((name) => name === read.raw('colour').toLowerCase());
	if (!colour) read.problems.colour = say.writeOneOf({ colourNames: colourNames.join(', ') });
	const form = formOf(read.raw('form').toLowerCase());
	if (!form) read.problems.form = say.writeOneOf2({ forms: forms.join(', ') });
	const amount =
		form === 'scrap'
			? milligrams(read.number('amount', eitherWay(movedAtOnce.scrapG.atMost)))
			: read.count('amount', eitherWay(movedAtOnce.pieces.atMost));
	if (amount === 0) read.problems.amount ??= say.theAmountIs0Above();
	const said = read.raw('reason').toLowerCase();
	// A correction of another ledger is an ordinary movement of this one.
	const reason = rowReasons.find((one) => one === (said === 'correction' ? 'imported' : said));
	if (!reason && said !== '')
		read.problems.reason = say.writeOneOf3({ rowReasons: rowReasons.join(', ') });
	const row = {
		movedAt: movedAtOf(read, today),
		kindId,
		colour: colour ?? 'mixed',
		form: form ?? 'bag',
		amount,
		reason: reason ?? 'imported',
		byName: read.text('by_name', longest['person.name']),
		note: read.text('note', longest['entry.note'])
	} as const;
	return read.isGood ? { row } : { problems: read.problems };
}
