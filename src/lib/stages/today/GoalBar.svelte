<script lang="ts">
	// Mats of a goal as a bar: what is there, what is expected by the day, and the line of what is wanted.
	import { GoalBar as say } from '$lib/words/today';
	import { wholeNumber } from '$lib/ui/number-words';

	interface Props {
		wanted: number;
		/** Delivered and ready today. */
		there: number;
		/** Expected by the day; null while it is worked out. */
		expected: number | null;
	}
	const { wanted, there, expected }: Props = $props();
	const all = $derived(Math.max(wanted, there, expected ?? 0, 1));
	const part = (mats: number) => `${(100 * mats) / all}%`;
</script>

<div class="relative h-5 rounded bg-base-300" aria-hidden="true">
	<div
		class="bar-expected absolute inset-y-0 left-0 rounded border border-primary"
		style:width={part(Math.max(there, expected ?? 0))}
	></div>
	<div class="bar-there absolute inset-y-0 left-0 rounded-s" style:width={part(there)}></div>
	<div class="absolute -inset-y-1 w-0.5 bg-base-content" style:left={part(wanted)}></div>
</div>
<p class="quiet text-[0.9375rem]">
	{say.thereOfWanted({ there: wholeNumber(there), wanted: wholeNumber(wanted) })}
</p>

<style>
	.bar-there {
		background: var(--color-secondary);
		print-color-adjust: exact;
		forced-color-adjust: none;
	}
	.bar-expected {
		background: repeating-linear-gradient(
			135deg,
			color-mix(in oklab, var(--color-primary) 45%, transparent) 0 4px,
			color-mix(in oklab, var(--color-primary) 20%, transparent) 4px 8px
		);
		print-color-adjust: exact;
		forced-color-adjust: none;
	}
</style>
