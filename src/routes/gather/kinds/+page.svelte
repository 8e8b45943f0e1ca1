<script lang="ts">
	// The kinds of bag the group knows, each drawn from its measures.
	import { GatherKindsPage as say } from '$lib/words/gather';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import { actTo, linkTo } from '$lib/ui/offered';
	import { enhance } from '$app/forms';
	import KindDrawing from '$lib/stages/gather/KindDrawing.svelte';
	import SameKinds from '$lib/stages/gather/SameKinds.svelte';
	import KindForm from '$lib/stages/gather/KindForm.svelte';
	import { formatLength } from '$lib/core/units/format-length';
	import { formatMass } from '$lib/core/units/format-mass';
	import { filmCall } from '$lib/stages/gather/film-words';
	import { wholeNumber } from '$lib/ui/number-words';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const again = $derived(data.stored.find(({ id }) => id === data.again) ?? null);
	const readable = (mm: number) => formatLength(mm, data.group.lengthSystem, 'bag');
</script>

<PageTitle />

<div
	class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,24rem)_minmax(0,1fr)]"
>
	<div class="grid gap-3">
		{#key again?.id}
			<KindForm
				kind={again && {
					id: again.id,
					name: again.name,
					bag: again,
					handfulCount: again.handfulCount,
					source: again.source
				}}
				from={data.from}
				sent={form?.entry}
			/>
		{/key}
		{#if again}<a class="btn font-normal" href="/gather/kinds">{say.aNewKindInstead()}</a>{/if}
	</div>
	<section class="sheet p-4" aria-labelledby="kinds">
		<h2 id="kinds">{say.yourKindsOfBag()}</h2>
		<p class="quiet mt-1 text-[0.9375rem]">
			{say.allDrawnToTheSame()}
		</p>
		{#if form?.message}<p class="mt-2 font-semibold text-error" role="alert">{form.message}</p>{/if}
		<ul class="mt-3 grid grid-cols-[repeat(auto-fill,minmax(min(100%,20rem),1fr))] gap-4">
			{#each data.stored as kind (kind.id)}
				<li
					class="flex flex-wrap items-start gap-4 border-t border-base-300 pt-3"
					data-kind={kind.name}
				>
					<KindDrawing
						bag={kind}
						scale={0.16}
						label={say.wideHigh({
							name: kind.name,
							readable: readable(kind.flatWidthMm),
							readable2: readable(kind.bodyMm)
						})}
					/>
					<div class="grid min-w-[min(12rem,100%)] flex-1 gap-1 text-[0.9375rem]">
						<h3 class="text-lg font-semibold">{kind.name}</h3>
						<p>
							{say.flatTenWeigh({
								readable: readable(kind.flatWidthMm),
								readable2: readable(kind.bodyMm),
								part: kind.gussetMm > 0 ? say.gussets({ readable: readable(kind.gussetMm) }) : '',
								part2: kind.handleMm > 0 ? say.handles({ readable: readable(kind.handleMm) }) : '',
								formatMass: formatMass(kind.massG * 10, data.group.lengthSystem)
							})}
						</p>
						<p class="quiet">{filmCall(kind).words}</p>
						<p>{say.inTheStore({ bags: wholeNumber(kind.bags) })}</p>
						<div class="flex flex-wrap gap-2">
							<a class="btn px-3 font-normal" href="?again={kind.id}"
								>{say.measureAgain()}<span class="sr-only">: {kind.name}</span></a
							>
							{#if !kind.isUsed}
								<form method="POST" {...actTo('?/remove')} use:enhance>
									<input type="hidden" name="id" value={kind.id} />
									<button class="btn px-3 font-normal"
										>{say.remove()}<span class="sr-only">: {kind.name}</span></button
									>
								</form>
							{/if}
						</div>
					</div>
				</li>
			{/each}
		</ul>
		<SameKinds kinds={data.stored} same={data.same} sent={form?.entry} />
		<p>
			<a class="inline-flex min-h-11 link items-center" {...linkTo('/removed')}>{say.removed()}</a>
		</p>
	</section>
</div>
