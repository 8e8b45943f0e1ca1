<script lang="ts">
	// Every call in a line; the whole of it stands in the step it concerns.
	import { CallList as say } from '$lib/words/plan';
	import CircleCheck from '@lucide/svelte/icons/circle-check';
	import Eye from '@lucide/svelte/icons/eye';
	import Wrench from '@lucide/svelte/icons/wrench';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import { judgementWords } from '$lib/stages/plan/words/judgement-words';

	const { bench }: { bench: Bench } = $props();
	const marks = { good: CircleCheck, look: Eye, change: Wrench };
	const colours = { good: 'text-secondary', look: 'text-primary', change: 'text-error' };
	const said = { good: 'good', look: say.worthALook(), change: say.betterChanged() };
	const calls = $derived(bench.drawn.estimate.judgements);
</script>

<ul class="grid gap-1">
	{#each calls as judgement (judgement.code)}
		{@const words = judgementWords(judgement, bench.system, bench.drawn.plan.technique.kind)}
		{@const Mark = marks[judgement.severity]}
		<li>
			<button
				type="button"
				class="flex min-h-11 w-full items-start gap-2 rounded-lg px-1 py-1.5 text-left text-[0.9375rem] leading-snug hover:bg-base-200"
				onclick={() => bench.open(judgement.subject)}
			>
				<Mark class="mt-0.5 size-5 shrink-0 {colours[judgement.severity]}" aria-hidden="true" />
				<span>
					<strong>{words.call}.</strong>
					{judgement.severity === 'good' ? words.why : ''}
					<span class="sr-only">{say.inTheStep({ said: said[judgement.severity] })}</span>
					<span class="quiet block text-sm capitalize">{judgement.subject}</span>
				</span>
			</button>
		</li>
	{/each}
</ul>
