<script lang="ts">
	// A fault over the mats that were checked: with which step it comes, and in which technique, bag and week more than elsewhere.
	import { FaultTallyLine as say } from '$lib/words/check';
	import type { FaultTally, OfMats } from '$lib/core/check/fault-tallies';
	import { shortDayWords } from '$lib/ui/day-words';
	import { techniqueWords } from '$lib/ui/technique-words';
	import { faultWords, stepWords } from './check-words';

	const { fault }: { fault: FaultTally } = $props();
	const share = ({ mats, of }: OfMats) => say.of({ mats, of });
	const parts = $derived([
		{
			name: say.byTechnique(),
			lines: fault.byTechnique.map((one) => `${techniqueWords[one.technique]} ${share(one)}`)
		},
		{ name: say.byBag(), lines: fault.byBag.map((one) => `${one.bag} ${share(one)}`) },
		{
			name: say.byWeek(),
			lines: fault.byWeek.map((one) =>
				say.from({ shortDay: shortDayWords(one.week), share: share(one) })
			)
		}
	]);
</script>

<li data-fault={fault.kind}>
	<strong>{faultWords[fault.kind].name}</strong>{say.comesWith({
		share: share(fault),
		stepWords: stepWords[fault.step]
	})}
	<details>
		<summary class="inline-flex min-h-11 cursor-pointer items-center underline underline-offset-3"
			>{say.whereItComes()}<span class="sr-only">: {faultWords[fault.kind].name}</span></summary
		>
		<dl class="text-[0.9375rem]">
			{#each parts as { name, lines } (name)}
				{#if lines.length > 0}
					<dt class="quiet">{name}</dt>
					<dd>{lines.join(', ')}</dd>
				{/if}
			{/each}
		</dl>
	</details>
</li>
