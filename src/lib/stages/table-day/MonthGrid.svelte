<script lang="ts" generics="Day extends { readonly id: string; readonly day: string }">
	// A month at a glance: each day with its table, deliveries, asks and who is away. The list beside it says the same.
	import { MonthGrid as say } from '$lib/words/table-day';
	import { weekdays } from '$lib/core/rhythm/meeting';
	import { wholeMonthWords } from '$lib/ui/day-words';
	import { clockWords } from './clock';
	import type { MonthDay } from './month';
	import { weekdayShort } from './rhythm-words';

	interface Props {
		month: string;
		weeks: readonly (readonly MonthDay<Day & { readonly from: number }>[])[];
		today: string;
	}
	const { month, weeks, today }: Props = $props();
	const legend = $derived(
		[
			['bg-accent', say.legendTable(), weeks.flat().some(({ tables }) => tables.length > 0)],
			['shut', say.legendShut(), weeks.flat().some(({ isShut }) => isShut)],
			[
				'▾',
				say.legendAsk(),
				weeks.flat().some(({ events }) => events.some(({ sort }) => sort === 'ask'))
			],
			[
				'▸',
				say.legendDelivery(),
				weeks.flat().some(({ events }) => events.some(({ sort }) => sort === 'delivery'))
			],
			['–', say.legendAway(), weeks.flat().some(({ away }) => away.length > 0)]
		].filter(([, , isThere]) => isThere)
	);
</script>

<figure aria-label={say.monthAtAGlance({ month: wholeMonthWords(month) })} data-month={month}>
	<div
		class="grid grid-cols-7 gap-px overflow-hidden rounded-lg border border-base-300 bg-base-300"
	>
		{#each weekdays as day (day)}
			<span class="quiet bg-base-100 py-1 text-center text-sm" aria-hidden="true"
				><span class="@max-[30rem]:hidden">{weekdayShort(day)}</span><span
					class="@min-[30rem]:hidden">{weekdayShort(day).slice(0, 1)}</span
				></span
			>
		{/each}
		{#each weeks.flat() as { day, isOfMonth, isShut, tables, events, away } (day)}
			<div
				class="min-h-16 min-w-0 p-1 text-sm leading-tight {isShut
					? 'hatched'
					: isOfMonth
						? 'bg-base-100'
						: 'bg-base-200'}"
				data-cell={day}
			>
				<span
					class={day === today
						? 'rounded-sm bg-primary px-1 font-bold text-primary-content'
						: 'quiet px-1'}
					>{Number(day.slice(8))}{#if day === today}<span class="sr-only">
							{say.today()}</span
						>{/if}</span
				>
				<span class="sr-only">{isShut ? say.legendShut() : ''}</span>
				{#each tables as { id, from } (id)}
					<a
						class="mt-0.5 grid min-h-11 place-items-center rounded-md bg-accent px-0.5 font-semibold text-accent-content"
						href="#day-{id}"
						><span class="sr-only">{say.legendTable()}, {clockWords(from)}</span><span
							class="@max-[30rem]:hidden"
							aria-hidden="true">{clockWords(from)}</span
						></a
					>
				{/each}
				<span class="flex flex-wrap gap-x-1 px-1">
					{#each events as { sort, summary }, nth (nth)}
						<span title={summary}
							><span aria-hidden="true">{sort === 'ask' ? '▾' : '▸'}</span><span class="sr-only"
								>{summary}</span
							></span
						>
					{/each}
					{#if away.length > 0}<span
							><span aria-hidden="true">–{away.length}</span><span class="sr-only"
								>{say.legendAway()}</span
							></span
						>{/if}
				</span>
			</div>
		{/each}
	</div>
	{#if legend.length > 0}
		<figcaption class="quiet mt-1 flex flex-wrap gap-x-4 text-sm">
			{#each legend as [mark, words] (words)}
				<span class="inline-flex items-center gap-1"
					>{#if mark === 'bg-accent' || mark === 'shut'}<span
							class="size-3 rounded-sm border border-base-300 {mark === 'shut'
								? 'hatched'
								: 'bg-accent'}"
							aria-hidden="true"
						></span>{:else}<span aria-hidden="true">{mark}</span>{/if}{words}</span
				>
			{/each}
		</figcaption>
	{/if}
</figure>
