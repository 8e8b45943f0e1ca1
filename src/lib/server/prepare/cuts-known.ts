import { cutsOfPlan } from '$lib/core/prepare/cuts-of-plan';
import type { Plan } from '$lib/core/model/types';
import type { TableCut } from '$lib/stages/prepare/table-view';
import type { KindLine } from '$lib/server/gather/kinds';
import type { Version } from '$lib/server/plan/worked-out';
import { cutOfKind } from './asked-cut';

/** More versions of plans than a day's tables work for, so that what is remembered never grows without end. */
const most = 2000;
const known = new Map<string, readonly TableCut[]>();

/** The marks of lists of kinds, so that each list is looked over once. */
const marks = new WeakMap<readonly KindLine[], string>();
function markOf(kinds: readonly KindLine[]): string {
	let mark = marks.get(kinds);
	if (mark === undefined) {
		mark = JSON.stringify(
			kinds.map(({ id, flatWidthMm, gussetMm, bodyMm, handleMm, massG }) => [
				id,
				flatWidthMm,
				gussetMm,
				bodyMm,
				handleMm,
				massG
			])
		);
		marks.set(kinds, mark);
	}
	return mark;
}

/** What bags of every kind give by every cut of a version of a plan: always the same for the same kinds, and so worked out once. */
export function cutsOfVersion(
	{ id, version }: Version,
	plan: Plan,
	kinds: readonly KindLine[]
): readonly TableCut[] {
	const word = `${id} ${version} ${markOf(kinds)}`;
	const before = known.get(word);
	if (before) return before;
	const cuts = cutsOfPlan(plan).flatMap(({ use }) =>
		kinds.flatMap((kind): TableCut[] => {
			const found = cutOfKind(plan, kind, kinds, use);
			if (!found) return [];
			const { pieces, filmUsedG } = found.given;
			const { massG, cut } = found;
			return [{ planId: id, use, kindId: kind.id, given: { pieces, filmUsedG }, massG, cut }];
		})
	);
	if (known.size >= most) known.clear();
	known.set(word, cuts);
	return cuts;
}
