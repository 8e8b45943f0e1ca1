<script lang="ts">
	import { keptBags } from './account-view';
	// Deliveries and what each came to, the newest first.
	import { DeliveryTable as say } from '$lib/words/hand-over';
	import { getOutbox } from '$lib/entries/outbox-context';
	import { yearDayWords } from '$lib/ui/day-words';
	import { fixed, wholeNumber } from '$lib/ui/number-words';
	import Table from '$lib/ui/Table.svelte';
	import { areaWords } from '$lib/ui/unit-words';
	import type { DeliveryAccount } from './account-view';

	interface Props {
		deliveries: readonly DeliveryAccount[];
		/** Older ones that are not listed. */
		more: number;
	}
	const { deliveries, more }: Props = $props();
	const outbox = getOutbox();
	const { system } = $derived(outbox.readBy());
	const heads = [
		say.delivery(),
		say.mats(),
		say.area(),
		say.bags(),
		say.pillows(),
		say.plastic(),
		say.hoursTimed(),
		say.hoursEstimated()
	].map((label, at) => ({ label, isFigure: at > 0 }));
</script>

<section class="sheet p-4" aria-labelledby="deliveries">
	<h2 id="deliveries">{say.deliveryByDelivery()}</h2>
	<Table {heads} stacks>
		{#each deliveries as one (one.code)}
			<tr class="border-t border-base-300" data-account={one.code}>
				<td data-label="Delivery">
					<a
						class="inline-flex min-h-11 link items-center"
						href="/hand-over/account?delivery={one.code}"
						>{one.placeName}, {yearDayWords(one.goesOn)}</a
					>
				</td>
				<td class="figure text-right" data-label="Mats">{wholeNumber(one.mats)}</td>
				<td class="figure text-right" data-label="To lie on">{areaWords(one.m2, system)}</td>
				<td class="figure text-right" data-label="Bags"
					>{one.mats > 0 && one.matsUncounted === one.mats && one.pillowBags === 0
						? '–'
						: wholeNumber(keptBags(one))}</td
				>
				<td class="figure text-right" data-label="Pillows">{wholeNumber(one.pillows)}</td>
				<td class="figure text-right" data-label="Film"
					>{say.kg({ filmKg: fixed(one.filmKg, 1) })}</td
				>
				<td class="figure text-right" data-label="Hours timed">{fixed(one.timedHours, 1)}</td>
				<td class="figure text-right" data-label="Hours estimated"
					>{wholeNumber(one.estimatedHours)}</td
				>
			</tr>
		{/each}
	</Table>
	{#if more > 0}<p class="quiet mt-2">
			{say.olderMore2PluralOneOther({ more: wholeNumber(more), more2: more })}
		</p>{/if}
</section>
