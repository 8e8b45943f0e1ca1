<script lang="ts">
	import { CheckPage as say } from '$lib/words/check';
	import EmptyState from '$lib/ui/EmptyState.svelte';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import CheckList from '$lib/stages/check/CheckList.svelte';
	import FaultTallyLine from '$lib/stages/check/FaultTallyLine.svelte';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	const percent = (share: number) => Math.round(share * 100);
</script>

<PageTitle />

<div
	class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_18rem]"
>
	<section class="grid grid-cols-[minmax(0,1fr)] gap-3" aria-labelledby="made">
		<h2 id="made">
			{data.mats.length === 0
				? say.noMatsToCheck()
				: data.mats.length === 1
					? say.oneMatToCheckOr()
					: say.matsToCheckOrMend({ length: data.mats.length })}
		</h2>
		{#if data.mats.some(({ state }) => state !== 'to-mend')}<p>
				<a
					class="inline-flex min-h-11 link items-center"
					href="/check/sheet.pdf"
					data-sveltekit-reload>{say.aSheetToCheckThem()}</a
				>
			</p>{/if}
		<p>
			<a
				class="inline-flex min-h-11 link items-center"
				href="/photo/sheet.pdf"
				data-sveltekit-reload>{say.aMeasuringSheet()}</a
			>
		</p>
		{#if data.mats.length > 0}<CheckList mats={data.mats} />
		{:else}<EmptyState words={say.aMatComesHereOnce()} href="/make" act={say.make()} />{/if}
	</section>
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<p class="sheet p-4">
			<a class="inline-flex min-h-11 link items-center" href="/know-how/faults"
				>{say.whatIsWrongWithThis()}</a
			>
			<span class="quiet block text-[0.9375rem]">{say.fromWhatOneSeesTo()}</span>
		</p>
		<section class="sheet p-4" aria-labelledby="accepted" data-acceptance>
			<h2 id="accepted" class="text-lg">{say.goodAtOnce()}</h2>
			<p>
				{#if data.acceptance.checked === 0}{say.noMatWasCheckedYet()}{:else}{say.of100MatsToIsthin({
						percent: percent(data.acceptance.expected),
						percent2: percent(data.acceptance.low),
						percent3: percent(data.acceptance.high),
						isThin: data.acceptance.isThin ? 'yes' : 'no'
					})}{/if}
			</p>
		</section>
		{#if data.faults.length > 0}
			<section class="sheet p-4" aria-labelledby="steps">
				<h2 id="steps" class="text-lg">{say.whatToShowAgain()}</h2>
				<ul class="grid gap-2">
					{#each data.faults as fault (fault.kind)}<FaultTallyLine {fault} />{/each}
				</ul>
				<p class="quiet mt-2 text-[0.9375rem]">
					{say.fromRecentFirstChecksNobody()}
				</p>
			</section>
		{/if}
	</div>
</div>
