<script lang="ts">
	import PageTitle from '$lib/ui/PageTitle.svelte';
	import PlanBench from '$lib/stages/plan/PlanBench.svelte';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
</script>

<PageTitle />

<PlanBench
	heading="Plan a mat"
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
		? 'That plan was deleted meanwhile. Keep it once more to have it back.'
		: (form?.message ?? data.linkProblem ?? undefined)}
	step={data.step}
>
	{#snippet notice()}
		{#if form?.theirs}
			<div class="mb-3 grid gap-3 rounded-lg border-2 border-primary bg-base-100 p-4" role="alert">
				<p>
					<strong>This was kept already, and has changed since.</strong> What stands there is “{form
						.theirs.name}”, version {form.theirs.version}. What you have here is not kept yet.
				</p>
				<p class="flex flex-wrap gap-3">
					<button class="btn btn-accent" name="anew" value="yes">Keep mine as a second plan</button>
					<a class="btn" href="/plan/{form.theirs.id}">Look at what stands there</a>
				</p>
			</div>
		{/if}
	{/snippet}
	{#snippet links()}<a class="btn btn-ghost px-3 font-normal" href="/plans">Kept plans</a>{/snippet}
</PlanBench>
