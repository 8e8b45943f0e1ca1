<script lang="ts">
	// At true scale: one millimetre of strand is one millimetre of the page, as far as the screen is honest.
	import type { CutYield } from '$lib/core/cut/yield';
	import { trimmed } from '$lib/core/units/format-length';

	interface Props {
		cut: CutYield;
		/** A hook to lay beside it, mm; none for other techniques. */
		hookMm: number | null;
		label?: string;
	}
	const { cut, hookMm, label = 'The strand' }: Props = $props();
	const coinMm = 23;
	const heightMm = 34;
	const widthMm = 150;
	const d = $derived(Math.min(cut.bulkDiameterMm, 26));
	const y = 17;
	/** Where the joint lies, and how long it is: what it takes of the strand. */
	const jointMm = $derived(Math.min(6 * d, 40));
	const described = $derived(
		`${label} at true scale: ${trimmed(cut.bulkDiameterMm, 1)} millimetres thick, beside a coin of ${coinMm} millimetres${hookMm ? ` and a hook of ${trimmed(hookMm, 1)} millimetres` : ''}.`
	);
</script>

<svg
	viewBox="0 0 {widthMm} {heightMm}"
	class="max-w-full"
	style:width="{widthMm}mm"
	role="img"
	aria-label={described}
>
	<circle
		cx="14"
		cy={y}
		r={coinMm / 2}
		class="fill-accent stroke-base-content"
		stroke-width="0.4"
	/>
	<text x="14" y={y + 1.6} font-size="4.4" text-anchor="middle" fill="#14201f">{coinMm} mm</text>
	<g class="film">
		<rect x="32" y={y - d / 2} width="66" height={d} rx={d / 2} class="fill-primary/40" />
		<path
			d="M34 {y}C44 {y - d / 2} 54 {y + d / 2} 64 {y}S84 {y - d / 2} 96 {y}"
			fill="none"
			class="stroke-primary"
			stroke-width={Math.max(0.25, d * 0.06)}
		/>
		{#if cut.plies === 2}
			<ellipse
				cx="65"
				cy={y}
				rx={jointMm / 5}
				ry={d * 0.85}
				class="fill-primary/40 stroke-primary"
				stroke-width="0.4"
			/>
		{:else}
			<circle
				cx="65"
				cy={y}
				r={d * 0.9}
				class="fill-primary/40 stroke-primary"
				stroke-width="0.4"
			/>
		{/if}
	</g>
	<text
		x="65"
		y={y + Math.max(d, 4) + 5}
		font-size="4.4"
		text-anchor="middle"
		class="fill-base-content"
	>
		{trimmed(cut.bulkDiameterMm, 1)} mm, a joint
	</text>
	{#if hookMm}
		<path
			d="M108 {y}H{widthMm - 6}"
			class="stroke-base-content/70"
			stroke-width={Math.min(hookMm, 26)}
			stroke-linecap="round"
		/>
		<path
			d="M{111} {y - Math.min(hookMm, 26) / 2}l{Math.min(hookMm, 26) * 0.6} {Math.min(hookMm, 26) *
				0.55}"
			class="stroke-base-100"
			stroke-width={Math.min(hookMm, 26) * 0.25}
		/>
		<text
			x="126"
			y={y + Math.min(hookMm, 26) / 2 + 6}
			font-size="4.4"
			text-anchor="middle"
			class="fill-base-content">hook {trimmed(hookMm, 1)} mm</text
		>
	{/if}
</svg>
