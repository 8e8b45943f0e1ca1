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
<ul class="sheet grid grid-cols-[minmax(0,1fr)] px-4">
	{#each ordered as mat (mat.id)}
		{@const need = needOf(mat)}
		{@const ready = readyWords(mat)}
		{@const act = needPlace(need, mat)}
		<li
			class="grid grid-cols-[minmax(0,1fr)] items-center gap-x-5 gap-y-1 border-t border-base-300 py-3 first:border-t-0 @min-[44rem]:grid-cols-[11rem_minmax(0,1fr)_7rem_12rem]"
			data-mat={mat.code}
			data-need={need}
		>
			<div>
				<a class="inline-flex min-h-11 link items-center text-lg font-semibold" href={hrefOf(mat)}
					>{whoseWords(mat)}</a
				>
				<p class="quiet text-[0.9375rem]">{matFarWords(mat)} · {mat.code}</p>
			</div>
			<MatStrip {mat} {longestMm} />
			<p>
				<span class="font-semibold">{ready.day}</span>
				<span class="quiet block text-[0.9375rem]">{ready.between}</span>
			</p>
			<div class={need === 'go-on' ? 'quiet' : 'font-semibold'}>
				<p data-says>{matNeedWords(need, mat) || loomWords(mat)}</p>
				{#if act}<a class="btn h-auto min-h-11 font-semibold" href="{hrefOf(mat)}#{act.part}"
						>{act.words}</a
					>{:else}<NeedAct {mat} {need} />{/if}
				<p class="quiet text-[0.9375rem] font-normal">{mat.planName}</p>
			</div>
		</li>
	{/each}
</ul>
