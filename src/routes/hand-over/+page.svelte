<script lang="ts">
	import DeliverForm from '$lib/stages/hand-over/DeliverForm.svelte';
	import ReceiveButton from '$lib/stages/hand-over/ReceiveButton.svelte';
	import { yearDayWords } from '$lib/ui/day-words';
	import { fixed, wholeNumber } from '$lib/ui/number-words';
	import { areaWords } from '$lib/ui/unit-words';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const { account } = $derived(data);
</script>

<svelte:head><title>Hand over · Nest Row</title></svelte:head>

<div
	class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_22rem]"
>
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<section class="sheet p-4" aria-labelledby="account" data-account>
			<h2 id="account">What it came to</h2>
			<p class="text-lg">
				<strong data-mats>{wholeNumber(account.mats)}</strong>
				{account.mats === 1 ? 'mat' : 'mats'} handed over, {areaWords(
					account.m2,
					data.group.lengthSystem
				)} to lie on, to
				{wholeNumber(account.places)}
				{account.places === 1 ? 'place' : 'places'}.
			</p>
			{#if account.mats > account.matsUncounted}
				<p>
					{wholeNumber(account.bags)} bags kept from the bin, {fixed(account.filmKg, 1)} kg of film, by
					the labels of their balls.
				</p>
			{/if}
			{#if account.matsUncounted > 0}
				<p class="quiet" data-uncounted>
					Of {wholeNumber(account.matsUncounted)}
					{account.matsUncounted === 1 ? 'mat' : 'mats'} no label says which bags lie in them: none of
					those is counted.
				</p>
			{/if}
		</section>
		<section aria-labelledby="out">
			<h2 id="out">
				{data.deliveries.length === 0 ? 'Nothing went out yet' : 'What went out'}
			</h2>
			{#if data.deliveries.length > 0}
				<ul class="sheet mt-3 grid px-4">
					{#each data.deliveries as { code, placeName, goesOn, note, mats, receivedAt } (code)}
						<li
							class="grid gap-1 border-t border-base-300 py-3 first:border-t-0"
							data-delivery={code}
						>
							<p>
								<strong>{placeName}</strong>
								<span class="quiet">{yearDayWords(goesOn)}, {code}</span>
							</p>
							<p>
								{mats.length === 1 ? 'One mat' : `${mats.length} mats`}:
								{#each mats as mat (mat)}<a
										class="mr-2 inline-flex min-h-11 link items-center"
										href="/check/{mat}">{mat}</a
									>{/each}
							</p>
							{#if note}<p class="break-words">“{note}”</p>{/if}
							{#if receivedAt}<p class="quiet">received {yearDayWords(receivedAt)}</p>
							{:else}<ReceiveButton delivery={code} />{/if}
						</li>
					{/each}
				</ul>
			{/if}
		</section>
	</div>
	{#if data.places.length === 0}
		<p class="sheet p-4">
			Say first which places receive mats, under <a class="link" href="/people#places"
				>People and places</a
			>.
		</p>
	{:else}
		<DeliverForm mats={data.mats} places={data.places} sent={form?.entry} />
	{/if}
</div>
