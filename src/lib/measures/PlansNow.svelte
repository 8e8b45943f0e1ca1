<script lang="ts">
	// What kept plans come to now, beside what they came to when they were kept.
	import { PlansNow as say } from '$lib/words/measures';
	import Table from '$lib/ui/Table.svelte';
	import type { Tally } from '$lib/core/estimate/estimate';
	import { roughly, wholeNumber } from '$lib/ui/number-words';

	interface Props {
		plans: readonly {
			readonly id: string;
			readonly name: string;
			readonly then: Tally;
			readonly now: Tally;
		}[];
		/** Whose measures the figures are by; null for the group's. */
		maker: string | null;
	}
	const { plans, maker }: Props = $props();
	const word = $derived(maker === null ? 'now' : say.with({ maker }));
</script>

{#snippet interval({ low, high }: Tally['hours'])}
	<span class="quiet block text-sm font-normal">{roughly(low)}–{roughly(high)}</span>
{/snippet}

<section class="sheet p-4" aria-labelledby="plans-now">
	<h2 id="plans-now">{say.plansNowAndWhenThey()}</h2>
	<Table
		heads={[
			say.plan(),
			{ label: say.bagsThen(), isFigure: true },
			{ label: say.bags({ word }), isFigure: true },
			{ label: say.hoursThen(), isFigure: true },
			{ label: say.hours({ word }), isFigure: true }
		]}
		stacks
	>
		{#each plans as { id, name, then, now } (id)}
			<tr data-plan={name}>
				<th scope="row"><a class="link-row" href="/plan/{id}">{name}</a></th>
				<td class="figure quiet text-right" data-label="Bags then"
					>{wholeNumber(Math.ceil(then.toCollect.expected))}</td
				>
				<td class="figure text-right font-semibold" data-now data-label="Bags {word}"
					>{wholeNumber(Math.ceil(now.toCollect.expected))}{@render interval(now.toCollect)}</td
				>
				<td class="figure quiet text-right" data-label="Hours then"
					>{roughly(then.hours.expected)}</td
				>
				<td class="figure text-right font-semibold" data-label="Hours {word}"
					>{roughly(now.hours.expected)}{@render interval(now.hours)}</td
				>
			</tr>
		{/each}
	</Table>
</section>
