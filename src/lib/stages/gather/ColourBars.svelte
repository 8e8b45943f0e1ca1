<script lang="ts">
	// Bags for strand by colour, each bar in its pattern.
	import type { ColourName } from '$lib/core/colour/colours';
	import { wholeNumber } from '$lib/ui/number-words';

	const { bars }: { bars: readonly { readonly colour: ColourName; readonly bags: number }[] } =
		$props();
	const most = $derived(Math.max(1, ...bars.map(({ bags }) => bags)));
</script>

<section class="sheet p-4" aria-labelledby="colours">
	<h2 id="colours">Bags for strand, by colour</h2>
	<ul class="mt-2 grid gap-1">
		{#each bars as { colour, bags } (colour)}
			<li class="grid grid-cols-[4.5rem_1fr_auto] items-center gap-2 text-[0.9375rem]">
				<span>{colour}</span>
				<svg class="h-5 w-full" preserveAspectRatio="none" aria-hidden="true">
					<rect
						width="{(bags / most) * 100}%"
						height="100%"
						rx="4"
						fill="url(#film-{colour})"
						class="stroke-base-content/50"
					/>
				</svg>
				<span class="figure font-semibold">{wholeNumber(bags)}</span>
			</li>
		{/each}
	</ul>
</section>
