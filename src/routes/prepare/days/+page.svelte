<script lang="ts">
	// The days the table meets: where, and who can come.
	import { PrepareDaysPage as say } from '$lib/words/table-day';
	import PageTitle from '$lib/ui/PageTitle.svelte';
	import { actTo } from '$lib/ui/offered';
	import { nearDayWords } from '$lib/ui/day-words';
	import { newKey } from '$lib/ui/new-key';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const added = $derived(form && 'added' in form ? form.added : null);
	const problems = $derived<Readonly<Record<string, string>>>(added?.problems ?? {});
	const coming = $derived(data.days.filter(({ day }) => day >= data.today));
	const behind = $derived(data.days.filter(({ day }) => day < data.today).toReversed());
	const lastPlace = $derived(data.days.at(-1)?.place ?? '');
	const key = newKey();
	const countWords = (named: number, unnamed: number) => {
		const all = named + unnamed;
		return all === 0 ? say.nobodyHasSaidYet() : all === 1 ? say.oneCanCome() : say.canCome({ all });
	};
</script>

<PageTitle />

<div
	class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,22rem)_minmax(0,1fr)]"
>
	<form class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-4" method="POST" {...actTo('?/add')}>
		<h2>{say.aTableDay()}</h2>
		<input type="hidden" name="key" value={key} />
		<label class="grid grid-cols-[minmax(0,1fr)] gap-1">
			{say.on()}
			<input
				class="field"
				type="date"
				name="day"
				value={added?.typed.day ?? ''}
				aria-invalid={problems.day ? 'true' : undefined}
				aria-describedby={problems.day ? 'day-problem' : undefined}
			/>
			{#if problems.day}<span class="font-semibold text-error" id="day-problem" role="alert"
					>{problems.day}</span
				>{/if}
		</label>
		<label class="grid grid-cols-[minmax(0,1fr)] gap-1">
			{say.where()}
			<input
				class="field"
				name="place"
				autocomplete="off"
				value={added?.typed.place ?? lastPlace}
				aria-invalid={problems.place ? 'true' : undefined}
				aria-describedby={problems.place ? 'place-problem' : undefined}
			/>
			{#if problems.place}<span class="font-semibold text-error" id="place-problem" role="alert"
					>{problems.place}</span
				>{/if}
		</label>
		<button class="btn btn-accent">{say.addTheDay()}</button>
	</form>
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		{#if form && 'message' in form && form.message}
			<p class="font-semibold text-error" role="alert">{form.message}</p>
		{/if}
		{#if coming.length === 0}
			<p class="sheet p-4">{say.noDayToComeYet()}</p>
		{/if}
		{#each coming as day (day.id)}
			{@const on = nearDayWords(day.day, data.today)}
			<section class="sheet grid gap-2 p-4" id="day-{day.id}" aria-label={on} data-day={day.day}>
				<div class="flex flex-wrap items-baseline gap-x-4">
					<h2>
						<a class="inline-flex min-h-11 link items-center" href="/prepare/days/{day.id}">{on}</a>
					</h2>
					<p class="quiet">{day.place} · {countWords(day.people.length, day.unnamed)}</p>
				</div>
				{#if data.people.length === 0}
					<p><a class="link" href="/people">{say.addPeopleFirst()}</a>{say.andTickHereWhoCan()}</p>
				{:else}
					<form class="grid gap-2" method="POST" {...actTo('?/people')}>
						<input type="hidden" name="id" value={day.id} />
						<input type="hidden" name="version" value={day.version} />
						<fieldset>
							<legend class="sr-only">{say.whoCanComeOn({ day: on })}</legend>
							<div class="flex flex-wrap gap-2">
								{#each data.people as { id, name } (id)}
									<label
										class="flex min-h-11 cursor-pointer items-center gap-2 rounded-full border-2 border-base-300 px-4 has-checked:border-primary has-checked:bg-primary/12 has-checked:font-semibold"
									>
										<input
											class="checkbox checkbox-sm"
											type="checkbox"
											name="person"
											value={id}
											checked={day.people.includes(id)}
										/>
										{name}
									</label>
								{/each}
							</div>
						</fieldset>
						{#if day.unnamed > 0}
							<p class="quiet text-[0.9375rem]">
								{say.andWhoseNameIsForgotten({ part: day.unnamed === 1 ? say.one() : day.unnamed })}
							</p>
						{/if}
						<button class="btn justify-self-start">{say.saveWhoComes()}</button>
					</form>
				{/if}
				{#if day.people.length > 0}
					<p><a class="btn" href="/prepare/days/{day.id}">{say.chooseSeats()}</a></p>
				{/if}
				<form method="POST" {...actTo('?/off')}>
					<input type="hidden" name="id" value={day.id} />
					<button class="btn btn-ghost px-3 font-normal"
						>{say.cancelTheDay()}<span class="sr-only">: {on}</span></button
					>
				</form>
			</section>
		{/each}
		{#if data.days.length > 0}
			<p>
				<a class="inline-flex min-h-11 link items-center" href="/prepare/days/calendar.ics"
					>{say.addAllToCalendar()}</a
				>
			</p>
		{/if}
		{#if behind.length > 0}
			<section class="sheet p-4" aria-labelledby="behind">
				<h2 id="behind">{say.pastDays()}</h2>
				<ul class="mt-1">
					{#each behind as day (day.id)}
						<li class="border-t border-base-300 py-1.5 first:border-t-0">
							<a class="inline-flex min-h-11 link items-center" href="/prepare/days/{day.id}"
								>{nearDayWords(day.day, data.today)}, {day.place}</a
							>
							<span class="quiet">· {countWords(day.people.length, day.unnamed)}</span>
						</li>
					{/each}
				</ul>
			</section>
		{/if}
	</div>
</div>
