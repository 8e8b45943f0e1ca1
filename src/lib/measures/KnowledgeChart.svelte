<script lang="ts">
	// Before and after: what the craft says of each factor, and what the group's own measures make of it.
	import { KnowledgeChart as say } from '$lib/words/measures';
	import type { Bag } from '$lib/core/bag/measure-bag';
	import { kindOfBag } from '$lib/core/bag/same-bag';
	import type { Task } from '$lib/core/effort/tasks';
	import { tasks } from '$lib/core/effort/tasks';
	import { z90 } from '$lib/core/statistics/z90';
	import { factorNames, sigmaFromCv } from '$lib/core/factors/factors';
	import type { Practice } from '$lib/core/practice/practice';
	import { factorTitles, taskTitles } from './measure-words';
	import { barePractice } from '$lib/core/practice/practice';

	interface Props {
		practice: Practice;
		/** The kinds of bag the group knows, so that what was weighed goes by its name. */
		kinds: readonly (Bag & { readonly name: string })[];
	}
	const { practice, kinds }: Props = $props();
	const factors = factorNames.filter((name) => name !== 'bagMass');
	/** A kind that was weighed, by its name where it is one of the group's. */
	const kindTitle = (bag: Bag) =>
		say.weightOf({
			name:
				kindOfBag(bag, kinds)?.name ?? say.aBagCmWide({ round: Math.round(bag.flatWidthMm / 10) })
		});
	const isTimed = (work: Task) => practice.hands[work].cv < barePractice.hands[work].cv - 1e-9;
	const untimed = $derived(tasks.filter((work) => !isTimed(work)).map((work) => taskTitles[work]));
	const rows = $derived([
		...practice.weighed.map(({ bag, mass }) => ({
			label: kindTitle(bag),
			before: barePractice.factors.bagMass,
			after: mass
		})),
		...factors.map((name) => ({
			label: factorTitles[name],
			before: barePractice.factors[name],
			after: practice.factors[name]
		})),
		...tasks.filter(isTimed).map((work) => ({
			label: say.timeAt({ taskTitles: taskTitles[work] }),
			before: { median: 1, cv: barePractice.hands[work].cv },
			after: { median: practice.hands[work].mean, cv: practice.hands[work].cv }
		}))
	]);
	/** From half to double, in log space. */
	const place = (value: number) =>
		Math.min(1, Math.max(0, (Math.log(value) + Math.LN2) / (2 * Math.LN2))) * 100;
	const range = ({ median, cv }: { median: number; cv: number }) => {
		const reach = Math.exp(z90 * sigmaFromCv(cv));
		return { low: median / reach, high: median * reach };
	};
	const percent = (value: number) =>
		Math.abs(value - 1) < 0.005
			? '0 %'
			: `${value >= 1 ? '+' : '−'}${Math.abs((value - 1) * 100).toFixed(0)} %`;
</script>

<ul class="grid gap-1">
	{#each rows as { label, before, after }, at (at)}
		{@const was = range(before)}
		{@const is = range(after)}
		{@const isMoved = after.cv < before.cv - 1e-9}
		<li
			class="grid grid-cols-1 items-center gap-1 text-[0.9375rem] @min-[34rem]:grid-cols-[9.5rem_1fr_7rem] @min-[34rem]:gap-3"
		>
			<span class={isMoved ? 'font-semibold' : ''}>{label}</span>
			<svg
				class="h-7 w-full"
				role="img"
				aria-label={say.standardEstimateTo({
					label,
					percent: percent(was.low),
					percent2: percent(was.high),
					part: isMoved
						? say.nowTo({ percent: percent(is.low), percent2: percent(is.high) })
						: say.notMeasuredYet()
				})}
			>
				<path d="M0 14H2000" class="stroke-base-300" />
				<rect
					x="{place(was.low)}%"
					width="{place(was.high) - place(was.low)}%"
					y="4"
					height="8"
					rx="3"
					class="fill-base-content/25"
				/>
				{#if isMoved}
					<rect
						x="{place(is.low)}%"
						width="{Math.max(1, place(is.high) - place(is.low))}%"
						y="15"
						height="9"
						rx="3"
						class="fill-primary"
					/>
				{/if}
				<rect x="50%" width="1.5" height="28" class="fill-base-content/60" />
			</svg>
			<span class="figure text-right @max-[38rem]:text-left"
				>{isMoved
					? `${percent(after.median)}, ±${Math.round(z90 * after.cv * 100)} %`
					: say.asTheCraft()}</span
			>
		</li>
	{/each}
</ul>
<p class="quiet mt-2 text-sm">
	{say.aboveGreyWhatTheCraft()}
	{#if untimed.length > 0}{say.notTimedYetSoAs({ untimed: untimed.join(', ') })}{/if}
</p>
