<script lang="ts">
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import type { FieldName } from '$lib/stages/plan/fields';

	interface Props {
		bench: Bench;
		field: FieldName;
		legend: string;
		choices: readonly { value: string; label: string; note?: string }[];
		/** What the choice does beside setting its field. */
		onchoose?: (value: string) => void;
	}
	const { bench, field, legend, choices, onchoose }: Props = $props();
	/** Four choices with a word each need two lines. */
	const isPaired = $derived(choices.length === 4 && choices.some(({ note }) => note));
	const problem = $derived(bench.problemAt(field));
	const choose = (value: string) => (onchoose ? onchoose(value) : bench.choose({ [field]: value }));
</script>

<fieldset aria-describedby={problem ? `${field}-problem` : undefined}>
	<legend class="mb-1 text-[0.9375rem]">{legend}</legend>
	<div class="flex flex-wrap gap-2">
		{#each choices as choice (choice.value)}
			<label
				class="flex min-h-11 flex-1 {isPaired
					? 'basis-[calc(50%-0.25rem)]'
					: ''} cursor-pointer items-center justify-center rounded-lg border border-base-content/55 px-3 py-1 text-center leading-tight has-checked:border-base-content has-checked:bg-neutral has-checked:text-neutral-content has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-primary"
			>
				<input
					class="sr-only"
					type="radio"
					name={field}
					value={choice.value}
					checked={bench.fields[field] === choice.value}
					onchange={() => choose(choice.value)}
				/>
				<span>
					{choice.label}
					{#if choice.note}<span class="block text-sm">{choice.note}</span>{/if}
				</span>
			</label>
		{/each}
	</div>
	{#if problem}
		<p class="mt-1 text-[0.9375rem] font-semibold text-error" id="{field}-problem">{problem}</p>
	{/if}
</fieldset>
