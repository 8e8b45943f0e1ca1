<script lang="ts">
	import { enhance } from '$app/forms';
	import Caution from '$lib/components/Caution.svelte';
	import EntryField from '$lib/components/gather/EntryField.svelte';
	import EntrySelect from '$lib/components/gather/EntrySelect.svelte';
	import FindingDrawing from '$lib/components/gather/FindingDrawing.svelte';
	import { colourNames } from '$lib/core/colour/colours';
	import type { BagFindings } from '$lib/core/gather/grade';
	import { gradeBag } from '$lib/core/gather/grade';
	import { getQueue } from '$lib/gather/queue-context';
	import { TypedForm } from '$lib/gather/typed-form.svelte';
	import { untrack } from 'svelte';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	const queue = getQueue();
	const form = untrack(
		() =>
			new TypedForm(
				'sorting',
				{
					place: data.places[0]?.name ?? '',
					kind: data.kinds[0]?.id ?? '',
					colour: 'white',
					strand: '',
					stuffing: '',
					drying: '',
					rejected: '',
					look_again: '2',
					by_name: ''
				},
				data.group.lengthSystem,
				queue
			)
	);
	const rules: readonly { findings: BagFindings; label: string; act: string }[] = [
		{ findings: {}, label: 'Sound', act: 'flatten and stack it' },
		{
			findings: { isHoledAtEdge: true },
			label: 'Hole at seam or handles',
			act: 'that part is trimmed off'
		},
		{ findings: { isHoledInBody: true }, label: 'Hole in the body', act: 'too weak for strand' },
		{ findings: { isDamp: true }, label: 'Damp', act: 'hang it, and come back' },
		{ findings: { isOnlySmelly: true }, label: 'Only smells', act: 'rinse it and hang it' },
		{
			findings: { isBrittle: true },
			label: 'Brittle or crumbling',
			act: 'it falls apart in the mat'
		},
		{ findings: { isSoiledOrMouldy: true }, label: 'Soiled or mouldy', act: 'never at this table' }
	];
	const time = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });
</script>

<svelte:head><title>Sorting · Nest Row</title></svelte:head>

<div class="grid items-start gap-4 lg:grid-cols-[minmax(0,26rem)_minmax(0,1fr)]">
	<form
		class="sheet grid gap-3 p-4"
		onsubmit={(event) => {
			event.preventDefault();
			void form.submit(`${form.typed.strand || 0} ${form.typed.colour} bags for strand`, [
				'place',
				'kind',
				'colour',
				'look_again',
				'by_name'
			]);
		}}
	>
		<h2>Sorted into</h2>
		<EntryField
			{form}
			field="place"
			label="Bags from"
			offers={data.places.map(({ name }) => name)}
		/>
		<div class="grid grid-cols-2 gap-3">
			<EntrySelect
				{form}
				field="kind"
				label="Kind"
				options={data.kinds.map(({ id, name }) => ({ value: id, label: name }))}
			/>
			<EntrySelect
				{form}
				field="colour"
				label="Colour"
				options={colourNames.map((name) => ({ value: name, label: name }))}
			/>
		</div>
		<div class="grid grid-cols-2 gap-3">
			<EntryField {form} field="strand" label="Good for strand" inputmode="numeric" />
			<EntryField {form} field="stuffing" label="Stuffing only" inputmode="numeric" />
			<EntryField {form} field="drying" label="Drying" inputmode="numeric" />
			<EntryField {form} field="rejected" label="Rejected" inputmode="numeric" />
		</div>
		{#if Number(form.typed.drying) > 0}
			<EntryField
				{form}
				field="look_again"
				label="Look again in, hours"
				inputmode="numeric"
				hint="Pouches that held liquid dry open for an hour or more"
			/>
		{/if}
		<EntryField {form} field="by_name" label="Sorted by, if they like" />
		<button class="btn btn-accent">Into the store</button>
		<p role="status" class="font-semibold text-secondary">{form.said}</p>
		<Caution>
			Gloves or washed hands; soiled and mouldy bags leave the table at once. Your hall's hygiene
			rules come first.
		</Caution>
	</form>

	<div class="grid gap-4">
		<section class="sheet p-4" aria-labelledby="rules">
			<h2 id="rules">Which is which</h2>
			<ul class="mt-2 grid gap-2 sm:grid-cols-2">
				{#each rules as { findings, label, act } (label)}
					{@const { grade, reason } = gradeBag(findings)}
					<li class="flex items-center gap-3 text-[15px]">
						<FindingDrawing {reason} />
						<span>
							<strong>{label}</strong>
							<span class="block"
								>{grade === 'strand'
									? 'good for strand'
									: grade === 'reject'
										? 'rejected'
										: grade === 'drying'
											? 'drying'
											: 'stuffing only'}: {act}</span
							>
						</span>
					</li>
				{/each}
			</ul>
		</section>
		<section class="sheet p-4" aria-labelledby="drying-now">
			<h2 id="drying-now">Hanging to dry</h2>
			{#if data.drying.length === 0}
				<p class="mt-2 text-[15px]">Nothing is drying.</p>
			{/if}
			<ul>
				{#each data.drying as { id, place, drying, lookAgainAt } (id)}
					<li class="flex flex-wrap items-center gap-3 border-t border-base-300 py-2 text-[15px]">
						<span class="flex-1">{drying} from {place}: look again {time.format(lookAgainAt)}</span>
						<form method="POST" action="?/looked" use:enhance>
							<input type="hidden" name="id" value={id} />
							<button class="btn">Looked again</button>
						</form>
					</li>
				{/each}
			</ul>
		</section>
	</div>
</div>
