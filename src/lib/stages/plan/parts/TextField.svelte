<script lang="ts">
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import type { FieldName } from '$lib/stages/plan/fields';

	interface Props {
		bench: Bench;
		field: FieldName;
		label: string;
		hint?: string;
	}
	const { bench, field, label, hint }: Props = $props();
	const problem = $derived(bench.problemAt(field));
	const described = $derived(
		[problem && `${field}-problem`, hint && `${field}-hint`].filter(Boolean).join(' ') || undefined
	);
</script>

<div class="min-w-0">
	<label class="mb-1 block text-[15px]" for={field}>{label}</label>
	<input
		class="field"
		id={field}
		name={field}
		autocomplete="off"
		value={bench.fields[field]}
		oninput={(event) => bench.type({ [field]: event.currentTarget.value })}
		onchange={() => bench.note()}
		aria-invalid={problem ? 'true' : undefined}
		aria-describedby={described}
	/>
	{#if problem}
		<p class="mt-1 text-[15px] font-semibold text-error" id="{field}-problem">{problem}</p>
	{/if}
	{#if hint}
		<p class="quiet mt-1 text-sm" id="{field}-hint">{hint}</p>
	{/if}
</div>
