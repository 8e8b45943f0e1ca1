<script lang="ts">
	import { HandOverPillowsPage as say } from '$lib/words/hand-over';
	import PageTitle from '$lib/entries/PageTitle.svelte';
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
				? say.noPillowsReady()
				: say.lengthPluralOneOtherThere({
						pillows: capital(pillowsWords(data.pillows.length)),
						length: data.pillows.length
					})}
		</h2>
		<p data-stuffing>
			{say.byTheBookTheStore({
				mass: massWords(store.scrapG, system),
				bags: wholeNumber(store.bags),
				pillows: pillowsWords(store.pillows),
				mass2: massWords(store.usualG, system)
			})}
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
								? say.tornBagsInIt({ bags: wholeNumber(pillow.bags) })
								: ''}
							<span class="quiet">{say.made({ yearDay: yearDayWords(pillow.since) })}</span>
						</p>
						<TakeBackFold id={pillow.id} words={pillow.code} sent={form?.entry} />
					</li>
				{/each}
			</ul>
			<p class="quiet">{say.addPillowsToAMat()}</p>
		{/if}
	</section>
	<PillowForm usualG={store.usualG} sent={form?.entry} />
</div>
