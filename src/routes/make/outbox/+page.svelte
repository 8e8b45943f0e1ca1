<script lang="ts">
	import { MakeOutboxPage as say } from '$lib/words/making';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import { momentWords, weekdayWords } from '$lib/ui/day-words';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
</script>

<PageTitle />

<p><a class="inline-flex min-h-11 link items-center" href="/make">{say.allMatsBeingMade()}</a></p>
<h2>{say.outbox()}</h2>
<p class="quiet">
	{say.messagesWaitHereForYou()}
</p>
{#if data.messages.length === 0}
	<p class="sheet mt-3 p-4">{say.noMessagesYet()}</p>
{:else}
	<ul class="sheet mt-3 grid px-4">
		{#each data.messages as { id, personId, mat, day, to, words, at } (`${id} ${personId}`)}
			<li
				class="border-t border-base-300 py-3 first:border-t-0"
				data-message={mat ?? day ?? 'week'}
			>
				<p>
					<strong>{to ?? say.someoneWhoseNameWasDeleted()}</strong>
					<span class="quiet"
						>{momentWords(at)}, {mat
							? say.of()
							: day
								? say.on({ weekday: weekdayWords(day) })
								: say.theWeeklyNote()}</span
					>
					{#if mat}<a class="link" href="/make/{mat}">{mat}</a>{/if}
				</p>
				<p class="break-words whitespace-pre-line">{words}</p>
			</li>
		{/each}
	</ul>
{/if}
