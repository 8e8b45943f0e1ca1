<script lang="ts">
	// What a hook is chosen for: dense, usual or loose, each with its hook and what the mat then takes.
	import { CrochetFields as say } from '$lib/words/plan';
	import type { TallyName } from '$lib/core/estimate/estimate';
	import { estimatePlan } from '$lib/core/estimate/estimate';
	import { hookIntents, hooksFor, intentOf } from '$lib/core/techniques/crochet/hook-intents';
	import { trimmed } from '$lib/core/units/format-length';
	import { hookName } from '$lib/ui/stitch-words';
	import { intervalWords } from '../words/tally-words';
	import type { Bench } from '../bench/bench.svelte';

	const { bench }: { bench: Bench } = $props();
	const words = {
		dense: [say.dense(), say.forClose()],
		usual: [say.usual(), say.forMost()],
		loose: [say.loose(), say.forOpen()]
	} as const;
	const rows = $derived.by(() => {
		const { plan, estimate } = bench.drawn;
		const { technique } = plan;
		if (technique.kind !== 'crochet') return [];
		const { bulkDiameterMm } = estimate.model.yield;
		if (!(bulkDiameterMm >= 0.5 && bulkDiameterMm <= 15)) return [];
		const found = hooksFor(bulkDiameterMm, technique.stitch, technique.hooksMm);
		const serves = intentOf(technique.hookMm, bulkDiameterMm);
		return hookIntents.map((intent) => {
			const { hookMm, isInRange, cover } = found[intent];
			const own = { ...plan, technique: { ...technique, hookMm } };
			const { tally } = estimatePlan(own, bench.practice);
			const range = (name: TallyName) => intervalWords(tally[name], name, bench.system);
			return {
				intent,
				hookMm,
				isInRange,
				isChosen: serves === intent,
				cover: trimmed(cover, 2),
				bags: range('toPrepare'),
				hours: range('hours')
			};
		});
	});
</script>

{#if rows.length > 0}
	<div class="needs-scripts" role="group" aria-labelledby="hook-for">
		<p class="mb-1 text-[0.9375rem]" id="hook-for">{say.hookFor()}</p>
		<div class="grid gap-2">
			{#each rows as { intent, hookMm, isInRange, isChosen, cover, bags, hours } (intent)}
				<button
					type="button"
					class="btn grid h-auto grid-cols-[auto_1fr] justify-items-start gap-x-3 px-3 py-1.5 text-left font-normal aria-pressed:bg-neutral aria-pressed:text-neutral-content"
					aria-pressed={isChosen}
					data-intent={intent}
					onclick={() => bench.choose({ hook: trimmed(hookMm, 2) })}
				>
					<strong>{words[intent][0]}</strong>
					<span class="text-sm">{words[intent][1]}</span>
					<span class="col-span-2 text-sm"
						>{say.hookTakes({ hook: hookName(hookMm), bags, hours })} · {say.closenessOf({
							cover
						})}{#if !isInRange}. {say.noneServes()}{/if}</span
					>
				</button>
			{/each}
		</div>
		<p class="quiet mt-1 text-sm">{say.lettersDiffer()}</p>
	</div>
{/if}
