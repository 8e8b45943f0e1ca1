<script lang="ts">
	// A page's title line: what it is called, by the table of routes or by the one thing it is about; its one act at the
	// right; the parts beside it. Under it stands only what somebody must know: no network, or what waits on this device.
	import { PageTitle as say } from '$lib/words/common';
	import { page } from '$app/state';
	import { getOutbox } from './outbox-context';
	import WaitingList from './WaitingList.svelte';
	import type { StageNavigation } from '$lib/routes/bar';
	import type { Snippet } from 'svelte';
	import LaidByLine from '$lib/ui/LaidByLine.svelte';
	import StageParts from '$lib/ui/StageParts.svelte';

	interface Props {
		of?: string;
		/** The bench has the plan's name in its head where there is room: there the line is only read aloud. */
		isInBench?: boolean;
		/** Its one act. */
		children?: Snippet;
	}
	const { of, isInBench = false, children }: Props = $props();
	const outbox = getOutbox();
	const bar = $derived((page.data as { bar?: StageNavigation }).bar);
	/** By the table of routes: so the browser calls it, whatever it says of itself today. */
	const named = $derived(bar?.titles[page.route.id ?? '']);
	const title = $derived(of ?? named ?? '');
	/** For which group this is, where whoever reads is in several: on a phone that is under More. */
	const whose = $derived.by(() => {
		const { account, group } = page.data as {
			account?: { groups: number } | null;
			group?: { name: string };
		};
		return account && account.groups > 1 ? (group?.name ?? '') : '';
	});
	/** The first word of the page's address: its stage, where it has parts. */
	const stage = $derived(page.route.id?.split('/')[1] ?? '');
	const parts = $derived(bar?.parts[stage] ?? []);
</script>

<svelte:head><title>{say.nestRow({ of: named ?? title })}</title></svelte:head>

<div
	class="title-line mb-3 flex flex-wrap items-center gap-x-4 @max-[61rem]:mb-2 {isInBench
		? '@min-[61rem]:sr-only'
		: ''}"
>
	<div class="flex min-h-12 min-w-0 flex-1 items-center justify-between gap-x-3">
		<h1 class="min-w-0 break-words">{title}</h1>
		{#if whose}<p class="min-w-0 flex-1 [overflow-wrap:anywhere] @max-[48rem]/page:hidden">
				{say.for()} <a class="link font-semibold" href="/account">{whose}</a>
			</p>{/if}
		{@render children?.()}
	</div>
	{#if parts.length > 0}<StageParts stage={bar?.titles[`/${stage}`] ?? ''} {parts} />{/if}
</div>
<LaidByLine />
<WaitingList {outbox} />
