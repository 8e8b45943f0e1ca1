<script lang="ts">
	// The table: piles one taps, what they are worked for, and what was done last.
	import { PreparePage as say } from '$lib/words/prepare';
	import EmptyState from '$lib/ui/EmptyState.svelte';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import ColourPatterns from '$lib/ui/ColourPatterns.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import { pileWord } from '$lib/core/prepare/piles';
	import FilmBooks from '$lib/stages/prepare/FilmBooks.svelte';
	import { foreseen } from '$lib/stages/prepare/foreseen';
	import LastActs from '$lib/stages/prepare/LastActs.svelte';
	import LoadLoom from '$lib/stages/prepare/LoadLoom.svelte';
	import { nextAct } from '$lib/stages/prepare/next-act';
	import PileForms from '$lib/stages/prepare/PileForms.svelte';
	import { EntryActions } from '$lib/stages/prepare/trestle.svelte';
	import TrestleTable from '$lib/stages/prepare/TrestleTable.svelte';
	import WorkPanel from '$lib/stages/prepare/WorkPanel.svelte';
	import OlderLinks from '$lib/ui/OlderLinks.svelte';
	import { queryOf } from '$lib/ui/query';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const outbox = getOutbox();
	const trestle = new EntryActions(outbox);
	const { table } = $derived(data);
	const system = $derived(data.group.lengthSystem);
	const piles = $derived(foreseen(table.piles, trestle.ahead, table.cuts, outbox.readBy()));
	const plan = $derived(table.plan);
	const use = $derived(
		plan?.uses.find((one) => one === data.asked.use) ?? plan?.uses.at(-1) ?? 'strand'
	);
	/** Said on this device and not yet with something cut. */
	let saidHere = $state<string | null>(null);
	const spoiled = $derived(saidHere ?? table.spoiled);
	const work = $derived({ plan, use, cuts: table.cuts, spoiled });
	const open = $derived(piles.find((pile) => pileWord(pile) === data.asked.pile) ?? null);
	const openAct = $derived.by(() => {
		const act = open && nextAct(open, work);
		return act?.type ? act : null;
	});
	const others = $derived(
		piles.filter(
			({ form: one, kindId, cut, colour }) =>
				open?.form === 'strand' &&
				one === 'strand' &&
				kindId === open.kindId &&
				colour !== open.colour &&
				JSON.stringify(cut) === JSON.stringify(open.cut)
		)
	);
	const query = $derived({
		...(data.asked.plan ? { plan: data.asked.plan } : {}),
		...(data.asked.use ? { use: data.asked.use } : {})
	});
	const isEmpty = $derived(piles.every(({ form: one }) => one === 'scrap' || one === 'stuffing'));
	/** What the server said of a tap that came without scripts. */
	const sent = $derived<SentForm | null>(form?.entry ?? null);
	const sentWords = $derived(sent?.said ?? Object.values(sent?.problems ?? {}).join(' '));
</script>

<PageTitle />
<ColourPatterns />

<div
	class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_minmax(0,22rem)]"
>
	<div class="grid grid-cols-[minmax(0,1fr)] gap-3">
		<h2 class="sr-only">{say.onTheTable()}</h2>
		<p
			class="min-h-6 font-semibold {trestle.said.isProblem || (sent && !sent.said)
				? 'text-error'
				: 'text-secondary'}"
			role="status"
			data-said
		>
			{#if trestle.said.words || sentWords}{trestle.said.words || sentWords}{:else}<span
					class="quiet font-normal">{say.tapAPileToDo()}</span
				>{/if}
		</p>
		{#if trestle.said.ifRight}
			{@const { ifRight } = trestle.said}
			<button class="btn justify-self-start" onclick={() => void trestle.act(ifRight)}
				>{say.yesItIsRight()}</button
			>
		{/if}
		{#if isEmpty}
			<EmptyState words={say.nothingLiesHereYet()} href="/gather/sort" act={say.sortWhatCameIn()} />
		{:else}
			<TrestleTable {piles} {work} {trestle} {system} open={data.asked.pile} {query} />
		{/if}
		<FilmBooks {piles} {system} />
	</div>
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		{#if open}
			{#key data.asked.pile}
				<PileForms
					pile={open}
					act={openAct}
					{others}
					{sent}
					action="?{queryOf({ ...query, pile: pileWord(open) })}&/keep#pile"
				/>
			{/key}
		{/if}
		<WorkPanel
			plans={table.plans}
			{plan}
			{use}
			{spoiled}
			isSpoiledSaid={table.isSpoiledSaid && saidHere === null}
			onspoiled={(said) => (saidHere = said)}
		/>
		{#if plan?.warp && table.looms.length > 0}
			{#key plan.id}
				<LoadLoom {plan} {piles} looms={table.looms} loaded={table.loaded} {sent} />
			{/key}
		{/if}
		<LastActs acts={table.acts} {trestle} {system} action="?{queryOf(query)}&/keep">
			<OlderLinks
				oldest={table.oldestAct}
				isNewest={data.asked.before === null}
				{query}
				part="last-acts"
			/>
		</LastActs>
	</div>
</div>
