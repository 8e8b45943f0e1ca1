<script lang="ts">
	// Film in its colours and patterns, at the scale mats are drawn at: once for the page.
	import { colourNames } from '$lib/core/colour/colours';
	import { colourLooks } from '$lib/ui/colour-looks';
</script>

<svg class="absolute" width="0" height="0" aria-hidden="true">
	<defs>
		{#each colourNames as name (name)}
			{@const look = colourLooks[name]}
			<pattern
				id="strip-{name}"
				width="8"
				height="8"
				patternUnits="userSpaceOnUse"
				patternTransform="scale(7)"
			>
				<rect width="8" height="8" fill={look.film} />
				<path d={look.pattern} fill="none" stroke={look.ink} stroke-width="1.4" />
			</pattern>
		{/each}
	</defs>
</svg>
