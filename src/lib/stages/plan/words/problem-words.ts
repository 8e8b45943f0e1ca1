import { problemWords as msg } from '$lib/words/plan';
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
	const each = path === 'bag.mass_g' ? msg.aBag() : '';
	if (value < bound.atLeast) {
		return bound.atLeast === 0 ? msg.thisCannotBeLessThan() : msg.thisIsTooSmallAt({ least, each });
	}
	if (value > bound.atMost) return msg.thisIsTooLargeAt({ most, each });
	return msg.thisNeedsAWholeNumber({ least, most });
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
			return msg.giveAStripWidthOr();
		case 'trims-take-all':
			return msg.theTrimsTakeOfA({
				formatLength: formatLength(problem.trimsMm, system, 'bag'),
				formatLength2: formatLength(problem.bodyMm, system, 'bag')
			});
		case 'strip-wider-than-body':
			return msg.theStripIsWiderThan({
				formatLength: formatLength(problem.usableMm, system, 'bag')
			});
		case 'spiral-too-wide':
			return msg.aSpiralNeedsTwoTurns({
				small: small(problem.usableMm / 2),
				formatLength: formatLength(problem.usableMm, system, 'bag')
			});
		case 'joint-not-for-cut':
			return msg.thisJointDoesNotGo();
		case 'strips-too-narrow':
			return msg.thatMakesStripsOfAt({
				small: small(problem.stripMm),
				small2: small(problem.leastMm)
			});
		case 'kind-not-cut':
			return msg.kindNotCut({ nth: problem.nth + 2 });
		case 'no-length-after-joint':
			return msg.theRingsWouldBeToo();
	}
}

export function nameProblemWords(problem: NameProblem): string {
	switch (problem.code) {
		case 'name-empty':
			return msg.giveThePlanAName();
		case 'name-too-long':
			return msg.theNameHasCharactersAre({ length: problem.length, longest: problem.longest });
		case 'name-unreadable':
			return msg.theNameHasACharacter();
	}
}

/** What is wrong with a plan file. The path names the place in the file, as it is spelled there. */
export function fileProblemWords(problem: PlanFileProblem, system: LengthSystem): string {
	switch (problem.code) {
		case 'file-missing':
			return msg.chooseAPlanFileFirst();
		case 'file-too-large':
			return msg.thatFileIsMbA({ bytes: trimmed(problem.bytes / 1_048_576, 1) });
		case 'file-not-json':
			return msg.thatFileIsNotA();
		case 'file-other-kind':
			return msg.thatFileIsNotA2();
		case 'file-newer':
			return msg.thatPlanWasSavedBy({ version: trimmed(problem.version, 0) });
		case 'file-value':
			return msg.inTheFile({ path: problem.path, detail: problem.detail });
		case 'file-misfit':
			return msg.inTheFile2({
				path: problem.problem.path,
				fieldProblem: fieldProblemWords(problem.problem, system)
			});
	}
}
