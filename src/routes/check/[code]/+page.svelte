<script lang="ts">
	import { formatLength } from '$lib/core/units/format-length';
	import CameBack from '$lib/stages/check/CameBack.svelte';
	import CheckForm from '$lib/stages/check/CheckForm.svelte';
	import CheckMap from '$lib/stages/check/CheckMap.svelte';
	import { reasonWords, resultWords, stateWords } from '$lib/stages/check/check-words';
	import PressButton from '$lib/stages/hand/PressButton.svelte';
	import { momentWords } from '$lib/ui/day-words';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const { mat } = $derived(data);
	const lengthWords = (mm: number) => formatLength(mm, data.group.lengthSystem, 'mat');
</script>

<svelte:head><title>{mat.code} · Check · Nest Row</title></svelte:head>

<p><a class="inline-flex min-h-11 link items-center" href="/check">All mats to check</a></p>
<h2>{mat.code} <span class="quiet font-normal">{mat.planName}</span></h2>
<p class="font-semibold" data-state={mat.state}>{stateWords[mat.state]}</p>
{#if mat.state === 'to-mend'}
	<PressButton
		type="mended"
		mat={mat.code}
		label="It is mended"
		words="{mat.code} mended"
		kept="Mended: check it again."
		isMain
	/>
{/if}
<div
	class="mt-3 grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_18rem]"
>
	{#if mat.state === 'delivered' || mat.state === 'received'}
		<CameBack code={mat.code} sent={form?.entry} />
	{:else if mat.state !== 'taken-apart'}
		<CheckForm {mat} sent={form?.entry} />
	{:else}<p class="sheet p-4">
			It is taken apart: its strand goes back to the table, and is counted there.
		</p>{/if}
	{#if mat.checks.length > 0}
		<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-4" aria-labelledby="history">
			<h2 id="history" class="text-lg">Its checks</h2>
			<ol class="grid grid-cols-[minmax(0,1fr)] gap-4">
				{#each mat.checks as check (check.id)}
					<li data-check={check.result}>
						<p><strong>{resultWords[check.result]}</strong></p>
						<p class="quiet text-[0.9375rem]">
							{momentWords(check.at)}, {lengthWords(check.widthMm)} by {lengthWords(check.lengthMm)}
						</p>
						{#if check.reasons.length > 0}<p>{check.reasons.map(reasonWords).join('; ')}</p>{/if}
						{#if check.why}<p class="break-words">“{check.why}”</p>{/if}
						{#if check.faults.length > 0 || check.goesThrough.some(Boolean)}
							<CheckMap {mat} goesThrough={check.goesThrough} faults={check.faults} ontap={null} />
						{/if}
					</li>
				{/each}
			</ol>
		</section>
	{/if}
</div>
