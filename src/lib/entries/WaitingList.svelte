<script lang="ts">
	import type { EntryQueue } from './outbox.svelte';
	import { mending } from './outbox.svelte';

	/** Where the form of each type of entry is. */
	const forms: Readonly<Record<string, string>> = {
		'drop-off': '/gather',
		sorting: '/gather/sort',
		movement: '/gather/store',
		'bag-kind': '/gather/kinds',
		measurement: '/measures',
		timed: '/measures'
	};
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
	{#each refused as entry (entry.key)}
		{@const { key, type, words, problems } = entry}
		<div
			class="mb-3 flex flex-wrap items-center gap-3 rounded-lg border-2 border-error bg-base-100 px-4 py-2"
		>
			<p class="flex-1">
				<strong>Not kept: {words}.</strong>
				{Object.values(problems ?? {}).join(' ')}
			</p>
			{#if forms[type]}
				<a class="btn" href={forms[type]} onclick={() => (mending.entry = entry)}>Put it right</a>
			{/if}
			<button type="button" class="btn font-normal" onclick={() => queue.drop(key)}
				>Throw it away</button
			>
		</div>
	{/each}
</div>
