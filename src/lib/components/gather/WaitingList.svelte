<script lang="ts">
	import type { EntryQueue } from '$lib/gather/queue.svelte';

	const { queue }: { queue: EntryQueue } = $props();
	const refused = $derived(queue.waiting.filter(({ problems }) => problems));
	const waiting = $derived(queue.waiting.length - refused.length);
</script>

<div aria-live="polite">
	{#if waiting > 0}
		<p class="mb-3 rounded-lg border-2 border-primary bg-base-100 px-4 py-2">
			<strong>{waiting} {waiting === 1 ? 'entry waits' : 'entries wait'} on this device</strong>
			{queue.isAway ? 'until the network is back; nothing is lost.' : 'and is being sent.'}
		</p>
	{/if}
	{#each refused as { key, words, problems } (key)}
		<div
			class="mb-3 flex flex-wrap items-center gap-3 rounded-lg border-2 border-error bg-base-100 px-4 py-2"
		>
			<p class="flex-1">
				<strong>Not kept: {words}.</strong>
				{Object.values(problems ?? {}).join(' ')}
			</p>
			<button type="button" class="btn" onclick={() => queue.drop(key)}>Throw it away</button>
		</div>
	{/each}
</div>
