<script lang="ts">
	import { enhance } from '$app/forms';
	import Keyboard from '@lucide/svelte/icons/keyboard';
	import Link from '@lucide/svelte/icons/link';
	import Pin from '@lucide/svelte/icons/pin';
	import Redo from '@lucide/svelte/icons/redo-2';
	import Undo from '@lucide/svelte/icons/undo-2';
	import { Bench } from '$lib/bench/bench.svelte';
	import { readDraft, writeDraft } from '$lib/bench/kept-here';
	import { Pins } from '$lib/bench/pins.svelte';
	import { Shortcuts, type Shortcut } from '$lib/bench/shortcuts.svelte';
	import type { Practice } from '$lib/core/know/practice';
	import { barePractice } from '$lib/core/know/practice';
	import type { TallyName } from '$lib/core/plan/estimate';
	import type { FieldName, Fields } from '$lib/plan/fields';
	import { convertFields } from '$lib/plan/fields';
	import type { CountedBags } from '$lib/plan/mix-request';
	import { planToWord } from '$lib/plan/plan-link';
	import { stepNames, type StepName } from '$lib/plan/step-lines';
	import type { Group } from '$lib/server/db/groups';
	import { onMount, tick, untrack, type Snippet } from 'svelte';
	import CallList from './bench/CallList.svelte';
	import MatView from './bench/MatView.svelte';
	import ShortcutList from './bench/Shortcuts.svelte';
	import Caution from './Caution.svelte';
	import CoverGauge from './CoverGauge.svelte';
	import ColourPatterns from './drawing/ColourPatterns.svelte';
	import BagStep from './steps/BagStep.svelte';
	import CutStep from './steps/CutStep.svelte';
	import FinishStep from './steps/FinishStep.svelte';
	import JoinStep from './steps/JoinStep.svelte';
	import SizeStep from './steps/SizeStep.svelte';
	import TechniqueStep from './steps/TechniqueStep.svelte';
	import TallyBar from './TallyBar.svelte';

	interface Props {
		heading: string;
		group: Group;
		/** What the page came with: a kept plan, a new one, or what was typed before it was refused. */
		initial: { fields: Fields; name: string };
		/** What the group has measured; the craft's own if not given. */
		practice?: Practice;
		/** The group's own kinds of bag, and how many of each are in the store. */
		kinds?: readonly CountedBags[];
		/** The plan's id; null while it is not kept. */
		planId?: string | null;
		version?: number;
		key: string;
		/** Sentences from the server: at the name, and for the page as a whole. */
		nameProblem?: string | undefined;
		message?: string | undefined;
		keptAs?: number | null | undefined;
		/** The page answers an act: what it came with is what was typed. */
		isAnswer?: boolean;
		/** The step to begin with. */
		step?: StepName | null;
		/** What stands in the way of keeping, with the choices there are. */
		notice?: Snippet;
		links?: Snippet;
	}
	const {
		heading,
		group,
		initial,
		practice = barePractice,
		kinds = [],
		planId = null,
		version = 1,
		key,
		nameProblem,
		message,
		keptAs,
		isAnswer = false,
		step = null,
		notice,
		links
	}: Props = $props();

	const bench = untrack(
		() => new Bench(initial.fields, group.lengthSystem, group.stitchTerms, practice, kinds)
	);
	if (untrack(() => step)) bench.open(untrack(() => step) ?? 'cut');
	/** The choices that decide which fields show, for the style sheet. */
	const marking = [
		...['style', 'trim', 'loops', 'weft_style', 'weft_trim', 'weft_loops'],
		...['technique', 'bag_preset', 'joint', 'ends', 'warp', 'frame']
	] as FieldName[];
	const marks = $derived(
		Object.fromEntries(
			marking.map((field) => [`data-${field.replace('_', '-')}`, bench.fields[field]])
		)
	);
	const pins = new Pins(bench.practice);
	const isMeasured = untrack(() => JSON.stringify(practice) !== JSON.stringify(barePractice));
	let name = $state(untrack(() => initial.name));
	let isKeeping = $state(false);
	let form = $state<HTMLFormElement>();

	const views = [
		{ view: 'mat', label: 'The mat' },
		{ view: 'compare', label: 'Compare' },
		{ view: 'make', label: 'What can I make?' },
		{ view: 'schools', label: 'Schools' },
		{ view: 'paper', label: 'On paper' }
	] as const;
	let view = $state<(typeof views)[number]['view']>('mat');

	$effect(() => {
		bench.useSystem(group.lengthSystem);
		bench.terms = group.stitchTerms;
	});

	// Work that is not kept yet survives a reload on this device.
	const draftPlace = untrack(() => planId ?? 'new');
	let broughtBack = $state(false);
	let isRecalled = $state(false);
	let first = $state.raw(untrack(() => ({ fields: { ...initial.fields }, name: initial.name })));
	const isAsFirst = $derived(
		name === first.name &&
			Object.entries(first.fields).every(
				([field, text]) => bench.fields[field as keyof Fields] === text
			)
	);
	onMount(() => {
		pins.recall();
		shortcuts.recall();
		const draft = readDraft(draftPlace);
		const isLinked = new URL(location.href).searchParams.has('p');
		if (draft && draft.version === version && !isLinked && !keptAs && !isAnswer) {
			Object.assign(bench.fields, convertFields(draft.fields, draft.system, bench.system));
			bench.note();
			name = draft.name;
			broughtBack = !isAsFirst;
		}
		isRecalled = true;
	});
	$effect(() => {
		if (!isRecalled) return;
		const draft = isAsFirst
			? null
			: { fields: { ...bench.fields }, name, system: bench.system, version };
		const timer = setTimeout(() => writeDraft(draftPlace, draft), 250);
		return () => clearTimeout(timer);
	});
	function startOver() {
		Object.assign(bench.fields, first.fields);
		bench.note();
		name = first.name;
		broughtBack = false;
	}

	let linkSaid = $state('');
	async function copyLink() {
		const address = new URL('/plan', location.href);
		address.searchParams.set('p', planToWord(bench.plan));
		address.searchParams.set('step', bench.openStep);
		if (name.trim()) address.searchParams.set('name', name.trim());
		try {
			await navigator.clipboard.writeText(address.href);
			linkSaid = 'Link copied';
		} catch {
			history.replaceState(history.state, '', address);
			linkSaid = 'The link is in the address bar';
		}
	}
	const pin = () => pins.add(name.trim() || bench.lines.technique, bench.plan);
	async function explain(figure: TallyName) {
		view = 'mat';
		bench.explain(figure);
		await tick();
		document.getElementById('reckoning')?.focus();
	}

	let areKeysShown = $state(false);
	const keys: readonly Shortcut[] = [
		...stepNames.map((step, at) => ({
			key: String(at + 1),
			label: `open ${step}`,
			act: () => bench.open(step)
		})),
		...views.map(({ view: to, label }, at) => ({
			key: 'mcwsp'[at] ?? '',
			label,
			act: () => void (view = to)
		})),
		{ key: 'z', label: 'undo', act: () => bench.undo() },
		{ key: 'y', label: 'redo', act: () => bench.redo() },
		{ key: 'n', label: 'pin this plan', act: pin },
		{ key: 'k', label: 'keep this plan', act: () => form?.requestSubmit() },
		{ key: '?', label: 'these keys', act: () => void (areKeysShown = !areKeysShown) }
	];
	const shortcuts = new Shortcuts(keys);
