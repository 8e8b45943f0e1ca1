import { z } from 'zod';
import { compareAll } from '$lib/core/compare/compare-all';
import type { Practice } from '$lib/core/practice/practice';
import { toCamelKeys, toSnakeKeys } from './case';
import { bagShape, planShape, targetShape } from './document';

/** What `POST /api/compare` takes: a bag and a size, and what else a plan may hold. */
export const compareShape = z.strictObject({
	bag: bagShape,
	target: targetShape,
	finish: planShape.shape.finish,
	work: planShape.shape.work,
	/** Between measured strip widths. */
	step_mm: z.number().min(1).max(20).optional(),
	only: z.enum(['all', 'unbeaten']).optional()
});

/** What `POST /api/mix` takes: the store, the ways to make mats, the hours there are. */
export const mixShape = z.strictObject({
	store: z
		.array(
			z.strictObject({
				kind: z.string().trim().min(1).max(80),
				bag: bagShape,
				count: z.number().min(0).max(1_000_000)
			})
		)
		.min(1)
		.max(40),
	methods: z
		.array(
			z.strictObject({
				name: z.string().trim().min(1).max(80),
				plan: planShape.omit({ bag: true }),
				at_most: z.int().min(0).max(100_000).optional()
			})
		)
		.min(1)
		.max(24),
	goal: z.enum(['mats', 'area']).optional(),
	hours: z.number().positive().max(1_000_000).optional()
});

type Read<Value> =
	| { readonly value: Value; readonly problems?: never }
	| { readonly value?: never; readonly problems: readonly string[] };

/** Reads JSON text into a shape; each problem is a line that begins with its path. */
export function parseRequest<Shape extends z.ZodType>(
	text: string,
	shape: Shape
): Read<z.output<Shape>> {
	let value: unknown;
	try {
		value = JSON.parse(text);
	} catch {
		return { problems: ['body: this is not JSON.'] };
	}
	const parsed = shape.safeParse(value);
	if (parsed.success) return { value: parsed.data };
	return {
		problems: parsed.error.issues.map(
			({ path, message }) => `${path.join('.') || 'body'}: ${message}`
		)
	};
}

export type CompareRequest = z.output<typeof compareShape>;
export type MixRequest = z.output<typeof mixShape>;

/** Methods one answer holds; a finer step than anyone cuts would make it ten megabytes. */
export const mostMethods = 4000;

/** A comparison worked out, answered in the words of plan files; of too many methods those that nothing beats come first. */
export function compareAnswer(request: CompareRequest, practice: Practice): object {
	const { bag, target, finish, work, step_mm: stepMm, only } = request;
	const rest = toCamelKeys({ finish, work });
	const methods = compareAll(toCamelKeys(bag), toCamelKeys(target), practice, { stepMm, rest });
	const best = methods.filter(({ isUnbeaten }) => isUnbeaten);
	const room = mostMethods - best.length;
	const others = only === 'unbeaten' ? [] : methods.filter(({ isUnbeaten }) => !isUnbeaten);
	const isWhole = only !== 'unbeaten' && methods.length <= mostMethods;
	const shown = isWhole ? methods : [...best, ...others.slice(0, Math.max(0, room))];
	return {
		measures: practice.basis,
		compared: methods.length,
		methods: shown
			.slice(0, mostMethods)
			.map(({ isUnbeaten, cut, technique, bags, hours, cover }) => ({
				cut: toSnakeKeys(cut),
				technique: toSnakeKeys(technique),
				to_collect: bags,
				hours,
				cover_share: cover,
				unbeaten: isUnbeaten
			}))
	};
}
