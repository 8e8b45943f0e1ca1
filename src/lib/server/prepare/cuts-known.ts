import { figuresOfBag } from '$lib/core/bag/bag-figures';
import { cutsOfPlan } from '$lib/core/prepare/cuts-of-plan';
import type { Plan } from '$lib/core/model/types';
import type { TableCut } from '$lib/stages/prepare/table-view';
import type { KindLine } from '$lib/server/gather/kinds';
import type { Version } from '$lib/server/plan/version-key';
import { Memo } from '$lib/server/db/cache';
import { cutOfKind } from './asked-cut';

const known = new Memo<readonly TableCut[]>(2000);

/** The marks of lists of kinds, so that each list is looked over once. */
const marks = new WeakMap<readonly KindLine[], string>();
function markOf(kinds: readonly KindLine[]): string {
	let mark = marks.get(kinds);
	if (mark === undefined) {
		mark = JSON.stringify(kinds.map((kind) => [kind.id, ...figuresOfBag(kind)]));
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
	return known.of(`${id} ${version} ${markOf(kinds)}`, () =>
		cutsOfPlan(plan).flatMap(({ use }) =>
			kinds.flatMap((kind): TableCut[] => {
				const found = cutOfKind(plan, kind, kinds, use);
				if (!found) return [];
				const { pieces, filmUsedG } = found.given;
				const { massG, cut } = found;
				return [{ planId: id, use, kindId: kind.id, given: { pieces, filmUsedG }, massG, cut }];
			})
		)
	);
}
