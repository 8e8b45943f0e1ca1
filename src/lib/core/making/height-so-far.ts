import { within } from '../domain-error';

/** What the length of a mat at a row says of its end. */
export interface HeightSoFar {
	/** Height of a row as it is made, mm. */
	readonly rowMm: number;
	/** The same over the plan's: above 1 the mat grows faster. */
	readonly drift: number;
	/** Length that the rows of its plan will reach, mm. */
	readonly reachesMm: number;
	/** Rows to the length of its plan, whole. */
	readonly rows: number;
	/** Rows more than planned; below 0, rows to leave. */
	readonly moreRows: number;
	/** Strand that those rows take, m. */
	readonly moreM: number;
}

/**
 * Which length a mat will reach, and how many rows make it as long as its plan.
 *
 * @param row the row it was measured at, 1 or more
 * @param lengthMm its length there, above 0
 * @param planned rows and length of the plan, and strand a row, m
 * @throws DomainError
 * @example heightSoFar(100, 900, { rows: 204, lengthMm: 1850, rowM: 3 }).moreRows // 2
 */
export function heightSoFar(
	row: number,
	lengthMm: number,
	planned: { readonly rows: number; readonly lengthMm: number; readonly rowM: number }
): HeightSoFar {
	within('row', row, { atLeast: 1 });
	within('lengthMm', lengthMm, { moreThan: 0 });
	within('planned.rows', planned.rows, { atLeast: 1 });
	within('planned.lengthMm', planned.lengthMm, { moreThan: 0 });
	const rowMm = lengthMm / row;
	const rows = Math.max(row, Math.round(planned.lengthMm / rowMm));
	const moreRows = rows - planned.rows;
	return {
		rowMm,
		drift: rowMm / (planned.lengthMm / planned.rows),
		reachesMm: rowMm * planned.rows,
		rows,
		moreRows,
		moreM: moreRows * planned.rowM
	};
}
