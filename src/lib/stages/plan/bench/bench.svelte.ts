import type { Bag } from '$lib/core/bag/measure-bag';
import type { BagPresetId } from '$lib/core/bag/presets';
import { bagPresets, presetOf } from '$lib/core/bag/presets';
import type { CutStyle } from '$lib/core/cut/types';
import type { PlanPatch } from '$lib/core/judge/judgement';
import type { Practice } from '$lib/core/practice/practice';
import type { TechniqueKind } from '$lib/core/techniques/technique';
import type { Estimate, TallyName } from '$lib/core/estimate/estimate';
import { estimatePlan } from '$lib/core/estimate/estimate';
import type { Plan } from '$lib/core/model/types';
import type { LengthScale, LengthSystem } from '$lib/core/units/format-length';
import { fieldLength, formatLength, trimmed } from '$lib/core/units/format-length';
import type { Changes } from '$lib/stages/plan/fields/choices';
import { chooseStyle, chooseTechnique, followHook } from '$lib/stages/plan/fields/choices';
import type { CutPrefix, FieldName, Fields } from '$lib/stages/plan/fields';
import { convertFields, fieldsOfPlan, readFields, trimSchools } from '$lib/stages/plan/fields';
import { lengthsOf, writeExact } from '$lib/stages/plan/fields/exact';
import { bagFields, usualHandful } from '$lib/ui/bag-fields';
import { fieldProblemWords } from '$lib/stages/plan/words/problem-words';
import type { CountedBags } from '$lib/stages/plan/fields/mix-request';
import { startingPlan } from '$lib/core/model/starting-plan';
import type { StepName } from '$lib/stages/plan/words/step-lines';
import { stepLines, stepNames } from '$lib/stages/plan/words/step-lines';
import type { ToolLine } from '$lib/stages/prepare/tool-line';
import type { StitchTerms } from '$lib/ui/stitch-words';
import { History } from './history';

/** What is open under the mat. */
export type DetailView = 'closer' | 'reckoning' | null;

const sameFields = (a: Fields, b: Fields): boolean =>
	(Object.keys(a) as FieldName[]).every((field) => a[field] === b[field]);

/** The planning bench: what is typed, the plan it makes, and what that plan comes to. */
export class Bench {
	fields = $state<Fields>() as Fields;
	system = $state<LengthSystem>('cm');
	terms = $state<StitchTerms>('us');
	openStep = $state<StepName>('cut');
	detail = $state<DetailView>(null);
	/** The figure whose reckoning is shown. */
	figure = $state<TallyName>('toCollect');
	/** The mat itself stands large beside the steps: its step needs no second one. */
	isMatBeside = $state(false);
	/** How often a figure was tapped to see how it is reached. */
	asked = $state(0);
	#good: Plan;
	#history: History<Fields>;
	/** Counts the moves through the history, so that what can be undone is known to the page. */
	#moves = $state(0);
	#linesAtOpening = $state<Record<StepName, string> | null>(null);

