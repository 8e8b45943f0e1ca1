<script lang="ts">
	// The frame of a page: as wide as the work needs, or as narrow as running words are read well.
	import type { Snippet } from 'svelte';

	interface Props {
		isNarrow?: boolean;
		children: Snippet;
	}
	const { isNarrow = false, children }: Props = $props();
</script>

<main
	id="main"
	class="@container mx-auto w-full flex-1 px-5 pt-2 pb-5 @max-[48rem]/page:px-4 {isNarrow
		? 'max-w-4xl'
		: 'max-w-[82rem]'}"
>
	{@render children()}
</main>
