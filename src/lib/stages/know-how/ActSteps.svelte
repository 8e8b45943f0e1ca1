<script lang="ts">
	// An act step by step: all steps in their order without scripts; with them one at a time, moving where that is
	// wished, to be stopped, turned back and slowed down.
	import Caution from '$lib/ui/Caution.svelte';
	import SceneView from '$lib/ui/SceneView.svelte';
	import { onMount } from 'svelte';
	import type { ActStep } from './acts';
	import { box } from './acts';

	const { steps }: { steps: readonly ActStep[] } = $props();
	let isOne = $state(false);
	let at = $state(0);
	let isMoving = $state(false);
	let seconds = $state(3);
	const shown = $derived(isOne ? steps.slice(at, at + 1) : steps);
	onMount(() => {
		isOne = true;
	});
	$effect(() => {
		if (!isMoving) return;
		const next = setInterval(() => (at = (at + 1) % steps.length), 1000 * seconds);
		return () => clearInterval(next);
	});
	function go(step: number): void {
		isMoving = false;
		at = Math.max(0, Math.min(steps.length - 1, at + step));
	}
</script>

<ol class="grid gap-4" start={isOne ? at + 1 : 1} aria-live={isMoving ? 'off' : 'polite'}>
	{#each shown as { words, scene, caution }, nth (isOne ? at : nth)}
		{@const number = isOne ? at + 1 : nth + 1}
		<li class="grid grid-cols-[minmax(0,1fr)] gap-2" data-step={number}>
			<SceneView {scene} said="Drawn: {words}" type={box.type} class="w-full max-w-md" />
			<p class="max-w-prose text-xl"><strong>{number} of {steps.length}.</strong> {words}</p>
			{#if caution}<Caution>{caution}</Caution>{/if}
		</li>
	{/each}
</ol>
{#if isOne}
	<div class="mt-4 flex flex-wrap items-center gap-2 print:hidden">
		<button class="btn" disabled={at === 0} onclick={() => go(-1)}>Back</button>
		<button class="btn btn-accent" disabled={at === steps.length - 1} onclick={() => go(1)}
			>Next</button
		>
		<button class="btn" aria-pressed={isMoving} onclick={() => (isMoving = !isMoving)}
			>{isMoving ? 'Stop' : 'Let it move'}</button
		>
		<label class="flex min-h-11 items-center gap-2">
			Seconds a step
			<select class="field w-auto" bind:value={seconds}>
				<option value={2}>2</option>
				<option value={3}>3</option>
				<option value={6}>6</option>
				<option value={12}>12</option>
			</select>
		</label>
	</div>
{/if}
