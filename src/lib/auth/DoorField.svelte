<script lang="ts">
	// A field of a door: what it is for, what was typed, and what is wrong with it.
	import type { HTMLInputAttributes } from 'svelte/elements';
	import FieldFrame from '$lib/ui/FieldFrame.svelte';

	interface Props {
		name: string;
		/** Where two fields of a page have one name. */
		id?: string;
		label: string;
		type?: 'text' | 'email' | 'password';
		autocomplete: HTMLInputAttributes['autocomplete'];
		value?: string;
		problem?: string | undefined;
		hint?: string | undefined;
	}
	const {
		name,
		id = name,
		label,
		type = 'text',
		autocomplete,
		value = '',
		problem,
		hint
	}: Props = $props();
</script>

<FieldFrame {id} {label} {problem} {hint}>
	{#snippet children(described)}
		<input
			{...described}
			class="field w-full"
			{id}
			{name}
			{type}
			{autocomplete}
			defaultValue={value}
			required
			spellcheck="false"
			autocapitalize={type === 'text' ? undefined : 'none'}
		/>
	{/snippet}
</FieldFrame>
