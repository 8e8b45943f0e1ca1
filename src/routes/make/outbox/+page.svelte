<script lang="ts">
	import PageTitle from '$lib/ui/PageTitle.svelte';
	import { momentWords, weekdayWords } from '$lib/ui/day-words';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
</script>

<PageTitle />

<p><a class="inline-flex min-h-11 link items-center" href="/make">All mats in hand</a></p>
<h2>Outbox</h2>
<p class="quiet">
	A stand-in for messages: they lie here to be read and said on by word of mouth. Nothing leaves
	this machine.
</p>
{#if data.messages.length === 0}
	<p class="sheet mt-3 p-4">Nobody was written to yet.</p>
{:else}
	<ul class="sheet mt-3 grid px-4">
		{#each data.messages as { id, personId, mat, day, to, words, at } (`${id} ${personId}`)}
			<li
				class="border-t border-base-300 py-3 first:border-t-0"
				data-message={mat ?? day ?? 'week'}
			>
				<p>
					<strong>{to ?? 'somebody who is forgotten'}</strong>
					<span class="quiet"
						>{momentWords(at)}, {mat
							? 'of'
							: day
								? `on ${weekdayWords(day)}`
								: 'what the week brings'}</span
					>
					{#if mat}<a class="link" href="/make/{mat}">{mat}</a>{/if}
				</p>
				<p class="break-words whitespace-pre-line">{words}</p>
			</li>
		{/each}
	</ul>
{/if}
