<script lang="ts">
	// What a label is on: it opens from the square code, on a phone beside the table.
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

<svelte:head
	><title>{thing ? `${thing.sort} ${thing.code}` : 'A label'} · Nest Row</title></svelte:head
>
<ColourPatterns />

<div class="mx-auto grid max-w-2xl grid-cols-[minmax(0,1fr)] gap-4">
	{#if !thing}
		<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-5">
			<h2>{data.typed}</h2>
			<p role="alert" data-problem>{data.problem}</p>
		</section>
	{:else}
		<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-5" aria-labelledby="thing">
			<div class="flex flex-wrap items-center gap-4">
				{#if ball}<BallFigure colours={ball.colours} size={88} />{/if}
				<div class="max-w-full">
					<h2 class="figure text-2xl tracking-wider" id="thing">{thing.code}</h2>
					<p class="text-lg">
						{#if ball}{ballColours(ball)} {thing.sort}{:else}a {thing.sort}{/if}{#if thing.state === null}<strong
								>: taken back, it was never made</strong
							>{/if}
					</p>
				</div>
			</div>
			{#if ball}
				<dl class="grid gap-x-4 gap-y-1 wrap-anywhere @min-[24rem]:grid-cols-[auto_minmax(0,1fr)]">
					<dt class="quiet">Of</dt>
					<dd>{wholeNumber(ball.bags)} bags, {ball.kind}</dd>
					<dt class="quiet">Colours in order</dt>
					<dd>
						{ball.colours.map(({ colour, bags }) => `${colour} ${wholeNumber(bags)}`).join(', ')}
					</dd>
					<dt class="quiet">Cut</dt>
					<dd>{labelCutWords(ball, system)}, {wholeNumber(ball.pieces)} pieces</dd>
					<dt class="quiet">Strand</dt>
					<dd data-metres>
						{metresWords(ball, system)}{ball.massG === null
							? ', by its pieces'
							: `, weighed: ${massWords(ball.massG, system)}`}
					</dd>
					<dt class="quiet">Film</dt>
					<dd>{massWords(ball.filmMg / 1000, system)}</dd>
					{#if ball.planName}
						<dt class="quiet">Wound for</dt>
						<dd>{ball.planName}</dd>
					{/if}
				</dl>
			{/if}
			{#if data.mat}
				<p>
					On the loom, by {data.mat.planName}: {data.mat.strands} of {data.mat.warpStrands} strands of
					warp laid.
				</p>
			{/if}
			<ul class="text-[0.9375rem]">
				{#each thing.happened as one, nth (nth)}
					<li class={one.isTakenBack ? 'line-through' : ''}>
						{happenedWords[one.what]}
						{momentWords(one.at)}{one.byName ? `, by ${one.byName}` : ''}
					</li>
				{/each}
			</ul>
			{#if ball}
				<a
					class="btn justify-self-start"
					{...linkTo(`/prepare/labels.pdf?code=${thing.code}`)}
					data-sveltekit-reload>Print its label again</a
				>
			{/if}
		</section>
		{#if thing.suits.length > 0}
			<section class="sheet p-5" aria-labelledby="suits">
				<h2 id="suits">Which plans it fits</h2>
				<ul class="mt-2">
					{#each thing.suits as plan (plan.id)}
						<li class="border-t border-base-300 py-1.5 first:border-t-0 {plan.why ? 'quiet' : ''}">
							<a class="link" href="/plan/{plan.id}">{plan.name}</a>:
							{plan.why ? unsuitedWords[plan.why] : 'it fits'}
						</li>
					{/each}
				</ul>
			</section>
		{/if}
	{/if}
	<form class="sheet flex flex-wrap items-end gap-3 p-4" action="/prepare/things">
		<label class="grid gap-1">
			Another label
			<input
				class="field w-full max-w-40 uppercase"
				name="code"
				autocomplete="off"
				autocapitalize="characters"
			/>
		</label>
		<button class="btn">Open it</button>
	</form>
</div>
