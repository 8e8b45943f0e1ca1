<script lang="ts">
	// What would help: each lever with what it adds; one that is tried is shown on all of the page. Tries add up.
	import { SeasonLevers as say, SeasonPage } from '$lib/words/season';
	import type { LeverName } from '$lib/core/season/forecast';
	import type { LeverSaid, Outlook } from './season-said';
	import type { SeasonAsked, SeasonBasis, SeasonGoal } from './season-view';
	import { nearDayWords } from '$lib/ui/day-words';
	import { capital } from '$lib/ui/number-words';
	import { extraDay } from './season-weeks';
	import { addsWords, chanceWords, leverWords, seasonQuery, whyNot } from './season-words';

	interface Props {
		levers: readonly LeverSaid[];
		heldBackBy: Outlook['heldBackBy'];
		basis: SeasonBasis;
		asked: SeasonAsked;
		goal: SeasonGoal;
		/** A lever is tapped: what comes of the season with it. */
		onsee: (href: string, outlook: Outlook) => void;
	}
	const { levers, heldBackBy, basis, asked, goal, onsee }: Props = $props();
	const hrefWith = (name: LeverName, step: 1 | -1) =>
		`/season${seasonQuery(goal.by, {
			...asked,
			levers: { ...asked.levers, [name]: asked.levers[name] + step }
		})}`;
	/** Less than this is none, in mats. */
	const hardly = 0.05;
	const nextDay = $derived(extraDay(basis, goal, asked.levers['table-day']));
	const nameOf = (what: LeverName) =>
		what === 'table-day'
			? say.oneMoreTable({ day: nearDayWords(nextDay, basis.today) })
			: `${asked.levers[what] > 0 ? say.onceMore() : ''}${leverWords(what, 1)}`;
</script>

<ul>
	{#each levers as { what, adds, outlook } (what)}
		<li class="border-t border-base-300 py-1 first:border-t-0" data-lever={what} data-adds={adds}>
			<p class="flex justify-between gap-3">
				<strong>{capital(nameOf(what))}</strong>
				<span class="shrink-0 font-semibold">{adds < hardly ? '' : addsWords(adds)}</span>
			</p>
			<p class="flex flex-wrap items-center justify-between gap-x-3">
				<span class="quiet"
					>{adds < hardly ? whyNot(what, heldBackBy) : chanceWords(outlook.chance)}</span
				>
				<a
					class="inline-flex min-h-11 link items-center"
					href={hrefWith(what, 1)}
					onclick={() => onsee(hrefWith(what, 1), outlook)}
					data-sveltekit-noscroll
					data-sveltekit-keepfocus
					>{SeasonPage.tryIt()}<span class="sr-only">: {nameOf(what)}</span></a
				>
			</p>
			{#if asked.levers[what] > 0}
				<a
					class="inline-flex min-h-11 link items-center"
					href={hrefWith(what, -1)}
					data-sveltekit-noscroll
					data-sveltekit-keepfocus>{say.without({ lever: leverWords(what, 1) })}</a
				>
			{/if}
		</li>
	{/each}
</ul>
