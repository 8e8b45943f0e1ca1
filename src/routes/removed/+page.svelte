<script lang="ts">
	// What was removed of late: plans, kinds, places and tools, each with a way back.
	import { RemovedPage as say } from '$lib/words/house';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import StagePage from '$lib/ui/StagePage.svelte';
	import { actTo } from '$lib/ui/offered';
	import { yearDayWords } from '$lib/ui/day-words';
	import { removedDays, type RemovedSort } from '$lib/ui/removed';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const sortWords: Readonly<Record<RemovedSort, string>> = {
		plan: 'plan',
		kind: say.kindOfBag(),
		place: say.receivingPlace(),
		tool: 'tool'
	};
</script>

<StagePage isNarrow>
	<PageTitle />
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<div>
			<p class="quiet">{say.whatIsRemovedCanBe({ removedDays })}</p>
		</div>
		{#if form?.message}<p class="font-semibold text-error" role="alert">{form.message}</p>{/if}
		{#if data.removed.length === 0}
			<p class="sheet p-4">{say.nothingWasRemovedInThe({ removedDays })}</p>
		{:else}
			<ul class="sheet grid divide-y divide-base-300 px-4">
				{#each data.removed as { sort, id, name, at } (id)}
					<li class="flex flex-wrap items-center gap-x-4 gap-y-1 py-2" data-removed={sort}>
						<span class="min-w-0 flex-1 [overflow-wrap:anywhere]"
							><strong>{name}</strong>
							<span class="quiet"
								>{say.removed2({ sortWords: sortWords[sort], yearDay: yearDayWords(at) })}</span
							></span
						>
						<form method="POST" {...actTo('?/back')}>
							<input type="hidden" name="sort" value={sort} />
							<input type="hidden" name="id" value={id} />
							<button class="btn">{say.restore()}<span class="sr-only"> {name}</span></button>
						</form>
					</li>
				{/each}
			</ul>
		{/if}
	</div>
</StagePage>
