<script lang="ts">
	import PageTitle from '$lib/ui/PageTitle.svelte';
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

<PageTitle of={data.name} />

{#key data.id}
	<PlanBench
		heading="Plan a mat: {data.name}"
		group={data.group}
		initial={form ?? data}
		practice={data.practice}
		kinds={data.kinds}
		tools={data.tools}
		planId={data.id}
		isAnswer={form !== null && !kept}
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
						<strong>This plan was kept elsewhere meanwhile.</strong> What stands there since {momentWords(
							theirs.updatedAt
						)} is “{theirs.name}”, version {theirs.version}, with {wholeNumber(
							Math.ceil(theirs.figures.toCollect.expected)
						)} bags to collect. What you have here is not kept yet. Nothing is overwritten until you choose.
					</p>
					<p class="flex flex-wrap gap-3">
						<button class="btn" name="over" value={theirs.version}>Keep mine in its place</button>
						<button class="btn btn-accent" {...pressTo('?/copy')}>Keep mine as a second plan</button
						>
						<a class="btn" href="/plan/{data.id}" data-sveltekit-reload>Take theirs</a>
					</p>
				</div>
			{:else if form?.isGone}
				<div
					class="mb-3 grid gap-3 rounded-lg border-2 border-primary bg-base-100 p-4"
					role="alert"
				>
					<p>
						<strong>This plan was deleted meanwhile.</strong> What you have here is not kept yet.
					</p>
					<p class="flex flex-wrap gap-3">
						<button class="btn btn-accent" {...pressTo('?/copy')}>Keep it as a new plan</button>
						<a class="btn" href="/plans">To the list</a>
					</p>
				</div>
			{/if}
		{/snippet}
		{#snippet links()}
			<a
				class="btn btn-square btn-ghost"
				href="/plan/{data.id}/file"
				download
				aria-label="Save as a file"
				title="Save as a file"><Download class="size-5" /></a
			>
			<a class="btn btn-ghost px-3 font-normal" href="/plans">Kept plans</a>
		{/snippet}
	</PlanBench>
{/key}
