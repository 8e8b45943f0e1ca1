import type { Db } from '$lib/server/db/db';
import { listFields, listNames } from '$lib/stages/gather/lists/columns';
import { writeCsv } from '$lib/stages/gather/lists/read-csv';
import type { PlanDocument } from '$lib/stages/plan/document/document';
import { planOfShape } from '$lib/stages/plan/document/document';
import { fileNameOf } from '$lib/ui/name';
import { writePlanFile } from '$lib/stages/plan/document/plan-file';
import { Zip, ZipDeflate } from 'fflate';
import type { Row } from './everything';
import { rowsOf, tableNames } from './everything';
import { wholeGroupParts, type Part } from './whole-group';
import { rowsAfter } from '$lib/server/gather/list-out';

const cell = (value: unknown): string | number | null =>
	value === null || typeof value === 'number' || typeof value === 'string'
		? value
		: JSON.stringify(value);

/** Plans as files that can be read again, deleted ones left out. */
async function* planParts(db: Db): AsyncGenerator<Part> {
	const used = new Map<string, number>();
	for await (const rows of rowsOf(db, 'plans')) {
		for (const row of rows) {
			if (row.deleted_at !== null) continue;
			const name = fileNameOf(String(row.name));
			const nth = (used.get(name) ?? 0) + 1;
			used.set(name, nth);
			yield {
				file: `plans/${name}${nth > 1 ? ` ${nth}` : ''}.nest-row.json`,
				text: writePlanFile(String(row.name), planOfShape((row.document as PlanDocument).plan))
			};
		}
	}
}

/** The lists that can be brought in again. */
async function* listParts(db: Db): AsyncGenerator<Part> {
	for (const list of listNames) {
		const file = `lists to bring in/${list}.csv`;
		yield { file, text: writeCsv([listFields[list].map(({ head }) => head)]) };
		for (let after = 0; ;) {
			const rows = await rowsAfter(db, list, after, 5000);
			if (rows.length > 0) yield { file, text: writeCsv(rows.map(({ cells }) => cells)) };
			if (rows.length < 5000) break;
			after = rows.at(-1)?.id ?? after;
		}
	}
}

/** Every table, once as CSV and once as JSON. */
async function* tableParts(db: Db): AsyncGenerator<Part> {
	for (const kind of ['csv', 'json'] as const) {
		for (const name of tableNames) {
			const file = `${kind}/${name}.${kind}`;
			let heads: string[] | null = null;
			for await (const rows of rowsOf(db, name)) {
				const isFirst: boolean = heads === null;
				heads ??= Object.keys(rows[0] ?? {});
				const columns = heads;
				yield {
					file,
					text:
						kind === 'csv'
							? writeCsv([
									...(isFirst ? [columns] : []),
									...rows.map((row: Row) => columns.map((head) => cell(row[head])))
								])
							: `${isFirst ? '[\n' : ',\n'}${rows.map((row) => JSON.stringify(row)).join(',\n')}`
				};
			}
			if (kind === 'json') yield { file, text: heads === null ? '[]\n' : '\n]\n' };
			else if (heads === null) yield { file, text: '' };
		}
	}
}

/** Everything a group has kept, as the bytes of one archive, as they are made. */
export async function* archiveOf(db: Db): AsyncGenerator<Uint8Array> {
	const ready: Uint8Array[] = [];
	const encoder = new TextEncoder();
	const zip = new Zip((error, bytes) => {
		if (error) throw error;
		ready.push(bytes);
	});
	let open = null as { readonly file: string; readonly entry: ZipDeflate } | null;
	for (const parts of [planParts, listParts, tableParts, wholeGroupParts]) {
		for await (const { file, text } of parts(db)) {
			if (open?.file !== file) {
				open?.entry.push(new Uint8Array(), true);
				open = { file, entry: new ZipDeflate(file, { level: 6 }) };
				zip.add(open.entry);
			}
			open.entry.push(encoder.encode(text));
			yield* ready.splice(0);
		}
	}
	open?.entry.push(new Uint8Array(), true);
	zip.end();
	yield* ready.splice(0);
}
