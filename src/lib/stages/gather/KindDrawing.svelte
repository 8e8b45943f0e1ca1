<script lang="ts">
	// A kind of bag lying flat, drawn from its measures; all of them to the same scale.
	import type { Bag } from '$lib/core/bag/measure-bag';

	interface Props {
		bag: Bag;
		/** Pixels for a millimetre. */
		scale?: number;
		label: string;
	}
	const { bag, scale = 0.2, label }: Props = $props();
	const width = $derived(bag.flatWidthMm * scale);
	const handle = $derived(bag.handleMm * scale);
	const body = $derived(bag.bodyMm * scale);
	const strap = $derived(width * 0.26);
	const gusset = $derived(Math.min(bag.gussetMm * scale, width / 2.2));
	const outline = $derived(
		handle > 0
			? `M0 0H${strap}V${handle - 4}q0 4 4 4H${width - strap - 4}q4 0 4 -4V0H${width}V${handle + body}H0Z`
			: `M0 0H${width}V${body}H0Z`
	);
</script>

<svg
	class="max-h-40 max-w-full shrink-0"
	width={width + 4}
	height={handle + body + 4}
	viewBox="-2 -2 {width + 4} {handle + body + 4}"
	role="img"
	aria-label={label}
>
	<path d={outline} class="fill-primary/16 stroke-base-content" stroke-width="1.5" />
	{#if gusset > 1}
		<path
			d="M{gusset} {handle}V{handle + body}M{width - gusset} {handle}V{handle + body}"
			class="stroke-base-content/60"
			stroke-dasharray="4 3"
		/>
	{/if}
	<path d="M0 {handle + body}H{width}" class="stroke-base-content" stroke-width="3" />
</svg>
