import type { Db } from '$lib/server/db/db';
import { DomainError } from '$lib/core/domain-error';
import { pointFor } from '$lib/core/model/known-for';
import { modelPlan } from '$lib/core/model/model';
import type { Plan } from '$lib/core/model/types';
import { usualWorkSetup } from '$lib/core/model/types';
import type { Practice } from '$lib/core/practice/practice';
import type { MatKind } from '$lib/core/season/exchange';
import type { MatTool, SeasonBasis, SeasonPlan } from '$lib/stages/season/season-view';
import { usualMat } from '$lib/stages/season/season-view';
import { outOfPlans } from '$lib/server/plan/plans-now';
import { Memo } from '$lib/server/db/cache';
import { plansInWorkText } from '$lib/server/prepare/plans-in-work';
import type { Need } from '$lib/server/need/need';
import { toBeginOf } from '$lib/server/need/need';
import type { PlanInWork } from '$lib/server/prepare/plans-in-work';

type Kind = MatKind & { readonly tool: MatTool | null; readonly bagsPerBall: number };
/** Null where a plan cannot be made as it is kept. */
const kinds = new Memo<Kind | null>();

const toolOf = ({ technique }: Plan): MatTool | null =>
	technique.kind === 'peg-loom' ? 'loom' : technique.kind === 'twined' ? 'frame' : null;

function kindOf(plan: Plan, practice: Practice): Kind | null {
	try {
		const { toPrepare, seconds } = modelPlan(plan, pointFor(plan, practice));
		return {
			bags: toPrepare,
			makingSeconds: Math.max(1, seconds.make + seconds.finish),
			tool: toolOf(plan),
			bagsPerBall: (plan.work ?? usualWorkSetup).bagsPerBall
		};
	} catch (error) {
		if (!(error instanceof DomainError)) throw error;
		return null;
	}
}

/** The plans mats could be begun by, and the mat that is begun as things stand: of those wanted, on average. */
export async function plansOfSeason(
	db: Db,
	practice: Practice,
	need: Need
): Promise<Pick<SeasonBasis, 'plans' | 'newMat' | 'nextPlan'>> {
	const lines = await db.many<PlanInWork>(plansInWorkText, [db.groupId]);
	const known = await outOfPlans(db, lines, practice, kinds, (plan) => kindOf(plan, practice));
	const toBegin = toBeginOf(need);
	const plans = lines.flatMap(({ id, name }): SeasonPlan[] => {
		const kind = known.get(id);
		return kind ? [{ id, name, toBegin: toBegin.get(id) ?? 0, ...kind }] : [];
	});
	const nextPlan =
		plans.find(({ id }) => lines.some((line) => line.isNext && line.id === id))?.id ?? null;
	const wanted =
		[plans.filter(({ id }) => id === nextPlan), plans.filter((plan) => plan.toBegin > 0)].find(
			(some) => some.length > 0
		) ?? plans;
	const [first] = wanted;
	if (!first)
		return {
			plans,
			nextPlan,
			newMat: { ...usualMat, tool: null, bagsPerBall: usualWorkSetup.bagsPerBall }
		};
	const weights = wanted.map((plan) => Math.max(1, plan.toBegin));
	const all = weights.reduce((sum, one) => sum + one, 0);
	const mean = (of: 'bags' | 'makingSeconds' | 'bagsPerBall') =>
		wanted.reduce((sum, plan, at) => sum + plan[of] * (weights[at] ?? 0), 0) / all;
	return {
		plans,
		nextPlan,
		newMat: {
			bags: mean('bags'),
			makingSeconds: mean('makingSeconds'),
			bagsPerBall: mean('bagsPerBall'),
			// Where some of them need none, nobody has to wait for one.
			tool: wanted.every(({ tool }) => tool === first.tool) ? first.tool : null
		}
	};
}

/** How many looms and frames stand there; null where none was ever noted. */
export async function toolsOfSeason(db: Db): Promise<SeasonBasis['tools']> {
	const rows = await db.many<{ sort: string; count: number }>(
		`select sort, coalesce(sum(count) filter (where gone_at is null), 0)::integer as count from tool
		 where group_id = $1 and sort in ('loom', 'frame') group by sort`,
		[db.groupId]
	);
	const of = (sort: MatTool) => rows.find((row) => row.sort === sort)?.count ?? null;
	return { loom: of('loom'), frame: of('frame') };
}
