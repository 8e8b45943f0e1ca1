<script lang="ts">
	import '../app.css';
	import { invalidate, invalidateAll } from '$app/navigation';
	import { navigating } from '$app/state';
	import NameAsked from '$lib/ui/NameAsked.svelte';
	import StageBar from '$lib/ui/StageBar.svelte';
	import { setOutbox } from '$lib/entries/outbox-context';
	import { Outbox } from '$lib/entries/outbox.svelte';
	import { isTimeZone, todayIn } from '$lib/ui/days';
	import { isLocale } from '$lib/ui/reader';
	import { writeAs } from '$lib/ui/writing';
	import { onMount, untrack } from 'svelte';
	import type { LayoutProps } from './$types';

	const { data, children }: LayoutProps = $props();

	// Before anything below is written: pages are rendered one at a time, from here down.
	untrack(() => writeAs(data.group));
	$effect.pre(() => writeAs(data.group));

	// What waits on this device goes up from every page.
	const outbox = new Outbox(
		'/api/entries',
		// A page that is on its way has asked already: it is asked anew once it is there.
		() =>
			void Promise.resolve(navigating.complete)
				.catch(() => {})
				.then(() => invalidate('app:gather')),
		() => ({
			system: data.group.lengthSystem,
			today: todayIn(data.group.timeZone, new Date())
		}),
		() => data.group.groupId
	);
	setOutbox(outbox);
	onMount(() => (data.isLink ? undefined : outbox.begin()));

	// The first device that comes says where the hall is; it can be changed under Settings.
	onMount(() => {
		if (!data.group.isHallUnknown) return;
		const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
		const locale = navigator.language;
		if (!isTimeZone(timeZone) || !isLocale(locale)) return;
		const said = new FormData();
		said.set('timeZone', timeZone);
		said.set('locale', locale);
		void fetch('/settings?/hall', {
			method: 'POST',
			body: said,
			headers: { accept: 'application/json' }
		}).then(
			// A page that is on its way is not held up by it: it is asked anew once that is there.
			(answer) =>
				void (
					answer.ok &&
					Promise.resolve(navigating.complete)
						.catch(() => {})
						.then(() => invalidateAll())
				),
			() => {}
		);
	});

	// Says that the page's scripts have taken over its forms.
	$effect(() => {
		document.documentElement.dataset.scripts = 'on';
	});
</script>

<svelte:head>
	<noscript><link rel="stylesheet" href="/without-scripts.css" /></noscript>
</svelte:head>

<a
	class="sr-only z-50 bg-accent p-3 text-accent-content focus:not-sr-only focus:absolute"
	href="#main">To the work on this page</a
>
<div class="flex min-h-dvh flex-col">
	{#if !data.isLink}
		<StageBar group={data.group} />
		{#if data.group.isNameUnknown}<NameAsked />{/if}
	{/if}
	{@render children()}
</div>
