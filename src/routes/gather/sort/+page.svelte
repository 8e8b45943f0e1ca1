<script lang="ts">
	import DryingPiles from '$lib/stages/gather/DryingPiles.svelte';
	import FindingDrawing from '$lib/stages/gather/FindingDrawing.svelte';
	import SortedList from '$lib/stages/gather/SortedList.svelte';
	import SortingForm from '$lib/stages/gather/SortingForm.svelte';
	import type { BagFindings } from '$lib/core/gather/grade';
	import { gradeBag } from '$lib/core/gather/grade';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
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
</script>

<svelte:head><title>Sorting · Nest Row</title></svelte:head>

<div
	class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,26rem)_minmax(0,1fr)]"
>
	<SortingForm
		places={data.places.map(({ name }) => name)}
		kinds={data.kinds}
		pile={data.pile}
		sent={form?.entry}
	/>

	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<section class="sheet p-4" aria-labelledby="rules">
			<h2 id="rules">Which is which</h2>
			<ul class="mt-2 grid gap-2 @min-[38rem]:grid-cols-2">
				{#each rules as { findings, label, act } (label)}
					{@const { grade, reason } = gradeBag(findings)}
					<li class="flex items-center gap-3 text-[0.9375rem]">
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
		<DryingPiles piles={data.drying} chosen={data.pile?.id ?? null} />
		<SortedList lines={data.sorted} back={data.back} sent={form?.entry} />
	</div>
</div>
