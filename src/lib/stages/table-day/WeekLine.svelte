<script lang="ts">
	// A week of the month: its table days, what is asked for and delivered in it, and whether the hall is shut.
	import { PrepareDaysPage as say } from '$lib/words/table-day';
	import { nearDayWords } from '$lib/ui/day-words';
	import { dayAfter } from '$lib/ui/days';
	import { listWords } from '$lib/ui/list-words';
	import { newKey } from '$lib/ui/new-key';
	import { actTo } from '$lib/ui/offered';
	import type { Snippet } from 'svelte';
	import type { MonthDay } from './month';

	interface Props {
		week: readonly MonthDay<unknown>[];
		month: string;
		shut: readonly { readonly id: string; readonly from: string; readonly to: string }[];
		today: string;
		/** The week's table days. */
		children: Snippet;
	}
	const { week, month, shut, today, children }: Props = $props();
	const monday = $derived(week[0]?.day ?? today);
	const sunday = $derived(dayAfter(monday, 6));
	const spans = $derived(shut.filter(({ from, to }) => from <= sunday && monday <= to));
	const events = $derived(week.flatMap(({ events }) => events));
	const away = $derived([
		...new Map(week.flatMap(({ away }) => away).map((one) => [one.id, one])).values()
	]);
	const names = $derived(away.flatMap(({ name }) => name ?? []));
	const near = (day: string) => nearDayWords(day, today);
	const key = newKey();
</script>

<section class="border-t border-base-300 py-2" aria-labelledby="week-{monday}" data-week={monday}>
	<div class="flex flex-wrap items-center justify-between gap-x-3">
		<h3 class="quiet text-[0.9375rem]" id="week-{monday}">{say.weekOf({ day: near(monday) })}</h3>
		{#if spans.length === 0}
			<form method="POST" {...actTo('?/shut')}>
				<input type="hidden" name="key" value={key} />
				<input type="hidden" name="month" value={month} />
				<input type="hidden" name="from" value={monday < today ? today : monday} />
				<input type="hidden" name="to" value={sunday} />
				<button class="btn btn-ghost px-3 font-normal"
					>{say.hallShut()}<span class="sr-only">: {say.weekOf({ day: near(monday) })}</span
					></button
				>
			</form>
		{/if}
	</div>
	{#each spans as { id, from, to } (id)}
		<form class="flex flex-wrap items-center gap-x-3" method="POST" {...actTo('?/reopen')}>
			<input type="hidden" name="id" value={id} />
			<input type="hidden" name="month" value={month} />
			<span class="hatched rounded-md p-1.5 font-semibold" data-shut
				><span class="bg-base-100 px-1">{say.shutFromTo({ from: near(from), to: near(to) })}</span
				></span
			>
			<button class="btn btn-ghost px-3 font-normal">{say.openAgain()}</button>
		</form>
	{/each}
	{#each events as { summary, day, href }, nth (nth)}
		<p class="flex min-h-11 flex-wrap items-center gap-x-3">
			<span class="quiet">{near(day)}</span><a class="link" {href}>{summary}</a>
		</p>
	{/each}
	{#if away.length > 0}
		<p class="quiet" data-away>
			{names.length > 0
				? say.awayNow({ names: listWords(names) })
				: say.countAway({ count: away.length })}
		</p>
	{/if}
	<ul>{@render children()}</ul>
</section>
