<script lang="ts">
	// The page behind a maker's link: rows to count, and three words to say. It works without network.
	import { MakerPage as msg } from '$lib/words/maker';
	import { actsOfTechnique } from '$lib/stages/know-how/links/lessons-at';
	import ActLinks from '$lib/stages/know-how/links/ActLinks.svelte';
	import { Outbox } from '$lib/entries/outbox.svelte';
	import { setOutbox } from '$lib/entries/outbox-context';
	import { isOnlyAsked } from '$lib/entries/waiting';
	import { addAndSay } from '$lib/entries/add-and-say';
	import RowCounter from '$lib/stages/making/RowCounter.svelte';
	import { asksInTurn } from '$lib/ui/asks-in-turn';
	import { newKey } from '$lib/ui/new-key';
	import { writeAs } from '$lib/words/writing';
	import { onMount, untrack } from 'svelte';
	import { keepView, newestView } from './kept-view';
	import type { MakerView } from './maker-view';
	import { closedWords } from './maker-view';

	interface Props {
		view: MakerView;
		/** The link's own address: what is counted goes there. */
		address: string;
		/** What was said of a form that came without scripts. */
		problem?: string;
	}
	const { view: given, address, problem = '' }: Props = $props();
	let view = $state.raw(untrack(() => given));
	let closed = $state('');
	let note = $state('');
	let said = $state('');
	const key = newKey();
	untrack(() => writeAs(given.group));

	const outbox = new Outbox(
		untrack(() => address),
		() => askAnew(readAgain),
		() => ({ system: view.group.lengthSystem, today: view.group.today }),
		() => msg.mat({ groupId: view.group.groupId, code: view.code }),
		// No form waits under a link.
		() => Promise.resolve({ outcome: 'waits', why: 'server' })
	);
	setOutbox(outbox);
	const refused = $derived(outbox.waiting.filter(({ problems }) => problems));
	const waiting = $derived(outbox.waiting.length - refused.length);

	/** One reading after the other: what was kept since the last began may not be in it. */
	const askAnew = asksInTurn(
		() => Promise.resolve(),
		() => true
	);
	const readAgain = () => outbox.read(askForView);
	async function askForView(): Promise<void> {
		const answer = await fetch(address, { headers: { accept: 'application/json' } });
		if (answer.status === 404) closed = closedWords;
		if (!answer.ok) throw new Error('it could not be read');
		view = (await answer.json()) as MakerView;
		outbox.arrived();
		closed = '';
		keepView(view);
	}
	// What does not go up has met no network, or a link that opens nothing any more: which of them is asked.
	$effect(() => {
		if (outbox.isAway) untrack(() => askAnew(readAgain));
	});
	onMount(() => {
		view = newestView(view);
		keepView(view);
		document.documentElement.dataset.scripts = 'on';
		const again = () => askAnew(readAgain);
		window.addEventListener('online', again);
		again();
		const stop = outbox.begin();
		return () => {
			window.removeEventListener('online', again);
			stop();
		};
	});

	async function say(
		event: SubmitEvent,
		type: 'wish' | 'note',
		typed: Record<string, string>,
		kept: string
	): Promise<void> {
		event.preventDefault();
		if (type === 'note' && note.trim() === '') {
			said = msg.writeANoteFirst();
			return;
		}
		const act = { type, typed: { mat: view.code, ...typed }, words: type };
		said = await addAndSay(outbox, act, kept);
		if (type === 'note' && said !== '' && !said.startsWith(msg.notSaved2())) note = '';
	}
	const wishes = [
		{ wish: 'ball', words: msg.iNeedABall(), kept: msg.keptTheTableSeesThat() },
		{
			wish: 'fetch',
			words: msg.iCannotGoOnPlease(),
			kept: msg.keptTheTableSeesThat2()
		}
	] as const;
</script>

<main class="@container mx-auto grid w-full max-w-xl grid-cols-[minmax(0,1fr)] gap-4 p-4" id="main">
	<header>
		<p class="quiet">{view.groupName}</p>
		<h1>{msg.theMat({ code: view.code })}</h1>
		<p class="quiet">{view.planName}</p>
	</header>
	{#if closed}<p class="font-semibold text-error" role="alert">
			{closed}
			{waiting > 0 ? msg.whatYouCountedSinceIs() : msg.whatCameFromHereSince()}
		</p>{/if}
	{#if problem}<p class="font-semibold text-error" role="alert">{problem}</p>{/if}
	<div aria-live="polite" data-waiting={waiting}>
		{#if waiting > 0}<p>
				<strong>{msg.keptOnThisPhone({ waiting })}</strong>{closed
					? '.'
					: outbox.isAway
						? msg.noNetworkTheyGoUp()
						: msg.beingSent()}
			</p>{/if}
		{#each refused as entry (entry.key)}
			<p class="flex flex-wrap items-center gap-3">
				<span class="flex-1 font-semibold text-error"
					>{msg.notSaved({ values: Object.values(entry.problems ?? {}).join(' ') })}</span
				>
				{#if isOnlyAsked(entry.problems)}
					<button class="btn" onclick={() => void outbox.addAsRight(entry)}
						>{msg.yesItIsRight()}</button
					>
				{/if}
				<button class="btn" onclick={() => void outbox.drop(entry.key)}>{msg.throwItAway()}</button>
			</p>
		{/each}
	</div>
	{#if view.mat}
		<div class="sheet p-4">
			<RowCounter mat={view.mat} seen={view.seen} to={{ action: '' }} mayCorrect={false} />
		</div>
		<p class="quiet text-[0.9375rem]">
			{msg.theSameMovementOverAnd()}
		</p>
		<section
			class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-4"
			aria-label={msg.writeToTheTable()}
		>
			{#if view.mat.said.wish}<p data-wish={view.mat.said.wish}>
					{view.mat.said.wish === 'ball' ? msg.youAskedForABall() : msg.youAskedThatItBe()}
				</p>{/if}
			{#each wishes as { wish, words, kept }, at (wish)}
				<form
					class="grid"
					method="POST"
					onsubmit={(event) => void say(event, 'wish', { wish }, kept)}
				>
					<input type="hidden" name="type" value="wish" />
					<input type="hidden" name="key" value="{key.slice(0, -1)}{at}" />
					<input type="hidden" name="mat" value={view.code} />
					<input type="hidden" name="wish" value={wish} />
					<button class="btn h-auto min-h-14">{words}</button>
				</form>
			{/each}
			<form
				class="grid gap-2"
				method="POST"
				onsubmit={(event) => void say(event, 'note', { text: note }, msg.yourNoteIsSaved())}
			>
				<input type="hidden" name="type" value="note" />
				<input type="hidden" name="key" value="{key.slice(0, -1)}2" />
				<input type="hidden" name="mat" value={view.code} />
				<label class="grid gap-1"
					>{msg.noteForThem()}
					<input class="field" name="text" maxlength="400" autocomplete="off" bind:value={note} />
				</label>
				<button class="btn h-auto min-h-11">{msg.send()}</button>
			</form>
			<p class="quiet" role="status" data-word>{said}</p>
			<ActLinks acts={actsOfTechnique[view.mat.look?.kind ?? 'crochet']} />
			<p>
				<a
					class="inline-flex min-h-11 link items-center"
					href="/know-how/faults?technique={view.mat.look?.kind ?? 'crochet'}"
					>{msg.whatIsWrongWithIt()}</a
				>
			</p>
		</section>
	{:else}
		<p class="sheet p-4">
			{msg.thisMatIsNotBeing()}
		</p>
	{/if}
</main>
