<script lang="ts">
	// A row a week: its table, who comes, what it brings, who is away, and the mats that are good by its end.
	import { SeasonPage as say } from '$lib/words/season';
	import { nearDayWords, shortDayWords } from '$lib/ui/day-words';
	import { listWords } from '$lib/ui/list-words';
	import { wholeNumber } from '$lib/ui/number-words';
	import type { SeasonDay } from './season-view';
	import type { WeekRow } from './season-weeks';

	interface Props {
		rows: readonly WeekRow[];
		today: string;
		/** Mats there today. */
		start: number;
	}
	const { rows, today, start }: Props = $props();
	/** Rows that are shown at once. */
	const atOnce = 14;
	const most = $derived(
		Math.max(
			1,
			start,
			...rows.map(({ band }) => band.high),
			...rows.flatMap(({ goals }) => goals.map(({ wanted }) => wanted))
		)
	);
	const part = (mats: number) => `${(100 * Math.min(mats, most)) / most}%`;
	const namesOf = ({ away }: WeekRow) => {
		const names = [...new Set(away.flatMap(({ name }) => name ?? []))];
		return names.length > 0
			? listWords(names)
			: away.length > 0
				? say.countAway({ count: away.length })
				: '';
	};
	const near = (day: string) => nearDayWords(day, today);
</script>

{#snippet chip({ id, day }: SeasonDay)}
	{#if id}<a
			class="grid min-h-11 min-w-20 place-items-center rounded-lg bg-accent px-2 font-semibold whitespace-nowrap text-accent-content no-underline @min-[61rem]:min-h-8"
			href="/prepare/days/{id}">{near(day).replace(/ \d{4}$/, '')}</a
		>{:else}<span
			class="grid min-h-8 min-w-20 place-items-center rounded-lg bg-accent px-2 font-semibold whitespace-nowrap text-accent-content"
			>{near(day).replace(/ \d{4}$/, '')}</span
		>{/if}
{/snippet}

{#snippet line(row: WeekRow)}
	{@const { band, goals } = row}
	<tr
		class="border-t border-base-300 {row.tables.length === 0 ? 'is-off' : ''}"
		data-week={row.from}
	>
		<th class="quiet font-normal whitespace-nowrap" scope="row">{shortDayWords(row.from)}</th>
		<td class="tables">
			<div class="flex flex-wrap gap-1">
				{#each row.tables as day (day.day + day.id)}{@render chip(day)}{:else}<span
						class="hatched quiet grid min-h-8 min-w-20 place-items-center rounded-lg px-2"
						><span class="bg-base-100 px-1">{row.isShut ? say.hallShut() : say.noTable()}</span
						></span
					>{/each}
			</div>
		</td>
		<td class="who">
			{#if row.said > 0}
				<span class="flex flex-wrap gap-0.5" aria-hidden="true">
					{#each { length: row.said } as _, nth (nth)}<span
							class="size-2.5 rounded-full {nth < row.likely
								? 'bg-primary'
								: 'border border-base-content/60'}"
						></span>{/each}
				</span>
				<span class="sr-only">{say.likelyOf({ likely: row.likely, said: row.said })}</span>
			{/if}
		</td>
		<td class="brings whitespace-nowrap"
			>{#if row.tables.length > 0}{say.balls({ balls: Math.round(row.balls) })}{/if}</td
		>
		<td class="away text-warning-content">{namesOf(row)}</td>
		<td class="mats">
			<span class="flex flex-wrap items-center gap-2">
				<span class="relative h-4 min-w-16 flex-1" aria-hidden="true">
					<span
						class="absolute inset-y-0 rounded-sm bg-primary/20"
						style:left={part(band.low)}
						style:width="calc({part(band.high)} - {part(band.low)})"
					></span>
					<span
						class="good absolute inset-y-0.5 left-0 rounded-sm"
						style:width={part(band.expected)}
					></span>
					{#each goals as { by, wanted } (by)}<span
							class="absolute -inset-y-1 w-0.5 bg-base-content"
							style:left="calc({part(wanted)} - 1px)"
						></span>{/each}
				</span>
				<strong class="figure text-right">{wholeNumber(band.expected)}</strong>
				<span class="quiet figure min-w-10 text-sm" data-range>{band.low}–{band.high}</span>
			</span>
			{#each goals as { by, wanted } (by)}<span class="quiet block text-sm" data-asked={by}
					>{say.askedThen({ mats: wanted, day: near(by) })}</span
				>{/each}
		</td>
	</tr>
{/snippet}

{#snippet table(some: readonly WeekRow[])}
	<table class="weeks w-full text-left">
		<thead class="quiet text-[0.9375rem]">
			<tr>
				<th class="font-normal" scope="col">{say.week()}</th>
				<th class="font-normal" scope="col">{say.table()}</th>
				<th class="font-normal" scope="col">{say.whoComes()}</th>
				<th class="font-normal" scope="col">{say.brings()}</th>
				<th class="font-normal" scope="col">{say.away()}</th>
				<th class="font-normal" scope="col">{say.matsByThen()}</th>
			</tr>
		</thead>
		<tbody>
			{#each some as row (row.from)}{@render line(row)}{/each}
		</tbody>
	</table>
{/snippet}

<div class="sheet px-4 py-2" data-weeks>
	{@render table(rows.slice(0, atOnce))}
	{#if rows.length > atOnce}
		<details>
			<summary class="inline-flex min-h-11 cursor-pointer items-center">{say.laterWeeks()}</summary>
			{@render table(rows.slice(atOnce))}
		</details>
	{/if}
	<p class="quiet text-[0.9375rem]">{say.greenLikely()}</p>
</div>

<style>
	th,
	td {
		padding: 0.25rem 0.75rem 0.25rem 0;
		vertical-align: middle;
	}
	.mats {
		width: 40%;
		padding-right: 0;
	}
	.good {
		background: var(--color-secondary);
		print-color-adjust: exact;
		forced-color-adjust: none;
	}
	/* On a phone a week is a short row: its day and its table, what it brings, and the mats by then. */
	@container (max-width: 45rem) {
		thead {
			position: absolute;
			width: 1px;
			height: 1px;
			overflow: hidden;
			clip-path: inset(50%);
		}
		tr {
			display: flex;
			flex-wrap: wrap;
			align-items: center;
			gap: 0 0.5rem;
			padding: 0.375rem 0;
		}
		th,
		td {
			padding: 0;
		}
		.who {
			display: none;
		}
		.away:empty,
		.brings:empty {
			display: none;
		}
		.mats {
			flex-basis: 100%;
			width: auto;
			min-width: 0;
		}
	}
</style>
