<script lang="ts">
	import { Caution as say } from '$lib/words/common';
	import TriangleAlert from '@lucide/svelte/icons/triangle-alert';
	import type { Snippet } from 'svelte';

	const { children }: { children: Snippet } = $props();
</script>

<div
	class="flex gap-2 rounded-r-lg border-l-4 border-warning bg-(--caution-ground) px-3 py-2 text-[0.9375rem] leading-snug"
	role="note"
	aria-label={say.caution()}
>
	<TriangleAlert class="mt-0.5 size-5 shrink-0" aria-hidden="true" />
	<p>{@render children()}</p>
</div>
