<script lang="ts">
	import { CheckCodePage as say } from '$lib/words/check';
	import { linkTo } from '$lib/ui/offered';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import { formatLength } from '$lib/core/units/format-length';
	import type { Mended } from '$lib/core/check/remedies';
	import TakeBackFold from '$lib/entries/TakeBackFold.svelte';
	import CameBack from '$lib/stages/check/CameBack.svelte';
	import CheckForm from '$lib/stages/check/CheckForm.svelte';
	import CheckMap from '$lib/stages/check/CheckMap.svelte';
	import {
		checkReasonWords,
		resultWords,
		stateWords,
		useWords
	} from '$lib/stages/check/check-words';
	import OddMat from '$lib/stages/check/OddMat.svelte';
	import Remedy from '$lib/stages/check/Remedy.svelte';
	import UnwoundForm from '$lib/stages/check/UnwoundForm.svelte';
	import PressButton from '$lib/stages/making/PressButton.svelte';
	import { momentWords } from '$lib/ui/day-words';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const { mat } = $derived(data);
	const technique = $derived(mat.look?.kind ?? 'crochet');
	const toMend = $derived<Mended[]>(
		mat.last
			? [
					...new Set(mat.last.faults.map(({ kind }) => kind)),
					...(mat.last.goesThrough.some(Boolean) ? (['through'] as const) : [])
				]
			: []
	);
	/** Two checks nearer than this were made by two people who did not know of each other. */
	const justBeforeMs = 10 * 60_000;
	const lengthWords = (mm: number) => formatLength(mm, data.group.lengthSystem, 'mat');
</script>

<PageTitle of={say.check({ code: mat.code })} />

<p class="quiet">{mat.planName}</p>
<p class="flex flex-wrap gap-x-6">
	<span class="inline-flex min-h-11 items-center font-semibold" data-state={mat.state}
		>{stateWords[mat.state]}</span
	>
	<a class="inline-flex min-h-11 link items-center" href="/hand-over/mats/{mat.code}"
		>{say.aboutThisMat()}</a
	>
	{#if mat.state === 'good'}<a class="btn btn-accent" {...linkTo('/hand-over')}>{say.handOver()}</a
		>{/if}
</p>
{#if data.odd}<OddMat code={mat.code} odd={data.odd} />{/if}
{#if mat.state === 'to-mend'}
	{#if mat.last}
		<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-4" aria-labelledby="mending">
			<h2 id="mending" class="text-lg">{say.howToMendIt()}</h2>
			{#each toMend as kind (kind)}<Remedy {kind} {technique} />{/each}
			<PressButton
				type="mended"
				mat={mat.code}
				label={say.mended2()}
				words={say.mended({ code: mat.code })}
				kept={say.mendedCheckItAgain()}
				isMain
			/>
		</section>
	{/if}
{/if}
<div
	class="mt-3 grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_18rem]"
>
	{#if mat.state === 'delivered' || mat.state === 'received'}
		<CameBack code={mat.code} sent={form?.entry} />
	{:else if mat.state !== 'taken-apart'}
		<CheckForm {mat} places={data.places} sent={form?.entry} />
	{:else}<UnwoundForm code={mat.code} filmG={data.filmG} sent={form?.entry} />{/if}
	{#if mat.checks.length > 0}
		<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-4" aria-labelledby="history">
			<h2 id="history" class="text-lg">{say.itsChecks()}</h2>
			<ol class="grid grid-cols-[minmax(0,1fr)] gap-4">
				{#each mat.checks as check, nth (check.id)}
					{@const before = mat.checks[nth + 1]}
					<li data-check={check.result}>
						{#if before && check.at.getTime() - before.at.getTime() < justBeforeMs}
							<p class="font-semibold" data-twice>
								{say.somebodyHadCheckedItJust()}
							</p>
						{/if}
						<p><strong>{resultWords[check.result]}</strong></p>
						<p class="quiet text-[0.9375rem]">
							{say.by({
								moment: momentWords(check.at),
								length: lengthWords(check.widthMm),
								length2: lengthWords(check.lengthMm)
							})}
						</p>
						{#if check.reasons.length > 0}<p>
								{check.reasons.map((one) => checkReasonWords(one, lengthWords)).join('; ')}
							</p>{/if}
						{#if check.uses.length > 0}<p>
								{say.itCanBe({
									uses: check.uses
										.map((use) => useWords(use, check.lengthMm, lengthWords))
										.join('; ')
								})}
							</p>{/if}
						{#if check.why}<p class="break-words">“{check.why}”</p>{/if}
						<TakeBackFold id={check.id} words={say.thisCheck()} sent={form?.entry} />
						{#if check.faults.length > 0 || check.goesThrough.some(Boolean)}
							<CheckMap {mat} goesThrough={check.goesThrough} faults={check.faults} ontap={null} />
						{/if}
					</li>
				{/each}
			</ol>
		</section>
	{/if}
</div>
