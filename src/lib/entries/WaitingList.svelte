<script lang="ts">
	import type { Outbox } from './outbox.svelte';
	import { mending } from './outbox.svelte';
	import { entryTypeOf } from './registry';
	import { isOnlyAsked } from './waiting';
	import { formType } from './waiting-form';

	const { outbox }: { outbox: Outbox } = $props();
	const refused = $derived(outbox.waiting.filter(({ problems }) => problems));
	const waiting = $derived(outbox.waiting.length - refused.length);
</script>

<div aria-live="polite">
	{#if waiting > 0}
		<p class="mb-3 rounded-lg border-2 border-primary bg-base-100 px-4 py-2">
			<strong>{waiting} {waiting === 1 ? 'entry waits' : 'entries wait'} on this device</strong>
			{outbox.isAway ? 'until the network is back; nothing is lost.' : 'and is being sent.'}
		</p>
	{/if}
	{#each refused as entry (entry.key)}
		{@const { key, type, typed, words, problems } = entry}
		{@const page = entryTypeOf(type)?.page}
		{@const formPage = type === formType ? typed.to?.split('?')[0] : undefined}
		<div
			class="mb-3 flex flex-wrap items-center gap-3 rounded-lg border-2 border-error bg-base-100 px-4 py-2"
		>
			<p class="flex-1">
				<strong>Not kept: {words}.</strong>
				{Object.values(problems ?? {}).join(' ')}
			</p>
			{#if isOnlyAsked(problems)}
				<button type="button" class="btn" onclick={() => void outbox.addAsRight(entry)}
					>Yes, it is right</button
				>
			{/if}
			{#if page}
				<a class="btn" href={page} onclick={() => (mending.entry = entry)}>Put it right</a>
			{:else if formPage}
				<a class="btn" href={formPage}>To its page</a>
			{/if}
			<button type="button" class="btn font-normal" onclick={() => outbox.drop(key)}
				>Throw it away</button
			>
		</div>
	{/each}
</div>
