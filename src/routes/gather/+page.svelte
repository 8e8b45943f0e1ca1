<script lang="ts">
	import Caution from '$lib/components/Caution.svelte';
	import EntryField from '$lib/components/gather/EntryField.svelte';
	import EntrySelect from '$lib/components/gather/EntrySelect.svelte';
	import ScalePanel from '$lib/components/gather/ScalePanel.svelte';
	import { rejectRate } from '$lib/core/gather/reject-rate';
	import { readWeighing } from '$lib/gather/entries';
	import { FormReader } from '$lib/gather/form-reader';
	import { getQueue } from '$lib/gather/queue-context';
	import { TypedForm } from '$lib/gather/typed-form.svelte';
	import { roughly, wholeNumber } from '$lib/plan/number-words';
	import { untrack } from 'svelte';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	const queue = getQueue();
	const form = untrack(
		() =>
			new TypedForm(
				'drop-off',
				{
					place: '',
					came_on: data.today,
					brought_by: '',
					sacks: '',
					method: 'hand',
					bags: '',
					batches: '',
					batch_size: '20',
					loose: '',
					gross: '',
					tare: '',
					handfuls: '',
					bags_each: '10',
					scale_error: '2 g',
					note: ''
				},
				data.group.lengthSystem,
				queue
			)
	);
	const method = $derived(form.typed.method);
	/** The count of the box while it is being typed; nothing until it is whole. */
	const weighed = $derived.by(() => {
		if (method !== 'weight') return null;
		const read = new FormReader(form.typed, data.group.lengthSystem);
		return readWeighing(read)?.count ?? null;
	});
	const take = (field: 'gross' | 'tare' | 'handful', grams: string) => {
		if (field === 'handful')
			form.typed.handfuls = `${form.typed.handfuls ?? ''} ${grams.replace(' g', '')}`.trim();
		else form.typed[field] = grams;
	};
	const isRough = (line: { bagsLow: number; bagsHigh: number }) =>
		line.bagsHigh - line.bagsLow > 0.5;
	const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' });
</script>

<svelte:head><title>Gather · Nest Row</title></svelte:head>

