<script lang="ts">
	import type { ColourName } from '$lib/core/colour/colours';
	import type { GradeReason } from '$lib/core/gather/grade';

	/** With a colour it is a bag of that film, in its pattern. */
	const { reason, colour }: { reason: GradeReason; colour?: ColourName } = $props();
</script>

<svg width="44" height="56" viewBox="0 0 44 56" class="shrink-0" aria-hidden="true">
	<path
		d="M6 18V3h8v11c4 5 12 5 16 0V3h8v50H6Z"
		fill={colour && `url(#film-${colour})`}
		class={colour
			? 'stroke-base-content'
			: reason === 'soiled' || reason === 'brittle'
				? 'fill-base-content/12 stroke-base-content'
				: 'fill-primary/16 stroke-base-content'}
		stroke-width="1.5"
	/>
	{#if reason === 'hole-in-body'}
		<ellipse cx="22" cy="34" rx="6" ry="4" class="fill-base-100 stroke-error" stroke-width="2" />
	{:else if reason === 'hole-at-edge'}
		<ellipse
			cx="22"
			cy="50"
			rx="6"
			ry="3"
			class="fill-base-100 stroke-base-content"
			stroke-width="1.5"
		/>
		<path d="M4 44H40" class="stroke-base-content" stroke-dasharray="4 3" />
	{:else if reason === 'smells'}
		<path
			d="M15 42c-4-4 4-6 0-10M22 42c-4-4 4-6 0-10M29 42c-4-4 4-6 0-10"
			fill="none"
			class="stroke-base-content"
			stroke-width="1.5"
		/>
	{:else if reason === 'damp'}
		<path
			d="M14 26c3 5 3 8 0 8s-3-3 0-8M28 30c3 5 3 8 0 8s-3-3 0-8"
			class="fill-primary/50 stroke-primary"
		/>
	{:else if reason === 'brittle'}
		<path
			d="M10 24l6 5-4 5 8 4-5 6M34 22l-7 6 4 5-8 6"
			fill="none"
			class="stroke-error"
			stroke-width="2"
		/>
	{:else if reason === 'soiled'}
		<path d="M10 22L34 48M34 22L10 48" class="stroke-error" stroke-width="3" />
	{/if}
</svg>
