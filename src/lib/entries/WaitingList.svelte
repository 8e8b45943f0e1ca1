<script lang="ts">
	import { WaitingList as say } from '$lib/words/common';
	import type { Outbox } from './outbox.svelte';
	import { mending } from './outbox.svelte';
	import type { entryTypeOf } from './registry';
	import type { WhyWaiting } from './send-entries';
	import { groupBy } from '../core/group-by';
	import { isOnlyAsked } from './waiting';
	import { formType } from './waiting-form';

	const { outbox }: { outbox: Outbox } = $props();
	/** Why what waits is not sent. */
	const whyWords: Readonly<Record<WhyWaiting, string>> = {
		network: say.untilTheNetworkIsBack(),
		server: say.untilTheServerCanTake(),
		'signed-out': say.untilYouSignInAgain(),
		account: say.untilWhoeverTypedItSigns()
	};
	/** Of others what waits here, by who they are. */
	const ofOthers = $derived([
		...groupBy(outbox.others, ({ accountName }) => accountName ?? '').entries()
	]);
	const refused = $derived(outbox.waiting.filter(({ problems }) => problems));
	/** Where each type is typed: what knows all of them is fetched once something was refused. */
	let typeOf = $state.raw<typeof entryTypeOf | null>(null);
	$effect(() => {
		if (refused.length > 0 && !typeOf)
			void import('./registry').then((registry) => (typeOf = registry.entryTypeOf));
	});
	const waiting = $derived(outbox.waiting.length - refused.length);
</script>

<div aria-live="polite">
	{#if waiting > 0}
		<p class="mb-3 rounded-lg border-2 border-primary bg-base-100 px-4 py-2">
			<strong>{say.waitingPluralOneOtherOn({ waiting })}</strong>
			{outbox.why === null ? say.andIsBeingSent() : whyWords[outbox.why]}
		</p>
	{/if}
	{#each refused as entry (entry.key)}
		{@const { key, type, typed, words, problems } = entry}
		{@const page = typeOf?.(type)?.page}
		{@const formPage = type === formType ? typed.to?.split('?')[0] : undefined}
		<div
			class="mb-3 flex flex-wrap items-center gap-3 rounded-lg border-2 border-error bg-base-100 px-4 py-2"
		>
			<p class="flex-1">
				<strong>{say.notSaved({ words })}</strong>
				{Object.values(problems ?? {}).join(' ')}
			</p>
			{#if isOnlyAsked(problems)}
				<button type="button" class="btn" onclick={() => void outbox.addAsRight(entry)}
					>{say.yesItIsRight()}</button
				>
			{/if}
			{#if page}
				<a class="btn" href={page} onclick={() => (mending.entry = entry)}>{say.correctIt()}</a>
			{:else if formPage}
				<a class="btn" href={formPage}>{say.toItsPage()}</a>
			{/if}
			<button type="button" class="btn font-normal" onclick={() => outbox.drop(key)}
				>{say.throwItAway()}</button
			>
		</div>
	{/each}
	{#each ofOthers as [name, entries] (name)}
		<details
			class="mb-3 rounded-lg border-2 border-base-300 bg-base-100 px-4 py-1"
			data-others={entries.length}
		>
			<summary class="flex min-h-11 cursor-pointer items-center">
				{say.lengthPluralOneOtherOf({
					length: entries.length,
					name: name || say.someoneElse(),
					name2: name || say.they()
				})}
			</summary>
			<ul>
				{#each entries as { key, words } (key)}
					<li class="flex flex-wrap items-center gap-3 py-1">
						<span class="flex-1">{words}</span>
						<button type="button" class="btn font-normal" onclick={() => outbox.drop(key)}
							>{say.throwItAway()}<span class="sr-only">: {words}</span></button
						>
					</li>
				{/each}
			</ul>
		</details>
	{/each}
</div>
