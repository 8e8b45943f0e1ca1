<script lang="ts">
	// A figure of a step with the range it comes out in four times of five.
	import { Ranged as say } from '$lib/words/plan';
	import type { Interval } from '$lib/core/estimate/estimate';

	interface Props {
		of: Interval;
		/** How a value is written. */
		words: (value: number) => string;
	}
	const { of, words }: Props = $props();
	const [low, high] = $derived([words(of.low), words(of.high)]);
</script>

<dd class="figure text-right font-semibold">
	{words(of.expected)}
	{#if low !== high}<span class="quiet block text-sm font-normal" data-range
			>{say.from({ low, high })}</span
		>{/if}
</dd>
