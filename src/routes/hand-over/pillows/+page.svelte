<script lang="ts">
	import PageTitle from '$lib/ui/PageTitle.svelte';
	import TakeBackFold from '$lib/entries/TakeBackFold.svelte';
	import PillowForm from '$lib/stages/hand-over/PillowForm.svelte';
	import { pillowsWords } from '$lib/stages/hand-over/hand-over-words';
	import { yearDayWords } from '$lib/ui/day-words';
	import { capital, wholeNumber } from '$lib/ui/number-words';
	import { massWords } from '$lib/ui/unit-words';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const system = $derived(data.group.lengthSystem);
	const { store } = $derived(data);
</script>

<PageTitle />

<div
	class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_22rem]"
>
	<section class="grid grid-cols-[minmax(0,1fr)] gap-3" aria-labelledby="pillows">
		<h2 id="pillows">
			{data.pillows.length === 0
				? 'No pillow lies there'
				: `${capital(pillowsWords(data.pillows.length))} ${data.pillows.length === 1 ? 'lies' : 'lie'} there`}
		</h2>
		<p data-stuffing>
			By the book the store has {massWords(store.scrapG, system)} of scrap and {wholeNumber(
				store.bags
			)} torn bags: stuffing for {pillowsWords(store.pillows)} of {massWords(store.usualG, system)}.
		</p>
		{#if data.pillows.length > 0}
			<ul class="sheet grid grid-cols-[minmax(0,1fr)] px-4">
				{#each data.pillows as pillow (pillow.code)}
					<li
						class="flex flex-wrap items-center gap-x-4 border-t border-base-300 py-1 first:border-t-0"
						data-pillow={pillow.code}
					>
						<p class="flex-1">
							<strong>{pillow.code}</strong>
							{massWords(pillow.massG, system)}{pillow.bags > 0
								? `, ${wholeNumber(pillow.bags)} torn bags in it`
								: ''}
							<span class="quiet">made {yearDayWords(pillow.since)}</span>
						</p>
						<TakeBackFold id={pillow.id} words={pillow.code} sent={form?.entry} />
					</li>
				{/each}
			</ul>
			<p class="quiet">A pillow goes with a mat when that is sent, under Send.</p>
		{/if}
	</section>
	<PillowForm usualG={store.usualG} sent={form?.entry} />
</div>