	reading = $derived.by(() => readFields(this.fields, this.system));
	/** The plan the fields make; while they make none, the last one that they did. */
	plan = $derived.by(() => {
		if (this.reading.plan) this.#good = this.reading.plan;
		return this.#good;
	});
	isCurrent = $derived.by(() => this.reading.plan !== null);
	/** Whose measures the figures rest on. */
	practice: Practice;
	estimate = $derived.by(() => estimatePlan(this.plan, this.practice));
	#drawn = $state.raw<{ readonly plan: Plan; readonly estimate: Estimate } | null>(null);
	lines = $derived.by(() =>
		stepLines(this.drawn.plan, this.drawn.estimate, this.system, this.terms)
	);
	/** The steps that changed along with the one that is open, since it was opened. */
	alsoChanged = $derived.by(() =>
		stepNames
			.filter((step) => step !== this.openStep)
			.map((step) => ({ step, was: this.#linesAtOpening?.[step] ?? '', now: this.lines[step] }))
			.filter(({ was, now }) => was !== '' && was !== now)
	);
	canUndo = $derived.by(() => this.#moves >= 0 && this.#history.canUndo);
	canRedo = $derived.by(() => this.#moves >= 0 && this.#history.canRedo);

	constructor(
		fields: Fields,
		system: LengthSystem,
		terms: StitchTerms,
		practice: Practice,
		/** The group's own kinds of bag with what is in the store; empty where they are not known. */
		readonly kinds: readonly CountedBags[] = [],
		fallback: Plan = startingPlan,
		/** The group's own looms, frames and hooks. */
		readonly tools: readonly ToolLine[] = []
	) {
		this.practice = practice;
		this.fields = { ...fields };
		this.system = system;
		this.terms = terms;
		this.#good = fallback;
		this.#history = new History({ ...fields }, sameFields);
		this.#linesAtOpening = this.lines;
	}

	/** The plan that is drawn, with its figures: a frame behind the tally while the user is at a field. */
	get drawn(): { readonly plan: Plan; readonly estimate: Estimate } {
		return this.#drawn ?? { plan: this.plan, estimate: this.estimate };
	}

	draw(next: { readonly plan: Plan; readonly estimate: Estimate }): void {
		this.#drawn = next;
	}

	/** The sentence at a field, or null. */
	problemAt(field: FieldName): string | null {
		const problem = this.reading.problems[field];
		return problem ? fieldProblemWords(problem, this.system) : null;
	}

	readable(mm: number, scale: LengthScale): string {
		return formatLength(mm, this.system, scale);
	}

	/** Opens a step, and the drawing that goes with it. */
	open(step: StepName): void {
		if (step === this.openStep) return;
		this.openStep = step;
		this.#linesAtOpening = this.lines;
		if (this.detail === 'reckoning') this.detail = null;
	}

	/** Changes fields while the user is still at them; a hook that suited goes on suiting. */
	type(changes: Changes): void {
		const before = this.plan;
		Object.assign(this.fields, changes);
		if (!('hook' in changes) && this.reading.plan)
			this.fields.hook = followHook(before, this.reading.plan, this.fields.hook);
	}

	/** Changes fields by one settled choice. */
	choose(changes: Changes): void {
		this.type(changes);
		this.note();
	}

	/** Notes where the user is, who can then come back here. */
	note(): void {
		this.#history.note({ ...this.fields });
		this.#moves++;
	}

	undo(): void {
		this.#restore(this.#history.undo());
	}

	redo(): void {
		this.#restore(this.#history.redo());
	}

	#restore(fields: Fields | null): void {
		if (!fields) return;
		Object.assign(this.fields, fields);
		this.#moves++;
	}

	/** Puts a whole plan on the bench. */
	takeUp(plan: Plan): void {
		Object.assign(this.fields, fieldsOfPlan(plan, this.system));
		this.note();
	}

	/** Puts parts of a plan in place of its own: the cure of a judgement, or a method taken up. */
	patch(patch: PlanPatch): void {
		const isRecut = patch.cut !== undefined && patch.cut.style !== this.plan.cut.style;
		const join = patch.join ?? (isRecut ? undefined : this.plan.join);
		this.takeUp({ ...this.plan, ...patch, join });
	}

	/** Another choice of units: what is typed is rewritten in them. */
	useSystem(system: LengthSystem): void {
		if (system === this.system) return;
		this.fields = convertFields(this.fields, this.system, system);
		this.system = system;
		this.#history = new History({ ...this.fields }, sameFields);
		this.#linesAtOpening = this.lines;
		this.#moves++;
	}

	/** Takes one of the group's own kinds of bag. */
	chooseBag(bag: Bag): void {
		this.choose({ ...this.#bag(bag), bag_preset: presetOf(bag) ?? 'own' });
	}

	choosePreset(id: BagPresetId): void {
		const preset = bagPresets.find((one) => one.id === id);
		if (preset) this.choose({ ...this.#bag(preset.bag), bag_preset: id });
	}

	/** A bag's measures in its fields, remembered to the tenth of a millimetre. */
	#bag(bag: Bag): Changes {
		const changes = bagFields(bag, this.system, usualHandful);
		const lengths = {
			...lengthsOf(this.fields, this.system),
			bag_width: bag.flatWidthMm,
			bag_gusset: bag.gussetMm,
			bag_body: bag.bodyMm,
			bag_handle: bag.handleMm,
			handful_g: bag.massG * 10
		};
		const exact =
			this.system === 'ft' ? writeExact({ ...this.fields, ...changes }, lengths, 'ft') : '';
		return { ...changes, exact };
	}

	chooseTrim(prefix: CutPrefix, school: keyof typeof trimSchools): void {
		const text = fieldLength(trimSchools[school], this.system, 'small');
		this.choose({
			[`${prefix}trim`]: school,
			[`${prefix}trim_bottom`]: text,
			[`${prefix}trim_top`]: text
		});
	}

	chooseStyle(prefix: CutPrefix, style: CutStyle): void {
		this.choose(chooseStyle(prefix, style, this.system));
	}

	chooseTechnique(kind: TechniqueKind): void {
		this.choose({
			...chooseTechnique(kind, this.fields, this.system),
			// Hooks advised are hooks owned.
			...(kind === 'crochet' && this.ownHooks.length > 0 && { hooks: this.ownHooks.join(' ') })
		});
	}

	/** Hooks of the group, mm. */
	get ownHooks(): number[] {
		return this.tools.flatMap(({ tool }) => (tool.sort === 'hook' ? [tool.mm] : []));
	}

	/** Plans on a tool that stands there: the technique with it, and its measures as they are. */
	chooseTool({ tool }: ToolLine): void {
		const { system } = this;
		const small = (mm: number) => fieldLength(mm, system, 'small');
		const long = (mm: number) => fieldLength(mm, system, 'mat');
		const to = (kind: TechniqueKind) =>
			this.plan.technique.kind === kind ? {} : chooseTechnique(kind, this.fields, system);
		const own = (changes: Changes, lengths: Partial<Record<FieldName, number>>) =>
			this.choose({
				...changes,
				// Sixteenths of an inch say less than the tool measures: it is remembered to the tenth.
				exact:
					system === 'ft'
						? writeExact(
								{ ...this.fields, ...changes },
								{ ...lengthsOf(this.fields, system), ...lengths },
								'ft'
							)
						: ''
			});
		if (tool.sort === 'loom')
			own(
				{
					...to('peg-loom'),
					loom: 'own',
					pegs: String(tool.pegs),
					pitch: small(tool.pitchMm),
					peg_to_peg: long(tool.pegToPegMm)
				},
				{ pitch: tool.pitchMm, peg_to_peg: tool.pegToPegMm }
			);
		else if (tool.sort === 'frame')
			own(
				{
					...to('twined'),
					frame: 'own',
					nails: String(tool.nails),
					pitch: small(tool.pitchMm),
					frame_width: long(tool.nails * tool.pitchMm),
					frame_length: long(tool.lengthMm)
				},
				{
					pitch: tool.pitchMm,
					frame_width: tool.nails * tool.pitchMm,
					frame_length: tool.lengthMm
				}
			);
		else if (tool.sort === 'hook')
			this.choose({ ...to('crochet'), hook: trimmed(tool.mm, 2), hooks: this.ownHooks.join(' ') });
	}

	slideStripWidth(prefix: CutPrefix, mm: number): void {
		this.type({
			[`${prefix}loops`]: 'measured',
			[`${prefix}strip_width`]: fieldLength(mm, this.system, 'small')
		});
	}

	chooseEqualStrips(prefix: CutPrefix, strips: number): void {
		this.choose({ [`${prefix}loops`]: 'equal', [`${prefix}equal_strips`]: String(strips) });
	}

	/** Shows how a figure of the tally was reached. */
	explain(figure: TallyName): void {
		this.asked++;
		this.figure = figure;
		this.detail = 'reckoning';
	}
}
