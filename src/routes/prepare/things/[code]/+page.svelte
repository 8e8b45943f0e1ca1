<script lang="ts">
	import LabelReader from '$lib/stages/search/LabelReader.svelte';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	// What a label is on: it opens from the square code, on a phone beside the table.
	import { PrepareThingsCodePage as say } from '$lib/words/prepare';
	import { linkTo } from '$lib/ui/offered';
	import ColourPatterns from '$lib/ui/ColourPatterns.svelte';
	import { momentWords } from '$lib/ui/day-words';
	import { wholeNumber } from '$lib/ui/number-words';
	import { massWords } from '$lib/ui/unit-words';
	import BallFigure from '$lib/stages/prepare/BallFigure.svelte';
	import { ballColours, labelCutWords, metresWords } from '$lib/stages/prepare/label-words';
	import { happenedWords, unsuitedWords } from '$lib/stages/prepare/thing-words';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	const system = $derived(data.group.lengthSystem);
	const thing = $derived(data.thing);
	const ball = $derived(thing?.ball ?? null);
</script>

<PageTitle of={thing?.code ?? data.typed} />
<ColourPatterns />

<div class="mx-auto grid max-w-2xl grid-cols-[minmax(0,1fr)] gap-4">
	{#if !thing}
		<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-5">
			<p role="alert" data-problem>{data.problem}</p>
		</section>
	{:else}
		<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-5" aria-label={thing.code}>
			<div class="flex flex-wrap items-center gap-4">
				{#if ball}<BallFigure colours={ball.colours} size={88} />{/if}
				<div class="max-w-full">
					<p class="text-lg">
						{#if ball}{ballColours(ball)} {thing.sort}{:else}{say.a({
								sort: thing.sort
							})}{/if}{#if thing.state === null}<strong>{say.takenBackItWasNever()}</strong>{/if}
					</p>
				</div>
			</div>
			{#if ball}
				<dl class="grid gap-x-4 gap-y-1 wrap-anywhere @min-[24rem]:grid-cols-[auto_minmax(0,1fr)]">
					<dt class="quiet">{say.of()}</dt>
					<dd>{say.bags({ bags: wholeNumber(ball.bags), kind: ball.kind })}</dd>
					<dt class="quiet">{say.coloursInOrder()}</dt>
					<dd>
						{ball.colours.map(({ colour, bags }) => `${colour} ${wholeNumber(bags)}`).join(', ')}
					</dd>
					<dt class="quiet">{say.cut()}</dt>
					<dd>
						{say.pieces({
							labelCut: labelCutWords(ball, system),
							pieces: wholeNumber(ball.pieces)
						})}
					</dd>
					<dt class="quiet">{say.yarn()}</dt>
					<dd data-metres>
						{metresWords(ball, system)}{ball.massG === null
							? say.byItsPieces()
							: say.weighed({ mass: massWords(ball.massG, system) })}
					</dd>
					<dt class="quiet">{say.plastic()}</dt>
					<dd>{massWords(ball.filmMg / 1000, system)}</dd>
					{#if ball.planName}
						<dt class="quiet">{say.woundFor()}</dt>
						<dd>{ball.planName}</dd>
					{/if}
				</dl>
			{/if}
			{#if data.mat}
				<p>
					{say.onTheLoomByOf({
						planName: data.mat.planName,
						strands: data.mat.strands,
						warpStrands: data.mat.warpStrands
					})}
				</p>
			{/if}
			<ul class="text-[0.9375rem]">
				{#each thing.happened as one, nth (nth)}
					<li class={one.isTakenBack ? 'line-through' : ''}>
						{happenedWords[one.what]}
						{momentWords(one.at)}{one.byName ? say.by({ byName: one.byName }) : ''}
					</li>
				{/each}
			</ul>
			{#if ball}
				<a
					class="btn justify-self-start"
					{...linkTo(`/prepare/labels.pdf?code=${thing.code}`)}
					data-sveltekit-reload>{say.printItsLabelAgain()}</a
				>
			{/if}
		</section>
		{#if thing.suits.length > 0}
			<section class="sheet p-5" aria-labelledby="suits">
				<h2 id="suits">{say.whichPlansItFits()}</h2>
				<ul class="mt-2">
					{#each thing.suits as plan (plan.id)}
						<li class="border-t border-base-300 py-1.5 first:border-t-0 {plan.why ? 'quiet' : ''}">
							<a class="link" href="/plan/{plan.id}">{plan.name}</a>:
							{plan.why ? unsuitedWords[plan.why] : say.itFits()}
						</li>
					{/each}
				</ul>
			</section>
		{/if}
	{/if}
	<form class="sheet flex flex-wrap items-end gap-3 p-4" action="/prepare/things">
		<label class="grid gap-1">
			{say.anotherLabel()}
			<input
				class="field w-full max-w-40 uppercase"
				name="code"
				autocomplete="off"
				autocapitalize="characters"
			/>
		</label>
		<button class="btn">{say.open()}</button>
		<LabelReader />
	</form>
</div>
