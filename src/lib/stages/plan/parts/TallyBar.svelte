<script lang="ts">
	import { TallyBar as say } from '$lib/words/plan';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import type { Tally, TallyName } from '$lib/core/estimate/estimate';
	import {
		differenceWords,
		intervalWords,
		tallyUnit,
		tallyValue,
		tallyWords
	} from '../words/tally-words';
	import type { Plan } from '$lib/core/model/types';
	import type { whyBetween } from '../words/why';
	import { coverGrade } from '$lib/core/techniques/cover-grade';
	import { onMount, type Snippet } from 'svelte';

	import ChevronUp from '@lucide/svelte/icons/chevron-up';

	interface Props {
		bench: Bench;
		/** The plan it is measured against, if one is pinned. */
		pinned: { readonly name: string; readonly plan: Plan; readonly tally: Tally } | null;
		onexplain: (figure: TallyName) => void;
		children: Snippet;
	}
	type WhyBetween = typeof whyBetween;
	const { bench, pinned, onexplain, children }: Props = $props();
	const tally = $derived(bench.estimate.tally);
	const value = (name: TallyName) => tallyValue(tally, name, bench.system);

	const shown: readonly TallyName[] = [
		'toCollect',
		'toPrepare',
		'strandM',
		'balls',
		'joints',
		'hours',
		'matKg',
		'cover'
	];
	/** The ones a phone has room for in one line; a tap opens all of them. */
	const main: readonly TallyName[] = ['toCollect', 'hours', 'cover'];
	let isOpen = $state(false);
	let isFoldable = $state(false);
	onMount(() => {
		isFoldable = true;
	});
	/** What is folded away on a phone until it is opened; without scripts nothing is. */
	const folds = $derived(isFoldable && !isOpen ? '@max-[40rem]:hidden' : '');
	const grade = $derived(
		{ close: say.close(), fair: say.fair(), gaps: say.gaps() }[
			coverGrade(bench.plan.technique.kind, tally.cover.expected)
		]
	);
	/** Why it differs from the pinned plan; it follows in the frame after the figures, and is fetched once one is pinned. */
	let whyOf = $state.raw<WhyBetween | null>(null);
	$effect(() => {
		if (pinned && !whyOf) void import('../words/why').then((words) => (whyOf = words.whyBetween));
	});
	const why = $derived(
		pinned && whyOf
			? whyOf(pinned, bench.drawn.plan, bench.drawn.estimate.tally, bench.practice)
			: ''
	);
	const spoken = $derived(
		bench.isCurrent
			? say.bagsToCollectHoursMat({
					value: value('toCollect'),
					value2: value('hours'),
					value3: value('matKg'),
					isSystem: bench.system === 'ft' ? 'yes' : 'no',
					grade: grade.toLowerCase()
				})
			: say.checkTheMarkedFieldFirst()
	);
	/** Said a moment after the user rests, so that a slide is not read out step by step. */
	let said = $state('');
	$effect(() => {
		const words = spoken;
		const timer = setTimeout(() => (said = words), 700);
		return () => clearTimeout(timer);
	});
</script>

<section
	class="tally @container sticky bottom-0 z-30 flex flex-wrap items-center gap-x-4 gap-y-2 bg-neutral px-5 py-2 text-neutral-content @max-[48rem]/page:bottom-[calc(4.1rem+env(safe-area-inset-bottom))] @max-[38rem]:px-4"
	aria-labelledby="tally-title"
>
	<h2 class="sr-only" id="tally-title">{say.tally()}</h2>
	{#if isFoldable}
		<div class="hidden min-w-0 flex-1 items-center gap-1 @max-[40rem]:flex">
			<button
				type="button"
				class="flex min-h-11 min-w-0 flex-1 items-center gap-x-3 rounded-lg text-left focus-visible:outline-neutral-content"
				aria-expanded={isOpen}
				aria-controls="tally-figures"
				onclick={() => (isOpen = !isOpen)}
			>
				<span class="sr-only">{say.tally()}</span>
				<span class="flex min-w-0 flex-wrap gap-x-3 leading-tight">
					{#each main as name (name)}
						<span class="whitespace-nowrap" data-folded={name}
							>{#if name === 'cover'}{grade.toLowerCase()}{:else}<strong class="figure text-lg"
									>{value(name)}</strong
								>
								<span class="text-[0.8125rem]"
									>{name === 'toCollect'
										? say.bagsToAskFor()
										: tallyUnit(name, bench.system).unit}</span
								>{/if}</span
						>
					{/each}
				</span>
				<ChevronUp class="size-5 shrink-0 {isOpen ? 'rotate-180' : ''}" />
			</button>
		</div>
	{/if}
	<ul
		id="tally-figures"
		class="flex min-w-0 flex-1 flex-wrap gap-x-1 gap-y-1 @max-[40rem]:order-first @max-[40rem]:basis-full @max-[40rem]:justify-between {folds}"
		class:opacity-70={!bench.isCurrent}
	>
		{#each shown as name (name)}
			{@const { label } = tallyWords[name]}
			{@const { unit } = tallyUnit(name, bench.system)}
			{@const difference = pinned ? differenceWords(tally, pinned.tally, name, bench.system) : ''}
			<li data-tally={name}>
				<button
					type="button"
					class="min-w-0 rounded-lg px-2.5 py-1 text-left hover:bg-neutral-content/12 focus-visible:outline-neutral-content"
					onclick={() => onexplain(name)}
					title={say.howItIsWorkedOut()}
				>
					<span class="block text-[0.8125rem] whitespace-nowrap opacity-90"
						>{name === 'cover' ? `${label}: ${grade.toLowerCase()}` : label}</span
					>
					<span class="block whitespace-nowrap">
						<span class="figure text-2xl font-bold @max-[40rem]:text-xl" data-figure
							>{value(name)}</span
						>
						<span class="text-sm">{unit}</span>
					</span>
					<span class="block text-[0.8125rem] whitespace-nowrap opacity-90" data-interval>
						{intervalWords(tally[name], name, bench.system)}
					</span>
					{#if pinned}
						<span
							class="block text-[0.8125rem] font-semibold whitespace-nowrap text-accent"
							data-difference>{difference || say.theSame()}</span
						>
					{/if}
				</button>
			</li>
		{/each}
	</ul>
	{@render children()}
	{#if why}
		<p class="w-full border-t {folds} border-neutral-content/25 pt-1 text-[0.8125rem]" data-why>
			<span class="opacity-90">{say.comparedWithTheOtherPlan()}</span>
			{why}
		</p>
	{/if}
	<p class="sr-only" aria-live="polite">{said}</p>
</section>
