<script lang="ts">
	// Every mat being made, what needs an act first: whose it is, how far it is, by when it is ready.
	import MatStrip from './MatStrip.svelte';
	import NeedAct from './NeedAct.svelte';
	import ColourPatterns from '$lib/ui/ColourPatterns.svelte';
	import type { MatLine } from './mat-view';
	import { byNeed, needOf } from './mat-view';
	import {
		needPlace,
		matFarWords,
		loomWords,
		matNeedWords,
		readyWords,
		whoseWords
	} from './mat-words';

	const { mats }: { mats: readonly MatLine[] } = $props();
	const ordered = $derived(byNeed(mats));
	const longestMm = $derived(Math.max(1850, ...mats.map(({ look }) => look?.lengthMm ?? 0)));
	const hrefOf = ({ code }: MatLine) => `/make/${code}`;
</script>

<ColourPatterns />
<ul class="grid grid-cols-[repeat(auto-fill,minmax(min(100%,24rem),1fr))] gap-3">
	{#each ordered as mat (mat.id)}
		{@const need = needOf(mat)}
		{@const ready = readyWords(mat)}
		{@const act = needPlace(need, mat)}
		<li
			class="sheet grid grid-cols-[minmax(0,1fr)] content-start px-3 pb-1.5"
			data-mat={mat.code}
			data-need={need}
		>
			<p class="flex min-w-0 items-baseline gap-x-2">
				<a
					class="inline-flex min-h-11 items-center text-lg font-semibold underline underline-offset-4"
					href={hrefOf(mat)}>{whoseWords(mat)}</a
				>
				<span class="quiet min-w-0 flex-1 text-[0.9375rem]">{matFarWords(mat)} · {mat.code}</span>
				<span class="shrink-0 text-right text-[0.9375rem] font-semibold">{ready.day}</span>
			</p>
			<MatStrip {mat} {longestMm} isLow />
			<div class="flex items-center justify-between gap-x-3">
				<div class="min-w-0 py-1 {need === 'go-on' ? 'quiet' : 'font-semibold'}">
					<p class="leading-snug break-words" data-says>
						{matNeedWords(need, mat) || loomWords(mat)}
					</p>
					<p class="quiet truncate text-[0.875rem] font-normal @max-[48rem]/page:sr-only">
						{mat.planName}{#if ready.between}, {ready.between}{/if}
					</p>
				</div>
				<div class="min-h-11 shrink-0 content-center">
					{#if act}<a class="btn h-auto min-h-11 font-semibold" href="{hrefOf(mat)}#{act.part}"
							>{act.words}</a
						>{:else}<NeedAct {mat} {need} />{/if}
				</div>
			</div>
		</li>
	{/each}
</ul>
