<script lang="ts">
	// How a place receives mats: its hours, its stairs, a word about its own rules.
	import { PlaceForm as say } from '$lib/words/hand-over';
	import { actTo } from '$lib/ui/offered';
	import type { LengthSystem } from '$lib/core/units/format-length';
	import { fieldLength } from '$lib/core/units/format-length';
	import type { ReceivingWords } from './hand-over-view';
	import { receivingWords } from './hand-over-words';

	interface Props {
		place: ReceivingWords;
		system: LengthSystem;
		isOpen: boolean;
		/** What was typed and why it was not kept. */
		refused: {
			readonly place: Readonly<Record<string, string>>;
			readonly problems: Readonly<Record<string, string>>;
		} | null;
	}
	const { place, system, isOpen, refused }: Props = $props();
	const uid = $props.id();
	const sizeOf = (mm: number | undefined) =>
		mm === undefined ? null : fieldLength(mm, system, 'mat');
	const fields = $derived([
		{ name: 'hours', label: say.whenSomebodyIsThere(), value: place.hours },
		{ name: 'stairs', label: say.theWayInStairsDoors(), value: place.stairs },
		{ name: 'own_rules', label: say.theirOwnRules(), value: place.ownRules },
		{ name: 'least_length', label: say.shortest(), value: sizeOf(place.accepts.leastLengthMm) },
		{ name: 'least_width', label: say.narrowest(), value: sizeOf(place.accepts.leastWidthMm) },
		{ name: 'most_length', label: say.longest(), value: sizeOf(place.accepts.mostLengthMm) },
		{ name: 'most_width', label: say.widest(), value: sizeOf(place.accepts.mostWidthMm) }
	]);
	const said = $derived(receivingWords(place).join(' · '));
</script>

<details
	class="sheet px-4 py-1 open:pb-4"
	data-place={place.name}
	open={isOpen || refused !== null}
>
	<summary class="min-h-11 cursor-pointer py-2">
		<strong>{place.name}</strong>
		<span class="quiet break-words">{said || say.nothingKnownYet()}</span>
	</summary>
	<form class="grid gap-3" method="POST" {...actTo('?/place#places')}>
		<input type="hidden" name="id" value={place.id} />
		<input type="hidden" name="version" value={refused?.place['version'] ?? place.version} />
		{#each fields as { name, label, value } (name)}
			<label class="grid gap-1">
				{label}
				<input
					class="field"
					{name}
					autocomplete="off"
					value={refused?.place[name] ?? value ?? ''}
					aria-invalid={refused?.problems[name] ? 'true' : undefined}
					aria-describedby={refused?.problems[name] ? `${uid}-${name}` : undefined}
				/>
			</label>
			{#if refused?.problems[name]}
				<p class="font-semibold text-error" id="{uid}-{name}" role="alert">
					{refused.problems[name]}
				</p>
			{/if}
		{/each}
		<button class="btn justify-self-start"
			>{say.savePlace()}<span class="sr-only"> {say.of({ name: place.name })}</span></button
		>
	</form>
</details>
