import { planOfShape } from '$lib/plan/document';
import { writePlanFile } from '$lib/plan/plan-file';
import { whileReached } from '$lib/server/db/away';
import { findPlan } from '$lib/server/db/plans';
import { error, type RequestHandler } from '@sveltejs/kit';

/** The plan as a file. Its name holds only letters every disk can keep. */
export const GET: RequestHandler<{ id: string }> = async ({ params, locals }) => {
	const kept = await whileReached(findPlan(locals.groupId, params.id));
	if (!kept) error(404, { message: 'There is no plan here.' });
	const plain = kept.name
		.normalize('NFKD')
		.replace(/[^A-Za-z0-9]+/g, '-')
		.replace(/^-|-$/g, '')
		.slice(0, 60);
	return new Response(writePlanFile(kept.name, planOfShape(kept.document.plan)), {
		headers: {
			'content-type': 'application/json; charset=utf-8',
			'content-disposition': `attachment; filename="${plain || 'plan'}.nest-row.json"`
		}
	});
};
