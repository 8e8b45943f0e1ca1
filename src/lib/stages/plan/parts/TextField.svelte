<script lang="ts">
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import type { FieldName } from '$lib/stages/plan/fields';
	import FieldFrame from '$lib/ui/FieldFrame.svelte';
	import type { HTMLInputAttributes } from 'svelte/elements';

	interface Props extends HTMLInputAttributes {
		bench: Bench;
		field: FieldName;
		label: string;
		hint?: string;
		/** The field itself, for whoever sends the focus there. */
		element?: HTMLInputElement | undefined;
	}
	let { bench, field, label, hint, element = $bindable(), ...more }: Props = $props();
</script>

<FieldFrame id={field} {label} {hint} problem={bench.problemAt(field)}>
	{#snippet children(described)}
		<input
			class="field"
			id={field}
			name={field}
			autocomplete="off"
			bind:this={element}
			value={bench.fields[field]}
			oninput={(event) => bench.type({ [field]: event.currentTarget.value })}
			onchange={() => bench.note()}
			{...more}
			{...described}
		/>
	{/snippet}
</FieldFrame>
