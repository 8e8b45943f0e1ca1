<script lang="ts">
	// A page before the house: one thing to do, and what is wrong with it.
	import { DoorPage as say } from '$lib/words/house';
	import type { Snippet } from 'svelte';

	interface Props {
		title: string;
		problem?: string | undefined;
		said?: string | undefined;
		children: Snippet;
	}
	const { title, problem, said, children }: Props = $props();
</script>

<svelte:head><title>{say.nestRow({ title })}</title></svelte:head>

<main id="main" class="mx-auto grid w-full max-w-lg grid-cols-[minmax(0,1fr)] gap-5 px-5 py-8">
	<p class="figure flex items-center gap-2 text-xl font-bold">
		<img src="/mark.svg" alt="" width="32" height="32" />
		{say.nestRow2()}
	</p>
	<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-5 p-6" aria-labelledby="title">
		<h1 id="title">{title}</h1>
		{#if problem}<p class="font-semibold text-error" id="problem" role="alert">{problem}</p>{/if}
		{#if said}<p class="font-semibold" role="status">{said}</p>{/if}
		{@render children()}
	</section>
</main>