<div class="grid items-start gap-4 lg:grid-cols-[minmax(0,26rem)_minmax(0,1fr)]">
	<form
		class="sheet grid gap-3 p-4"
		onsubmit={(event) => {
			event.preventDefault();
			void form.submit(`bags from ${form.typed.place || 'a place'}`, [
				'came_on',
				'method',
				'tare',
				'bags_each',
				'scale_error'
			]);
		}}
	>
		<h2>Bags came in</h2>
		<EntryField {form} field="place" label="From" offers={data.places.map(({ name }) => name)} />
		<div class="grid grid-cols-2 gap-3">
			<EntryField {form} field="came_on" label="On" type="date" />
			<EntryField {form} field="sacks" label="Sacks" inputmode="numeric" />
		</div>
		<EntryField {form} field="brought_by" label="Brought by, if they like" />
		<EntrySelect
			{form}
			field="method"
			label="Counted"
			options={[
				{ value: 'hand', label: 'by hand' },
				{ value: 'batches', label: 'in batches' },
				{ value: 'weight', label: 'by weight' }
			]}
		/>
		{#if method === 'hand'}
			<EntryField {form} field="bags" label="Bags" inputmode="numeric" />
		{:else if method === 'batches'}
			<div class="grid grid-cols-3 gap-3">
				<EntryField {form} field="batches" label="Batches" inputmode="numeric" />
				<EntryField {form} field="batch_size" label="In each" inputmode="numeric" />
				<EntryField {form} field="loose" label="Loose" inputmode="numeric" />
			</div>
		{:else}
			<ScalePanel onuse={take} />
			<div class="grid grid-cols-2 gap-3">
				<EntryField {form} field="gross" label="Full box weighs" hint="g or kg" />
				<EntryField {form} field="tare" label="Empty box weighs" />
			</div>
			<EntryField
				{form}
				field="handfuls"
				label="Handfuls weighed, g"
				hint="one after the other, with spaces"
			/>
			<div class="grid grid-cols-2 gap-3">
				<EntryField {form} field="bags_each" label="Bags in a handful" inputmode="numeric" />
				<EntryField {form} field="scale_error" label="Scale good to" />
			</div>
			{#if weighed}
				<p class="rounded-lg bg-base-200 p-3" role="status" data-count>
					<strong class="figure text-xl">{wholeNumber(weighed.bags)} bags</strong>,
					{roughly(weighed.low)}–{roughly(weighed.high)} four times in five.
					{#if weighed.moreToWeigh === 0}
						That is within 3 %.
					{:else if weighed.moreToWeigh === null}
						Count by hand for ±3 %: no sample would do.
					{:else}
						Weigh {weighed.moreToWeigh} more bags for ±3 %.
					{/if}
				</p>
			{/if}
		{/if}
		<EntryField {form} field="note" label="Note" />
		<button class="btn btn-accent">Keep it</button>
		<p role="status" class="font-semibold text-secondary">{form.said}</p>
		<Caution>
			Gloves or washed hands for used bags; nothing mouldy, nothing from medical or chemical use.
			Lift full sacks with two. Keep bags away from babies and small children.
		</Caution>
	</form>

	<div class="grid gap-4">
		<section class="sheet p-4" aria-labelledby="places">
			<h2 id="places">Where they come from</h2>
			{#if data.places.length === 0}
				<p class="mt-2">No place yet. The first bags that come in name one.</p>
			{:else}
				<div class="overflow-x-auto">
					<table class="w-full text-left text-[15px]">
						<thead class="quiet"
							><tr>
								<th class="py-1 pr-3 font-normal" scope="col">Place</th>
								<th class="px-3 text-right font-normal" scope="col">Bags so far</th>
								<th class="px-3 text-right font-normal" scope="col">Sorted</th>
								<th class="px-3 text-right font-normal" scope="col">No good for strand</th>
								<th class="pl-3 font-normal" scope="col">Last</th>
							</tr></thead
						>
						<tbody>
							{#each data.places as place (place.id)}
								<tr class="border-t border-base-300" data-place={place.name}>
									<th class="py-1.5 pr-3 font-semibold" scope="row">{place.name}</th>
									<td class="figure px-3 text-right">{wholeNumber(place.bags)}</td>
									<td class="figure px-3 text-right">{wholeNumber(place.sorted)}</td>
									<td class="figure px-3 text-right">{Math.round(rejectRate(place) * 100)} %</td>
									<td class="quiet pl-3"
										>{place.lastCame ? day.format(new Date(place.lastCame)) : ''}</td
									>
								</tr>
							{/each}
						</tbody>
					</table>
				</div>
			{/if}
		</section>
		<section class="sheet p-4" aria-labelledby="came">
			<h2 id="came">What came in</h2>
			{#if data.dropOffs.length === 0}
				<p class="mt-2">Nothing yet. Count what is at the door and keep it here.</p>
			{:else}
				<div class="overflow-x-auto">
					<table class="w-full text-left text-[15px]">
						<thead class="quiet"
							><tr>
								<th class="py-1 pr-3 font-normal" scope="col">On</th>
								<th class="px-3 font-normal" scope="col">From</th>
								<th class="px-3 text-right font-normal" scope="col">Bags</th>
								<th class="px-3 font-normal" scope="col">Counted</th>
							</tr></thead
						>
						<tbody>
							{#each data.dropOffs as line (line.id)}
								<tr class="border-t border-base-300">
									<td class="py-1.5 pr-3 whitespace-nowrap">{day.format(new Date(line.cameOn))}</td>
									<td class="px-3">
										{line.place}
										{#if line.note}<span class="quiet block text-sm">{line.note}</span>{/if}
									</td>
									<td class="figure px-3 text-right font-semibold">
										{wholeNumber(line.bags)}
										{#if isRough(line)}<span class="quiet block text-sm font-normal"
												>{roughly(line.bagsLow)}–{roughly(line.bagsHigh)}</span
											>{/if}
									</td>
									<td class="px-3"
										>{line.method === 'hand'
											? 'by hand'
											: line.method === 'weight'
												? 'by weight'
												: 'in batches'}</td
									>
								</tr>
							{/each}
						</tbody>
					</table>
				</div>
			{/if}
		</section>
	</div>
</div>
