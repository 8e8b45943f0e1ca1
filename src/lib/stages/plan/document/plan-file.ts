import type { PlanProblem } from '$lib/core/model/plan-problems';
import { planProblems } from '$lib/core/model/plan-problems';
import type { Plan } from '$lib/core/model/types';
import { documentOf, planFormat, planOfShape, planShape, planVersion } from './document';
import { readName } from '$lib/ui/name';

/** Why a text is no plan file, as data; `status` is the HTTP answer that fits. */
export type PlanFileProblem =
	| { readonly code: 'file-missing'; readonly status: 400 }
	| { readonly code: 'file-too-large'; readonly status: 413; readonly bytes: number }
	| { readonly code: 'file-not-json'; readonly status: 400 }
	| { readonly code: 'file-other-kind'; readonly status: 422 }
	| { readonly code: 'file-newer'; readonly status: 422; readonly version: number }
	| {
			readonly code: 'file-value';
			readonly status: 422;
			readonly path: string;
			readonly detail: string;
	  }
	| { readonly code: 'file-misfit'; readonly status: 422; readonly problem: PlanProblem };

export type ReadPlan =
	| { readonly plan: Plan; readonly name: string | null; readonly problems?: never }
	| { readonly plan?: never; readonly problems: readonly PlanFileProblem[] };

const isRecord = (value: unknown): value is Record<string, unknown> =>
	typeof value === 'object' && value !== null && !Array.isArray(value);

/** Reads a bare plan object, shaped as in a plan file. */
export function readPlanObject(value: unknown): ReadPlan {
	const parsed = planShape.safeParse(value);
	if (!parsed.success) {
		return {
			problems: parsed.error.issues.map((issue) => ({
				code: 'file-value',
				status: 422,
				path: issue.path.join('.') || 'plan',
				detail: issue.message
			}))
		};
	}
	const plan = planOfShape(parsed.data);
	const problems = planProblems(plan);
	if (problems.length === 0) return { plan, name: null };
	return { problems: problems.map((problem) => ({ code: 'file-misfit', status: 422, problem })) };
}

function parseJson(text: string): { value?: unknown; isJson: boolean } {
	try {
		return { value: JSON.parse(text.replace(/^\uFEFF/, '')), isJson: true };
	} catch {
		return { isJson: false };
	}
}

/** Reads a parsed plan file of ours, of any version up to today's. A name it cannot keep is left out, never the plan. */
function readPlanValue(value: unknown): ReadPlan {
	if (!isRecord(value) || value.format !== planFormat || typeof value.version !== 'number') {
		return { problems: [{ code: 'file-other-kind', status: 422 }] };
	}
	if (value.version > planVersion)
		return { problems: [{ code: 'file-newer', status: 422, version: value.version }] };
	if (value.version !== 1 && value.version !== planVersion)
		return { problems: [{ code: 'file-other-kind', status: 422 }] };
	const read = readPlanObject(value.plan);
	if (read.problems) return read;
	const name = typeof value.name === 'string' ? readName(value.name).name : undefined;
	return { plan: read.plan, name: name ?? null };
}

/** Reads the text of a plan file of ours. */
export function readPlanFile(text: string): ReadPlan {
	const { value, isJson } = parseJson(text);
	return isJson ? readPlanValue(value) : { problems: [{ code: 'file-not-json', status: 400 }] };
}

/** Reads a plan file of ours, or a bare plan object shaped like the one inside. */
export function readPlanText(text: string): ReadPlan {
	const { value, isJson } = parseJson(text);
	if (!isJson) return { problems: [{ code: 'file-not-json', status: 400 }] };
	const isFile = isRecord(value) && ('format' in value || 'version' in value);
	return isFile ? readPlanValue(value) : readPlanObject(value);
}

/** The text of a plan file. */
export const writePlanFile = (name: string, plan: Plan): string => {
	const { format, version, plan: shape } = documentOf(plan);
	return `${JSON.stringify({ format, version, name, plan: shape }, null, '\t')}\n`;
};
