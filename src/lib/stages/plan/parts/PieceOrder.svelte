<script lang="ts">
	// The strand of several kinds drawn out: which piece follows which, each as long as it is, and marked
	// by its kind's number and pattern, so that colour is never all that tells them apart.
	import { MixKinds as say } from '$lib/words/plan';
	import { orderOfKinds, type KindInModel } from '$lib/core/model/kinds-in-model';

	const { kinds, names }: { kinds: readonly KindInModel[]; names: readonly string[] } = $props();
	const order = $derived(orderOfKinds(kinds));
	const thickest = $derived(Math.max(...kinds.map(({ like }) => like.yield.bulkDiameterMm)));
	const pieces = $derived.by(() => {
		const lengths = order.map((nth) => kinds[nth]?.like.yield.pieceLengthMm ?? 0);
		const all = lengths.reduce((sum, mm) => sum + mm, 0);
		let at = 0;
		return order.map((nth, place) => {
			const width = ((lengths[place] ?? 0) / all) * 360;
			const height = (22 * (kinds[nth]?.like.yield.bulkDiameterMm ?? 0)) / thickest;
			const piece = { nth, place, x: at, width, height };
			at += width;
			return piece;
		});
	});
</script>

<figure>
	<figcaption class="mb-1 text-[0.9375rem]">{say.order()}</figcaption>
	<svg
		class="block w-full"
		viewBox="0 0 360 42"
		role="img"
		aria-label={say.orderOf({ order: order.map((nth) => names[nth] ?? '').join(', ') })}
		data-order={order.map((nth) => nth + 1).join(' ')}
	>
		{#each pieces as { nth, place, x, width, height } (place)}
			<rect
				class="piece piece-{nth}"
				x={x + 0.75}
				y={13 - height / 2}
				width={Math.max(1, width - 1.5)}
				{height}
				rx="3"
			/>
			<text x={x + width / 2} y="40" text-anchor="middle">{nth + 1}</text>
		{/each}
	</svg>
</figure>

<style>
	text {
		/* Drawn at about nine tenths on a phone. */
		font-size: 15px;
		fill: var(--color-base-content);
	}
</style>
