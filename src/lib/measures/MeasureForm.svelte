<script lang="ts">
	// Something measured, held against the plan it was worked by; says at once what it would mean.
	import { MeasureForm as say } from '$lib/words/measures';
	import EntryField from '$lib/entries/EntryField.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import EntrySelect from '$lib/entries/EntrySelect.svelte';
	import OnlyWhen from '$lib/entries/OnlyWhen.svelte';
	import type { Measure } from '$lib/entries/types/measurement';
	import { readEntry } from '$lib/entries/read-entry';
	import { readingWords } from './measure-words';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import type { PlanBasis } from './plan-basis';
	import { impossibleWords, oddReading, oddWords, readingsOf } from './plan-basis';
	import { fieldLength } from '$lib/core/units/format-length';
	import { takenHere } from '$lib/stages/photo/taken-here';
	import { onMount, untrack } from 'svelte';

	interface Props {
		plans: readonly { readonly id: string; readonly name: string; readonly basis: PlanBasis }[];
		makers: readonly string[];
		today: string;
		/** The plan it is held against. */
		chosen?: string | undefined;
		sent?: SentForm | null | undefined;
	}
	let { plans, makers, today, chosen = $bindable(), sent }: Props = $props();
	const outbox = getOutbox();
	const form = untrack(
		() =>
			new TypedForm(
				'measurement',
				{
					measure: 'swatch',
					plan: plans[0]?.id ?? '',
					maker: '',
					measured_on: today,
					counted: '',
					rows: '',
					length: '',
					height: '',
					strand: '',
					bags_used: '',
					mass: '',
					by: '',
					sure: ''
				},
				outbox,
				sent
			)
	);
	// The hall's day may be another than was thought, and days end.
	$effect(() => {
		const day = today;
		untrack(() => form.startWith('measured_on', day));
	});
	let isByPhoto = $state(false);
	// What a photo told comes with the address.
	onMount(() => {
		const taken = takenHere();
		if (!taken) return;
		const { rows, stitches, width_mm, height_mm } = taken.values;
		const long = (mm: number | undefined) =>
			mm === undefined ? '' : fieldLength(mm, outbox.readBy().system, 'bag');
		const count = (value: number | undefined) => (value === undefined ? '' : String(value));
		if (taken.of === 'swatch')
			Object.assign(form.typed, {
				measure: 'swatch',
				counted: count(stitches),
				rows: count(rows),
				length: long(width_mm),
				height: long(height_mm),
				by: 'photo'
			});
		else if (taken.of === 'loom')
			Object.assign(form.typed, {
				measure: 'woven',
				counted: count(rows),
				length: long(height_mm),
				by: 'photo'
			});
		else return;
		isByPhoto = true;
	});
	const measure = $derived((form.typed.measure ?? 'swatch') as Measure);
	$effect(() => {
		chosen = form.typed.plan;
	});
	const plan = $derived(plans.find(({ id }) => id === form.typed.plan));
	const says = $derived.by(() => {
		const { entry } = readEntry('measurement', form.typed, outbox.readBy());
		if (entry?.type !== 'measurement' || !plan) return null;
		const read = readingsOf(entry, plan.basis);
		if (read.problem !== undefined) return { problem: read.problem };
		const odd = oddReading(read.readings);
		// Said to be right and still impossible: the server will not have it either.
		const impossible = form.typed.sure === 'yes' ? impossibleWords(read.readings) : null;
		return { readings: read.readings, odd, problem: impossible ?? undefined };
	});
	const question = $derived(says?.odd ? oddWords(says.odd) : form.problems.sure);
	const countWords: Record<Measure, string> = {
		swatch: say.stitches(),
		chain: say.pieces(),
		woven: say.rows(),
		handful: say.bags(),
		mat: say.bagsUsed()
	};
	const lengthWords: Record<Measure, string> = {
		swatch: say.theirWidth(),
		chain: say.lengthNotStretched(),
		woven: say.theirLength(),
		handful: '',
		mat: say.lengthOfTheMat()
	};
	const isBand = $derived(measure === 'woven' && plan?.basis.woven?.bandMm !== undefined);
	const heightWords = $derived(
		measure === 'mat' ? say.widthOfTheMat() : isBand ? say.widthOfTheBand() : say.theirHeight()
	);
</script>

<EntryForm
	{form}
	question={question ?? ''}
	title={say.addAMeasure()}
	act={say.save()}
	stays={['measure', 'plan', 'maker', 'measured_on']}
	may={() => !says?.odd || form.typed.sure === 'yes'}
>
	<input type="hidden" name="by" value={form.typed.by} />
	{#if isByPhoto && form.typed.by === 'photo'}<p role="status" data-by-photo>
			{say.tookMeasures()}
		</p>{/if}
	<p>
		<a
			class="inline-flex min-h-11 link items-center"
			href="/photo?of={measure === 'woven' ? 'loom' : 'swatch'}&from=/measures"
			>{say.fromAPhoto()}</a
		>
	</p>
	<EntrySelect
		{form}
		field="measure"
		label={say.what()}
		options={[
			{ value: 'swatch', label: say.aCrochetedSwatch() },
			{ value: 'chain', label: say.aChainOfJoinedPieces() },
			{ value: 'woven', label: say.rowsWovenOnALoom() },
			{ value: 'handful', label: say.aWeighedHandfulOfBags() },
			{ value: 'mat', label: say.aFinishedMat() }
		]}
	/>
	<EntrySelect
		{form}
		field="plan"
		label={say.workedAsIn()}
		options={plans.map(({ id, name }) => ({ value: id, label: name }))}
	/>
	<div class="grid grid-cols-2 gap-3">
		<EntryField {form} field="counted" label={countWords[measure]} inputmode="numeric" />
		<OnlyWhen is={measure === 'swatch'}>
			<EntryField {form} field="rows" label={say.rows()} inputmode="numeric" />
		</OnlyWhen>
		<OnlyWhen is={measure !== 'handful'}>
			<EntryField {form} field="length" label={lengthWords[measure]} />
		</OnlyWhen>
		<OnlyWhen is={measure === 'swatch' || measure === 'mat' || isBand}>
			<EntryField
				{form}
				field="height"
				label={heightWords}
				hint={isBand ? say.ifYouKnowIt() : ''}
			/>
		</OnlyWhen>
		<OnlyWhen is={measure === 'swatch'}>
			<EntryField {form} field="strand" label={say.yarnUsed()} hint={say.ifYouKnowIt()} />
		</OnlyWhen>
		<OnlyWhen is={measure === 'woven' && !isBand}>
			<EntryField
				{form}
				field="bags_used"
				label={say.bagsWovenIn()}
				hint={say.ifTheyWereCounted()}
				inputmode="numeric"
			/>
		</OnlyWhen>
		<OnlyWhen is={measure === 'handful'}>
			<EntryField {form} field="mass" label={say.theyWeigh()} />
		</OnlyWhen>
	</div>
	<div class="grid grid-cols-2 gap-3">
		<EntryField {form} field="measured_on" label={say.on()} type="date" />
		<EntryField {form} field="maker" label={say.whoOptional()} offers={makers} />
	</div>
	{#if says?.problem}<p class="text-[0.9375rem] font-semibold text-error">{says.problem}</p>{/if}
	{#if says?.readings}<p class="text-[0.9375rem]" role="status">
			{say.result({ reading: readingWords(says.readings) })}
		</p>{/if}
</EntryForm>
