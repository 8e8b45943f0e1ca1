<script lang="ts">
	// A link that was just made, to be copied: it is shown this once.
	import { MadeLink as say } from '$lib/words/common';
	import type { Snippet } from 'svelte';

	interface Props {
		address: string;
		/** Nest Row is reached on this machine alone, and the link with it. */
		isOnlyHere: boolean;
		/** What else the link is shown as. */
		children?: Snippet;
	}
	const { address, isOnlyHere, children }: Props = $props();
</script>

<input
	class="field figure w-full"
	readonly
	value={address}
	aria-label={say.theNewLink()}
	onfocus={(event) => event.currentTarget.select()}
/>
{@render children?.()}
{#if isOnlyHere}
	<p class="quiet">
		{say.nestRowIsReachedOn()}
	</p>
{/if}
