<script lang="ts">
	import { HandOverAsksPage as say } from '$lib/words/hand-over';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import AskForm from '$lib/stages/hand-over/AskForm.svelte';
	import AskList from '$lib/stages/hand-over/AskList.svelte';
	import PlaceForm from '$lib/stages/hand-over/PlaceForm.svelte';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const refused = $derived(form && 'place' in form && form.place ? form : null);
</script>

<PageTitle />

<div
	class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_22rem]"
>
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<AskList asks={data.asks} today={data.group.today} />
		<section class="grid grid-cols-[minmax(0,1fr)] gap-3" aria-labelledby="places">
			<h2 id="places">{say.howTheyReceiveThem()}</h2>
			{#if data.places.length === 0}
				<p class="sheet p-4">
					{say.firstAddAReceivingPlace()}
					<a class="link" href="/places">{say.sourcesAndReceivingPlaces()}</a>.
				</p>
			{/if}
			{#each data.places as place (place.id)}
				<PlaceForm
					system={data.group.lengthSystem}
					{place}
					isOpen={data.place === place.id}
					refused={refused?.place.id === place.id ? refused : null}
				/>
			{/each}
		</section>
	</div>
	{#if data.places.length > 0}
		<AskForm places={data.places} sent={form && 'entry' in form ? form.entry : null} />
	{/if}
</div>
