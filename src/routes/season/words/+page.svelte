<script lang="ts">
	import { SeasonWordsPage as msg } from '$lib/words/season';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import PressOnce from '$lib/entries/PressOnce.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import { dayWord, remindedFrom } from '$lib/stages/today/words-to-people';
	import FieldFrame from '$lib/ui/FieldFrame.svelte';
	import { nearDayWords, weekdayWords } from '$lib/ui/day-words';
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
			title={msg.weeklyNote()}
			act={msg.addToOutboxFor({
				part: data.people === 1 ? msg.onePerson() : msg.people({ people: smallNumber(data.people) })
			})}
		>
			<p class="quiet">
				{msg.writtenFromYourRecordsChange()}
			</p>
			<FieldFrame id="week-note-words" label={msg.text()} problem={form.problems['words']}>
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
			<a class="inline-flex min-h-11 link items-center" href="/make/outbox">{msg.outbox()}</a>
		</p>
	</div>
	<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-2 p-4" aria-labelledby="day">
		<h2 id="day">{day ? msg.before({ weekday: weekdayWords(day.day) }) : msg.beforeATableDay()}</h2>
		{#if !day}
			<p>
				{msg.noTableDayIsTo()}
				<a class="link" href="/prepare/days">{msg.planOne()}</a>{msg.thenYouCanRemindThose()}
			</p>
		{:else if day.people.length === 0}
			<p>
				{msg.nobodySaidYetThatThey()} <a class="link" href="/prepare/days">{msg.askWhoDoes()}</a>.
			</p>
		{:else}
			<ul>
				{#each day.people as { id, name, station, isTold } (id)}
					<li class="border-t border-base-300 py-2 first:border-t-0" data-told={isTold}>
						<p><strong>{name}</strong>{isTold ? msg.wasWrittenTo() : ''}</p>
						{#if !isTold}<p class="quiet break-words">{dayWord(day, station)}</p>{/if}
					</li>
				{/each}
			</ul>
			{#if untold.length > 0 && remindedFrom(day.day) > data.group.today}
				<p data-remind-from={remindedFrom(day.day)}>
					{msg.from({ day: nearDayWords(remindedFrom(day.day), data.group.today) })}
				</p>
			{:else if untold.length > 0}
				<PressOnce
					type="day-word"
					typed={{ day: day.id }}
					label={untold.length === 1
						? msg.addToOutbox()
						: msg.addAllToOutbox({ length: smallNumber(untold.length) })}
					words={msg.aWordToThoseWho({ weekday: weekdayWords(day.day) })}
					kept={msg.theyLieInTheOutbox()}
				/>
			{/if}
		{/if}
	</section>
</div>
