import { readNeed } from '$lib/server/need/need';
import { readerOf } from '$lib/server/web/reader';
import { PlansActs as say } from '$lib/words/plan';
import { uuidShape } from '$lib/server/base/uuid';
import { readName } from '$lib/ui/name';
import { fileProblemWords, nameProblemWords } from '$lib/stages/plan/words/problem-words';
import { awayMessage } from '$lib/server/db/away';
import { findGroup } from '$lib/server/db/groups';
import {
	deletePlan,
	duplicatePlan,
	findDeletedPlan,
	hangsOnPlan,
	type HangsOn,
	insertPlan,
	listPlans,
	plansPerPage,
	renamePlan,
	restorePlan
} from '$lib/server/plan/plans';
import { isDatabaseAway } from '$lib/server/db/pool';
import { writeOf } from '$lib/server/plan/keep-form';
import { practiceOfGroup } from '$lib/server/measures/practice';
import { plansNow } from '$lib/server/plan/plans-now';
import { practiceOrBare } from '$lib/server/measures/practice-asked';
import { readUpload } from '$lib/server/plan/read-upload';
import { readForm } from '$lib/server/web/read-form';
import { fail, isHttpError, isRedirect, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

/** How an act on the list went, where it did not go well. */
interface ListAnswer {
	readonly message?: string;
	readonly fileProblems?: string[];
	/** What hangs on a plan that is to be deleted: asked about first. */
	readonly hanging?: HangsOn & {
		readonly id: string;
		/** Mats that are to be begun by it for what places ask. */
		readonly forAsks: number;
		readonly places: readonly string[];
	};
	readonly rename?: { readonly id: string; readonly typed: string; readonly problem: string };
}
const refuse = (status: number, answer: ListAnswer) => fail(status, answer);

const idShape = uuidShape;
const pageShape = z.coerce.number().int().min(0).max(10_000).catch(0);

export const load: PageServerLoad = async ({ locals, url }) => {
	const page = pageShape.parse(url.searchParams.get('page'));
	const deletedId = idShape.safeParse(url.searchParams.get('deleted')).data;
	const [plans, practice, deleted] = await Promise.all([
		listPlans(locals.db, page),
		practiceOfGroup(locals.db),
		deletedId ? findDeletedPlan(locals.db, deletedId) : null
	]);
	return {
		plans: await plansNow(locals.db, plans, practice),
		basis: practice.basis,
		page,
		hasMore: plans.length === plansPerPage,
		deleted,
		key: crypto.randomUUID()
	};
};

/** Reads the plan's id, does the work on it, and says in a sentence where it cannot be done. */
async function onPlan(
	request: Request,
	work: (id: string, form: FormData) => Promise<ReturnType<typeof refuse> | void>
) {
	const form = await readForm(request);
	const id = idShape.safeParse(form.get('id')).data;
	if (!id) return refuse(400, { message: say.thePlanCouldNotBe() });
	try {
		return (await work(id, form)) ?? undefined;
	} catch (problem) {
		if (isRedirect(problem) || isHttpError(problem)) throw problem;
		if (isDatabaseAway(problem)) return refuse(503, { message: awayMessage });
		throw problem;
	}
}

const goneMessage = say.thatPlanIsNoLonger();

export const actions: Actions = {
	rename: ({ request, locals }) =>
		onPlan(request, async (id, form) => {
			const typed = form.get('name');
			const read = readName(typeof typed === 'string' ? typed : '');
			if (read.problem)
				return refuse(422, {
					rename: {
						id,
						typed: String(typed ?? '').slice(0, 400),
						problem: nameProblemWords(read.problem)
					}
				});
			if (!(await renamePlan(locals.db, id, read.name)))
				return refuse(404, { message: goneMessage });
		}),
	duplicate: ({ request, locals }) =>
		onPlan(request, async (id, form) => {
			const key = idShape.safeParse(form.get('key')).data ?? crypto.randomUUID();
			if (!(await duplicatePlan(locals.db, id, key))) return refuse(404, { message: goneMessage });
		}),
	delete: ({ request, locals, cookies }) =>
		onPlan(request, async (id, form) => {
			const [hangs, need] = await Promise.all([
				hangsOnPlan(locals.db, id),
				readerOf({ locals, cookies }).then((reader) => readNeed(locals.db, reader))
			]);
			const own = need.asks.filter(({ plan, toBegin }) => plan?.id === id && toBegin > 0);
			const forAsks = own.reduce((sum, { toBegin }) => sum + toBegin, 0);
			const all = hangs ? hangs.begun + hangs.wanted + hangs.days + forAsks : 0;
			if (hangs && all > 0 && form.get('sure') !== 'yes') {
				const places = [...new Set(own.map(({ placeName }) => placeName))];
				return refuse(409, { hanging: { ...hangs, id, forAsks, places } });
			}
			await deletePlan(locals.db, id);
			redirect(303, `/plans?deleted=${id}`);
		}),
	restore: ({ request, locals }) =>
		onPlan(request, async (id) => {
			await restorePlan(locals.db, id);
			redirect(303, '/plans');
		}),
	read: async ({ request, locals }) => {
		const { form, read } = await readUpload(request);
		if (read.problems) {
			const system = await findGroup(locals.db).then(
				(group) => group.lengthSystem,
				() => 'cm' as const
			);
			return refuse(read.problems[0]?.status ?? 422, {
				fileProblems: read.problems.slice(0, 8).map((problem) => fileProblemWords(problem, system))
			});
		}
		const key = idShape.safeParse(form?.get('key')).data ?? crypto.randomUUID();
		try {
			const result = await insertPlan(
				locals.db,
				writeOf(read.name ?? say.planFromAFile(), read.plan, key, await practiceOrBare(locals.db))
			);
			if (result.outcome === 'gone') return refuse(409, { message: goneMessage });
			if (result.outcome === 'changed-meanwhile')
				return refuse(409, {
					message: say.aFileWasKeptFrom()
				});
			redirect(303, `/plan/${result.plan.id}?kept=${result.plan.version}`);
		} catch (problem) {
			if (isDatabaseAway(problem)) return refuse(503, { message: awayMessage });
			throw problem;
		}
	}
};
