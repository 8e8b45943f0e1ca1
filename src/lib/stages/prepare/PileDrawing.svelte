<script lang="ts">
	// A pile as it lies there, as high as there is of it.
	import type { ColourName } from '$lib/core/colour/colours';
	import type { LineForm } from '$lib/core/store/forms';

	interface Props {
		form: LineForm;
		colour: ColourName;
		amount: number;
		/** Bags' worth of it; the height goes by it. */
		bags: number;
		/** The most bags' worth of any pile of the table. */
		most: number;
	}
	const { form, colour, amount, bags, most }: Props = $props();
	const tallest = 70;
	const height = $derived(Math.max(6, (tallest * bags) / Math.max(1, most)));
	/** Where the table is: as far down as what lies there is high. */
	const floor = $derived(
		form === 'ball' || form === 'chain'
			? 4 + 17 * Math.min(3, Math.ceil(Math.min(9, amount) / 3)) + 4
			: Math.max(22, height + 8)
	);
	const fill = $derived(`url(#film-${colour})`);
	/** Marks between whole batches of a flat stack. */
	const batches = $derived(
		Array.from({ length: Math.min(12, Math.floor((bags - 1) / 20)) }, (_, nth) => {
			const y = floor - (height * (nth + 1) * 20) / bags;
			return `M8 ${y}h48`;
		}).join('')
	);
	/** A loose heap of bags: a soft outline, wider below. */
	const heap = $derived(
		`M6 ${floor}c-3-${height * 0.35} 4-${height * 0.8} 13-${height * 0.9}q6-${height * 0.12} 13-${height * 0.1}q8 0 13 ${height * 0.12}c9 ${height * 0.2} 16 ${height * 0.5} 13 ${height * 0.88}Z`
	);
	const rings = $derived(Math.max(1, Math.min(8, Math.round(height / 10))));
	const balls = $derived(Math.min(9, Math.ceil(amount)));
</script>

<svg class="block w-full max-w-20" viewBox="0 0 64 {floor + 2}" aria-hidden="true">
	{#if form === 'bag'}
		<path d={heap} {fill} class="stroke-base-content" />
		<path
			d="M18 {floor - height * 0.5}q6 5 12 0t12 0M14 {floor - height * 0.22}q8 5 16 0t18 1"
			fill="none"
			class="stroke-base-content/35"
		/>
	{:else if form === 'flat'}
		<rect x="8" y={floor - height} width="48" {height} rx="2" {fill} class="stroke-base-content" />
		<path d={batches} class="stroke-base-content" stroke-width="1.5" />
	{:else if form === 'piece'}
		{#each { length: rings } as _, nth (nth)}
			<ellipse
				cx="32"
				cy={floor - 6 - nth * Math.min(10, Math.max(4, (height - 8) / rings))}
				rx="24"
				ry="6"
				fill="none"
				class="stroke-base-content"
				stroke-width="5"
			/>
			<ellipse
				cx="32"
				cy={floor - 6 - nth * Math.min(10, Math.max(4, (height - 8) / rings))}
				rx="24"
				ry="6"
				fill="none"
				stroke={fill}
				stroke-width="3.5"
			/>
		{/each}
	{:else if form === 'strand'}
		{#each ['stroke-base-content', ''] as edge, nth (nth)}
			<path
				d="M6 {floor - 5}q6-{height * 0.7} 13-3t13 0 13 0 13-{height * 0.7}"
				fill="none"
				class={edge}
				stroke={nth === 1 ? fill : undefined}
				stroke-width={nth === 0 ? 7 : 5}
				stroke-linecap="round"
			/>
		{/each}
	{:else}
		{#each { length: balls } as _, nth (nth)}
			{@const cx = 12 + (nth % 3) * 20}
			{@const cy = floor - 10 - Math.floor(nth / 3) * 17}
			<circle {cx} {cy} r="9.5" {fill} class="stroke-base-content" />
			<path
				d="M{cx - 7} {cy - 3}q7-5 14 0M{cx - 8} {cy + 2}q8-5 16 0"
				fill="none"
				class="stroke-base-content/50"
			/>
		{/each}
	{/if}
</svg>
