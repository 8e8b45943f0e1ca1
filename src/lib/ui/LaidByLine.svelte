<script lang="ts">
	// A page that was laid by on this device says so, and how old it is.
	import { LaidBy as say } from '$lib/words/common';
	import { agoWords, momentWords } from './day-words';
	import { laidBy } from './laid-by.svelte';
</script>

{#if laidBy.at !== null}
	<p class="no-print mb-3 rounded-lg bg-(--caution-ground) px-4 py-2" role="status" data-laid-by>
		{say.noNetworkJustNowThis({
			ago: agoWords(Date.now() - laidBy.at),
			moment: momentWords(new Date(laidBy.at))
		})}
	</p>
{/if}
