/** The tables whose rows are kept under an idempotency key: the only names that enter the text of a statement. */
export const keyedTables = [
	'drop_off',
	'sorting',
	'movement',
	'taken_back',
	'measurement',
	'timed_work'
] as const;
export type KeyedTable = (typeof keyedTables)[number];

/** A table's name, for the text of a statement. @throws TypeError for a name that is not in the list */
export function tableName<Table extends KeyedTable>(table: Table): Table {
	if (!keyedTables.includes(table)) throw new TypeError('this is no table of entries');
	return table;
}
