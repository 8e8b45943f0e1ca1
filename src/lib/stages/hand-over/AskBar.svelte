<script lang="ts">
	// An ask as a row of mats: handed over, lying ready, foreseen, and what is open.
	import { AskBar as say } from '$lib/words/hand-over';
	import type { AskLine } from './hand-over-view';
	import { rangeWords } from './hand-over-words';

	const { ask }: { ask: AskLine } = $props();
	/** More are drawn as one bar than can be told apart by eye. */
	const size = 18;
	const most = 40;
	const shown = $derived(Math.min(ask.mats, most));
	const lookOf = (at: number): string => {
		const { handed, counts } = ask;
		if (at < handed) return 'handed';
		const nth = at - handed;
		if (nth < counts.ready) return 'ready';
		if (nth < counts.low) return 'sure';
		return nth < counts.high ? 'maybe' : 'open';
	};
	const words = $derived(
		say.handedOverReadyForeseenOf({
			handed: ask.handed,
			ready: ask.counts.ready,
			range: rangeWords(ask.counts.low, ask.counts.high),
			mats: ask.mats
		})
	);
</script>

<svg
	viewBox="0 0 {shown * size} 30"
	class="h-auto max-w-full"
	width={shown * size}
	height="30"
	role="img"
	aria-label={words}
>
	{#each { length: shown } as _, at (at)}
		<rect
			x={at * size + 2}
			y="2"
			width={size - 4}
			height="26"
			rx="3"
			class={{
				handed: 'fill-base-content stroke-base-content',
				ready: 'fill-secondary stroke-base-content',
				sure: 'fill-secondary/40 stroke-base-content',
				maybe: 'fill-none stroke-base-content',
				open: 'fill-none stroke-base-content/40'
			}[lookOf(at)]}
			stroke-width="1.5"
			stroke-dasharray={['maybe', 'open'].includes(lookOf(at)) ? '3 3' : undefined}
		/>
		{#if lookOf(at) === 'handed'}
			<path d="M{at * size + 5} 15l3 4l6-9" class="fill-none stroke-base-100" stroke-width="2" />
		{/if}
	{/each}
</svg>
<p class="quiet text-[0.9375rem]">{words}</p>
