<script lang="ts">
	import type { TypedForm } from './typed-form.svelte';

	interface Props {
		form: TypedForm;
		field: string;
		label: string;
		hint?: string;
		inputmode?: 'numeric' | 'decimal' | 'text';
		type?: 'text' | 'date';
		/** Words to offer while typing. */
		offers?: readonly string[];
	}
	const { form, field, label, hint, inputmode = 'text', type = 'text', offers }: Props = $props();
	const id = $derived(`${form.scope}-${field}`);
	const problem = $derived(form.problems[field]);
	const described = $derived(
		[problem && `${id}-problem`, hint && `${id}-hint`].filter(Boolean).join(' ') || undefined
	);
</script>

<div class="min-w-0">
	<label class="mb-1 block text-[15px]" for={id}>{label}</label>
	<input
		class="field"
		{id}
		name={field}
		{type}
		{inputmode}
		autocomplete="off"
		list={offers ? `${id}-offers` : undefined}
		value={form.typed[field] ?? ''}
		oninput={(event) => (form.typed[field] = event.currentTarget.value)}
		aria-invalid={problem ? 'true' : undefined}
		aria-describedby={described}
	/>
	{#if offers}
		<datalist id="{id}-offers">
			{#each offers as offer (offer)}<option value={offer}></option>{/each}
		</datalist>
	{/if}
	{#if problem}<p class="mt-1 text-[15px] font-semibold text-error" id="{id}-problem">
			{problem}
		</p>{/if}
	{#if hint}<p class="quiet mt-1 text-sm" id="{id}-hint">{hint}</p>{/if}
</div>
