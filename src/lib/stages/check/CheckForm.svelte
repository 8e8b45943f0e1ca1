<script lang="ts">
	// One mat under the hand: what is found where, how large it is, what it weighs, and the call at once.
	import { CheckForm as msg } from '$lib/words/check';
	import type { FaultKind } from '$lib/core/check/faults';
	import { faultsOf } from '$lib/core/check/faults';
	import type { AcceptingPlace } from '$lib/core/check/judge-mat';
	import { judgeForPlaces } from '$lib/core/check/judge-mat';
	import { densityWords } from '$lib/ui/unit-words';
	import EntryField from '$lib/entries/EntryField.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import EntrySelect from '$lib/entries/EntrySelect.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import { faultsIn, faultsText } from '$lib/entries/types/check';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import { lengthOf, massOf } from '$lib/ui/typed-values';
	import { takenHere } from '$lib/stages/photo/taken-here';
	import { onMount, untrack } from 'svelte';
	import CheckMap from './CheckMap.svelte';
	import type { MatToCheck } from './check-view';
	import { checkReasonWords, faultWords, noteWords, resultWords, useWords } from './check-words';
	import { fieldLength, formatLength } from '$lib/core/units/format-length';
	import { middleOf, mapPlaceOf } from './places';
	import Remedy from './Remedy.svelte';

	interface Props {
		mat: MatToCheck;
		/** The places that receive mats, and what they accept. */
		places: readonly AcceptingPlace[];
		sent?: SentForm | null | undefined;
	}
	const { mat, places, sent }: Props = $props();
	const outbox = getOutbox();
	const empty = '0'.repeat(15);
	const form = untrack(
		() =>
			new TypedForm(
				'check',
				{
					mat: mat.code,
					length: '',
					width: '',
					mass: '',
					map: empty,
					faults: '',
					result: '',
					why: '',
					by: ''
				},
				outbox,
				sent
			)
	);
	const kind = $derived(mat.look?.kind ?? 'crochet');
	let gaps = $state<number | null>(null);
	let isByPhoto = $state(false);
	/** How far along the mat its narrowing is marked, and how far across. */
	const narrowsAt = { along: 0.9, across: 0.5 } as const;
	// What a photo told comes with the address.
	onMount(() => {
		const taken = takenHere();
		if (taken?.of === 'cover') gaps = taken.values['gap_fraction'] ?? null;
		else if (taken?.of === 'mat') {
			const { width_start_mm, width_middle_mm, width_end_mm, length_mm, narrows } = taken.values;
			const widths = [width_start_mm, width_middle_mm, width_end_mm].filter(
				(mm) => mm !== undefined
			);
			const long = (mm: number) => fieldLength(mm, outbox.readBy().system, 'bag');
			form.beginNext();
			if (length_mm) form.typed['length'] = long(length_mm);
			if (widths.length > 0)
				form.typed['width'] = long(widths.reduce((sum, mm) => sum + mm, 0) / widths.length);
			if (
				narrows &&
				faultsOf(kind).includes('narrows') &&
				!found.some((one) => one.kind === 'narrows')
			)
				form.typed['faults'] = faultsText([...found, { kind: 'narrows', ...narrowsAt }]);
			form.typed['by'] = 'photo';
			isByPhoto = true;
		}
	});
	/** What a tap on a place marks: a fingertip that goes through, or a fault. */
	let marking = $state<'through' | FaultKind>('through');
	const through = $derived([...(form.typed['map'] ?? empty)].map((one) => one === '1'));
	const found = $derived(faultsIn(form.typed['faults'] ?? '') ?? []);
	function tap(
		place: number,
		spot: { readonly along: number; readonly across: number } | null
	): void {
		form.beginNext();
		if (marking === 'through') {
			form.typed['map'] = through.map((is, at) => ((at === place ? !is : is) ? '1' : '0')).join('');
			return;
		}
		const own = marking;
		const there = found.findIndex((one) => one.kind === own && mapPlaceOf(one) === place);
		// A second tap takes it away.
		const next =
			there >= 0
				? found.filter((_, at) => at !== there)
				: [...found, { kind: own, ...(spot ?? middleOf(place)) }];
		form.typed['faults'] = faultsText(next);
	}
	const judged = $derived.by(() => {
		const { system } = outbox.readBy();
		const [length, width] = [
			lengthOf(form.typed['length'] ?? '', system, 'bag').mm,
			lengthOf(form.typed['width'] ?? '', system, 'bag').mm
		];
		const mass = form.typed['mass'] ? massOf(form.typed['mass'], system).g : null;
		if (!mat.planned || !length || !width || mass === undefined) return null;
		if (!(length > 0) || !(width > 0) || (mass !== null && !(mass > 0))) return null;
		return judgeForPlaces(
			{
				technique: kind,
				isLengthwise: mat.look?.isLengthwise,
				widthMm: width,
				lengthMm: length,
				massG: mass,
				goesThrough: through,
				faults: found
			},
			mat.planned,
			places
		);
	});
	const lengthWords = (size: number) => formatLength(size, outbox.readBy().system, 'mat');
	const mm = $derived(lengthOf(form.typed['length'] ?? '', outbox.readBy().system, 'bag').mm ?? 0);
	const kinds = $derived(faultsOf(kind));
	const seen = $derived([...new Set(found.map((one) => one.kind))]);
