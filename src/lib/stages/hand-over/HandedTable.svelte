<script lang="ts">
	// The mats of a delivery, each with its own figures.
	import { HandedTable as say } from '$lib/words/hand-over';
	import { getOutbox } from '$lib/entries/outbox-context';
	import { fixed, wholeNumber } from '$lib/ui/number-words';
	import Table from '$lib/ui/Table.svelte';
	import { areaWords } from '$lib/ui/unit-words';
	import type { HandedMat } from './account-view';
	import { sizeWords } from './hand-over-words';

	const { mats }: { mats: readonly HandedMat[] } = $props();
	const outbox = getOutbox();
	const { system } = $derived(outbox.readBy());
	const heads = [
		say.mat(),
		say.size(),
		say.area(),
		say.bags(),
		say.plastic(),
		say.hoursTimed(),
		say.hoursEstimated(),
		say.pillow()
	].map((label, at) => ({ label, isFigure: at > 0 && at < 7 }));
</script>

<section class="sheet p-4" aria-labelledby="mats">
	<h2 id="mats">{say.matByMat()}</h2>
	<Table {heads} stacks>
		{#each mats as mat (mat.code)}
			<tr class="border-t border-base-300" data-handed={mat.code}>
				<td data-label="Mat">
					<a class="inline-flex min-h-11 link items-center" href="/hand-over/mats/{mat.code}"
						>{mat.code}, {mat.planName}</a
					>
				</td>
				<td class="text-right" data-label="Size">{sizeWords(mat, system)}</td>
				<td class="figure text-right" data-label="To lie on"
					>{areaWords((mat.widthMm * mat.lengthMm) / 1_000_000, system)}</td
				>
				<td class="figure text-right" data-label="Bags"
					>{mat.bags === null ? '–' : wholeNumber(mat.bags)}</td
				>
				<td class="figure text-right" data-label="Film"
					>{mat.filmG === null ? '–' : say.kg({ filmG: fixed(mat.filmG / 1000, 2) })}</td
				>
				<td class="figure text-right" data-label="Hours timed">{fixed(mat.timedHours, 1)}</td>
				<td class="figure text-right" data-label="Hours estimated"
					>{wholeNumber(mat.estimatedHours)}</td
				>
				<td data-label="Pillow">{mat.pillow ?? '–'}</td>
			</tr>
		{/each}
	</Table>
</section>
