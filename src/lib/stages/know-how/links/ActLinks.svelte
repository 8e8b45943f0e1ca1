<script lang="ts">
	// The acts of what is done here, each a link to how it is done.
	import { ActLinks as say } from '$lib/words/know-how';
	import type { ActName } from './lesson-titles';
	import { actTitles } from './lesson-titles';

	interface Props {
		acts: readonly ActName[];
		/** What stands before them. */
		words?: string;
	}
	const { acts, words = say.howToDoIt() }: Props = $props();
</script>

{#if acts.length > 0}
	<p class="flex flex-wrap items-center gap-x-4 print:hidden" data-acts>
		<span>{words}</span>
		{#each acts as act (act)}
			<a class="inline-flex min-h-11 link items-center" href="/know-how/{act}">{actTitles[act]}</a>
		{/each}
	</p>
{/if}
