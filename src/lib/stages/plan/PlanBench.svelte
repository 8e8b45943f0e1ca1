<script lang="ts">
	import { PlanBench as say } from '$lib/words/plan';
	import { withGroup } from '$lib/ui/offered';
	import { enhance } from '$app/forms';
	import { afterPaint } from '$lib/stages/plan/bench/after-paint';
	import type { ToolLine } from '$lib/stages/prepare/tool-line';
	import { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import { Lacking } from '$lib/stages/plan/bench/lacking.svelte';
	import { Pins } from '$lib/stages/plan/bench/pins.svelte';
	import { Shortcuts, type Shortcut } from '$lib/stages/plan/bench/shortcuts.svelte';
	import { Unkept } from '$lib/stages/plan/bench/unkept.svelte';
	import type { Practice } from '$lib/core/practice/practice';
	import type { TallyName } from '$lib/core/estimate/estimate';
	import type { FieldName, Fields } from '$lib/stages/plan/fields';
	import type { CountedBags } from './fields/mix-request';
	import { stepNames, type StepName } from './words/step-lines';
	import type { Reader } from '$lib/ui/reader';
	import { onMount, untrack, type Snippet } from 'svelte';
	import BenchActs from './views/BenchActs.svelte';
	import BesideSteps from './views/BesideSteps.svelte';
	import FingertipTest from './views/FingertipTest.svelte';
	import PlanHead from './views/PlanHead.svelte';
	import ShortcutList from './views/Shortcuts.svelte';
	import type { ViewName } from './bench/views';
	import { views } from './bench/views';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import ColourPatterns from '$lib/ui/ColourPatterns.svelte';
	import { fetchBody } from './steps/bodies';
	import Step from './steps/Step.svelte';
	import TallyBar from './parts/TallyBar.svelte';

	interface Props {
		/** What the page is called, where it is not a new plan's. */
		title?: string;
		group: Reader;
		/** What the page came with: a kept plan, a new one, or what was typed before it was refused. */
		initial: { fields: Fields; name: string };
		/** Whose measures the figures rest on. */
		practice: Practice;
		/** The group's own kinds of bag, and how many of each are in the store. */
		kinds?: readonly CountedBags[];
		/** The looms, frames and hooks that are there, and the one to begin with. */
		tools?: readonly ToolLine[];
		tool?: string | null;
		/** The plan's id; null while it is not kept. */
		planId?: string | null;
		/** The version that what the page came with is of. */
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
		title,
		group,
		initial,
		practice,
		kinds = [],
		tools = [],
		tool = null,
		planId = null,
		version: loaded = 1,
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
		() =>
			new Bench(
				initial.fields,
				group.lengthSystem,
				group.stitchTerms,
				practice,
				kinds,
				undefined,
				tools
			)
	);
	if (untrack(() => step)) bench.open(untrack(() => step) ?? 'cut');
	untrack(() => {
		const begun = tools.find(({ id }) => id === tool);
		if (begun) bench.chooseTool(begun);
	});
	/** The choices that decide which fields show, for the style sheet. */
	const marking = [
		...['style', 'trim', 'loops', 'weft_style', 'weft_trim', 'weft_loops'],
		...['technique', 'bag_preset', 'joint', 'ends', 'warp', 'frame', 'loom']
	] as FieldName[];
	const marks = $derived(
		Object.fromEntries(
			marking.map((field) => [`data-${field.replace('_', '-')}`, bench.fields[field]])
		)
	);
	const pins = new Pins(bench.practice);
	// The version belongs to the fields: words and units may be loaded anew under them, and with them
	// the newest version, but what is typed here began from this one until it is kept.
	let version = $state(untrack(() => loaded));
	$effect(() => {
		if (keptAs) version = keptAs;
	});
	const unkept = untrack(() => new Unkept(bench, planId ?? 'new', () => version, initial.name));
	let isKeeping = $state(false);
	const lacking = new Lacking(
		bench,
		() => unkept.name,
		(step) => fetchBody[step]()
	);
	$effect(() => lacking.look());
	let form = $state<HTMLFormElement>();

	let view = $state<ViewName>('mat');

	$effect(() => {
		bench.useSystem(group.lengthSystem);
		bench.terms = group.stitchTerms;
	});

	// Work that is not kept yet survives a reload on this device.
	onMount(() => {
		pins.recall();
		shortcuts.recall();
		const isLinked = new URL(location.href).searchParams.has('p');
		// What is typed here began from its own version, whatever was kept since.
		version = unkept.recall(!isLinked && !keptAs && !isAnswer) ?? version;
		if (location.search.includes('by-photo='))
			void import('./bench/by-photo').then(({ takeByPhoto }) => {
				isByPhoto = takeByPhoto(bench);
			});
	});
	/** Measures of a photo were filled in. */
	let isByPhoto = $state(false);
	$effect(() => unkept.remember());

	// The tally answers first and is painted; what is drawn follows in the next frame.
	const drawLater = afterPaint<Bench['drawn']>((next) => bench.draw(next));
	$effect(() => drawLater({ plan: bench.plan, estimate: bench.estimate }));

	const pin = () => pins.add(unkept.name.trim() || bench.lines.technique, bench.plan);
	function explain(figure: TallyName) {
		view = 'mat';
		bench.explain(figure);
	}

	let areKeysShown = $state(false);
	const keys: readonly Shortcut[] = [
		...stepNames.map((step, at) => ({
			key: String(at + 1),
			label: say.open({ step }),
			act: () => bench.open(step)
		})),
		...views.map(({ view: to, label, key }) => ({
			key,
			label,
			act: () => void (view = to)
		})),
		{ key: 'z', label: say.undo(), act: () => bench.undo() },
		{ key: 'y', label: say.redo(), act: () => bench.redo() },
		{ key: 'n', label: say.pinThisPlan(), act: pin },
		{ key: 'k', label: say.keepThisPlan(), act: () => form?.requestSubmit() },
		{ key: '?', label: say.theseKeys(), act: () => void (areKeysShown = !areKeysShown) }
	];
	const shortcuts = new Shortcuts(keys);
</script>

<svelte:window onkeydown={(event) => shortcuts.press(event)} />
<ColourPatterns />

<form
	data-drafts="own"
	class="bench flex flex-1 flex-col"
	{...marks}
	method="POST"
	action={withGroup('?/keep')}
	bind:this={form}
	use:enhance={({ cancel, submitter, formData }) => {
		lacking.shown = null;
		// A choice about a clash is for the server alone.
		if (!submitter?.hasAttribute('name') && lacking.isAnything) {
			cancel();
			void lacking.show();
			return;
		}
		// Fields of a step that was never opened stand as they came, whatever was chosen since.
		for (const [field, value] of Object.entries(bench.fields)) formData.set(field, value);
		isKeeping = true;
		return async ({ result, update }) => {
			if (result.type === 'redirect') unkept.forget();
			if (result.type === 'success') unkept.noteKept();
			await update({ reset: false });
			isKeeping = false;
			unkept.isBroughtBack = false;
		};
	}}
>
	<input type="hidden" name="lengths" value={bench.system} />
	<input type="hidden" name="version" value={version} />
	<input type="hidden" name="key" value={key} />
	<input type="hidden" name="exact" value={bench.fields.exact} />
	<input type="hidden" name="mix" value={bench.fields.mix} />
	<input type="hidden" name="hooks" value={bench.fields.hooks} />

	<main id="main" class="@container flex-1 px-5 pt-2 pb-6 @max-[48rem]/page:px-4">
		<PageTitle {...title === undefined ? {} : { of: title }} isInBench />
		{#if message}
			<p
				class="mb-3 rounded-lg border-2 border-error bg-base-100 px-4 py-3 font-semibold"
				role="alert"
			>
				{message}
			</p>
		{/if}
		{#if isByPhoto}
			<p
				class="mb-3 rounded-lg border-2 border-primary bg-base-100 px-4 py-3"
				role="status"
				data-by-photo
			>
				{say.tookMeasures()}
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
			class="grid items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,23rem)_minmax(0,1fr)] {view ===
			'mat'
				? '@min-[76rem]:grid-cols-[minmax(0,23rem)_minmax(0,1fr)_15rem]'
				: ''}"
		>
			<div
				class="sheet no-print overflow-clip @min-[61rem]:row-span-2 {view === 'mat'
					? '@min-[76rem]:row-span-1'
					: ''}"
			>
				{#each stepNames as step (step)}<Step {bench} {step} />{/each}
			</div>

			<section
				class="sheet grid min-w-0 grid-cols-[minmax(0,1fr)] gap-3 p-4 pt-3"
				aria-label={say.thePlan()}
			>
				<PlanHead
					{bench}
					{unkept}
					nameProblem={lacking.shown?.at === 'name' ? lacking.shown.words : nameProblem}
					{keptAs}
					{areKeysShown}
					onkeys={() => (areKeysShown = !areKeysShown)}
					{links}
				/>
				<BesideSteps
					{bench}
					{pins}
					name={unkept.name}
					version={planId && unkept.isAsFirst ? version : null}
					{planId}
					isNew={!planId && unkept.name === '' && unkept.isAsFirst}
					bind:view
				/>
			</section>

			<FingertipTest {bench} isHidden={view !== 'mat'} />
		</div>
	</main>

	<p class="sr-only" role="alert">{lacking.shown?.words ?? ''}</p>
	<TallyBar {bench} pinned={pins.first} onexplain={explain}>
		<BenchActs {bench} isPinned={pins.has(bench.plan)} {isKeeping} onpin={pin} />
	</TallyBar>
</form>
