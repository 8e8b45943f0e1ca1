<script lang="ts">
	// A table day in the list: when, who comes as dots, its one act; who comes is ticked behind it.
	import { DayLine as say } from '$lib/words/table-day';
	import { actTo } from '$lib/ui/offered';
	import { nearDayWords } from '$lib/ui/day-words';
	import { clockWords } from './clock';

	interface Props {
		day: {
			readonly id: string;
			readonly day: string;
			readonly place: string;
			readonly from: number;
			readonly version: number;
			readonly people: readonly string[];
			readonly unnamed: number;
		};
		people: readonly { readonly id: string; readonly name: string }[];
		today: string;
		/** The month that is looked at, to come back to. */
		month: string;
	}
	const { day, people, today, month }: Props = $props();
	const on = $derived(nearDayWords(day.day, today));
	const come = $derived(day.people.length + day.unnamed);
	const isPast = $derived(day.day < today);
	const act = $derived(
		isPast || come === 0 ? null : day.day === today ? say.openTheDay() : say.chooseSeats()
	);
	const countWords = $derived(
		come === 0 ? say.nobodyHasSaidYet() : come === 1 ? say.oneCanCome() : say.canCome({ all: come })
	);
</script>

<li
	class="border-t border-base-300 py-2 first:border-t-0"
	id="day-{day.id}"
	data-day={day.day}
	aria-label={on}
>
	<div
		class="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-4 gap-y-1 @min-[40rem]:grid-cols-[8rem_minmax(0,1fr)_auto]"
	>
		<h3>
			<a
				class="inline-grid min-h-11 content-center rounded-lg bg-base-200 px-3 font-semibold hover:bg-base-300 @min-[40rem]:grid"
				href="/prepare/days/{day.id}">{on}</a
			>
		</h3>
		<div class="min-w-0 @max-[40rem]:order-last @max-[40rem]:col-span-2">
			<span class="flex flex-wrap gap-1" aria-hidden="true">
				{#each { length: come } as _, nth (nth)}<span class="size-2.5 rounded-full bg-primary"
					></span>{/each}{#each { length: Math.max(0, people.length - come) } as _, nth (nth)}<span
						class="size-2.5 rounded-full border border-base-content/60"
					></span>{/each}
			</span>
			<p class="quiet text-[0.9375rem] leading-snug break-words">
				{countWords} · {clockWords(day.from)}, {day.place}
			</p>
		</div>
		{#if act}<a class="btn" href="/prepare/days/{day.id}"
				>{act}<span class="sr-only">: {on}</span></a
			>{/if}
	</div>
	{#if isPast}
		<!-- What was is as it was. -->
	{:else if people.length === 0}
		<p class="pt-1">
			<a class="link" href="/people">{say.addPeopleFirst()}</a>{say.andTickHereWhoCan()}
		</p>
	{:else}
		<details open={come === 0}>
			<summary class="inline-flex min-h-11 cursor-pointer items-center px-1"
				>{say.whoComes()}<span class="sr-only">: {on}</span></summary
			>
			<form class="grid gap-2" method="POST" {...actTo('?/people')}>
				<input type="hidden" name="id" value={day.id} />
				<input type="hidden" name="version" value={day.version} />
				<input type="hidden" name="month" value={month} />
				<fieldset>
					<legend class="sr-only">{say.whoCanComeOn({ day: on })}</legend>
					<div class="flex flex-wrap gap-2">
						{#each people as { id, name } (id)}
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
			<form method="POST" {...actTo('?/off')}>
				<input type="hidden" name="id" value={day.id} />
				<input type="hidden" name="month" value={month} />
				<button class="btn btn-ghost px-3 font-normal"
					>{say.cancelTheDay()}<span class="sr-only">: {on}</span></button
				>
			</form>
		</details>
	{/if}
</li>
