<script lang="ts">
	// Fields that belong to one choice. Without scripts they all show, and the choice says which count.
	import type { Snippet } from 'svelte';

	const { is, children }: { is: boolean; children: Snippet } = $props();
</script>

<div data-when class={is ? 'contents' : 'hidden'}>{@render children()}</div>
