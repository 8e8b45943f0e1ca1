<script lang="ts">
	// Good mats for a place: chosen from those that lie there, rolled and packed as they will be.
	import { packRolls } from '$lib/core/finish/pack-rolls';
	import EntryField from '$lib/entries/EntryField.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import EntrySelect from '$lib/entries/EntrySelect.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import { codesIn } from '$lib/entries/types/deliver';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import { formatLength } from '$lib/core/units/format-length';
	import { smallNumber } from '$lib/ui/number-words';
	import { untrack } from 'svelte';
	import type { ReadyMat } from './hand-over-view';

	interface Props {
		mats: readonly ReadyMat[];
		places: readonly { readonly id: string; readonly name: string }[];
		sent?: SentForm | null | undefined;
	}
	const { mats, places, sent }: Props = $props();
	const outbox = getOutbox();
	const { system } = $derived(outbox.readBy());
	const form = untrack(
		() =>
			new TypedForm(
				'deliver',
				{ place: places[0]?.id ?? '', mats: '', goes_on: outbox.readBy().today, note: '' },
				outbox,
				sent
			)
	);
	const chosen = $derived(codesIn(form.typed['mats'] ?? '') ?? []);
	function toggle(code: string): void {
		form.beginNext();
		form.typed['mats'] = (
			chosen.includes(code) ? chosen.filter((one) => one !== code) : [...chosen, code]
		).join(' ');
	}
	/** A crate as the group has them, mm. */
	const crate = { widthMm: 400, depthMm: 600, heightMm: 400 };
	const rolls = $derived(
		mats.flatMap(({ code, rollMm, widthMm }) =>
			chosen.includes(code) && rollMm !== null
				? [{ code, diameterMm: rollMm, lengthMm: widthMm / 2 }]
				: []
		)
	);
	const packing = $derived(packRolls(rolls, crate));
</script>

<EntryForm {form} title="Send mats" act="They go" stays={['place', 'goes_on']}>
	<fieldset class="grid gap-1">
		<legend class="font-semibold">Which of them</legend>
		{#each mats as { code, planName, widthMm, lengthMm } (code)}
			<label class="flex min-h-11 items-center gap-3" data-ready={code}>
				<input
					class="checkbox"
					type="checkbox"
					checked={chosen.includes(code)}
					onchange={() => toggle(code)}
				/>
				<span
					><strong>{code}</strong>
					{planName}, {formatLength(widthMm, system, 'mat')} by {formatLength(
						lengthMm,
						system,
						'mat'
					)}</span
				>
			</label>
		{/each}
	</fieldset>
	<EntryField {form} field="mats" label="Their labels" autocomplete="off" />
	<EntrySelect
		{form}
		field="place"
		label="To which place"
		options={places.map(({ id, name }) => ({ value: id, label: name }))}
	/>
	<EntryField {form} field="goes_on" label="On which day" />
	<EntryField {form} field="note" label="A word on it" />
	{#if rolls.length > 0}
		<div class="grid gap-2" data-crates={packing.crates.length}>
			<p>
				{rolls.length === 1 ? 'The roll fills' : `The ${smallNumber(rolls.length)} rolls fill`}
				{smallNumber(packing.crates.length)}
				{packing.crates.length === 1 ? 'crate' : 'crates'} of 40 by 60 by 40 cm{packing.left
					.length > 0
					? `; ${smallNumber(packing.left.length)} go beside them`
					: ''}.
			</p>
			<div class="flex flex-wrap gap-3">
				{#each packing.crates as one, at (at)}
					<svg
						viewBox="-8 -8 {one.widthMm + 16} {one.heightMm + 16}"
						class="h-auto w-40"
						role="img"
						aria-label="Crate {at + 1}: {one.rolls.map(({ roll }) => rolls[roll]?.code).join(', ')}"
					>
						<rect
							width={one.widthMm}
							height={one.heightMm}
							class="fill-none stroke-base-content"
							stroke-width="8"
						/>
						{#each one.rolls.filter(({ layer }) => layer === 1) as { roll, xMm, yMm } (roll)}
							<circle
								cx={xMm}
								cy={one.heightMm - yMm}
								r={(rolls[roll]?.diameterMm ?? 0) / 2 - 4}
								class="fill-primary/20 stroke-primary"
								stroke-width="6"
							/>
						{/each}
					</svg>
				{/each}
			</div>
		</div>
	{/if}
	<p class="quiet text-[0.9375rem]">
		Shake, hose, hang to dry. Keep mats from flames and from small children, and never under an
		infant. The place’s own rules come first: ask the people responsible.
	</p>
</EntryForm>
