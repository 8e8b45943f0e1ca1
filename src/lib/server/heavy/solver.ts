import type { Highs } from 'highs';

/** The solver, made once and used again; made anew after it failed. */
let solver: Promise<Highs> | null = null;

/** Solves a program in the words of the solver; an error leaves a new solver for the next. */
export async function solved(
	program: string,
	options: Parameters<Highs['solve']>[1]
): Promise<ReturnType<Highs['solve']>> {
	const highs = await (solver ??= import('highs').then(({ default: loadHighs }) => loadHighs()));
	try {
		return highs.solve(program, options);
	} catch (error) {
		solver = null;
		throw error;
	}
}
