import type { Mix, MixProgram, StoredBags } from '$lib/core/back/mix';
import { mixOf } from '$lib/core/back/mix';
import { mixText } from '$lib/core/back/mix-text';
import { solved } from './solver';

/** Seconds the solver may take before it gives the best it has. */
const longestSeconds = 2;

const options = (program: MixProgram) =>
	({
		output_flag: false,
		time_limit: longestSeconds,
		// Whole mats: within less than one of the bound there is no better count. Areas to a thousandth.
		mip_abs_gap: program.isCounted ? 0.9 : 1e-6,
		mip_rel_gap: program.isCounted ? 0 : 1e-3
	}) as const;

/**
 * The best mix for a program, by integer programming.
 *
 * @returns null where even the empty mix could not be shown to be one, which no store brings about
 */
export async function solveMix(
	program: MixProgram,
	store: readonly StoredBags[]
): Promise<Mix | null> {
	if (program.choices.length === 0) return mixOf(program, [], store);
	const solution = await solved(mixText(program), options(program));
	if (!Object.values(solution.Columns).every((column) => 'Primal' in column)) return null;
	const counts = program.choices.map((_, index) => {
		const column = solution.Columns[`x${index}`];
		return column && 'Primal' in column ? Number(column.Primal) : 0;
	});
	return mixOf(program, counts, store);
}