</script>

<EntryForm {form} title={msg.checkTheMat()} act={msg.saveCheck()} stays={['mat']}>
	<input type="hidden" name="mat" value={mat.code} />
	<input type="hidden" name="map" value={form.typed['map']} />
	<input type="hidden" name="faults" value={form.typed['faults']} />
	<input type="hidden" name="by" value={form.typed['by']} />
	{#if isByPhoto && form.typed['by'] === 'photo'}<p role="status" data-by-photo>
			{msg.tookMeasures()}
		</p>{/if}
	<p class="flex flex-wrap gap-x-6">
		<a class="inline-flex min-h-11 link items-center" href="/photo?of=mat&from=/check/{mat.code}"
			>{msg.fromAPhoto()}</a
		>
		<a class="inline-flex min-h-11 link items-center" href="/photo?of=cover&from=/check/{mat.code}"
			>{msg.lightThrough()}</a
		>
	</p>
	{#if gaps !== null}<p role="status" data-gaps={gaps}>
			{msg.gapsByPhoto({ percent: Math.round(100 * gaps) })}
		</p>{/if}
	<p>
		{msg.goOverItWithA()}
	</p>
	<fieldset class="flex flex-wrap gap-x-5">
		<legend class="font-semibold">{msg.aTapMarks()}</legend>
		<label class="flex min-h-11 items-center gap-2">
			<input class="radio" type="radio" name="marking" value="through" bind:group={marking} />
			{msg.aFingertipGoesThrough()}
		</label>
		{#each kinds as one (one)}
			<label class="flex min-h-11 items-center gap-2">
				<input class="radio" type="radio" name="marking" value={one} bind:group={marking} />
				{faultWords[one].name}
			</label>
		{/each}
	</fieldset>
	<CheckMap {mat} goesThrough={through} faults={found} ontap={tap} />
	{#if form.problems.map || form.problems.faults}
		<p class="font-semibold text-error" role="alert">{form.problems.map ?? form.problems.faults}</p>
	{/if}
	<div class="grid gap-3 @min-[40rem]:grid-cols-3">
		<EntryField {form} field="length" label={msg.length()} inputmode="decimal" />
		<EntryField {form} field="width" label={msg.width()} inputmode="decimal" />
		<EntryField {form} field="mass" label={msg.dryWeight()} inputmode="decimal" />
	</div>
	{#if judged}
		<div aria-live="polite" data-call={judged.result}>
			<p class="text-xl">
				<strong>{resultWords[judged.result]}</strong>{judged.minutes > 0 && judged.result === 'mend'
					? msg.aboutMinutes({ minutes: judged.minutes })
					: ''}
			</p>
			{#if judged.gramsPerM2 !== null}<p class="quiet">
					{msg.ofItsPlans({
						density: densityWords(judged.gramsPerM2, outbox.readBy().system),
						round: Math.round((judged.densityShare ?? 0) * 100)
					})}
				</p>{/if}
			<ul class="list-disc pl-5">
				{#each judged.reasons as reason (reason.why + ('kind' in reason ? reason.kind : ''))}<li>
						{checkReasonWords(reason, lengthWords)}
					</li>{/each}
			</ul>
			{#if judged.uses.length > 0}<p data-uses={judged.uses.join(' ')}>
					{msg.itCanBe({
						uses: judged.uses.map((use) => useWords(use, mm, lengthWords)).join('; ')
					})}
				</p>{/if}
			{#if judged.takers.length > 0 && judged.takers.length < places.length}<p>
					{msg.takenBy({ places: judged.takers.join(', ') })}
				</p>{/if}
			{#each judged.notes as note (note)}<p class="quiet" data-note={note}>
					{noteWords(note, judged)}
				</p>{/each}
		</div>
	{/if}
	{#each seen as one (one)}<Remedy kind={one} technique={kind} />{/each}
	{#if through.some(Boolean)}<Remedy kind="through" technique={kind} />{/if}
	<details>
		<summary class="min-h-11 cursor-pointer py-2">{msg.iDisagree()}</summary>
		<div class="grid gap-3">
			<EntrySelect
				{form}
				field="result"
				label={msg.yourDecision()}
				options={[
					{ value: '', label: msg.asTheFiguresSay() },
					...Object.entries(resultWords).map(([value, label]) => ({ value, label }))
				]}
			/>
			<EntryField {form} field="why" label={msg.why()} />
		</div>
	</details>
</EntryForm>
