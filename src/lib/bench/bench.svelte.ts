import type { BagPresetId } from '$lib/core/bag/presets';
import { bagPresets } from '$lib/core/bag/presets';
import { estimatePlan } from '$lib/core/plan/estimate';
import type { Plan } from '$lib/core/plan/types';
import type { LengthScale, LengthSystem } from '$lib/core/units/format-length';
import { fieldLength, formatLength } from '$lib/core/units/format-length';
import type { FieldName, Fields } from '$lib/plan/fields';
import { bagFields, convertFields, readFields, trimSchools } from '$lib/plan/fields';
import { fieldProblemWords } from '$lib/plan/problem-words';
import { startingPlan } from '$lib/plan/starting-plan';
import type { StitchTerms } from '$lib/plan/stitch-words';

/** The planning bench: what is typed, the plan it makes, and what that plan comes to. */
export class Bench {
	fields = $state<Fields>() as Fields;
	system = $state<LengthSystem>('cm');
	terms = $state<StitchTerms>('us');
	#good: Plan;

	reading = $derived.by(() => readFields(this.fields, this.system));
	/** The plan the fields make; while they make none, the last one that they did. */
	plan = $derived.by(() => {
		if (this.reading.plan) this.#good = this.reading.plan;
		return this.#good;
	});
	isCurrent = $derived.by(() => this.reading.plan !== null);
	estimate = $derived.by(() => estimatePlan(this.plan));

	constructor(
		fields: Fields,
		system: LengthSystem,
		terms: StitchTerms,
		fallback: Plan = startingPlan
	) {
		this.fields = { ...fields };
		this.system = system;
		this.terms = terms;
		this.#good = fallback;
	}

	/** The sentence at a field, or null. */
	problemAt(field: FieldName): string | null {
		const problem = this.reading.problems[field];
		return problem ? fieldProblemWords(problem, this.system) : null;
	}

	readable(mm: number, scale: LengthScale): string {
		return formatLength(mm, this.system, scale);
	}

	/** Another choice of units: what is typed is rewritten in them. */
	useSystem(system: LengthSystem): void {
		if (system === this.system) return;
		this.fields = convertFields(this.fields, this.system, system);
		this.system = system;
	}

	choosePreset(id: BagPresetId): void {
		const preset = bagPresets.find((one) => one.id === id);
		if (preset) Object.assign(this.fields, bagFields(preset.bag, this.system), { bag_preset: id });
	}

	chooseTrim(school: keyof typeof trimSchools): void {
		const text = fieldLength(trimSchools[school], this.system, 'small');
		Object.assign(this.fields, { trim: school, trim_bottom: text, trim_top: text });
	}

	chooseStripWidth(mm: number): void {
		Object.assign(this.fields, {
			loops: 'measured',
			strip_width: fieldLength(mm, this.system, 'small')
		});
	}

	chooseEqualStrips(strips: number): void {
		Object.assign(this.fields, { loops: 'equal', equal_strips: String(strips) });
	}
}
