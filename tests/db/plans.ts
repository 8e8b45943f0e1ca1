// What the server means to do for a statement, or did, and which parts of tables laid in parts that touches.
import type pg from 'pg';

interface Node {
	readonly 'Relation Name'?: string;
	readonly Schema?: string;
	/** How often it was gone through; missing in a plan that was not carried out. */
	readonly 'Actual Loops'?: number;
	readonly Plans?: readonly Node[];
}

/** The parts in a plan, without those that were left aside when it was carried out. */
function partsOf(node: Node): string[] {
	if (node['Actual Loops'] === 0) return [];
	const own = node.Schema?.startsWith('spread_') ? [`${node.Schema}.${node['Relation Name']}`] : [];
	return [...own, ...(node.Plans ?? []).flatMap(partsOf)];
}

/** Which of the sixteen a part is. */
export const remainderOf = (part: string): number => Number(/^spread_(\d+)\./.exec(part)?.[1]);

/**
 * The parts that a statement would touch for a group, whatever else it is asked: planned without its
 * values, as a prepared statement is, and then with the group's id for every id.
 */
export async function partsTouched(
	client: pg.Client,
	sql: string,
	groupId: string
): Promise<string[]> {
	await client.query(`prepare asked as ${sql}`);
	try {
		const { rows: types } = await client.query<{ type: string }>(
			`select unnest(parameter_types)::text as type from pg_prepared_statements where name = 'asked'`
		);
		const values = types.map(({ type }) => (type === 'uuid' ? `'${groupId}'` : 'null'));
		const { rows } = await client.query<{ 'QUERY PLAN': [{ Plan: Node }] }>(
			`explain (verbose, format json) execute asked${values.length ? `(${values.join(', ')})` : ''}`
		);
		return rows[0] ? partsOf(rows[0]['QUERY PLAN'][0].Plan) : [];
	} finally {
		await client.query('deallocate asked');
	}
}

/** Has a database tell each of its clients how everything was done, what its triggers ask included. */
export const tellPlans = (client: pg.Client, database: string): Promise<unknown> =>
	client.query(
		[
			`session_preload_libraries = 'auto_explain'`,
			'auto_explain.log_min_duration = 0',
			'auto_explain.log_nested_statements = on',
			'auto_explain.log_analyze = on',
			'auto_explain.log_timing = off',
			'auto_explain.log_verbose = on',
			`auto_explain.log_format = 'json'`,
			`auto_explain.log_level = 'notice'`
		]
			.map((setting) => `alter database ${client.escapeIdentifier(database)} set ${setting};`)
			.join('\n')
	);

/** What was asked and which parts that touched, out of what `tellPlans` has the server say; null for another notice. */
export function toldPlan(notice: string): { sql: string; parts: string[] } | null {
	const at = notice.indexOf('{');
	if (!/^duration: .* plan:/.test(notice) || at < 0) return null;
	const told = JSON.parse(notice.slice(at)) as { 'Query Text': string; Plan: Node };
	return { sql: told['Query Text'], parts: partsOf(told.Plan) };
}
