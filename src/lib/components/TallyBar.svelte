<script lang="ts">
	import type { Tally, TallyName } from '$lib/core/plan/estimate';
	import type { Model } from '$lib/core/plan/model';
	import { figure, roughly, wholeNumber } from '$lib/plan/number-words';
	import type { Snippet } from 'svelte';

	interface Props {
		tally: Tally;
		model: Model;
		/** False while a field needs a look: the figures are those of the last plan that could be made. */
		isCurrent: boolean;
		children: Snippet;
	}
	const { tally, model, isCurrent, children }: Props = $props();

	const shown: readonly { name: TallyName; label: string; unit: string; isMain?: boolean }[] = [
		{ name: 'toCollect', label: 'Bags to collect', unit: '', isMain: true },
		{ name: 'toPrepare', label: 'Bags to prepare', unit: '' },
		{ name: 'strandM', label: 'Strand', unit: 'm' },
		{ name: 'balls', label: 'Balls', unit: '' },
		{ name: 'joints', label: 'Joints', unit: '' },
		{ name: 'hours', label: 'Hands-on time', unit: 'h', isMain: true },
		{ name: 'matKg', label: 'Mat weighs', unit: 'kg', isMain: true }
	];
	const isCounted = (name: TallyName) =>
		['toCollect', 'toPrepare', 'balls', 'joints'].includes(name);
	const value = (name: TallyName) =>
		isCounted(name) ? wholeNumber(Math.ceil(tally[name].expected)) : figure(tally[name].expected);
	const spoken = $derived(
		isCurrent
			? `${value('toCollect')} bags to collect, ${value('hours')} hours, mat ${value('matKg')} kilograms`
			: 'A field needs a look; the tally waits.'
	);
</script>

<section
	class="tally sticky bottom-0 z-20 flex flex-wrap items-center gap-x-6 gap-y-2 bg-neutral px-5 py-3 text-neutral-content"
	aria-labelledby="tally-title"
>
	<h2 class="sr-only" id="tally-title">Tally</h2>
	<dl
		class="flex min-w-0 flex-1 flex-wrap gap-x-5 gap-y-2 max-sm:basis-full max-sm:justify-between"
		class:opacity-70={!isCurrent}
	>
		{#each shown as { name, label, unit, isMain } (name)}
			<div
				class="min-w-0 border-neutral-content/30 sm:border-r sm:pr-5 {isMain
					? ''
					: 'max-sm:hidden'}"
				data-tally={name}
			>
				<dt class="text-[13px] whitespace-nowrap opacity-90">{label}</dt>
				<dd class="whitespace-nowrap">
					<span class="figure text-2xl font-bold max-sm:text-xl" data-figure>{value(name)}</span>
					<span class="text-sm">{unit}</span>
					<span class="block text-[13px] opacity-90"
						>{roughly(tally[name].low)}–{roughly(tally[name].high)}</span
					>
				</dd>
			</div>
		{/each}
		<div class="max-sm:hidden">
			<dt class="text-[13px] opacity-90">Stitches × rows</dt>
			<dd class="whitespace-nowrap">
				<span class="figure text-2xl font-bold max-sm:text-xl"
					>{model.mat.stitches} × {model.mat.rows}</span
				>
				<span class="block text-[13px] opacity-90">cover {tally.cover.expected.toFixed(2)}</span>
			</dd>
		</div>
	</dl>
	{@render children()}
	<p class="sr-only" aria-live="polite">{spoken}</p>
</section>
