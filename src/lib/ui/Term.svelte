<script lang="ts">
	// A word of the trade in its place: pressed, it opens what it means.
	import type { Snippet } from 'svelte';
	import { terms, type TermName } from './terms';

	const { term, children }: { term: TermName; children?: Snippet } = $props();
	const uid = $props.id();
	const meaning = $derived(terms[term]);
</script>

<button
	type="button"
	class="term min-h-6 cursor-help underline decoration-dotted underline-offset-4"
	popovertarget="{uid}-meaning"
	>{#if children}{@render children()}{:else}{meaning.word}{/if}</button
><span
	class="term-meaning sheet"
	id="{uid}-meaning"
	popover="auto"
	role="dialog"
	aria-label={meaning.word}
>
	<strong class="figure block text-lg">{meaning.word}</strong>
	<span class="block">{meaning.means}</span>
</span>
