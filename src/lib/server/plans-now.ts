import type { Basis, Practice } from '$lib/core/know/practice';
import type { Tally } from '$lib/core/plan/estimate';
import { estimatePlan } from '$lib/core/plan/estimate';
import { planOfShape } from '$lib/plan/document';
import { keptFiguresOf } from '$lib/plan/kept-figures';
import type { PlanLine } from './db/plans';
import { documentsOf } from './db/plans';
import type { GroupId } from './group';
import { WorkedOut } from './worked-out';

interface Now {
	readonly now: Tally;
	/** Whose measures the present figures rest on. */
	readonly measures: Basis;
}

/** A kept plan with what it comes to now, beside what it came to when it was kept. */
export interface PlanNow extends PlanLine, Now {}

const workedOut = new WorkedOut<Now>();

/** What kept plans come to by a practice: the same door as the bench's own figures. */
export async function plansNow(
	groupId: GroupId,
	lines: readonly PlanLine[],
	practice: Practice
): Promise<PlanNow[]> {
	const known = new Map(lines.map((line) => [line.id, workedOut.get(line, practice)]));
	const missing = lines.filter(({ id }) => !known.get(id));
	if (missing.length > 0) {
		const documents = await documentsOf(
			groupId,
			missing.map(({ id }) => id)
		);
		for (const { id, version, document } of documents) {
			const { tally, basis } = estimatePlan(planOfShape(document.plan), practice);
			const now = { now: keptFiguresOf(tally), measures: basis };
			known.set(id, workedOut.set({ id, version }, practice, now));
		}
	}
	return lines.flatMap((line) => {
		const now = known.get(line.id);
		// Deleted between the two questions: it is not in the list any more.
		return now ? [{ ...line, ...now }] : [];
	});
}
