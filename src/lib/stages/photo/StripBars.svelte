<script lang="ts">
	// Strips side by side as wide as they are, the odd ones marked and said.
	import { PhotoMeasures as say } from '$lib/words/photo';
	import { oddOnes } from '$lib/core/photo/strips';
	import { formatLength, trimmed, type LengthSystem } from '$lib/core/units/format-length';
	import type { PhotoBench } from './photo-bench.svelte';

	const { bench, system }: { bench: PhotoBench; system: LengthSystem } = $props();
	const widths = $derived(
		(bench.measured?.strips ?? []).map(
			({ mean }, nth) => bench.measures[`strip-${nth}`]?.value ?? mean.value
		)
	);
	const odd = $derived(oddOnes(widths));
	const most = $derived(Math.max(1, ...widths));
	const mean = $derived(widths.reduce((sum, w) => sum + w, 0) / Math.max(1, widths.length));
	const others = (nth: number) => {
		const rest = widths.filter((_, other) => other !== nth).sort((a, b) => a - b);
		return rest[Math.floor(rest.length / 2)] ?? mean;
	};
	const small = (mm: number) => formatLength(mm, system, 'small');
</script>

<ol class="flex items-end gap-1.5" data-strips>
	{#each widths as width, nth (nth)}
		<li
			class="grid min-w-0 flex-1 gap-1 text-center text-sm font-bold"
			data-odd={odd[nth]}
			data-width={trimmed(width, 1)}
		>
			<span
				class="block border-2 {odd[nth]
					? 'border-error bg-error/25'
					: 'border-base-content bg-base-200'}"
				style="height: {(width / most) * 4.5}rem"
			></span>
			<span class="figure">{trimmed(width, 0)}</span>
		</li>
	{/each}
</ol>
<p>
	{say.stripsOn({ count: widths.length, mean: small(mean) })}.
	{#each odd as is, nth (nth)}
		{#if is}
			{@const off = Math.round(Math.abs((widths[nth] ?? 0) / others(nth) - 1) * 100)}
			<strong class="text-error"
				>{(widths[nth] ?? 0) < others(nth)
					? say.isNarrow({ place: nth + 1, percent: off })
					: say.isWide({ place: nth + 1, percent: off })}</strong
			>
		{/if}
	{/each}
</p>
