<script lang="ts">
	import { HandOverDeliveriesCodePage as say } from '$lib/words/hand-over';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import { capital } from '$lib/ui/number-words';
	import TakeBackFold from '$lib/entries/TakeBackFold.svelte';
	import Crates from '$lib/stages/hand-over/Crates.svelte';
	import ReceiveButton from '$lib/stages/hand-over/ReceiveButton.svelte';
	import {
		careWords,
		deferWords,
		matsWords,
		pillowsWords,
		sizeWords,
		receivingWords
	} from '$lib/stages/hand-over/hand-over-words';
	import { crateOf, gramsOf, packMats } from '$lib/stages/hand-over/packing';
	import { nearDayWords } from '$lib/ui/day-words';
	import { massWords } from '$lib/ui/unit-words';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const { delivery } = $derived(data);
	const system = $derived(data.group.lengthSystem);
	const crate = $derived(crateOf(delivery));
	const packed = $derived(packMats(delivery.lying, crate));
	const grams = $derived(gramsOf(delivery.lying));
	const { place } = $derived(delivery);
	const said = $derived(receivingWords(place));
</script>

<PageTitle of={`${delivery.placeName}, ${delivery.code}`} />

<h2>
	{delivery.placeName}
	<span class="quiet font-normal"
		>{nearDayWords(delivery.goesOn, data.group.today)}, {delivery.code}</span
	>
</h2>
<p class="flex flex-wrap gap-x-6">
	<a
		class="inline-flex min-h-11 link items-center"
		href="/hand-over/deliveries/{delivery.code}/note.pdf"
		data-sveltekit-reload>{say.deliveryNote()}</a
	>
	<a
		class="inline-flex min-h-11 link items-center"
		href="/hand-over/tags.pdf?delivery={delivery.code}"
		data-sveltekit-reload>{say.tagsWithCareWords()}</a
	>
	<a
		class="inline-flex min-h-11 link items-center"
		href="/hand-over/account?delivery={delivery.code}">{say.resultsSoFar()}</a
	>
</p>
<div
	class="mt-2 grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_22rem]"
>
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-4" aria-labelledby="carry">
			<h3 id="carry" class="text-lg">{say.whatToCarry()}</h3>
			<p data-carry>
				{say.about({
					mats: capital(matsWords(delivery.mats.length)),
					part:
						delivery.pillows.length > 0
							? say.and({ pillows: pillowsWords(delivery.pillows.length) })
							: ''
				})}
				<strong>{massWords(grams, system)}</strong>.
			</p>
			{#if packed.rolls.length > 0}<Crates {packed} {crate} {system} />{/if}
			{#if packed.unrolled.length > 0}<p>
					{say.howThickRollsNoPlan({ unrolled: packed.unrolled.join(', ') })}
				</p>{/if}
			<ul class="grid">
				{#each delivery.lying as mat (mat.code)}
					<li
						class="flex flex-wrap gap-x-4 border-t border-base-300 py-1 first:border-t-0"
						data-lies={mat.code}
					>
						<a class="inline-flex min-h-11 link items-center" href="/hand-over/mats/{mat.code}"
							>{mat.code}</a
						>
						<span class="inline-flex min-h-11 flex-1 items-center"
							>{sizeWords(mat, system)}{mat.massG === null
								? ''
								: `, ${massWords(mat.massG, system)}`}{mat.pillow === null
								? ''
								: say.withPillow({ pillow: mat.pillow })}</span
						>
					</li>
				{/each}
			</ul>
		</section>
		<section class="sheet grid gap-1 p-4" aria-labelledby="care">
			<h3 id="care" class="text-lg">{say.care()}</h3>
			<ul class="list-disc pl-5">
				{#each careWords as words (words)}<li>{words}</li>{/each}
			</ul>
			<p class="quiet">{deferWords}</p>
		</section>
	</div>
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<section class="sheet grid gap-2 p-4" aria-labelledby="there">
			<h3 id="there" class="text-lg">{delivery.placeName}</h3>
			{#each said as words (words)}<p class="break-words">{words}</p>{:else}<p>
					{say.howTheyReceiveMatsIs()}
				</p>{/each}
			<a
				class="inline-flex min-h-11 link items-center"
				href="/hand-over/asks?place={place.id}#places">{say.sayHowTheyReceiveThem()}</a
			>
			{#if delivery.gathering}<p class="break-words">
					{say.event({ gathering: delivery.gathering })}
					<a class="link" href="/hand-over/calendar.ics" data-sveltekit-reload
						>{say.addToCalendar()}</a
					>
				</p>{/if}
			{#if delivery.note}<p class="break-words">“{delivery.note}”</p>{/if}
		</section>
		<section class="sheet grid gap-2 p-4" aria-labelledby="received">
			<h3 id="received" class="text-lg">
				{delivery.receivedOn ? say.received() : say.wasItReceived()}
			</h3>
			{#if delivery.receivedOn}
				<p data-received>
					{nearDayWords(delivery.receivedOn, data.group.today)}{delivery.receivedBy
						? `: “${delivery.receivedBy}”`
						: ''}
				</p>
			{:else}<ReceiveButton delivery={delivery.code} />{/if}
		</section>
		{#if !delivery.receivedOn}
			<section class="sheet p-4" aria-label={say.aMistake()}>
				<TakeBackFold id={delivery.id} words={delivery.code} sent={form?.entry} />
			</section>
		{/if}
	</div>
</div>
