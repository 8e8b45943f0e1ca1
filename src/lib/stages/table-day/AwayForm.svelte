<script lang="ts">
	// Who is away, from when to when; and somebody more who is.
	import { PrepareDaysPage as say } from '$lib/words/table-day';
	import { nearDayWords } from '$lib/ui/day-words';
	import { newKey } from '$lib/ui/new-key';
	import { actTo } from '$lib/ui/offered';
	import type { MonthAway } from './month';

	interface Props {
		away: readonly MonthAway[];
		people: readonly { readonly id: string; readonly name: string }[];
		today: string;
		month: string;
		typed: Readonly<Record<string, string>> | undefined;
		problems: Readonly<Record<string, string>>;
	}
	const { away, people, today, month, typed, problems }: Props = $props();
	const known = $derived(away.filter(({ name, to }) => name !== null && to >= today));
	const key = newKey();
</script>

{#snippet date(name: string, label: string)}
	<label class="grid grid-cols-[minmax(0,1fr)] content-start gap-1">
		{label}
		<input
			class="field min-w-0"
			type="date"
			{name}
			value={typed?.[name] ?? ''}
			aria-invalid={problems[name] ? 'true' : undefined}
			aria-describedby={problems[name] ? `away-${name}-problem` : undefined}
		/>
		{#if problems[name]}<span class="font-semibold text-error" id="away-{name}-problem" role="alert"
				>{problems[name]}</span
			>{/if}
	</label>
{/snippet}

{#if people.length > 0}
	<section
		class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-4"
		id="away"
		aria-labelledby="away-title"
	>
		<h2 id="away-title">{say.away()}</h2>
		{#if known.length > 0}
			<ul>
				{#each known as { id, name, from, to } (id)}
					<li class="flex flex-wrap items-center justify-between gap-x-2" data-away-of={id}>
						<span
							>{say.awayFromTo({
								name: name ?? '',
								from: nearDayWords(from, today),
								to: nearDayWords(to, today)
							})}</span
						>
						<form method="POST" {...actTo('?/back')}>
							<input type="hidden" name="id" value={id} />
							<input type="hidden" name="month" value={month} />
							<button class="btn btn-ghost px-3 font-normal"
								>{say.isBack()}<span class="sr-only"> {name}</span></button
							>
						</form>
					</li>
				{/each}
			</ul>
		{/if}
		<form class="grid grid-cols-[minmax(0,1fr)] gap-3" method="POST" {...actTo('?/away')}>
			<input type="hidden" name="key" value={key} />
			<label class="grid grid-cols-[minmax(0,1fr)] gap-1">
				{say.who()}
				<select
					class="field"
					name="person"
					value={typed?.person ?? ''}
					aria-invalid={problems.person ? 'true' : undefined}
					aria-describedby={problems.person ? 'away-person-problem' : undefined}
				>
					<option value=""></option>
					{#each people as { id, name } (id)}<option value={id}>{name}</option>{/each}
				</select>
				{#if problems.person}<span
						class="font-semibold text-error"
						id="away-person-problem"
						role="alert">{problems.person}</span
					>{/if}
			</label>
			<div class="grid grid-cols-2 gap-3">
				{@render date('from', say.firstDay())}
				{@render date('to', say.lastDay())}
			</div>
			<button class="btn justify-self-start">{say.saveAway()}</button>
		</form>
	</section>
{/if}
