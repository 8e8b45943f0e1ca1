<script lang="ts">
	// What would help: each lever with what it adds. A tap shows the band with it; taps add up.
	import { SeasonLevers as say } from '$lib/words/season';
	import type { LeverName } from '$lib/core/season/forecast';
	import type { LeverSaid, Outlook } from './season-said';
	import type { SeasonAsked, SeasonGoal } from './season-view';
	import { capital } from '$lib/ui/number-words';
	import { addsWords, chanceWords, leverWords, seasonQuery, whyNot } from './season-words';

	interface Props {
		levers: readonly LeverSaid[];
		heldBackBy: Outlook['heldBackBy'];
		asked: SeasonAsked;
		goal: SeasonGoal;
		/** A lever is tapped: what comes of the season with it. */
		onsee: (href: string, outlook: Outlook) => void;
	}
	const { levers, heldBackBy, asked, goal, onsee }: Props = $props();
	const hrefWith = (name: LeverName, step: 1 | -1) =>
		`/season${seasonQuery(goal.by, {
			...asked,
			levers: { ...asked.levers, [name]: asked.levers[name] + step }
		})}`;
	/** Less than this is none, in mats. */
	const hardly = 0.05;
</script>

<ul>
	{#each levers as { what, adds, outlook } (what)}
		<li class="border-t border-base-300 py-1 first:border-t-0" data-lever={what}>
			<a
				class="grid min-h-11 grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 rounded-lg px-2 no-underline hover:bg-base-200"
				href={hrefWith(what, 1)}
				onclick={() => onsee(hrefWith(what, 1), outlook)}
				data-sveltekit-noscroll
				data-sveltekit-keepfocus
			>
				<span class="underline underline-offset-3"
					>{capital(`${asked.levers[what] > 0 ? say.onceMore() : ''}${leverWords(what, 1)}`)}</span
				>
				<strong class="text-right">{capital(chanceWords(outlook.chance))}</strong>
				<span class="quiet col-span-2 text-[0.9375rem]">
					{capital(addsWords(adds))}. {adds < hardly ? whyNot(what, heldBackBy) : ''}
				</span>
			</a>
			{#if asked.levers[what] > 0}
				<a
					class="inline-flex min-h-11 link items-center px-2"
					href={hrefWith(what, -1)}
					data-sveltekit-noscroll
					data-sveltekit-keepfocus>{say.without({ lever: leverWords(what, 1) })}</a
				>
			{/if}
		</li>
	{/each}
</ul>
