<script lang="ts">
	import type { Outbox } from './outbox.svelte';
	import { mending } from './outbox.svelte';
	import { entryTypeOf } from './registry';
	import type { WhyWaiting } from './send-entries';
	import { groupBy } from '../core/group-by';
	import { isOnlyAsked } from './waiting';
	import { formType } from './waiting-form';

	const { outbox }: { outbox: Outbox } = $props();
	/** Why what waits is not sent. */
	const whyWords: Readonly<Record<WhyWaiting, string>> = {
		network: 'until the network is back; nothing is lost.',
		server: 'until the server can take it; nothing is lost.',
		'signed-out': 'until you sign in again; nothing is lost.',
		account: 'until whoever typed it signs in here; nothing is lost.'
	};
	/** Of others what waits here, by who they are. */
	const ofOthers = $derived([
		...groupBy(outbox.others, ({ accountName }) => accountName ?? '').entries()
	]);
	const refused = $derived(outbox.waiting.filter(({ problems }) => problems));
	const waiting = $derived(outbox.waiting.length - refused.length);
</script>

<div aria-live="polite">
	{#if waiting > 0}
		<p class="mb-3 rounded-lg border-2 border-primary bg-base-100 px-4 py-2">
			<strong>{waiting} {waiting === 1 ? 'entry waits' : 'entries wait'} on this device</strong>
			{outbox.why === null ? 'and is being sent.' : whyWords[outbox.why]}
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
	{#each ofOthers as [name, entries] (name)}
		<details
			class="mb-3 rounded-lg border-2 border-base-300 bg-base-100 px-4 py-1"
			data-others={entries.length}
		>
			<summary class="flex min-h-11 cursor-pointer items-center">
				{entries.length}
				{entries.length === 1 ? 'entry' : 'entries'} of {name || 'somebody else'}
				{entries.length === 1 ? 'waits' : 'wait'} on this device. {name || 'They'} must sign in here to
				send {entries.length === 1 ? 'it' : 'them'}.
			</summary>
			<ul>
				{#each entries as { key, words } (key)}
					<li class="flex flex-wrap items-center gap-3 py-1">
						<span class="flex-1">{words}</span>
						<button type="button" class="btn font-normal" onclick={() => outbox.drop(key)}
							>Throw it away<span class="sr-only">: {words}</span></button
						>
					</li>
				{/each}
			</ul>
		</details>
	{/each}
</div>
