<script lang="ts">
	// What stands beside the steps: the mat, or one of the views that are fetched when they are asked for.
	import { BesideSteps as say } from '$lib/words/plan';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import type { Pins } from '$lib/stages/plan/bench/pins.svelte';
	import { sheetAddress } from '$lib/stages/plan/document/sheet-address';
	import { sheetsFor } from '$lib/stages/plan/words/sheets';
	import MatView from './MatView.svelte';
	import type { ViewName } from '../bench/views';
	import { views } from '../bench/views';

	interface Props {
		bench: Bench;
		pins: Pins;
		name: string;
		/** The version that stands here unchanged; null where it is not kept as it is. */
		version: number | null;
		planId: string | null;
		view: ViewName;
		/** Nothing was done here yet. */
		isNew: boolean;
	}
	let { bench, pins, name, version, planId, view = $bindable(), isNew }: Props = $props();
	/** What the sheets are asked with where no scripts can ask for more. */
	const asked = $derived({
		lengths: bench.system,
		terms: bench.terms,
		version: version === null ? null : String(version),
		plan: version === null ? null : planId
	});
</script>

<div
	class="no-print -mx-4 flex flex-wrap gap-x-1 border-b border-base-300 px-4 pb-2"
	role="group"
	aria-label={say.views()}
>
	{#each views as { view: to, label } (to)}
		<button
			type="button"
			class="min-h-11 rounded-lg px-3 aria-pressed:bg-primary/12 aria-pressed:font-semibold aria-pressed:text-primary"
			aria-pressed={view === to}
			onclick={() => (view = to)}>{label}</button
		>
	{/each}
</div>

<noscript>
	<ul class="no-print flex flex-wrap gap-x-4" aria-label={say.print()}>
		{#each sheetsFor(bench.plan) as { sheet, title } (sheet)}
			<li>
				<a class="link-row" href={sheetAddress(`${sheet}.pdf`, bench.plan, name, asked)}>{title}</a>
			</li>
		{/each}
	</ul>
</noscript>
{#if view === 'mat'}
	{#if isNew}
		<p class="no-print text-[0.9375rem]">
			{say.startAnywhereOnTheLeft()}
		</p>
	{/if}
	<MatView {bench} />
{:else if view === 'compare'}
	{#await import('../compare/CompareView.svelte') then { default: CompareView }}
		<CompareView {bench} {pins} {name} />
	{/await}
{:else if view === 'make'}
	{#await import('../compare/MakeView.svelte') then { default: MakeView }}
		<MakeView {bench} />
	{/await}
{:else if view === 'schools'}
	{#await import('../compare/SchoolsView.svelte') then { default: SchoolsView }}
		<SchoolsView {bench} />
	{/await}
{:else}
	{#await import('../compare/PaperView.svelte') then { default: PaperView }}
		<PaperView {bench} {name} {version} {planId} />
	{/await}
{/if}
