<script lang="ts">
	import { Judgements as say } from '$lib/words/plan';
	import CircleCheck from '@lucide/svelte/icons/circle-check';
	import Eye from '@lucide/svelte/icons/eye';
	import Wrench from '@lucide/svelte/icons/wrench';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import type { Judgement, Severity } from '$lib/core/judge/judgement';
	import { judgementWords } from '../words/judgement-words';

	const { bench, judgements }: { bench: Bench; judgements: readonly Judgement[] } = $props();
	const marks = { good: CircleCheck, look: Eye, change: Wrench };
	const said: Record<Severity, string> = {
		good: say.good(),
		look: say.checkThis(),
		change: say.betterChanged()
	};
	const colours: Record<Severity, string> = {
		good: 'text-secondary',
		look: 'text-primary',
		change: 'text-error'
	};
</script>

<ul class="grid gap-3">
	{#each judgements as judgement (judgement.code)}
		{@const words = judgementWords(judgement, bench.system, bench.drawn.plan.technique.kind)}
		{@const Mark = marks[judgement.severity]}
		{@const cure = judgement.cure}
		<li class="grid grid-cols-[auto_1fr] gap-x-2 text-[0.9375rem] leading-snug">
			<Mark
				class="mt-0.5 size-5 {colours[judgement.severity]}"
				aria-label={said[judgement.severity]}
				role="img"
			/>
			<div>
				<p>
					<strong>{words.call}.</strong>
					{words.why}
					{#if words.act}<span class="block">{words.act}</span>{/if}
				</p>
				{#if cure}
					<button type="button" class="btn mt-1 h-auto px-3 py-1" onclick={() => bench.patch(cure)}>
						{words.cure ?? say.doThat()}
					</button>
				{/if}
			</div>
		</li>
	{/each}
</ul>
