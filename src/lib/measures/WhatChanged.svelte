<script lang="ts">
	// What a plan came to when it was saved, and by the measures there are now: two numbers, and what changed.
	import { WhatChanged as say } from '$lib/words/measures';
	import type { Tally } from '$lib/core/estimate/estimate';
	import { roughly, wholeNumber } from '$lib/ui/number-words';

	interface Props {
		plan: {
			readonly id: string;
			readonly name: string;
			readonly then: Tally;
			readonly now: Tally;
		};
	}
	const { plan }: Props = $props();
	const lines = $derived(
		[
			{
				name: 'toCollect' as const,
				label: say.bagsToAskFor(),
				write: (of: number) => wholeNumber(Math.ceil(of))
			},
			{ name: 'hours' as const, label: say.hours(), write: roughly }
		].map(({ name, label, write }) => {
			const [then, now] = [plan.then[name].expected, plan.now[name].expected];
			const percent = then > 0 ? Math.round(100 * (now / then - 1)) : 0;
			return { name, label, then: write(then), now: write(now), percent };
		})
	);
</script>

<section class="sheet grid gap-2 p-4" aria-labelledby="changed" data-changed={plan.name}>
	<h2 id="changed">{say.whatItChanged()}</h2>
	<p><a class="link" href="/plan/{plan.id}">{plan.name}</a></p>
	<dl class="grid grid-cols-2 gap-4">
		{#each lines as { name, label, then, now, percent } (name)}
			<div>
				<dt class="quiet text-[0.9375rem]">{label}</dt>
				<dd class="flex flex-wrap items-baseline gap-x-2">
					<span class="figure quiet text-xl">{then}</span>
					<span aria-hidden="true">→</span><span class="sr-only">{say.now()}</span>
					<strong class="figure text-3xl">{now}</strong>
					<span class="quiet"
						>{percent === 0
							? say.same()
							: say.percent({ percent: `${percent > 0 ? '+' : '−'}${Math.abs(percent)}` })}</span
					>
				</dd>
			</div>
		{/each}
	</dl>
	<p class="quiet text-[0.9375rem]">{say.firstAsSaved()}</p>
</section>
