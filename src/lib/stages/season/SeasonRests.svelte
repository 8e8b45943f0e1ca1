<script lang="ts">
	// All that a forecast rests on, each opening to where it came from; thin data says so.
	import { SeasonRests as say } from '$lib/words/season';
	import { restsOf } from './rests-words';
	import type { SeasonBasis } from './season-view';

	const { basis }: { basis: SeasonBasis } = $props();
</script>

<section class="sheet p-4" aria-labelledby="rests">
	<h2 id="rests">{say.basedOn()}</h2>
	{#each restsOf(basis) as { of, title, words, href, where } (of)}
		<details data-rests={of} class="border-t border-base-300 first-of-type:border-t-0">
			<summary class="min-h-11 cursor-pointer py-2">{title}</summary>
			<p class="pb-2">{words} <a class="link" {href}>{where}</a></p>
		</details>
	{/each}
</section>
