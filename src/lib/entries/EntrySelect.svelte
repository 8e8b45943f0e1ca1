<script lang="ts">
	import FieldFrame from '$lib/ui/FieldFrame.svelte';
	import type { HTMLSelectAttributes } from 'svelte/elements';
	import type { TypedForm } from './typed-form.svelte';

	interface Props extends Omit<HTMLSelectAttributes, 'form'> {
		form: TypedForm;
		field: string;
		label: string;
		options: readonly { value: string; label: string }[];
		/** The field itself, for whoever sends the focus there. */
		element?: HTMLSelectElement | undefined;
	}
	let { form, field, label, options, element = $bindable(), ...more }: Props = $props();
	const id = $derived(`${form.scope}-${field}`);
</script>

<FieldFrame {id} {label} problem={form.problems[field]}>
	{#snippet children(described)}
		<select
			class="field"
			{id}
			name={field}
			bind:this={element}
			value={form.typed[field] ?? ''}
			onchange={(event) => (form.typed[field] = event.currentTarget.value)}
			{...more}
			{...described}
		>
			{#each options as { value, label: words } (value)}<option {value}>{words}</option>{/each}
		</select>
	{/snippet}
</FieldFrame>
