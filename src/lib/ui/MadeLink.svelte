<script lang="ts">
	// A link that was just made, to be copied: it is shown this once.
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
	aria-label="The new link"
	onfocus={(event) => event.currentTarget.select()}
/>
{@render children?.()}
{#if isOnlyHere}
	<p class="quiet">
		Nest Row is reached on this machine alone, so the link opens here and on no phone yet.
	</p>
{/if}
