<script lang="ts">
	import PageTitle from '$lib/ui/PageTitle.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import PressOnce from '$lib/entries/PressOnce.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import { dayWord } from '$lib/stages/today/words-to-people';
	import FieldFrame from '$lib/ui/FieldFrame.svelte';
	import { weekdayWords } from '$lib/ui/day-words';
	import { smallNumber } from '$lib/ui/number-words';
	import { untrack } from 'svelte';
	import type { PageProps } from './$types';

	const { data, form: sent }: PageProps = $props();
	const form = untrack(
		() => new TypedForm('week-note', { words: data.words }, getOutbox(), sent?.entry)
	);
	const day = $derived(data.day);
	const untold = $derived(day?.people.filter(({ isTold }) => !isTold) ?? []);
</script>

<PageTitle />

<div
	class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]"
>
	<div>
		<EntryForm
			{form}
			title="The note of the week"
			act="Put it in the outbox for {data.people === 1
				? 'one person'
				: `${smallNumber(data.people)} people`}"
		>
			<p class="quiet">
				Made of what is kept; change it as you like. Nobody is named in it, and nobody is ranked.
			</p>
			<FieldFrame id="week-note-words" label="What everyone reads" problem={form.problems['words']}>
				{#snippet children(described)}
					<textarea
						id="week-note-words"
						name="words"
						class="field h-auto min-h-64"
						rows="11"
						value={form.typed['words'] ?? ''}
						oninput={(event) => (form.typed['words'] = event.currentTarget.value)}
						{...described}></textarea>
				{/snippet}
			</FieldFrame>
		</EntryForm>
		<p class="mt-2">
			<a class="inline-flex min-h-11 link items-center" href="/make/outbox">Outbox</a>
		</p>
	</div>
	<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-2 p-4" aria-labelledby="day">
		<h2 id="day">{day ? `Before ${weekdayWords(day.day)}` : 'Before a table day'}</h2>
		{#if !day}
			<p>
				No table day is to come. <a class="link" href="/prepare/days">Set one</a>, and those who say
				they come can be reminded of it.
			</p>
		{:else if day.people.length === 0}
			<p>
				Nobody said yet that they come: <a class="link" href="/prepare/days">ask who does</a>.
			</p>
		{:else}
			<ul>
				{#each day.people as { id, name, station, isTold } (id)}
					<li class="border-t border-base-300 py-2 first:border-t-0" data-told={isTold}>
						<p><strong>{name}</strong>{isTold ? ' was written to.' : ''}</p>
						{#if !isTold}<p class="quiet break-words">{dayWord(day, station)}</p>{/if}
					</li>
				{/each}
			</ul>
			{#if untold.length > 0}
				<PressOnce
					type="day-word"
					typed={{ day: day.id }}
					label={untold.length === 1
						? 'Put it in the outbox'
						: `Put all ${smallNumber(untold.length)} in the outbox`}
					words="a word to those who come on {weekdayWords(day.day)}"
					kept="They lie in the outbox."
				/>
			{/if}
		{/if}
	</section>
</div>
