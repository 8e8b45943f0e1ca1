<script lang="ts">
	import { PlanPage as say } from '$lib/words/plan';
	import PlanBench from '$lib/stages/plan/PlanBench.svelte';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
</script>

<PlanBench
	group={data.group}
	initial={form ?? data}
	practice={data.practice}
	kinds={data.kinds}
	tools={data.tools}
	tool={data.tool}
	isAnswer={form !== null}
	key={form?.key ?? data.key}
	nameProblem={form?.problems.name}
	message={form?.isGone
		? say.thatPlanWasDeletedMeanwhile()
		: (form?.message ?? data.linkProblem ?? undefined)}
	step={data.step}
>
	{#snippet notice()}
		{#if form?.theirs}
			<div class="mb-3 grid gap-3 rounded-lg border-2 border-primary bg-base-100 p-4" role="alert">
				<p>
					<strong>{say.thisWasKeptAlreadyAnd()}</strong>
					{say.theSavedPlanIsVersion({ name: form.theirs.name, version: form.theirs.version })}
				</p>
				<p class="flex flex-wrap gap-3">
					<button class="btn btn-accent" name="anew" value="yes">{say.keepMineAsASecond()}</button>
					<a class="btn" href="/plan/{form.theirs.id}">{say.openTheSavedPlan()}</a>
				</p>
			</div>
		{/if}
	{/snippet}
	{#snippet links()}<a class="btn btn-ghost px-3 font-normal" href="/plans">{say.plans()}</a
		>{/snippet}
</PlanBench>
