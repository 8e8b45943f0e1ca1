import type { Db } from '$lib/server/db/db';

/** What keeps a printer from printing. */
export type PrinterTrouble = 'cover-open' | 'out-of-labels' | 'jammed';

/** A small label printer: what waits for it, and what is wrong with it. */
export interface PrinterState {
	readonly labelsLeft: number;
	readonly trouble: PrinterTrouble | null;
	/** Codes that wait, the next first. */
	readonly waiting: readonly string[];
	/** What was printed last, the newest first. */
	readonly printed: readonly string[];
}

/** A printer of single labels. A real one takes the place of the stand-in behind this. */
export interface LabelPrinter {
	state(): Promise<PrinterState>;
	/** Prints the label that waits longest; its code, or why it was not printed: it waits still. */
	printNext(): Promise<{ readonly code: string } | { readonly trouble: PrinterTrouble } | null>;
}

interface Row {
	readonly labelsLeft: number;
	readonly isCoverOpen: boolean;
	readonly isJammed: boolean;
}
const rowText = `select labels_left as "labelsLeft", is_cover_open as "isCoverOpen", is_jammed as "isJammed"
	from label_printer where group_id = $1`;
const fresh: Row = { labelsLeft: 40, isCoverOpen: false, isJammed: false };

const troubleOf = ({ labelsLeft, isCoverOpen, isJammed }: Row): PrinterTrouble | null => {
	if (isCoverOpen) return 'cover-open';
	if (isJammed) return 'jammed';
	return labelsLeft === 0 ? 'out-of-labels' : null;
};

/** Lets labels wait for the printer. The same key again lets none wait twice. */
export const queueLabels = (db: Db, key: string, codes: readonly string[]): Promise<number> =>
	db.execute(
		`insert into label_job (group_id, key, code)
		 select $1, $2, code from unnest($3::text[]) with ordinality as g (code, nth) order by nth
		 on conflict (group_id, key, code) do nothing`,
		[db.groupId, key, codes]
	);

/** Notes that labels went out on a sheet. The same key again notes none twice. */
export const noteSheet = (db: Db, key: string, codes: readonly string[]): Promise<number> =>
	db.execute(
		`insert into label_job (group_id, key, code, printed_at, is_on_sheet)
		 select $1, $2, t.code, clock_timestamp(), true from thing t
		 where t.group_id = $1 and t.code = any($3::text[])
		 on conflict (group_id, key, code) do nothing`,
		[db.groupId, key, codes]
	);

/** Labels that are not wanted any more. */
export const dropWaiting = (db: Db): Promise<number> =>
	db.execute(
		`update label_job set dropped_at = now()
		 where group_id = $1 and printed_at is null and dropped_at is null`,
		[db.groupId]
	);

/** The stand-in: its roll, its cover and its jams are rows, so that any process shows the same printer. */
export const standInPrinter = (db: Db): LabelPrinter => ({
	async state() {
		const { row, waiting, printed } = await db.one<{
			row: Row | null;
			waiting: readonly string[];
			printed: readonly string[];
		}>(
			`select (select row_to_json(r) from (${rowText}) r) as row,
				(select coalesce(json_agg(w.code order by w.id), '[]') from (
					select id, code from label_job
					where group_id = $1 and printed_at is null and dropped_at is null
					order by id limit 200) w) as waiting,
				(select coalesce(json_agg(p.code), '[]') from (
					select code from label_job where group_id = $1 and printed_at is not null and not is_on_sheet
					order by printed_at desc, id desc limit 6) p) as printed`,
			[db.groupId]
		);
		const now = row ?? fresh;
		return { labelsLeft: now.labelsLeft, trouble: troubleOf(now), waiting, printed };
	},
	printNext: () =>
		db.transaction(async (db) => {
			await db.execute('insert into label_printer (group_id) values ($1) on conflict do nothing', [
				db.groupId
			]);
			// The printer prints one label at a time: whoever comes second waits here.
			const row = await db.maybeOne<Row>(`${rowText} for update`, [db.groupId]);
			const trouble = troubleOf(row ?? fresh);
			if (trouble) return { trouble };
			const next = await db.maybeOne<{ id: number; code: string }>(
				`update label_job set printed_at = clock_timestamp()
				 where group_id = $1 and id = (select id from label_job
					where group_id = $1 and printed_at is null and dropped_at is null order by id limit 1)
				 returning id, code`,
				[db.groupId]
			);
			if (!next) return null;
			await db.execute(
				'update label_printer set labels_left = labels_left - 1 where group_id = $1',
				[db.groupId]
			);
			return { code: next.code };
		})
});

/** What can be done to the stand-in by hand, to see how trouble is met. */
export const printerHands = [
	'open-cover',
	'close-cover',
	'new-roll',
	'empty-roll',
	'jam',
	'unjam'
] as const;
export type PrinterHand = (typeof printerHands)[number];

const hands: Readonly<Record<PrinterHand, string>> = {
	'open-cover': 'is_cover_open = true',
	'close-cover': 'is_cover_open = false',
	'new-roll': 'labels_left = 40',
	'empty-roll': 'labels_left = 0',
	// A jam spoils the label it happens on: what was on it waits still.
	jam: 'is_jammed = true, labels_left = greatest(0, label_printer.labels_left - 1)',
	unjam: 'is_jammed = false'
};

/** Does something to the stand-in. */
export const handlePrinter = async (db: Db, hand: PrinterHand): Promise<void> => {
	await db.execute('insert into label_printer (group_id) values ($1) on conflict do nothing', [
		db.groupId
	]);
	await db.execute(`update label_printer set ${hands[hand]} where group_id = $1`, [db.groupId]);
};

/** Prints what waits until nothing does, or something is wrong. How many were printed. */
export async function printWaiting(printer: LabelPrinter, most = 200): Promise<number> {
	for (let printed = 0; printed < most; printed++) {
		const next = await printer.printNext();
		if (!next || 'trouble' in next) return printed;
	}
	return most;
}
