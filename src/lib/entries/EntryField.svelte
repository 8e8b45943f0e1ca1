<script lang="ts">
	import FieldFrame from '$lib/ui/FieldFrame.svelte';
	import type { HTMLInputAttributes } from 'svelte/elements';
	import type { TypedForm } from './typed-form.svelte';

	interface Props extends Omit<HTMLInputAttributes, 'form'> {
		form: TypedForm;
		field: string;
		label: string;
		hint?: string;
		/** Words to offer while typing. */
		offers?: readonly string[];
		/** The field itself, for whoever sends the focus there. */
		element?: HTMLInputElement | undefined;
	}
	let { form, field, label, hint, offers, element = $bindable(), ...more }: Props = $props();
	const id = $derived(`${form.scope}-${field}`);
</script>

<FieldFrame {id} {label} {hint} problem={form.problems[field]}>
	{#snippet children(described)}
		<input
			class="field"
			{id}
			name={field}
			type="text"
			autocomplete="off"
			list={offers ? `${id}-offers` : undefined}
			bind:this={element}
			value={form.typed[field] ?? ''}
			oninput={(event) => (form.typed[field] = event.currentTarget.value)}
			{...more}
			{...described}
		/>
		{#if offers}
			<datalist id="{id}-offers">
				{#each offers as offer (offer)}<option value={offer}></option>{/each}
			</datalist>
		{/if}
	{/snippet}
</FieldFrame>
