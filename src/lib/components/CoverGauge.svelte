<script lang="ts">
	import { coverGrade } from '$lib/core/crochet/cover-grade';
	import type { Interval } from '$lib/core/plan/estimate';

	const { cover }: { cover: Interval } = $props();
	// The gauge shows cover from 1 to 2.5; the grades meet at 1.5 and 1.9.
	const place = (value: number) => Math.min(100, Math.max(0, ((value - 1) / 1.5) * 100));
	const grade = $derived(coverGrade(cover.expected));
	const words = { gaps: 'gaps', fair: 'fair', close: 'close' } as const;
</script>

<div
	role="img"
	aria-label="Cover {cover.expected.toFixed(2)}, {words[
		grade
	]}; most likely between {cover.low.toFixed(2)} and {cover.high.toFixed(2)}"
>
	<svg viewBox="0 0 240 34" class="w-full" aria-hidden="true">
		<rect y="8" width="80" height="16" rx="4" class="fill-warning/35" />
		<path d="M4 22L16 10M20 22L32 10M36 22L48 10M52 22L64 10M68 22L78 12" class="stroke-warning" />
		<rect x="80" y="8" width="64" height="16" class="fill-accent" />
		<rect x="144" y="8" width="96" height="16" rx="4" class="fill-secondary/50" />
		<rect
			x={place(cover.low) * 2.4}
			width={Math.max(2, (place(cover.high) - place(cover.low)) * 2.4)}
			y="26"
			height="4"
			rx="2"
			class="fill-base-content/60"
		/>
		<rect
			x={place(cover.expected) * 2.4 - 2.5}
			y="3"
			width="5"
			height="26"
			rx="2"
			class="fill-base-content"
		/>
	</svg>
	<div class="grid grid-cols-[80fr_64fr_96fr] text-sm" aria-hidden="true">
		<span class:font-bold={grade === 'gaps'}>gaps</span>
		<span class="text-center" class:font-bold={grade === 'fair'}>fair</span>
		<span class="text-right" class:font-bold={grade === 'close'}>close</span>
	</div>
</div>
