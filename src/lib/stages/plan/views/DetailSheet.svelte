<script lang="ts">
	// What lies under the mat: the open step's drawing closer, or how a figure is reached.
	import { DetailSheet as say } from '$lib/words/plan';
	import type { Bench, DetailView } from '$lib/stages/plan/bench/bench.svelte';

	const { bench }: { bench: Bench } = $props();
	const views: readonly { view: NonNullable<DetailView>; label: string }[] = [
		{ view: 'closer', label: say.aCloserLook() },
		{ view: 'reckoning', label: say.howItIsReached() }
	];
</script>

<div class="grid grid-cols-[minmax(0,1fr)] gap-3 border-t border-base-300 pt-3">
	<div class="no-print flex flex-wrap gap-1" role="group" aria-label={say.view()}>
		{#each views as { view, label } (view)}
			<button
				type="button"
				class="btn h-auto min-h-11 max-w-full btn-ghost px-3 py-1.5 font-normal whitespace-normal aria-pressed:bg-neutral aria-pressed:text-neutral-content"
				aria-pressed={bench.detail === view}
				onclick={() => (bench.detail = bench.detail === view ? null : view)}>{label}</button
			>
		{/each}
	</div>

	{#if bench.detail === 'closer'}
		{#await import('./Closer.svelte') then { default: Closer }}
			<Closer {bench} />
		{/await}
	{:else if bench.detail === 'reckoning'}
		{#await import('./Reckoning.svelte') then { default: Reckoning }}
			<Reckoning {bench} />
		{/await}
	{/if}
</div>
