<script lang="ts">
	// An act step by step: all steps in their order without scripts; with them one at a time, moving, to be stopped,
	// turned back and slowed down.
	import { ActSteps as say } from '$lib/words/know-how';
	import { box } from './lessons/lesson';
	import Caution from '$lib/ui/Caution.svelte';
	import SceneView from '$lib/ui/SceneView.svelte';
	import { keyboard } from '$lib/ui/row-inputs';
	import { Voice } from '$lib/ui/voice.svelte';
	import { flushSync, onMount } from 'svelte';
	import { ActPlayer, sceneAt } from './act-player.svelte';
	import type { ActStep, Mistake } from './lessons/lesson';
	import type { Hand } from './left-hand';

	interface Props {
		steps: readonly ActStep[];
		hand: Hand;
	}
	const { steps, hand }: Props = $props();
	let isOne = $state(false);
	const player = new ActPlayer(() => steps.length);
	const shown = $derived(isOne ? steps.slice(player.at, player.at + 1) : steps);
	const moves = (step: ActStep | undefined): boolean =>
		step !== undefined && 'frames' in step.drawn && step.drawn.frames.length > 1;
	/** What goes wrong at the step that is shown. */
	const goneWrong = $derived(steps[player.at]?.instead);
	const voice = new Voice();
	/** Goes to a step; while it is read aloud, that step is read. */
	function go(step: number): void {
		player.go(step);
		if (voice.isOn) voice.say(steps[player.at]?.words ?? '');
	}
	onMount(() => {
		isOne = true;
		// Hands are busy: a pedal goes on, as it counts rows.
		const deaf = keyboard(window).listen(() => go(player.at + 1));
		const silent = voice.listen();
		return () => {
			player.stop();
			deaf();
			silent();
		};
	});
</script>

<!-- On paper all its steps stand under each other. -->
<svelte:window
	onbeforeprint={() => {
		player.stop();
		flushSync(() => (isOne = false));
	}}
	onafterprint={() => (isOne = true)}
/>

{#snippet gone(instead: readonly Mistake[])}
	<!-- What one sees where it went wrong is drawn like the step itself, and the way back is beside it. -->
	<section class="grid break-inside-avoid gap-3" aria-label={say.wrongLooksLike()} data-wrong>
		<h2 class="text-lg">{say.wrongLooksLike()}</h2>
		<ul class="grid grid-cols-[repeat(auto-fill,minmax(min(100%,15rem),1fr))] gap-3">
			{#each instead as one (one.words)}
				<li class="grid grid-cols-[7.5rem_minmax(0,1fr)] items-start gap-3">
					<SceneView
						scene={sceneAt(one, 1, box, hand)}
						said={say.drawn({ words: one.words })}
						type={box.type}
						class="w-full rounded border-2 border-error/60 bg-base-100"
					/>
					<p class="leading-snug">
						{one.words}
						<strong class="mt-1 block">{one.back}</strong>
					</p>
				</li>
			{/each}
		</ul>
	</section>
{/snippet}

<div
	class="grid grid-cols-[minmax(0,1fr)] gap-x-6 gap-y-4 {isOne && goneWrong
		? '@min-[52rem]:grid-cols-[minmax(0,1fr)_17rem]'
		: ''}"
>
	<div>
		<ol
			class="grid gap-4"
			start={isOne ? player.at + 1 : 1}
			aria-live={player.going === 'all' ? 'off' : 'polite'}
		>
			{#each shown as step, nth (isOne ? player.at : nth)}
				{@const number = isOne ? player.at + 1 : nth + 1}
				<li class="grid grid-cols-[minmax(0,1fr)] gap-2" data-step={number}>
					<!-- Drawing and sentence are seen together, on a phone as well. -->
					<SceneView
						scene={sceneAt(step, isOne ? player.share : 1, box, hand)}
						said={say.drawn({ words: step.words })}
						type={box.type}
						class="mx-auto max-h-[min(45dvh,25rem)] w-[min(100%,calc(min(45dvh,25rem)*5/3))] rounded border border-base-300 bg-base-100 print:max-h-none print:w-full"
					/>
					<p class="max-w-prose text-xl">
						<strong>{say.of({ number, length: steps.length })}</strong>
						{step.words}
					</p>
					{#if step.caution}<Caution>{step.caution}</Caution>{/if}
					{#if !isOne && step.instead}{@render gone(step.instead)}{/if}
				</li>
			{/each}
		</ol>
		{#if isOne}
			<div class="mt-3 flex flex-wrap items-center gap-2 print:hidden">
				<div class="flex w-full max-w-2xl gap-2">
					<button
						class="btn min-h-14 basis-1/4"
						disabled={player.at === 0}
						onclick={() => go(player.at - 1)}>{say.back()}</button
					>
					<button
						class="btn min-h-14 flex-1 text-lg btn-accent"
						disabled={player.at === steps.length - 1}
						onclick={() => go(player.at + 1)}>{say.next()}</button
					>
				</div>
				{#if voice.isThere}
					<button
						class="btn"
						aria-pressed={voice.isOn}
						onclick={() => (voice.isOn ? voice.stop() : voice.say(steps[player.at]?.words ?? ''))}
						>{voice.isOn ? say.stopReading() : say.readAloud()}</button
					>
				{/if}
				<button
					class="btn"
					aria-pressed={player.going === 'all'}
					onclick={() => (player.going === 'all' ? player.stop() : player.play())}
					>{player.going === 'all' ? say.stop() : say.letItMove()}</button
				>
				<label class="flex min-h-11 items-center gap-2">
					{say.secondsAStep()}
					<select class="field w-auto" bind:value={player.seconds}>
						<option value={1.5}>1½</option>
						<option value={3}>3</option>
						<option value={6}>6</option>
						<option value={12}>12</option>
					</select>
				</label>
				<label class="flex min-h-11 w-full max-w-2xl items-center gap-3">
					<span class="shrink-0">{say.howFar()}</span>
					<input
						class="h-11 w-full min-w-0 accent-primary"
						type="range"
						min="0"
						max="100"
						disabled={!moves(steps[player.at])}
						value={Math.round(100 * Math.min(1, player.share))}
						aria-valuetext={say.of100({ round: Math.round(100 * Math.min(1, player.share)) })}
						oninput={(event) => player.hold(Number(event.currentTarget.value) / 100)}
					/>
				</label>
			</div>
		{/if}
	</div>
	{#if isOne && goneWrong}
		<div class="print:hidden">{@render gone(goneWrong)}</div>
	{/if}
</div>
