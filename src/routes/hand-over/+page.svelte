<script lang="ts">
	import { HandOverPage as say } from '$lib/words/hand-over';
	import EmptyState from '$lib/ui/EmptyState.svelte';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import { capital } from '$lib/ui/number-words';
	import { formatLength } from '$lib/core/units/format-length';
	import DeliverForm from '$lib/stages/hand-over/DeliverForm.svelte';
	import Waiting from '$lib/stages/hand-over/Waiting.svelte';
	import ReceiveButton from '$lib/stages/hand-over/ReceiveButton.svelte';
	import { matsWords, pillowsWords } from '$lib/stages/hand-over/hand-over-words';
	import { nearDayWords } from '$lib/ui/day-words';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const typedEdge = (mm: number) => formatLength(mm, data.group.lengthSystem, 'bag');
	const crates = $derived({
		crate_width: typedEdge(data.crate.widthMm),
		crate_depth: typedEdge(data.crate.depthMm),
		crate_height: typedEdge(data.crate.heightMm)
	});
	const toCome = $derived(data.deliveries.filter(({ receivedOn }) => receivedOn === null).length);
</script>

<PageTitle />

<div
	class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[72rem]:grid-cols-[minmax(0,1fr)_22rem]"
>
	{#if data.places.length === 0}
		<EmptyState
			words={say.firstAddAReceivingPlace()}
			href="/places"
			act={say.sourcesAndReceivingPlaces()}
		/>
	{:else}
		<DeliverForm
			mats={data.mats}
			pillows={data.pillows}
			{crates}
			places={data.places}
			asks={data.asks}
			sent={form?.entry}
		/>
	{/if}
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<Waiting asks={data.asks} today={data.group.today} />
		<section class="sheet px-4 py-3" aria-labelledby="out">
			<h2 id="out">
				{data.deliveries.length === 0 ? say.noDeliveriesYet() : say.deliveries()}
			</h2>
			{#if toCome > 0}<p class="quiet">
					{say.notConfirmedYet({ part: toCome === 1 ? say.ofOne() : say.of({ toCome }) })}
				</p>{/if}
			{#if data.deliveries.length > 0}
				<ul class="mt-1 grid grid-cols-[minmax(0,1fr)]">
					{#each data.deliveries as one (one.code)}
						<li
							class="grid gap-x-4 gap-y-1 border-t border-base-300 py-2 first:border-t-0"
							data-delivery={one.code}
						>
							<div class="min-w-0">
								<p>
									<a
										class="inline-flex min-h-11 link items-center font-semibold"
										href="/hand-over/deliveries/{one.code}">{one.placeName}</a
									>
									<span class="quiet">{nearDayWords(one.goesOn, data.group.today)}, {one.code}</span
									>
								</p>
								<p>
									{capital(matsWords(one.mats.length))}{one.pillows.length > 0
										? say.and({ pillows: pillowsWords(one.pillows.length) })
										: ''}:
									{#each one.mats as mat (mat)}<a
											class="mr-2 inline-flex min-h-11 link items-center"
											href="/hand-over/mats/{mat}">{mat}</a
										>{/each}
								</p>
								{#if one.gathering}<p class="break-words">
										{say.event({ gathering: one.gathering })}
									</p>{/if}
								{#if one.note}<p class="break-words">“{one.note}”</p>{/if}
							</div>
							{#if one.receivedOn}<p class="quiet break-words">
									{say.received({
										yearDay: nearDayWords(one.receivedOn, data.group.today),
										part: one.receivedBy ? `: “${one.receivedBy}”` : ''
									})}
								</p>
							{:else}<ReceiveButton delivery={one.code} />{/if}
						</li>
					{/each}
				</ul>
				{#if data.hasOlder}
					<a class="btn font-normal" href="?before={data.deliveries.at(-1)?.id}">{say.older()}</a>
				{/if}
				<p><a class="link-row" href="/hand-over/calendar.ics">{say.addToCalendar()}</a></p>
			{/if}
		</section>
	</div>
</div>
