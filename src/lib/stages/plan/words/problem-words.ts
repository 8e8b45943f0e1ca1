import type { PlanProblem } from '$lib/core/model/plan-problems';
import { planLimits } from '$lib/core/model/limits';
import type { LengthScale, LengthSystem } from '$lib/core/units/format-length';
import { formatLength, trimmed } from '$lib/core/units/format-length';
import { formatMass } from '$lib/core/units/format-mass';
import { lengthProblemWords, massProblemWords, numberProblemWords } from '$lib/ui/quantity-words';
import type { FieldProblem } from '../fields';
import { lengthFields } from '../fields';
import type { NameProblem } from '$lib/ui/name';
import type { PlanFileProblem } from '../document/plan-file';

const scaleOfPath = Object.fromEntries(
	Object.values(lengthFields).map(({ path, scale }) => [path, scale])
) as Partial<Record<string, LengthScale>>;

/** A bound of a path, said with its unit. */
function boundWords(path: PlanProblem['path'], value: number, system: LengthSystem): string {
	const scale = scaleOfPath[path];
	if (scale) return value === 0 ? '0' : formatLength(value, system, scale);
	if (path === 'bag.mass_g') return formatMass(value, system);
	return path === 'technique.hook_mm' ? `${trimmed(value, 1)} mm` : trimmed(value, 0);
}

function outOfBounds(
	problem: PlanProblem & { code: 'out-of-bounds' },
	system: LengthSystem
): string {
	const { path, value } = problem;
	const bound: { atLeast: number; atMost: number } = planLimits[path];
	const least = boundWords(path, bound.atLeast, system);
	const most = boundWords(path, bound.atMost, system);
	const each = path === 'bag.mass_g' ? ' a bag' : '';
	if (value < bound.atLeast) {
		return bound.atLeast === 0
			? 'This cannot be less than nothing.'
			: `This is too small: at least ${least}${each}.`;
	}
	if (value > bound.atMost) return `This is too large: at most ${most}${each}.`;
	return `This needs a whole number from ${least} to ${most}.`;
}

/** What is wrong with a field, as one volunteer would say it to another. */
export function fieldProblemWords(problem: FieldProblem, system: LengthSystem): string {
	const small = (mm: number) => formatLength(mm, system, 'small');
	switch (problem.code) {
		case 'not-understood':
			return lengthProblemWords(problem, system);
		case 'mass-not-understood':
			return massProblemWords({ ...problem, code: 'not-understood' }, system);
		case 'empty':
		case 'not-a-number':
		case 'not-a-whole-number':
		case 'thousands-or-decimals':
			return numberProblemWords(problem);
		case 'out-of-bounds':
			return outOfBounds(problem, system);
		case 'one-of-two':
			return 'Give a strip width or a count of equal strips, one of the two.';
		case 'trims-take-all':
			return `The trims take ${formatLength(problem.trimsMm, system, 'bag')} of a body of ${formatLength(problem.bodyMm, system, 'bag')}: nothing is left to cut.`;
		case 'strip-wider-than-body':
			return `The strip is wider than the ${formatLength(problem.usableMm, system, 'bag')} left between the trims.`;
		case 'spiral-too-wide':
			return `A spiral needs two turns: at most ${small(problem.usableMm / 2)} wide in the ${formatLength(problem.usableMm, system, 'bag')} between the trims.`;
		case 'joint-not-for-cut':
			return 'This joint does not go with this cut: an open strip has no loop to pass through.';
		case 'strips-too-narrow':
			return `That makes strips of ${small(problem.stripMm)}; at least ${small(problem.leastMm)} can be cut and joined.`;
		case 'no-length-after-joint':
			return 'The rings would be too small to join: the knot takes all their length. Use a wider bag or a narrower strip.';
	}
}

export function nameProblemWords(problem: NameProblem): string {
	switch (problem.code) {
		case 'name-empty':
			return 'Give the plan a name, so that it can be found again.';
		case 'name-too-long':
			return `The name has ${problem.length} characters; ${problem.longest} are kept.`;
		case 'name-unreadable':
			return 'The name has a character that cannot be shown. Please type it again.';
	}
}

/** What is wrong with a plan file. The path names the place in the file, as it is spelled there. */
export function fileProblemWords(problem: PlanFileProblem, system: LengthSystem): string {
	switch (problem.code) {
		case 'file-missing':
			return 'Choose a plan file first.';
		case 'file-too-large':
			return `That file is ${trimmed(problem.bytes / 1_048_576, 1)} MB. A plan file is far smaller; this is something else.`;
		case 'file-not-json':
			return 'That file is not a plan file: it could not be read as JSON.';
		case 'file-other-kind':
			return 'That file is not a plan of Nest Row.';
		case 'file-newer':
			return `That plan was saved by a newer Nest Row (version ${trimmed(problem.version, 0)} of the file). Bring this one up to date to open it.`;
		case 'file-value':
			return `In the file, ${problem.path}: ${problem.detail}.`;
		case 'file-misfit':
			return `In the file, ${problem.problem.path}: ${fieldProblemWords(problem.problem, system)}`;
	}
}
