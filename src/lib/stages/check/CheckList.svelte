<script lang="ts">
	// Mats that wait: to be checked, to be mended, to be checked again; the longest first.
	import { CheckList as say } from '$lib/words/check';
	import MatStrip from '$lib/stages/making/MatStrip.svelte';
	import ColourPatterns from '$lib/ui/ColourPatterns.svelte';
	import { shortDayWords } from '$lib/ui/day-words';
	import type { MadeMatLine } from './check-view';
	import { wholeMat } from '$lib/stages/making/mat-view';
	import { formatLength } from '$lib/core/units/format-length';
	import { getOutbox } from '$lib/entries/outbox-context';
	import { checkReasonWords, stateWords } from './check-words';
	import { takesPractised } from './menders';

	const { mats }: { mats: readonly MadeMatLine[] } = $props();
	const outbox = getOutbox();
	const lengthWords = (mm: number) => formatLength(mm, outbox.readBy().system, 'mat');
	const longestMm = $derived(Math.max(1850, ...mats.map(({ look }) => look?.lengthMm ?? 0)));
	const whoOf = (mat: MadeMatLine) =>
		takesPractised(mat) ? say.someoneWhoKnowsTheTechnique() : say.anyoneCanDoIt();
</script>

<ColourPatterns />
<ul class="sheet grid grid-cols-[minmax(0,1fr)] px-4">
	{#each mats as mat (mat.id)}
		<li
			class="grid grid-cols-[minmax(0,1fr)] items-center gap-x-5 gap-y-1 border-t border-base-300 py-3 first:border-t-0 @min-[44rem]:grid-cols-[11rem_minmax(0,1fr)_16rem]"
			data-made={mat.code}
			data-state={mat.state}
		>
			<div>
				<a
					class="inline-flex min-h-11 link items-center text-lg font-semibold"
					href="/check/{mat.code}">{mat.code}</a
				>
				<p class="quiet text-[0.9375rem]">{mat.planName}</p>
			</div>
			<MatStrip mat={wholeMat(mat)} {longestMm} isWhole />
			<div>
				<p class="font-semibold">{stateWords[mat.state]}</p>
				{#if mat.state === 'to-mend' && mat.last}
					<p>{mat.last.reasons.map((one) => checkReasonWords(one, lengthWords)).join('; ')}</p>
					<p class="quiet text-[0.9375rem]">
						{say.aboutMinutes({ minutes: mat.last.minutes, whoOf: whoOf(mat) })}
					</p>
				{/if}
				<p class="quiet text-[0.9375rem]">{say.since({ shortDay: shortDayWords(mat.since) })}</p>
			</div>
		</li>
	{/each}
</ul>
