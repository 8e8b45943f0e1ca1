import { ways as say } from '$lib/words/plan';
import { yieldsOf } from '$lib/core/model/yields';
import { totalSeconds } from '$lib/core/effort/stations';
import type { Practice } from '$lib/core/practice/practice';
import { coverGrade } from '$lib/core/techniques/cover-grade';
import { pointFor } from '$lib/core/model/known-for';
import type { Model } from '$lib/core/model/model';
import { modelPlan } from '$lib/core/model/model';
import type { Plan } from '$lib/core/model/types';
import { strandStrength } from '$lib/core/strand/strength';
import type { LengthSystem } from '$lib/core/units/format-length';
import { fieldLength } from '$lib/core/units/format-length';
import type { Changes } from '../choices';
import { chooseStyle, chooseTechnique, suitedHook } from '../choices';
import { fieldsOfPlan, readFields } from '../';
import { figure, fixed, wholeNumber } from '$lib/ui/number-words';
import { massWords, strandWords } from '$lib/ui/unit-words';

/** One school's way, with what it comes to for the bag on the bench. */
export interface School {
	readonly label: string;
	/** What taking it up changes; null where it changes nothing on the bench. */
	readonly changes: Changes | null;
	/** The figures that this question turns on, ready to read; null where the way cannot be made of this bag. */
	readonly figures: readonly string[] | null;
	/** What it makes of this bag, to be drawn beside the others; null where it is no way of making. */
	readonly made: { readonly plan: Plan; readonly model: Model } | null;
}

/** A question on which practised hands differ, with an even-handed word on it. */
export interface Question {
	readonly question: string;
	readonly note: string;
	readonly schools: readonly School[];
}

export type Show = (model: Model, plan: Plan) => string[];

export const bagsOf = (model: Model) =>
	say.bags({ count: wholeNumber(Math.ceil(model.toCollect)) });
const hoursOf = (model: Model) => `${figure(totalSeconds(model.seconds) / 3600)} h`;
const coverOf = ({ mat }: Model) =>
	say.cover({ cover: fixed(mat.cover, 2), coverGrade: coverGrade(mat.kind, mat.cover) });
export const holdsOf = (model: Model) =>
	say.holdsNAtAJoint({ jointN: wholeNumber(strandStrength(model.yield.solidSectionMm2).jointN) });
export const usual: Show = (model) => [bagsOf(model), hoursOf(model), coverOf(model)];

/** Whether two plans work the same strand by the same technique: what was chosen for the one suits the other. */
const isAlike = (one: Plan, other: Plan): boolean =>
	one.technique.kind === other.technique.kind &&
	Math.abs(yieldsOf(one, 1).cut.bulkDiameterMm - yieldsOf(other, 1).cut.bulkDiameterMm) < 0.01;

/** The plan on the bench and what schools make of it. */
export function waysOf(plan: Plan, system: LengthSystem, practice: Practice) {
	const fields = fieldsOfPlan(plan, system);
	const middle = pointFor(plan, practice);
	const school = (label: string, changes: Changes, show: Show = usual): School => {
		const typed = { ...fields, ...changes };
		const { plan: tried } = readFields(typed, system);
		if (!tried) return { label, changes, figures: null, made: null };
		// A school with a strand of its own is shown with the hook that suits it; else the hook stays as it is.
		const hook =
			tried.technique.kind === 'crochet' && !isAlike(tried, plan)
				? { hook: suitedHook(tried) }
				: {};
		const withHook = readFields({ ...typed, ...hook }, system).plan ?? tried;
		const model = modelPlan(withHook, middle);
		return {
			label,
			changes: { ...changes, ...hook },
			figures: show(model, withHook),
			made: { plan: withHook, model }
		};
	};
	/** A way that changes nothing about the mat. */
	const custom = (
		label: string,
		figures: readonly string[] | null,
		changes: Changes | null = null
	): School => ({ label, changes, figures, made: null });
	const mm = (value: number) => fieldLength(value, system, 'small');
	const strand = (value: number) => strandWords(value, system);
	const mass = (g: number) => massWords(g, system);
	const rings = (changes: Changes): Changes => ({
		...chooseStyle('', 'loops', system),
		...changes
	});
	const ownTrim = (value: number): Changes => ({
		trim: 'own',
		trim_bottom: mm(value),
		trim_top: mm(value)
	});
	const technique = (kind: Parameters<typeof chooseTechnique>[0]): Changes =>
		kind === plan.technique.kind ? {} : chooseTechnique(kind, fields, system);
	const now = modelPlan(plan, middle);
	return { plan, system, now, school, custom, rings, ownTrim, technique, mm, strand, mass };
}
export type Ways = ReturnType<typeof waysOf>;
