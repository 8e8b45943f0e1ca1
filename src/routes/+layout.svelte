<script lang="ts">
	import { HomeLayout as say } from '$lib/words/common';
	import '../app.css';
	import { afterNavigate, beforeNavigate, goto, invalidate, invalidateAll } from '$app/navigation';
	import { forgetDrafts } from '$lib/ui/drafts';
	import { FormDrafts } from '$lib/ui/form-drafts';
	import { navigating, page } from '$app/state';
	import LaidBy from '$lib/ui/LaidBy.svelte';
	import { asksInTurn } from '$lib/ui/asks-in-turn';
	import PhoneBar from '$lib/ui/PhoneBar.svelte';
	import StageBar from '$lib/ui/StageBar.svelte';
	import { setOutbox } from '$lib/entries/outbox-context';
	import { Outbox } from '$lib/entries/outbox.svelte';
	import { sendForm } from '$lib/entries/send-form';
	import { isTimeZone, todayIn } from '$lib/ui/days';
	import { isLocale } from '$lib/ui/reader';
	import { writeAs } from '$lib/words/writing';
	import { isKeyFree } from '$lib/ui/single-keys';
	import { onMount, untrack } from 'svelte';
	import type { LayoutProps } from './$types';

	const { data, children }: LayoutProps = $props();

	// Before anything below is written: pages are rendered one at a time, from here down.
	untrack(() => writeAs(data.group));
	$effect.pre(() => writeAs(data.group));

	/** Waits for a page that is on its way: it has asked already, and asked anew meanwhile it would not come. */
	async function untilThere(): Promise<void> {
		while (navigating.complete) await navigating.complete.catch(() => {});
	}
	/**
	 * Asks for the page's data anew. Where there is no network it stays as it is: asked then, it would be left for a
	 * page of the browser's.
	 */
	const askAnew = asksInTurn(untilThere, () => navigator.onLine);

	// What waits on this device goes up from every page.
	const outbox = new Outbox(
		untrack(() => data.entriesTo ?? '/api/entries'),
		() => askAnew(askForWork),
		() => ({
			system: data.group.lengthSystem,
			today: todayIn(data.group.timeZone, new Date())
		}),
		() => data.group.groupId,
		sendForm,
		() => data.account
	);
	setOutbox(outbox);

	const askForWork = () =>
		outbox.read(async () => {
			// The outbox took its time: whoever began to go to another page meanwhile gets there first.
			await untilThere();
			if (!navigator.onLine) throw new Error('no network');
			await invalidate('app:gather');
		});
	// Whoever goes to another page reads what was kept before they went.
	$effect.pre(() => {
		if (navigating.to) untrack(() => outbox.asked());
	});
	// In one with what was read, before any of it is shown.
	$effect.pre(() => {
		void page.data;
		untrack(() => outbox.arrived());
	});
	onMount(() => (data.entriesTo === null ? undefined : outbox.begin()));

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
			(answer) => void (answer.ok && askAnew(invalidateAll)),
			() => {}
		);
	});

	// What is typed into a form and not sent is there again as the page is.
	const drafts = new FormDrafts(() => outbox.owner);
	onMount(() => {
		const touch = ({ target }: Event) => drafts.touch(target);
		const sent = ({ target }: SubmitEvent) => {
			if (target instanceof HTMLFormElement) drafts.sent(target);
		};
		// Whoever signs out leaves nothing half typed behind.
		if (page.url.pathname.startsWith('/sign-in')) forgetDrafts();
		const leave = () => drafts.remember();
		for (const name of ['focusin', 'pointerdown']) document.addEventListener(name, touch, true);
		document.addEventListener('submit', sent);
		window.addEventListener('pagehide', leave);
		document.addEventListener('visibilitychange', leave);
		return () => {
			for (const name of ['focusin', 'pointerdown'])
				document.removeEventListener(name, touch, true);
			document.removeEventListener('submit', sent);
			window.removeEventListener('pagehide', leave);
			document.removeEventListener('visibilitychange', leave);
		};
	});
	beforeNavigate(() => drafts.remember());
	afterNavigate(() => drafts.recall());

	// A page that comes back as it was left asks first whether whoever reads it is signed in still.
	onMount(() => {
		const shown = ({ persisted }: PageTransitionEvent) => {
			if (persisted && data.account) void invalidateAll();
		};
		window.addEventListener('pageshow', shown);
		return () => window.removeEventListener('pageshow', shown);
	});

	/** `/` opens the search from anywhere, where no key is typed into a field and single keys are not turned off. */
	function searchByKey(event: KeyboardEvent): void {
		if (event.key !== '/' || data.isLink || event.defaultPrevented || !isKeyFree(event)) return;
		event.preventDefault();
		void goto('/search');
	}

	// Says that the page's scripts have taken over its forms.
	$effect(() => {
		document.documentElement.dataset.scripts = 'on';
	});
</script>

<svelte:window onkeydown={(event) => searchByKey(event)} />
<svelte:head>
	<noscript><link rel="stylesheet" href="/without-scripts.css" /></noscript>
</svelte:head>

<a
	class="sr-only z-50 bg-accent p-3 text-accent-content focus:not-sr-only focus:absolute"
	href="#main">{say.skipToThePage()}</a
>
<div class="@container/page flex min-h-dvh flex-col">
	{#if !data.isLink}
		<StageBar stages={data.bar.stages} />
	{/if}
	{#if data.laidFor !== null}<LaidBy
			who={data.laidFor}
			days={data.group.offlineDays}
			isOver={outbox.why === 'signed-out'}
		/>{/if}
	{@render children()}
	{#if !data.isLink}<PhoneBar stages={data.bar.onPhone} openDay={data.openDay} />{/if}
</div>
