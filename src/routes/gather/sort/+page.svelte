<script lang="ts">
	import { GatherSortPage as say } from '$lib/words/gather';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import DryingPiles from '$lib/stages/gather/DryingPiles.svelte';
	import FindingDrawing from '$lib/stages/gather/FindingDrawing.svelte';
	import SortedList from '$lib/stages/gather/SortedList.svelte';
	import SortingForm from '$lib/stages/gather/SortingForm.svelte';
	import type { BagFindings } from '$lib/core/gather/grade';
	import { gradeBag } from '$lib/core/gather/grade';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import OlderLinks from '$lib/ui/OlderLinks.svelte';
	import ColourPatterns from '$lib/ui/ColourPatterns.svelte';
	import DoorLots from '$lib/stages/gather/DoorLots.svelte';
	import { Taps, tapsKey } from '$lib/stages/gather/taps.svelte';
	import { onMount, untrack } from 'svelte';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const sorting = untrack(
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
					dried: '',
					by_name: '',
					sure: ''
				},
				getOutbox(),
				form?.entry
			)
	);
	const taps = untrack(() => new Taps(sorting, tapsKey(data.group.groupId)));
	onMount(() => {
		if (!form?.entry && !data.pile) taps.recall();
	});
	// The piles are cleared when their bags are kept, and when their count is typed over.
	$effect(() => taps.settle());
	const lots = $derived(
		data.places.map((place) => ({
			...place,
			hanging: data.drying
				.filter((pile) => pile.place === place.name && !pile.endedAt)
				.reduce((sum, { hanging }) => sum + hanging, 0)
		}))
	);
	const rules: readonly { findings: BagFindings; label: string; act: string }[] = [
		{ findings: {}, label: say.good(), act: say.flattenAndStackIt() },
		{
			findings: { isHoledAtEdge: true },
			label: say.holeAtSeamOrHandles(),
			act: say.thatPartIsTrimmedOff()
		},
		{ findings: { isHoledInBody: true }, label: say.holeInTheBody(), act: say.tooWeakForStrand() },
		{ findings: { isDamp: true }, label: say.damp(), act: say.hangItAndComeBack() },
		{ findings: { isOnlySmelly: true }, label: say.onlySmells(), act: say.rinseItAndHangIt() },
		{
			findings: { isBrittle: true },
			label: say.brittleOrCrumbling(),
			act: say.itFallsApartInThe()
		},
		{
			findings: { isSoiledOrMouldy: true },
			label: say.soiledOrMouldy(),
			act: say.neverAtThisTable()
		}
	];
</script>

<PageTitle />

<ColourPatterns />

<div
	class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_minmax(0,24rem)]"
>
	<SortingForm
		places={data.places.map(({ name }) => name)}
		kinds={data.kinds}
		pile={data.pile}
		form={sorting}
		{taps}
		sent={form?.entry}
	/>

	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<DoorLots
			{lots}
			chosen={sorting.typed.place ?? ''}
			tapped={data.pile ? 0 : taps.all}
			onchoose={(name) => (sorting.typed.place = name)}
		/>
		<section class="sheet p-4" aria-labelledby="rules">
			<h2 id="rules">{say.howToSort()}</h2>
			<ul class="mt-2 grid gap-2">
				{#each rules as { findings, label, act } (label)}
					{@const { grade, reason } = gradeBag(findings)}
					<li class="flex items-center gap-3 text-[0.9375rem]">
						<FindingDrawing {reason} />
						<span>
							<strong>{label}</strong>
							<span class="block"
								>{grade === 'strand'
									? say.goodForStrand()
									: grade === 'reject'
										? say.rejected()
										: grade === 'drying'
											? say.drying()
											: say.stuffingOnly()}: {act}</span
							>
						</span>
					</li>
				{/each}
			</ul>
		</section>
		<DryingPiles piles={data.drying} chosen={data.pile?.id ?? null} />
		<SortedList lines={data.sorted} back={data.back} sent={form?.entry} gives={data.gives}>
			<OlderLinks oldest={data.oldest} isNewest={data.isNewest} part="sorted" />
		</SortedList>
	</div>
</div>
