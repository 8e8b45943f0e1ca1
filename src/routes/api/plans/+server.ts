import { ApiPlansDoor as say } from '$lib/words/house';
import { uuidShape } from '$lib/server/base/uuid';
import { readName } from '$lib/ui/name';
import { largestPlanFile } from '$lib/stages/plan/document/file-size';
import { readPlanFile } from '$lib/stages/plan/document/plan-file';
import { fileProblemWords, nameProblemWords } from '$lib/stages/plan/words/problem-words';
import { insertPlan, listPlans } from '$lib/server/plan/plans';
import { practiceOfGroup } from '$lib/server/measures/practice';
import { writeOf } from '$lib/server/plan/keep-form';
import { plansNow } from '$lib/server/plan/plans-now';
import { practiceOrBare } from '$lib/server/measures/practice-asked';
import { readBody } from '$lib/server/web/read-body';
import { json, type RequestHandler } from '@sveltejs/kit';

/** The newest plans with the figures they had when they were kept, and those they have now. */
export const GET: RequestHandler = async ({ locals }) => {
	const [plans, practice] = await Promise.all([listPlans(locals.db), practiceOfGroup(locals.db)]);
	const now = await plansNow(locals.db, plans, practice);
	return json({ measures: practice.basis, plans: now });
};

const keyShape = uuidShape;

/** Keeps the plan file in the body as a new plan. The same `idempotency-key` header again makes no second one. */
export const POST: RequestHandler = async ({ request, locals }) => {
	const body = await readBody(request, largestPlanFile);
	if (body.text === null) return json({ problems: [say.theBodyIsLargerThan()] }, { status: 413 });
	const read = readPlanFile(body.text);
	if (read.problems) {
		const status = read.problems[0]?.status ?? 422;
		return json(
			{ problems: read.problems.map((problem) => fileProblemWords(problem, 'cm')) },
			{ status }
		);
	}
	const name = readName(read.name ?? '');
	if (name.problem) return json({ problems: [nameProblemWords(name.problem)] }, { status: 422 });
	const practice = await practiceOrBare(locals.db);
	const key =
		keyShape.safeParse(request.headers.get('idempotency-key')).data ?? crypto.randomUUID();
	const result = await insertPlan(locals.db, writeOf(name.name, read.plan, key, practice));
	if (result.outcome !== 'kept')
		return json({ problems: [say.anotherPlanWasKeptUnder()] }, { status: 409 });
	const { id, version, figures } = result.plan;
	return json(
		{ id, version, measures: practice.basis, figures },
		{ status: 201, headers: { location: `/plan/${id}` } }
	);
};
