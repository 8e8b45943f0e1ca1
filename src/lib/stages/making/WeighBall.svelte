<script lang="ts">
	// What is left of a colour by its weight: how far it goes, without unwinding it.
	import { WeighBall as say } from '$lib/words/making';
	import { defaults } from '$lib/core/defaults';
	import { kitchenScale, type ScaleReading } from '$lib/core/gather/scale';
	import { strandByWeight, strandEnds } from '$lib/core/making/strand-by-weight';
	import type { LengthSystem } from '$lib/core/units/format-length';
	import { fieldMass } from '$lib/core/units/format-mass';
	import EntryField from '$lib/entries/EntryField.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import EntrySelect from '$lib/entries/EntrySelect.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import StandInScale from '$lib/stages/gather/StandInScale.svelte';
	import { massOf } from '$lib/ui/typed-values';
	import { strandWords } from '$lib/ui/unit-words';
	import { untrack } from 'svelte';
	import type { ColourName } from '$lib/core/colour/colours';
	import type { MatInHand } from './mat-view';
	import { densityOf } from './strand-in-hand';

	interface Props {
		mat: MatInHand;
		system: LengthSystem;
		sent?: SentForm | null | undefined;
	}
	const { mat, system, sent }: Props = $props();
	const colours = $derived([
		...new Set(
			mat.said.issued.flatMap(({ content }) => content.colours.map(({ colour }) => colour))
		)
	]);
	const form = untrack(
		() =>
			new TypedForm(
				'weighed',
				{ mat: mat.code, colour: colours[0] ?? '', mass: '' },
				getOutbox(),
				sent
			)
	);
	let reading = $state.raw<ScaleReading | null>(null);
	let isScale = $state(false);
	const left = $derived.by(() => {
		const { look, made } = mat;
		const ktex = densityOf(mat.said.issued, form.typed['colour'] as ColourName);
		const { g } = massOf(form.typed['mass'] ?? '', system);
		if (!look || ktex === null || g === undefined || !(g >= 0)) return null;
		const error = { scaleG: kitchenScale.noiseG, densityCv: defaults.bagMass.cv };
		const strand = strandByWeight(g, ktex, error);
		const count = made.near + made.far;
		return { strand, ends: strandEnds(strand.expected, look.rowM, look.stitch?.count ?? 1, count) };
	});
	const metres = (m: number) => strandWords(m * 1000, system);
</script>

<EntryForm
	{form}
	title={say.weighWhatIsLeft()}
	act={say.saveWeight()}
	stays={['mat', 'colour']}
	isMain={false}
>
	<input type="hidden" name="mat" value={mat.code} />
	<EntrySelect
		{form}
		field="colour"
		label={say.whichColour()}
		options={colours.map((colour) => ({ value: colour, label: colour }))}
	/>
	<EntryField {form} field="mass" label={say.weight()} inputmode="decimal" />
	{#if isScale}
		<StandInScale {reading} onread={(next) => (reading = next)} />
		<p>
			<output class="figure text-xl font-bold"
				>{typeof reading?.g === 'number' ? `${reading.g.toFixed(1)} g` : '…'}</output
			>
			<button
				type="button"
				class="btn h-auto min-h-11"
				disabled={reading?.state !== 'steady'}
				onclick={() => (form.typed['mass'] = fieldMass(reading?.g ?? 0, system))}
				>{say.useIt()}</button
			>
		</p>
	{:else}
		<button
			type="button"
			class="btn h-auto min-h-11 btn-ghost font-normal"
			onclick={() => (isScale = true)}>{say.readFromAScale()}</button
		>
	{/if}
	{#if left}
		<p data-left aria-live="polite">
			{say.leftToIfItIs({
				metres: metres(left.strand.expected),
				metres2: metres(left.strand.low),
				metres3: metres(left.strand.high),
				row: left.ends.row,
				part: mat.look?.stitch
					? say.atStitchOf({ stitch: left.ends.stitch, count: mat.look.stitch.count })
					: ''
			})}
		</p>
	{/if}
</EntryForm>
