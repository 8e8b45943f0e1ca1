<script lang="ts">
	import type { OutlinePoint } from '$lib/core/size/sleeper-outline';
	import { sleeperOutline } from '$lib/core/size/sleeper-outline';
	import { through, type Point } from './smooth-line';

	interface Props {
		heightMm: number;
		/** Pixels a millimetre. */
		scale: number;
		/** Where the crown lies, and the axis of the body. */
		start: number;
		middle: number;
	}
	const { heightMm, scale, start, middle }: Props = $props();
	const outline = $derived(sleeperOutline(heightMm));
	const side = (points: readonly OutlinePoint[], sign: 1 | -1): Point[] =>
		points.map((point) => [
			start + point.alongMm * scale,
			middle + sign * point.halfWidthMm * scale
		]);
	const bodyPath = $derived.by(() => {
		const upperOut = side(outline.outer, -1);
		const upperIn = side(outline.inner, -1);
		const lowerIn = side(outline.inner, 1).reverse();
		const lowerOut = side(outline.outer, 1).reverse();
		return `M${upperOut[0]?.join(' ')}${through(upperOut)}L${upperIn[0]?.join(' ')}${through(upperIn)}L${lowerIn[0]?.join(' ')}${through(lowerIn)}L${lowerOut[0]?.join(' ')}${through(lowerOut)}Z`;
	});
</script>

<g class="film fill-base-content/25">
	<ellipse
		cx={start + outline.head.alongMm * scale}
		cy={middle}
		rx={outline.head.halfLengthMm * scale}
		ry={outline.head.halfWidthMm * scale}
	/>
	<path d={bodyPath} stroke-linejoin="round" />
</g>
