<script lang="ts">
	// A drawing of the core on the screen. One unit of it is one pixel, so that its words stay as large as they are set.
	import type { Scene, Tone } from '$lib/core/drawing/scene';

	interface Props {
		scene: Scene;
		/** What it shows, said aloud. */
		said: string;
		/** Size of its words, pixels. */
		type?: number;
		class?: string;
	}
	const { scene, said, type = 13, class: more = '' }: Props = $props();
	const uid = $props.id();
	const plain: Partial<Record<Tone, string>> = {
		ink: 'fill-base-content',
		quiet: 'fill-base-content/60',
		ground: 'fill-base-100',
		film: 'film fill-primary/16',
		'film-other': 'film fill-primary/28',
		'film-line': 'fill-primary/70',
		weft: 'fill-secondary',
		bad: 'fill-error',
		sleeper: 'film fill-base-content/25'
	};
	const strokes: Partial<Record<Tone, string>> = {
		ink: 'stroke-base-content',
		quiet: 'stroke-(--quiet-stroke)',
		ground: 'stroke-base-100',
		// Not seen through: where a strand is drawn once more over another its ends leave no line.
		film: 'stroke-(--film-stroke)',
		'film-other': 'stroke-(--film-other-stroke)',
		'film-line': 'stroke-(--film-line-stroke)',
		weft: 'stroke-secondary',
		bad: 'stroke-error'
	};
	const patterned = (tone: Tone | undefined): string | undefined =>
		tone === 'scrap'
			? `url(#${uid}-scrap)`
			: tone && !plain[tone]
				? `url(#${tone})`
				: tone
					? undefined
					: 'none';
</script>

<svg
	viewBox="0 0 {scene.width} {scene.height}"
	width={scene.width}
	height={scene.height}
	class="scene h-auto max-w-full {more}"
	font-size={type}
	role="img"
	aria-label={said}
>
	<defs>
		<pattern
			id="{uid}-scrap"
			width="7"
			height="7"
			patternUnits="userSpaceOnUse"
			patternTransform="rotate(45)"
		>
			<rect width="7" height="7" class="fill-base-content/6" />
			<path d="M0 0V7" class="stroke-base-content/35" stroke-width="1.6" />
		</pattern>
	</defs>
	{#each scene.marks as mark, index (index)}
		{#if 'path' in mark}
			<path
				d={mark.path}
				fill={patterned(mark.fill)}
				class="{mark.fill ? (plain[mark.fill] ?? '') : ''} {mark.stroke
					? (strokes[mark.stroke] ?? '')
					: ''}"
				stroke-width={mark.width}
				stroke-dasharray={mark.dash?.join(' ')}
				stroke-linejoin="round"
				stroke-linecap={mark.isRound ? 'round' : undefined}
			/>
		{:else if 'words' in mark}
			<text
				x={mark.x}
				y={mark.y}
				text-anchor={mark.anchor}
				font-weight={mark.isBold ? 600 : undefined}
				class="fill-base-content">{mark.words}</text
			>
		{:else}
			<pattern
				id="{uid}-{index}"
				x={mark.x}
				y={mark.y}
				width={mark.tile.width}
				height={mark.tile.height}
				patternUnits="userSpaceOnUse"
			>
				<rect
					width={mark.shaded.width}
					height={mark.shaded.height}
					fill="#14201f"
					fill-opacity="0.08"
				/>
				<path
					d={mark.texture}
					fill="none"
					stroke="#14201f"
					stroke-opacity="0.3"
					stroke-width={Math.max(0.4, mark.line)}
				/>
			</pattern>
			<rect
				x={mark.x}
				y={mark.y}
				width={mark.width}
				height={mark.height}
				fill="url(#{uid}-{index})"
			/>
		{/if}
	{/each}
</svg>
