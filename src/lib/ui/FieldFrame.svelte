<script lang="ts">
	// What stands around every field: its label above, what is wrong with it and a hint below.
	import type { Snippet } from 'svelte';

	interface Described {
		readonly 'aria-invalid': 'true' | undefined;
		readonly 'aria-describedby': string | undefined;
	}
	interface Props {
		id: string;
		label: string;
		problem?: string | null | undefined;
		hint?: string | undefined;
		/** The field itself, with what says to a screen reader where to look. */
		children: Snippet<[Described]>;
	}
	const { id, label, problem, hint, children }: Props = $props();
	const described = $derived(
		[problem && `${id}-problem`, hint && `${id}-hint`].filter(Boolean).join(' ') || undefined
	);
</script>

<div class="min-w-0">
	<label class="mb-1 block text-[0.9375rem]" for={id}>{label}</label>
	{@render children({
		'aria-invalid': problem ? 'true' : undefined,
		'aria-describedby': described
	})}
	{#if problem}
		<p class="mt-1 text-[0.9375rem] font-semibold text-error" id="{id}-problem">{problem}</p>
	{/if}
	{#if hint}<p class="quiet mt-1 text-sm" id="{id}-hint">{hint}</p>{/if}
</div>
