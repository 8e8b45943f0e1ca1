<script lang="ts">
	// A colour by its name and its pattern, never by its colour alone.
	import type { ColourName } from '$lib/core/colour/colours';

	const { colour }: { colour: ColourName } = $props();
</script>

<span class="flex items-center gap-2">
	<svg width="22" height="22" class="shrink-0" aria-hidden="true"
		><circle cx="11" cy="11" r="9.5" fill="url(#film-{colour})" class="stroke-base-content" /></svg
	>
	{colour}
</span>
