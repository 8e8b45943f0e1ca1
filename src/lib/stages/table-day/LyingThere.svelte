<script lang="ts">
	// What lies between two stations: a stack of film that grows and shrinks, and how much it is.
	import { countWords } from './count-words';

	interface Props {
		place: 'bags' | 'flat' | 'pieces' | 'joined' | 'balls';
		amount: number;
		/** What stands for a full stack. */
		full: number;
	}
	const { place, amount, full }: Props = $props();
	const layers = $derived(
		Math.min(9, amount <= 0 ? 0 : Math.max(1, Math.round((9 * amount) / full)))
	);
	const rows = $derived(Array.from({ length: layers }, (_, nth) => nth));
</script>

<figure class="grid justify-items-center gap-1" data-place={place}>
	<svg class="h-16 w-20" viewBox="0 0 80 64" aria-hidden="true">
		<path d="M6 62h68" class="stroke-base-content" stroke-width="2" />
		{#each rows as nth (nth)}
			{#if place === 'balls'}
				<circle
					cx={16 + 16 * (nth % 4) + (nth > 3 && nth < 8 ? 4 : 0)}
					cy={52 - 16 * Math.floor(nth / 4)}
					r="8"
					class="fill-base-100 stroke-base-content"
					stroke-width="2"
				/>
			{:else if place === 'joined'}
				<path
					d="M10 {58 - 6 * nth}q10 -7 20 0t20 0t20 0"
					class="fill-none stroke-primary"
					stroke-width="3"
				/>
			{:else if place === 'pieces'}
				<ellipse
					cx={20 + 20 * (nth % 3)}
					cy={54 - 14 * Math.floor(nth / 3)}
					rx="12"
					ry="6"
					class="fill-none stroke-primary"
					stroke-width="2.5"
				/>
			{:else}
				<rect
					x={place === 'flat' ? 12 : 14 - (nth % 2) * 3}
					y={56 - 6 * nth}
					width={place === 'flat' ? 56 : 52 + (nth % 2) * 6}
					height="5"
					rx="2"
					class="fill-base-100 stroke-base-content/70"
					stroke-width="1.5"
				/>
			{/if}
		{/each}
	</svg>
	<figcaption class="text-center text-[0.9375rem] font-semibold">
		{countWords(place, amount)}
	</figcaption>
</figure>
