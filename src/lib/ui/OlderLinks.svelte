<script lang="ts">
	// A list of what was done goes on: to what was before, and back to the newest.
	import { OlderLinks as say } from '$lib/words/common';
	import { queryOf } from './query';

	interface Props {
		/** What is shown last; none where nothing is before that. */
		oldest: number | null;
		/** What is shown begins with the newest. */
		isNewest: boolean;
		/** What of the address stays. */
		query?: Readonly<Record<string, string>>;
		/** The part of the page that the list is in. */
		part: string;
	}
	const { oldest, isNewest, query = {}, part }: Props = $props();
</script>

{#if oldest !== null || !isNewest}
	<p class="mt-2 flex flex-wrap gap-2">
		{#if oldest !== null}
			<a
				class="btn font-normal"
				href="?{queryOf({ ...query, before: String(oldest) })}#{part}"
				data-sveltekit-noscroll
				data-older={part}>{say.older()}</a
			>
		{/if}
		{#if !isNewest}
			<a class="btn font-normal" href="?{queryOf(query)}#{part}" data-sveltekit-noscroll
				>{say.newest()}</a
			>
		{/if}
	</p>
{/if}
