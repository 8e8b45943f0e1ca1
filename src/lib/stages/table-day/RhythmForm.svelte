<script lang="ts">
	// How the table meets: by which rule, from when to when, where, and what each day begins with.
	import { RhythmForm as say } from '$lib/words/table-day';
	import { meetingOf, nths, weekdays } from '$lib/core/rhythm/meeting';
	import { actTo } from '$lib/ui/offered';
	import { capital } from '$lib/ui/number-words';
	import { onMount, untrack } from 'svelte';
	import { clockWords } from './clock';
	import type { GroupRhythm, Pattern } from './rhythm-view';
	import { nthWords, weekdayShort } from './rhythm-words';

	interface Props {
		rhythm: GroupRhythm | null;
		today: string;
		/** The place of the last day, where there is no rhythm. */
		place: string;
		plans: readonly { readonly id: string; readonly name: string }[];
		people: readonly {
			readonly id: string;
			readonly name: string;
			readonly comesAlways: boolean;
		}[];
		/** What was typed and not kept. */
		typed: Readonly<Record<string, string>> | undefined;
		problems: Readonly<Record<string, string>>;
	}
	const { rhythm, today, place, plans, people, typed, problems }: Props = $props();
	const meeting = $derived(rhythm?.rule ? meetingOf(rhythm.rule) : null);
	/** What the form begins with. */
	const start = $derived<Readonly<Record<string, string>>>({
		pattern: !rhythm
			? '1'
			: !meeting
				? 'none'
				: meeting.sort === 'monthly'
					? 'monthly'
					: String(meeting.every),
		weekday: meeting?.weekdays.join(' ') ?? '',
		nth: meeting?.sort === 'monthly' ? meeting.nths.join(' ') : '',
		starts: rhythm?.startsOn ?? today,
		ends: rhythm?.endsOn ?? '',
		place: rhythm?.place ?? place,
		from: clockWords(rhythm?.from ?? 1080),
		to: clockWords(rhythm?.to ?? 1230),
		breaks: (rhythm?.breaks ?? [1125, 1175]).map(clockWords).join(', '),
		pause_minutes: String(rhythm?.breakLength ?? 5),
		plan: rhythm ? (rhythm.planId ?? '') : '',
		balls_wanted: String(rhythm?.ballsWanted ?? '')
	});
	const value = (name: string) => typed?.[name] ?? start[name] ?? '';
	const ticked = (name: string) => value(name).split(' ');
	let pattern = $state(untrack(() => value('pattern')));
	let hasScripts = $state(false);
	onMount(() => void (hasScripts = true));
	const patterns: readonly (readonly [Pattern, string])[] = [
		['1', say.everyWeek()],
		['2', say.everySecondWeek()],
		['3', say.everyThirdWeek()],
		['4', say.everyFourthWeek()],
		['monthly', say.someWeeks()],
		['none', say.noRule()]
	];
</script>

{#snippet problem(name: string)}
	{#if problems[name]}<span class="font-semibold text-error" id="rhythm-{name}-problem" role="alert"
			>{problems[name]}</span
		>{/if}
{/snippet}
{#snippet field(name: string, label: string, type: 'text' | 'date', inputmode: 'text' | 'numeric')}
	<label class="grid grid-cols-[minmax(0,1fr)] content-start gap-1">
		{label}
		<input
			class="field"
			{name}
			{type}
			{inputmode}
			autocomplete="off"
			value={value(name)}
			aria-invalid={problems[name] ? 'true' : undefined}
			aria-describedby={problems[name] ? `rhythm-${name}-problem` : undefined}
		/>
		{@render problem(name)}
	</label>
{/snippet}
{#snippet chip(name: string, option: string, label: string)}
	<label
		class="flex min-h-11 cursor-pointer items-center gap-2 rounded-full border-2 border-base-300 px-3 has-checked:border-primary has-checked:bg-primary/12 has-checked:font-semibold"
	>
		<input
			class="checkbox checkbox-sm"
			type="checkbox"
			{name}
			value={option}
			checked={ticked(name).includes(option)}
		/>
		{label}
	</label>
{/snippet}

<form class="grid grid-cols-[minmax(0,1fr)] gap-3" method="POST" {...actTo('?/rhythm')} data-rhythm>
	<input type="hidden" name="version" value={rhythm?.version ?? 0} />
	{@render problem('rhythm')}
	<label class="grid grid-cols-[minmax(0,1fr)] gap-1 @min-[40rem]:max-w-sm">
		{say.howOften()}
		<select class="field" name="pattern" bind:value={pattern}>
			{#each patterns as [of, label] (of)}<option value={of}>{label}</option>{/each}
		</select>
		{@render problem('pattern')}
	</label>
	{#if pattern !== 'none' || !hasScripts}
		<fieldset>
			<legend class="mb-1">{say.weekdays()}</legend>
			<div class="flex flex-wrap gap-2">
				{#each weekdays as day (day)}{@render chip('weekday', day, weekdayShort(day))}{/each}
			</div>
			{@render problem('weekday')}
		</fieldset>
	{/if}
	{#if pattern === 'monthly' || !hasScripts}
		<fieldset>
			<legend class="mb-1">{say.weeksOfTheMonth()}</legend>
			<div class="flex flex-wrap gap-2">
				{#each nths as nth (nth)}{@render chip('nth', String(nth), capital(nthWords[nth]))}{/each}
			</div>
			{@render problem('nth')}
		</fieldset>
	{/if}
	<div class="grid grid-cols-2 gap-3 @min-[40rem]:grid-cols-4">
		{@render field('from', say.starts(), 'text', 'text')}
		{@render field('to', say.ends(), 'text', 'text')}
		{@render field('breaks', say.breaksAt(), 'text', 'text')}
		{@render field('pause_minutes', say.breakMinutes(), 'text', 'numeric')}
		{@render field('starts', say.firstDay(), 'date', 'text')}
		{@render field('ends', say.lastDay(), 'date', 'text')}
		<div class="col-span-2 grid grid-cols-[minmax(0,1fr)]">
			{@render field('place', say.where(), 'text', 'text')}
		</div>
		<label class="col-span-2 grid grid-cols-[minmax(0,1fr)] content-start gap-1">
			{say.plan()}
			<select class="field" name="plan">
				<option value="">{say.noPlan()}</option>
				{#each plans as { id, name } (id)}
					<option value={id} selected={id === value('plan')}>{name}</option>
				{/each}
			</select>
			{@render problem('plan')}
		</label>
		{@render field('balls_wanted', say.balls(), 'text', 'numeric')}
	</div>
	{#if people.length > 0}
		<fieldset>
			<legend class="mb-1">{say.whoAlwaysComes()}</legend>
			<input type="hidden" name="asks_who" value="yes" />
			<div class="flex flex-wrap gap-2">
				{#each people as { id, name, comesAlways } (id)}
					<label
						class="flex min-h-11 cursor-pointer items-center gap-2 rounded-full border-2 border-base-300 px-3 has-checked:border-primary has-checked:bg-primary/12 has-checked:font-semibold"
					>
						<input
							class="checkbox checkbox-sm"
							type="checkbox"
							name="always"
							value={id}
							checked={comesAlways}
						/>
						{name}
					</label>
				{/each}
			</div>
			<p class="quiet mt-1 text-[0.9375rem]">{say.theyAreTicked()}</p>
		</fieldset>
	{/if}
	<p>
		<button class="btn btn-accent">{say.save()}</button>
		{#if rhythm}<span class="quiet ml-2 text-[0.9375rem]">{say.daysYouChanged()}</span>{/if}
	</p>
</form>
