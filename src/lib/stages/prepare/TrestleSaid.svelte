<script lang="ts">
	// What was done last at a table or a mat, or why it was not; where an odd figure is asked about, the word that it is right.
	import { TrestleSaid as say } from '$lib/words/prepare';
	import type { EntryActions } from './trestle.svelte';

	const { trestle }: { trestle: EntryActions } = $props();
	const { words, isProblem, ifRight } = $derived(trestle.said);
</script>

{#if words}
	<p class={isProblem ? 'font-semibold text-error' : 'quiet'} role="status" data-said>{words}</p>
	{#if ifRight}
		<button class="btn justify-self-start" onclick={() => void trestle.act(ifRight)}
			>{say.yesItIsRight()}</button
		>
	{/if}
{/if}
