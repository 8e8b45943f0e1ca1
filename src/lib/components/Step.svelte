<script lang="ts">
	import type { Bench } from '$lib/bench/bench.svelte';
	import type { FieldName } from '$lib/plan/fields';
	import type { Snippet } from 'svelte';

	interface Props {
		bench: Bench;
		number: number;
		title: string;
		/** The whole step in one line, for when it is closed. */
		line: string;
		fields: readonly FieldName[];
		isOpen?: boolean;
		children: Snippet;
	}
	const { bench, number, title, line, fields, isOpen = false, children }: Props = $props();
	const needsLook = $derived(fields.some((field) => bench.reading.problems[field]));
</script>

<details
	name="step"
	class="group border-b border-base-300 last:border-b-0"
	open={isOpen || undefined}
>
	<summary
		class="flex min-h-12 cursor-pointer list-none items-center gap-3 px-4 py-2 group-open:bg-base-200 [&::-webkit-details-marker]:hidden"
	>
		<span
			class="figure grid size-7 shrink-0 place-items-center rounded-md bg-primary/12 font-bold text-primary group-open:bg-primary group-open:text-primary-content"
			aria-hidden="true">{number}</span
		>
		<h2 class="shrink-0">{title}</h2>
		<span class="min-w-0 flex-1 text-right text-[15px] leading-tight group-open:hidden">
			{#if needsLook}
				<span class="font-semibold text-error">needs a look</span>
			{:else}
				<span class="quiet">{line}</span>
			{/if}
		</span>
	</summary>
	<div class="grid gap-4 px-4 pt-2 pb-5">{@render children()}</div>
</details>
