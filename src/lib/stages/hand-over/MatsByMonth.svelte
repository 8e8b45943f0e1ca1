<script lang="ts">
	// Mats delivered, a mat for a mat: a row a month, or a season. Where they are too many to be drawn one by one, each
	// stands for as many as is said.
	import { MatsByMonth as say } from '$lib/words/hand-over';
	import type { ChartBar } from '$lib/core/drawing/bars-scene';
	import { wholeNumber } from '$lib/ui/number-words';

	const { bars }: { bars: readonly ChartBar[] } = $props();
	const most = $derived(Math.max(...bars.map(({ value }) => value)));
	/** Drawn in one row at most. */
	const inRow = 40;
	const each = $derived([1, 2, 5, 10, 20, 50, 100].find((many) => most / many <= inRow) ?? 200);
	/** From the first that has any to the last. */
	const shown = $derived.by(() => {
		const has = bars.map(({ value }) => value > 0);
		return bars.slice(has.indexOf(true), has.lastIndexOf(true) + 1);
	});
</script>

<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-2 p-4" aria-labelledby="course">
	<h2 id="course">{say.whenTheyWent()}</h2>
	<ul class="grid grid-cols-[minmax(0,1fr)]" data-bars={shown.length}>
		{#each shown as { name, value } (name)}
			<li
				class="grid grid-cols-[4.5rem_minmax(0,1fr)] items-center gap-x-3 border-t border-base-300 py-2 first:border-t-0"
			>
				<span>{name}</span>
				<span class="flex flex-wrap items-center gap-1">
					{#each { length: Math.round(value / each) } as _, nth (nth)}
						<svg viewBox="0 0 18 38" class="h-9" aria-hidden="true">
							<rect
								x="1"
								y="1"
								width="16"
								height="36"
								rx="2"
								class="fill-secondary/25 stroke-base-content"
								stroke-width="1.4"
							/>
							<path d="M1 9h16M1 15h16M1 23h16M1 29h16" class="stroke-secondary" stroke-width="2" />
						</svg>
					{/each}
					<strong class="figure ml-1">{wholeNumber(value)}</strong>
				</span>
			</li>
		{/each}
	</ul>
	{#if each > 1}<p class="quiet text-[0.9375rem]">{say.eachStandsFor({ each })}</p>{/if}
</section>
