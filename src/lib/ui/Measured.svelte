<script lang="ts">
	// Room for a drawing: how wide it is and how large words are, as pixels, whenever either changes.
	import type { Snippet } from 'svelte';

	interface Props {
		/** The width until it is measured, and where scripts are off. */
		usual: number;
		children: Snippet<[{ readonly width: number; readonly type: number }]>;
		class?: string;
	}
	const { usual, children, class: more = '' }: Props = $props();
	let measured = $state(0);
	let rem = $state(16);
	// Words grow with the reader's own size, as far as the drawing beside them still has room.
	const width = $derived(measured || usual);
	const room = $derived({ width, type: Math.max(12, Math.min(rem * 0.8125, width / 18)) });
</script>

<div class="relative min-w-0 {more}" bind:clientWidth={measured}>
	<span class="invisible absolute w-4" bind:clientWidth={rem} aria-hidden="true"></span>
	{@render children(room)}
</div>
