<script lang="ts">
	// A drawing that can be looked at closer: it grows inside its frame, and the frame scrolls.
	import { Zoomable as say } from '$lib/words/plan';
	import Minus from '@lucide/svelte/icons/minus';
	import Plus from '@lucide/svelte/icons/plus';
	import type { Snippet } from 'svelte';

	const { label, children }: { label: string; children: Snippet } = $props();
	let zoom = $state(1);
	const mostZoom = 8;
</script>

<div class="grid gap-1">
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<div
		class="rounded-lg {zoom > 1 ? 'max-h-[26rem] overflow-auto' : ''}"
		tabindex={zoom > 1 ? 0 : undefined}
		role={zoom > 1 ? 'region' : undefined}
		aria-label={zoom > 1 ? say.timesAsLargeScrolls({ label, zoom }) : undefined}
	>
		<div style:width="{zoom * 100}%">{@render children()}</div>
	</div>
	<div
		class="no-print flex items-center justify-end gap-1 text-sm"
		role="group"
		aria-label={say.sizeOf({ label })}
	>
		<button
			type="button"
			class="btn btn-square btn-ghost"
			onclick={() => (zoom = Math.max(1, zoom / 2))}
			disabled={zoom === 1}
			aria-label={say.smaller()}><Minus class="size-5" /></button
		>
		<span class="figure min-w-8 text-center">{zoom}×</span>
		<button
			type="button"
			class="btn btn-square btn-ghost"
			onclick={() => (zoom = Math.min(mostZoom, zoom * 2))}
			disabled={zoom === mostZoom}
			aria-label={say.larger()}><Plus class="size-5" /></button
		>
	</div>
</div>
