import { LAddressActs as say } from '$lib/words/house';
import { planOfShape } from '$lib/stages/plan/document/document';
import { findPlanVersion } from '$lib/server/plan/plan-versions';
import { practiceOrBare } from '$lib/server/measures/practice-asked';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

/** What a link opens: one version of one plan, to read. */
export const load: PageServerLoad = async ({ locals }) => {
	const link = locals.link?.grants === 'read-plan' ? locals.link : null;
	const kept = link ? await findPlanVersion(locals.db, link.planId, link.planVersion) : null;
	if (!link || !kept)
		error(404, {
			message: say.thisLinkOpensNothingIt()
		});
	return {
		name: kept.name,
		keptAt: kept.keptAt,
		plan: planOfShape(kept.document.plan),
		practice: await practiceOrBare(locals.db)
	};
};
