<script lang="ts">
	import ColourPatterns from '$lib/ui/ColourPatterns.svelte';
	import Swatch from '$lib/ui/Swatch.svelte';
	import { wholeNumber } from '$lib/ui/number-words';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
</script>

<svelte:head><title>Bags wanted · {data.group.name}</title></svelte:head>
<ColourPatterns />

<main id="main" class="mx-auto grid w-full max-w-xl grid-cols-[minmax(0,1fr)] gap-5 px-5 py-8">
	<div>
		<h1>Bags wanted</h1>
		<p class="quiet [overflow-wrap:anywhere]">
			{data.group.name} turns used plastic bags into sleeping mats.
		</p>
	</div>
	<section class="sheet p-5" aria-label="Bags wanted">
		{#if data.asks.length === 0}
			<p>Nothing is wanted just now: the store has enough. Thank you.</p>
		{:else}
			<ul class="grid gap-3">
				{#each data.asks as ask, at (at)}
					<li class="flex items-center gap-3">
						{#if ask.colour}<Swatch colour={ask.colour} />{/if}
						<span class="min-w-0 [overflow-wrap:anywhere]"
							><b class="figure">{wholeNumber(ask.toAsk)}</b>
							{ask.kind}, {ask.colour ?? 'any colour'}</span
						>
					</li>
				{/each}
			</ul>
		{/if}
	</section>
	<p class="quiet">Clean, dry and empty; nothing mouldy, nothing from medical or chemical use.</p>
	<p>
		<a class="link-row" href="/a/{data.address}/sheet.pdf" download>The same as a sheet to print</a>
	</p>
</main>
