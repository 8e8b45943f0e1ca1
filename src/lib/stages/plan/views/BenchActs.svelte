<script lang="ts">
	// The acts at the end of the tally: back, forward, pin, keep.
	import { BenchActs as say } from '$lib/words/plan';
	import { pressOf, pressTo } from '$lib/ui/offered';
	import Pin from '@lucide/svelte/icons/pin';
	import Redo from '@lucide/svelte/icons/redo-2';
	import Undo from '@lucide/svelte/icons/undo-2';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';

	interface Props {
		bench: Bench;
		isPinned: boolean;
		isKeeping: boolean;
		onpin: () => void;
	}
	const { bench, isPinned, isKeeping, onpin }: Props = $props();
	const look = 'btn btn-square btn-ghost text-neutral-content hover:text-base-content';
</script>

<div class="no-print flex flex-wrap items-center gap-1">
	<noscript>
		<button class="btn" {...pressTo('?/work')}>{say.calculate()}</button>
	</noscript>
	<button
		type="button"
		class={look}
		aria-label={say.undo()}
		disabled={!bench.canUndo}
		onclick={() => bench.undo()}><Undo class="size-5" /></button
	>
	<button
		type="button"
		class={look}
		aria-label={say.redo()}
		disabled={!bench.canRedo}
		onclick={() => bench.redo()}><Redo class="size-5" /></button
	>
	<button
		type="button"
		class="{look} @max-[40rem]:hidden"
		onclick={onpin}
		disabled={isPinned}
		aria-label={isPinned ? say.comparing() : say.compareWithThis()}
		title={say.compareSeeHowFarEvery()}><Pin class="size-5" /></button
	>
	<button class="btn btn-accent" {...pressOf('?/keep')} aria-busy={isKeeping}
		>{say.savePlan()}</button
	>
</div>
