import type { Db } from '$lib/server/db/db';
import type { Basis, Practice } from '$lib/core/practice/practice';
import type { Plan } from '$lib/core/model/types';
import type { Tally } from '$lib/core/estimate/estimate';
import { estimatePlan } from '$lib/core/estimate/estimate';
import { planOfShape } from '$lib/stages/plan/document/document';
import { keptFiguresOf } from '$lib/stages/plan/document/kept-figures';
import type { PlanLine } from './plans';
import { documentsOf } from './plans';
import { versionKey, type Version } from './version-key';
import { Memo } from '$lib/server/db/cache';

interface Now {
	readonly now: Tally;
	/** Whose measures the present figures rest on. */
	readonly measures: Basis;
	/** How it is made, so that two plans of one name are told apart. */
	readonly method: Pick<Plan, 'cut' | 'technique' | 'target'>;
}

/** A kept plan with its figures now, beside its figures when it was kept. */
export interface PlanNow extends PlanLine, Now {}

/** What is worked out of kept plans by a practice; the documents are read only of those that are not known yet. */
export async function outOfPlans<Value>(
	db: Db,
	lines: readonly Version[],
	practice: Practice,
	memo: Memo<Value>,
	work: (plan: Plan) => Value
): Promise<Map<string, Value>> {
	const known = new Map<string, Value>();
	const missing: string[] = [];
	for (const line of lines) {
		const before = memo.get(versionKey(line, practice));
		if (before === undefined) missing.push(line.id);
		else known.set(line.id, before);
	}
	const documents = missing.length > 0 ? await documentsOf(db, missing) : [];
	for (const { id, version, document } of documents)
		known.set(
			id,
			memo.set(versionKey({ id, version }, practice), work(planOfShape(document.plan)))
		);
	return known;
}

const nows = new Memo<Now>();

/** What kept plans come to by a practice: the same door as the bench's own figures. */
export async function plansNow<Line extends PlanLine>(
	db: Db,
	lines: readonly Line[],
	practice: Practice
): Promise<(Line & Now)[]> {
	const known = await outOfPlans(db, lines, practice, nows, (plan) => {
		const { tally, basis } = estimatePlan(plan, practice);
		const { cut, technique, target } = plan;
		return { now: keptFiguresOf(tally), measures: basis, method: { cut, technique, target } };
	});
	return lines.flatMap((line) => {
		const now = known.get(line.id);
		// Deleted between the two questions: it is not in the list any more.
		return now ? [{ ...line, ...now }] : [];
	});
}