</script>

<svelte:window onkeydown={(event) => shortcuts.press(event)} />
<ColourPatterns />

<form
	class="bench flex flex-1 flex-col"
	{...marks}
	method="POST"
	action="?/keep"
	bind:this={form}
	use:enhance={() => {
		isKeeping = true;
		return async ({ result, update }) => {
			if (result.type === 'redirect') writeDraft(draftPlace, null);
			if (result.type === 'success') first = { fields: { ...bench.fields }, name };
			await update({ reset: false });
			isKeeping = false;
			broughtBack = false;
		};
	}}
>
	<input type="hidden" name="lengths" value={bench.system} />
	<input type="hidden" name="version" value={version} />
	<input type="hidden" name="key" value={key} />

	<main id="main" class="flex-1 px-5 pt-3 pb-6 max-sm:px-4">
		<h1 class="sr-only">{heading}</h1>
		{#if message}
			<p
				class="mb-3 rounded-lg border-2 border-error bg-base-100 px-4 py-3 font-semibold"
				role="alert"
			>
				{message}
			</p>
		{/if}
		{@render notice?.()}
		{#if areKeysShown}
			<ShortcutList
				shortcuts={keys}
				areOn={shortcuts.areOn}
				ontoggle={(areOn) => shortcuts.turn(areOn)}
				onclose={() => (areKeysShown = false)}
			/>
		{/if}

		<div
			class="grid items-start gap-4 lg:grid-cols-[minmax(0,23rem)_minmax(0,1fr)] {view === 'mat'
				? 'xl:grid-cols-[minmax(0,23rem)_minmax(0,1fr)_15rem]'
				: ''}"
		>
			<div
				class="sheet no-print overflow-hidden lg:row-span-2 {view === 'mat' ? 'xl:row-span-1' : ''}"
			>
				<SizeStep {bench} />
				<BagStep {bench} />
				<CutStep {bench} />
				<JoinStep {bench} />
				<TechniqueStep {bench} />
				<FinishStep {bench} />
			</div>

			<section
				class="sheet grid min-w-0 grid-cols-[minmax(0,1fr)] gap-3 p-4 pt-3"
				aria-label="The plan"
			>
				<div class="flex flex-wrap items-start gap-x-3 gap-y-2">
					<div class="min-w-0 flex-1 basis-60">
						<label class="sr-only" for="name">Name of the plan</label>
						<input
							class="field figure text-lg font-bold"
							id="name"
							name="name"
							bind:value={name}
							placeholder="Name this plan to keep it"
							autocomplete="off"
							aria-invalid={nameProblem ? 'true' : undefined}
							aria-describedby={nameProblem ? 'name-problem' : undefined}
						/>
						{#if nameProblem}
							<p class="mt-1 text-[15px] font-semibold text-error" id="name-problem">
								{nameProblem}
							</p>
						{/if}
					</div>
					<div class="no-print flex items-center gap-1">
						<button
							type="button"
							class="btn btn-square btn-ghost"
							onclick={copyLink}
							aria-label="Copy a link to this plan"
							title="Copy a link"><Link class="size-5" /></button
						>
						<button
							type="button"
							class="btn btn-square btn-ghost max-sm:hidden"
							aria-expanded={areKeysShown}
							onclick={() => (areKeysShown = !areKeysShown)}
							aria-label="Keys"
							title="Keys: ?"><Keyboard class="size-5" /></button
						>
						{@render links?.()}
					</div>
				</div>
				{#if broughtBack || linkSaid || (keptAs && isAsFirst)}
					<div class="no-print flex flex-wrap items-center gap-x-4 text-[15px]">
						{#if keptAs && isAsFirst}
							<span role="status" class="font-semibold text-secondary">Kept, version {keptAs}</span>
						{/if}
						{#if broughtBack}
							<span role="status">Brought back what was not kept yet.</span>
							<button type="button" class="link-row" onclick={startOver}>Start over</button>
						{/if}
						{#if linkSaid}<span role="status">{linkSaid}</span>{/if}
					</div>
				{/if}
				<div
					class="no-print -mx-4 flex flex-wrap gap-x-1 border-b-4 border-accent px-4"
					role="group"
					aria-label="Beside the steps"
				>
					{#each views as { view: to, label } (to)}
						<button
							type="button"
							class="min-h-11 rounded-t-lg px-3 aria-pressed:bg-accent aria-pressed:font-semibold aria-pressed:text-accent-content"
							aria-pressed={view === to}
							onclick={() => (view = to)}>{label}</button
						>
					{/each}
				</div>

				{#if view === 'mat'}
					{#if !planId && name === '' && isAsFirst}
						<p class="no-print text-[15px]">
							Start anywhere on the left: every choice is drawn and counted at once. Tap a figure
							below to see how it is reached; keep the plan when it looks right.
						</p>
					{/if}
					<MatView {bench} />
				{:else if view === 'compare'}
					{#await import('./compare/CompareView.svelte') then { default: CompareView }}
						<CompareView {bench} {pins} {name} />
					{/await}
				{:else if view === 'make'}
					{#await import('./compare/MakeView.svelte') then { default: MakeView }}
						<MakeView {bench} />
					{/await}
				{:else if view === 'schools'}
					{#await import('./compare/SchoolsView.svelte') then { default: SchoolsView }}
						<SchoolsView {bench} />
					{/await}
				{:else}
					{#await import('./compare/PaperView.svelte') then { default: PaperView }}
						<PaperView {bench} {name} version={planId && isAsFirst ? version : null} />
					{/await}
				{/if}
			</section>

			<section
				class="sheet grid gap-3 p-4 lg:col-start-2 xl:col-start-auto"
				hidden={view !== 'mat'}
				aria-labelledby="judged"
			>
				<h2 id="judged">Fingertip test</h2>
				<CoverGauge cover={bench.estimate.tally.cover} kind={bench.plan.technique.kind} />
				<CallList {bench} />
				{#if isMeasured}
					<p class="text-[15px]">
						These figures use <a class="underline" href="/measures">your own measures</a>.
					</p>
				{/if}
				<Caution>
					A mat is a barrier against cold, wet ground; it is not a medical, rescue or fire-rated
					product.
				</Caution>
			</section>
		</div>
	</main>

	<TallyBar {bench} pinned={pins.first} onexplain={explain}>
		<div class="no-print flex items-center gap-1 max-sm:w-full">
			<noscript>
				<button class="btn" formaction="?/work">Work it out</button>
			</noscript>
			<button
				type="button"
				class="btn btn-square btn-ghost text-neutral-content hover:text-base-content"
				aria-label="Undo"
				disabled={!bench.canUndo}
				onclick={() => bench.undo()}><Undo class="size-5" /></button
			>
			<button
				type="button"
				class="btn btn-square btn-ghost text-neutral-content hover:text-base-content"
				aria-label="Redo"
				disabled={!bench.canRedo}
				onclick={() => bench.redo()}><Redo class="size-5" /></button
			>
			<button
				type="button"
				class="btn btn-square btn-ghost text-neutral-content hover:text-base-content"
				onclick={pin}
				disabled={pins.has(bench.plan)}
				aria-label={pins.has(bench.plan) ? 'Pinned' : 'Pin this plan'}
				title="Pin, to measure against"><Pin class="size-5" /></button
			>
			<button class="btn btn-accent max-sm:flex-1" aria-busy={isKeeping}>Keep this plan</button>
		</div>
	</TallyBar>
</form>
