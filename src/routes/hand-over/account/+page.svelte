<script lang="ts">
	import { HandOverAccountPage as say } from '$lib/words/hand-over';
	import EmptyState from '$lib/ui/EmptyState.svelte';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import MatsByMonth from '$lib/stages/hand-over/MatsByMonth.svelte';
	import DeliveryTable from '$lib/stages/hand-over/DeliveryTable.svelte';
	import HandedTable from '$lib/stages/hand-over/HandedTable.svelte';
	import type { Period } from '$lib/stages/hand-over/account-view';
	import { accountFigures, periodQuery, periodWords } from '$lib/stages/hand-over/account-words';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	const figures = $derived(accountFigures(data.account, data.group.lengthSystem));
	const periods = $derived<Period[]>([
		{ of: 'all' },
		...data.seasons.map((begins) => ({ of: 'season' as const, begins })),
		...data.years.map((year) => ({ of: 'year' as const, year }))
	]);
	const here = $derived(periodQuery(data.period));
	const has = $derived(data.account.deliveries > 0);
</script>

<PageTitle />

<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
	<nav class="flex flex-wrap gap-x-2" aria-label={say.period()}>
		{#each periods as period (periodQuery(period))}
			<a
				class="inline-flex min-h-11 items-center rounded-lg px-3 underline underline-offset-3 aria-[current=page]:bg-base-300 aria-[current=page]:font-semibold aria-[current=page]:no-underline"
				href="/hand-over/account{periodQuery(period)}"
				aria-current={periodQuery(period) === here ? 'page' : undefined}>{periodWords(period)}</a
			>
		{/each}
	</nav>
	<div
		class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 {data.bars.length > 0 && has
			? '@min-[61rem]:grid-cols-2'
			: ''}"
	>
		{#if data.bars.length > 0 && has}<MatsByMonth bars={data.bars} />{/if}
		<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-4" aria-labelledby="account">
			<div class="flex flex-wrap items-baseline gap-x-6">
				<h2 id="account">{periodWords(data.period)}</h2>
				{#if has}
					<a
						class="inline-flex min-h-11 link items-center"
						href="/hand-over/account.pdf{here}"
						data-sveltekit-reload>{say.onOnePageToPrint()}</a
					>
					<a
						class="inline-flex min-h-11 link items-center"
						href="/hand-over/mats.csv"
						data-sveltekit-reload>{say.everyMatAsCsv()}</a
					>
					<a
						class="inline-flex min-h-11 link items-center"
						href="/hand-over/deliveries.csv"
						data-sveltekit-reload>{say.everyDeliveryAsCsv()}</a
					>
				{/if}
			</div>
			{#if !has}
				<EmptyState
					words={say.nothingWasDeliveredInThat()}
					href="/hand-over"
					act={say.deliveries()}
				/>
			{:else}
				<ul
					class="grid grid-cols-[repeat(auto-fill,minmax(min(46%,11rem),1fr))] items-start gap-x-4 gap-y-2"
				>
					{#each figures as { name, value, label, how } (name)}
						<li>
							<details data-figure={name}>
								<summary class="min-h-11 cursor-pointer py-1">
									<strong class="figure text-3xl">{value}</strong>
									<span class="block">{label}</span>
								</summary>
								<p class="quiet max-w-prose text-[0.9375rem]">{how}</p>
							</details>
						</li>
					{/each}
				</ul>
				<p class="quiet text-[0.9375rem]">
					{say.eachFigureOpensToHow()}
				</p>
			{/if}
		</section>
	</div>
	{#if data.mats.length > 0}<HandedTable mats={data.mats} />
	{:else if has}<DeliveryTable deliveries={data.deliveries} more={data.more} />{/if}
</div>
