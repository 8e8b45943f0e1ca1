<script lang="ts">
	// The last cell of a line that may be taken back: the way to it, or why it was.
	import { TakeBackCell as say } from '$lib/words/gather';
	interface Props {
		line: { readonly id: number; readonly takenBack: string | null };
		/** The line that is about to be taken back. */
		back: number | null;
		/** What it is, in words a person knows it by. */
		words: string;
	}
	const { line, back, words }: Props = $props();
</script>

<td class="text-right @max-[38rem]:text-left @min-[38rem]:whitespace-nowrap">
	{#if line.takenBack !== null}
		<span>{say.undone()}</span>
		<span class="block max-w-48 text-sm text-wrap">{line.takenBack}</span>
	{:else if back !== line.id}
		<a class="link-row" href="?edit={line.id}" data-sveltekit-noscroll
			>{say.edit()}<span class="sr-only">: {words}</span></a
		>
		<a class="link-row" id="back-{line.id}" href="?back={line.id}#take-back" data-sveltekit-noscroll
			>{say.undo()}<span class="sr-only">: {words}</span></a
		>
	{/if}
</td>
