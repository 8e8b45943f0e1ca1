<script lang="ts">
	import { Step as say } from '$lib/words/plan';
	import Eye from '@lucide/svelte/icons/eye';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import type { StepName } from '../words/step-lines';
	import { fieldsOfStep } from '../words/step-fields';
	import { stepNames } from '../words/step-lines';
	import { bodiesAtHand, fetchBody, written, type StepBody } from './bodies';
	import { doneIn, redo } from './replay';
	import { tick, untrack } from 'svelte';
	import StepDrawing from '../parts/StepDrawing.svelte';
	import Judgements from '../parts/Judgements.svelte';

	interface Props {
		bench: Bench;
		step: StepName;
	}
	const { bench, step }: Props = $props();
	const titles: Record<StepName, string> = {
		size: say.size(),
		bag: say.bag(),
		cut: say.cut(),
		join: say.join(),
		technique: say.technique(),
		finish: say.finish()
	};
	let Body = $state.raw<StepBody | undefined>(untrack(() => bodiesAtHand[step]));
	/** What the server wrote, until its code is here. */
	let still = $state<HTMLElement>();
	/** The code of a step comes with its first opening; what was done in its fields meanwhile is done again. */
	async function fetchOpened(): Promise<void> {
		try {
			const { default: body } = await fetchBody[step]();
			const done = still ? doneIn(still) : [];
			Body = body;
			await tick();
			if (details) redo(done, details);
		} catch {
			addEventListener('online', () => void fetchOpened(), { once: true });
		}
	}
	const number = $derived(stepNames.indexOf(step) + 1);
	const isOpen = $derived(bench.openStep === step);
	let details = $state<HTMLDetailsElement>();
	$effect(() => {
		if (isOpen && !Body) void fetchOpened();
	});
	/**
	 * The one that was open closes above it, and what the steps show changes with it for a few frames: until that stands,
	 * what was pressed is kept in sight.
	 */
	function opened(details: HTMLDetailsElement): void {
		bench.open(step);
		const until = performance.now() + 300;
		let height = -1;
		const keepInSight = (): void => {
			if (!details.open) return;
			// Where nothing grew or shrank, it was the hand that scrolled.
			const { scrollHeight } = document.documentElement;
			if (scrollHeight !== height) details.firstElementChild?.scrollIntoView({ block: 'nearest' });
			height = scrollHeight;
			if (performance.now() < until) requestAnimationFrame(keepInSight);
		};
		keepInSight();
	}
	const needsLook = $derived(fieldsOfStep[step].some((field) => bench.reading.problems[field]));
	const calls = $derived(
		bench.drawn.estimate.judgements.filter(
			({ subject, severity }) => subject === step && severity !== 'good'
		)
	);
</script>

<details
	bind:this={details}
	name="step"
	class="group border-b border-base-300 last:border-b-0"
	open={isOpen || undefined}
	ontoggle={(event) => event.currentTarget.open && opened(event.currentTarget)}
	data-step={step}
>
	<summary
		class="flex min-h-12 cursor-pointer list-none flex-wrap items-center gap-x-3 px-4 py-2 group-open:bg-base-200 [&::-webkit-details-marker]:hidden"
	>
		<span
			class="figure grid size-7 shrink-0 place-items-center rounded-md bg-primary/12 font-bold text-primary group-open:bg-primary group-open:text-primary-content"
			aria-hidden="true">{number}</span
		>
		<h2 class="shrink-0">{titles[step]}</h2>
		<span
			class="min-w-[min(7rem,100%)] flex-1 text-right text-[0.9375rem] leading-tight group-open:hidden"
		>
			{#if needsLook}
				<span class="font-semibold text-error">{say.needsACheck()}</span>
			{:else}
				<span class="quiet">{bench.lines[step]}</span>
			{/if}
		</span>
		{#if calls.length > 0}
			<Eye class="size-5 shrink-0 text-primary group-open:hidden" aria-hidden="true" />
			<span class="sr-only">{say.toCheck({ length: calls.length })}</span>
		{/if}
	</summary>
	{#if isOpen && !(step === 'size' && bench.isMatBeside)}<StepDrawing {bench} {step} />{/if}
	<div class="grid gap-4 px-4 pt-3 pb-5">
		{#if Body}
			<Body {bench} />
		{:else}
			<div class="grid gap-4" bind:this={still}>
				<!-- eslint-disable-next-line svelte/no-at-html-tags -- a component that the server wrote; here it is left as it came -->
				{@html `<div class="grid gap-4">${written.by?.(step, bench) ?? ''}</div>`}
			</div>
		{/if}
		{#if isOpen && calls.length > 0}
			<div class="rounded-lg border border-base-300 p-3">
				<Judgements {bench} judgements={calls} />
			</div>
		{/if}
		{#if isOpen && bench.alsoChanged.length > 0}
			<p class="quiet text-[0.9375rem]" role="status">
				{#each bench.alsoChanged as { step: other, was, now } (other)}
					<span class="block">
						<strong class="capitalize">{other}</strong>
						{say.changedWithIt({ was, now })}
					</span>
				{/each}
			</p>
		{/if}
	</div>
</details>
