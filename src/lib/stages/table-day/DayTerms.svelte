<script lang="ts">
	// When a day runs and what it is for.
	import { DayTerms as say } from '$lib/words/table-day';
	import { actTo } from '$lib/ui/offered';
	import { besideWorks } from '$lib/core/assembly-line/beside';
	import { besideFields, besideLabels } from './beside-words';
	import { clockWords } from './clock';
	import type { PlannedDay } from './day-view';

	interface Props {
		day: PlannedDay;
		plans: readonly { readonly id: string; readonly name: string }[];
		typed: Readonly<Record<string, string>> | undefined;
		problems: Readonly<Record<string, string>>;
	}
	const { day, plans, typed, problems }: Props = $props();
	const start = $derived<Readonly<Record<string, string>>>({
		from: clockWords(day.from),
		to: clockWords(day.to),
		breaks: day.breaks.map(clockWords).join(', '),
		pause_minutes: String(day.breakLength),
		plan: day.planId ?? plans[0]?.id ?? '',
		balls_wanted: day.ballsWanted === null ? '' : String(day.ballsWanted),
		also: day.also ?? '',
		cut_with: day.cutWith,
		...Object.fromEntries(
			besideWorks.map((work) => [besideFields[work], String(day.besides[work] || '')])
		)
	});
	const value = (name: string) => typed?.[name] ?? start[name] ?? '';
</script>

{#snippet field(name: string, label: string, hint: string, inputmode: 'text' | 'numeric')}
	<label class="grid grid-cols-[minmax(0,1fr)] content-start gap-1">
		{label}
		<input
			class="field"
			{name}
			{inputmode}
			autocomplete="off"
			value={value(name)}
			aria-invalid={problems[name] ? 'true' : undefined}
			aria-describedby={problems[name] ? `${name}-problem` : undefined}
		/>
		{#if problems[name]}<span class="font-semibold text-error" id="{name}-problem" role="alert"
				>{problems[name]}</span
			>{:else if hint}<span class="quiet text-[0.875rem]">{hint}</span>{/if}
	</label>
{/snippet}

<form class="grid grid-cols-[minmax(0,1fr)] gap-3" method="POST" {...actTo('?/terms')}>
	<input type="hidden" name="version" value={day.version} />
	{#if problems['day']}<p class="font-semibold text-error" role="alert">{problems['day']}</p>{/if}
	<div class="grid grid-cols-[minmax(0,1fr)] gap-3 @min-[40rem]:grid-cols-3">
		{@render field('from', say.from(), '', 'text')}
		{@render field('to', say.to(), '', 'text')}
		{@render field('breaks', say.breaksAt(), say.after45MinutesOfThe(), 'text')}
		{@render field('pause_minutes', say.minutesPerBreak(), '', 'numeric')}
		<label class="grid grid-cols-[minmax(0,1fr)] content-start gap-1">
			{say.for()}
			<select class="field" name="plan">
				{#each plans as { id, name } (id)}
					<option value={id} selected={id === value('plan')}>{name}</option>
				{/each}
			</select>
			{#if problems['plan']}<span class="font-semibold text-error" role="alert"
					>{problems['plan']}</span
				>{/if}
		</label>
		{@render field('balls_wanted', say.ballsWanted(), say.leftEmptyWhereNoneAre(), 'numeric')}
		<label class="grid grid-cols-[minmax(0,1fr)] content-start gap-1">
			{say.cutWith()}
			<select class="field" name="cut_with">
				<option value="scissors" selected={value('cut_with') !== 'rolling-blade'}
					>{say.scissors()}</option
				>
				<option value="rolling-blade" selected={value('cut_with') === 'rolling-blade'}
					>{say.rollingBladeTrainedAdultsOnly()}</option
				>
			</select>
		</label>
		{#each besideWorks as work (work)}
			{@render field(besideFields[work], besideLabels[work], '', 'numeric')}
		{/each}
		{@render field('also', say.andAlso(), say.whatElseTheDayIs(), 'text')}
	</div>
	<button class="btn justify-self-start btn-accent">{say.saveDay()}</button>
</form>
