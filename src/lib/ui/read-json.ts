import { readJson as say } from '$lib/words/common';
import type { z } from 'zod';

/** What is wrong with a file, and where: one sentence a place. */
export interface FileProblem {
	readonly path: string;
	readonly sentence: string;
}

/** What was read of a file, or all that is wrong with it. */
export type ReadFile<Value> =
	| { readonly value: Value; readonly problems?: never }
	| { readonly value?: never; readonly problems: readonly FileProblem[] };

/** What the text of a file is as JSON. */
export function jsonOf(text: string): ReadFile<unknown> {
	try {
		return { value: JSON.parse(text) as unknown };
	} catch {
		return { problems: [{ path: 'file', sentence: say.thisIsNotJson() }] };
	}
}

/** Reads what a file holds by a shape. */
export function shapedAs<Value>(content: unknown, shape: z.ZodType<Value>): ReadFile<Value> {
	const read = shape.safeParse(content);
	if (read.success) return { value: read.data };
	return {
		problems: read.error.issues.map(({ path, message }) => ({
			path: path.map(String).join('.') || 'file',
			sentence: message
		}))
	};
}

/** Reads the text of a JSON file by its shape. */
export function readJson<Value>(text: string, shape: z.ZodType<Value>): ReadFile<Value> {
	const { value, problems } = jsonOf(text);
	return problems ? { problems } : shapedAs(value, shape);
}
