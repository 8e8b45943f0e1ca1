<script lang="ts">
	import { PlanIdPage as say } from '$lib/words/plan';
	import { pressTo } from '$lib/ui/offered';
	import Download from '@lucide/svelte/icons/download';
	import PlanBench from '$lib/stages/plan/PlanBench.svelte';
	import { wholeNumber } from '$lib/ui/number-words';
	import { momentWords } from '$lib/ui/day-words';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const theirs = $derived(form?.theirs);
	const kept = $derived(form?.kept);
</script>

{#key data.id}
	<PlanBench
		title={data.name}
		group={data.group}
		initial={form ?? data}
		practice={data.practice}
		kinds={data.kinds}
		tools={data.tools}
		planId={data.id}
		isAnswer={Boolean(form) && !kept}
		version={theirs ? (form?.version ?? data.version) : data.version}
		key={form && !kept ? form.key : data.key}
		nameProblem={form?.problems.name}
		message={form?.message}
		keptAs={form ? kept : data.keptAs}
	>
		{#snippet notice()}
			{#if theirs}
				<div
					class="mb-3 grid gap-3 rounded-lg border-2 border-primary bg-base-100 p-4"
					role="alert"
				>
					<p>
						<strong>{say.someoneElseSavedThisPlan()}</strong>
						{say.whatStandsThereSinceIs({
							moment: momentWords(theirs.updatedAt),
							name: theirs.name,
							version: theirs.version,
							ceil: wholeNumber(Math.ceil(theirs.figures.toCollect.expected))
						})}
					</p>
					<p class="flex flex-wrap gap-3">
						<button class="btn" name="over" value={theirs.version}>{say.replaceItWithMine()}</button
						>
						<button class="btn btn-accent" {...pressTo('?/copy')}>{say.keepMineAsASecond()}</button>
						<a class="btn" href="/plan/{data.id}" data-sveltekit-reload>{say.useTheirs()}</a>
					</p>
				</div>
			{:else if form?.isGone}
				<div
					class="mb-3 grid gap-3 rounded-lg border-2 border-primary bg-base-100 p-4"
					role="alert"
				>
					<p>
						<strong>{say.thisPlanWasDeletedMeanwhile()}</strong>
						{say.yoursIsNotSavedYet()}
					</p>
					<p class="flex flex-wrap gap-3">
						<button class="btn btn-accent" {...pressTo('?/copy')}>{say.saveAsANewPlan()}</button>
						<a class="btn" href="/plans">{say.toTheList()}</a>
					</p>
				</div>
			{/if}
		{/snippet}
		{#snippet links()}
			<a
				class="btn btn-square btn-ghost"
				href="/plan/{data.id}/file"
				download
				aria-label={say.saveAsAFile()}
				title={say.saveAsAFile()}><Download class="size-5" /></a
			>
			<a class="btn btn-ghost px-3 font-normal" href="/plans">{say.plans()}</a>
		{/snippet}
	</PlanBench>
{/key}
