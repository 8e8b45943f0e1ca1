<script lang="ts">
	// A ball as it was wound: its colours in order, the first inside.
	import type { ColourName } from '$lib/core/colour/colours';

	interface Props {
		colours: readonly { readonly colour: ColourName; readonly bags: number }[];
		size: number;
	}
	const { colours, size }: Props = $props();
	const all = $derived(colours.reduce((sum, { bags }) => sum + bags, 0));
	/** Rings from outside in: as much of the ball's volume as its share of the bags. */
	const rings = $derived(
		colours
			.map(({ colour }, at) => {
				const inside = colours.slice(0, at + 1).reduce((sum, { bags }) => sum + bags, 0);
				return { colour, radius: 28 * Math.cbrt(inside / all) };
			})
			.toReversed()
	);
</script>

<svg width={size} height={size} viewBox="0 0 60 60" aria-hidden="true">
	{#each rings as { colour, radius } (colour)}
		<circle cx="30" cy="30" r={radius} fill="url(#film-{colour})" class="stroke-base-content" />
	{/each}
	<path
		d="M7 22q23-16 46 0M4 32q26-18 52 0M8 42q22-16 44 0"
		fill="none"
		class="stroke-base-content/45"
	/>
</svg>
