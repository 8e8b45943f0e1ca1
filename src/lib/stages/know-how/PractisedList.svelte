<script lang="ts">
	// What can be practised, and when each comes back to whoever practises here.
	import type { ExerciseKind } from '$lib/core/know-how/exercises';
	import { exerciseKinds } from '$lib/core/know-how/exercises';
	import { onMount } from 'svelte';
	import { exerciseNames } from './links/exercise-names';
	import type { KindAnswered } from './practice-log';
	import { readLog, repeatsOf, repeatWords } from './practice-log';

	interface Props {
		/** What was practised under a name; null where it is kept on this device. */
		named: readonly KindAnswered[] | null;
		/** Answers given here that are not in what was read yet. */
		ahead?: readonly KindAnswered[];
		current?: ExerciseKind | null;
	}
	const { named, ahead = [], current = null }: Props = $props();
	let here = $state<readonly KindAnswered[]>([]);
	let opened = $state(0);
	/** The moment of the last answer, or when the page was opened; 0 before it is. */
	const now = $derived(Math.max(opened, ahead.at(-1)?.at ?? 0));
	onMount(() => {
		here = readLog(localStorage);
		opened = Date.now();
	});
	const repeats = $derived(repeatsOf([...(named ?? here), ...ahead]));
</script>

<ul data-practised>
	{#each exerciseKinds as kind (kind)}
		<li class="flex flex-wrap items-center gap-x-3 border-t border-base-300 first:border-t-0">
			<a
				class="inline-flex min-h-11 link items-center"
				href="/know-how/practice?kind={kind}"
				aria-current={kind === current ? 'true' : undefined}>{exerciseNames[kind]}</a
			>
			{#if now > 0}<span class="quiet text-[0.9375rem]" data-back={kind}
					>{repeatWords(repeats.get(kind), now)}</span
				>{/if}
		</li>
	{/each}
</ul>
