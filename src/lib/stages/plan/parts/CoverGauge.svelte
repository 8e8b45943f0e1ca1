<script lang="ts">
	import { CoverGauge as say } from '$lib/words/plan';
	import { coverGrade, coverGrades } from '$lib/core/techniques/cover-grade';
	import type { TechniqueKind } from '$lib/core/techniques/technique';
	import type { Interval } from '$lib/core/estimate/estimate';

	const { cover, kind }: { cover: Interval; kind: TechniqueKind } = $props();
	// The gauge runs from half to one and a half times what is close in the technique.
	const grades = $derived(coverGrades[kind]);
	const place = $derived(
		(value: number) => Math.min(1, Math.max(0, value / grades.close - 0.5)) * 240
	);
	const fairFrom = $derived(place(grades.fair));
	const closeFrom = $derived(place(grades.close));
	const grade = $derived(coverGrade(kind, cover.expected));
	const words = { gaps: 'gaps', fair: 'fair', close: 'close' } as const;
</script>

<div
	role="img"
	aria-label={say.closenessRangeTo({
		toFixed: cover.expected.toFixed(2),
		words: words[grade],
		toFixed2: cover.low.toFixed(2),
		toFixed3: cover.high.toFixed(2)
	})}
>
	<svg viewBox="0 0 240 34" class="w-full" aria-hidden="true">
		<rect y="8" width={fairFrom} height="16" rx="4" class="fill-warning/35" />
		<path d={[4, 20, 36, 52, 68].map((x) => `M${x} 22l12-12`).join('')} class="stroke-warning" />
		<rect x={fairFrom} y="8" width={closeFrom - fairFrom} height="16" class="fill-accent" />
		<rect
			x={closeFrom}
			y="8"
			width={240 - closeFrom}
			height="16"
			rx="4"
			class="fill-secondary/50"
		/>
		<rect
			x={place(cover.low)}
			width={Math.max(2, place(cover.high) - place(cover.low))}
			y="26"
			height="4"
			rx="2"
			class="fill-base-content/60"
		/>
		<rect
			x={place(cover.expected) - 2.5}
			y="3"
			width="5"
			height="26"
			rx="2"
			class="fill-base-content"
		/>
	</svg>
	<div class="flex justify-between text-sm" aria-hidden="true">
		<span class:font-bold={grade === 'gaps'}>{say.gaps()}</span>
		<span class:font-bold={grade === 'fair'}>{say.fair()}</span>
		<span class:font-bold={grade === 'close'}>{say.close()}</span>
	</div>
</div>
