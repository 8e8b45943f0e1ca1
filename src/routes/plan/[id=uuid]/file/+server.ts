import { PlanIdFileDoor as say } from '$lib/words/plan';
import { planOfShape } from '$lib/stages/plan/document/document';
import { fileNameOf } from '$lib/ui/name';
import { writePlanFile } from '$lib/stages/plan/document/plan-file';
import { findPlan } from '$lib/server/plan/plans';
import { error, type RequestHandler } from '@sveltejs/kit';

/** The plan as a file. Its name holds only letters every disk can keep. */
export const GET: RequestHandler<{ id: string }> = async ({ params, locals }) => {
	const kept = await findPlan(locals.db, params.id);
	if (!kept) error(404, { message: say.thereIsNoPlanHere() });
	return new Response(writePlanFile(kept.name, planOfShape(kept.document.plan)), {
		headers: {
			'content-type': 'application/json; charset=utf-8',
			'content-disposition': `attachment; filename="${fileNameOf(kept.name)}.nest-row.json"`
		}
	});
};
