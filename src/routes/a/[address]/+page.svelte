<script lang="ts">
	import { AAddressPage as say } from '$lib/words/house';
	import ColourPatterns from '$lib/ui/ColourPatterns.svelte';
	import Swatch from '$lib/ui/Swatch.svelte';
	import { wholeNumber } from '$lib/ui/number-words';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
</script>

<svelte:head><title>{say.bagsWanted({ name: data.group.name })}</title></svelte:head>
<ColourPatterns />

<main id="main" class="mx-auto grid w-full max-w-xl grid-cols-[minmax(0,1fr)] gap-5 px-5 py-8">
	<div>
		<h1>{say.bagsWanted2()}</h1>
		<p class="quiet [overflow-wrap:anywhere]">
			{say.turnsUsedPlasticBagsInto({ name: data.group.name })}
		</p>
	</div>
	<section class="sheet p-5" aria-label={say.bagsWanted2()}>
		{#if data.asks.length === 0}
			<p>{say.noBagsAreNeededRight()}</p>
		{:else}
			<ul class="grid gap-3">
				{#each data.asks as ask, at (at)}
					<li class="flex items-center gap-3">
						{#if ask.colour}<Swatch colour={ask.colour} />{/if}
						<span class="min-w-0 [overflow-wrap:anywhere]"
							><b class="figure">{wholeNumber(ask.toAsk)}</b>
							{ask.kind}, {ask.colour ?? say.anyColour()}</span
						>
					</li>
				{/each}
			</ul>
		{/if}
	</section>
	<p class="quiet">{say.cleanDryAndEmptyNothing()}</p>
	<p>
		<a class="link-row" href="/a/{data.address}/sheet.pdf" download>{say.sheetToPrint()}</a>
	</p>
</main>
