<script lang="ts">
	// The patterns that double every colour, once for the whole page; drawings name them by id.
	import { colourNames } from '$lib/core/colour/colours';
	import { colourLooks } from '$lib/ui/colour-looks';
</script>

<svg class="absolute" width="0" height="0" aria-hidden="true">
	<defs>
		{#each colourNames as name (name)}
			{@const look = colourLooks[name]}
			<pattern id="film-{name}" width="8" height="8" patternUnits="userSpaceOnUse">
				<rect width="8" height="8" fill={look.film} />
				<path d={look.pattern} fill="none" stroke={look.ink} stroke-width="1.4" />
			</pattern>
		{/each}
	</defs>
</svg>
