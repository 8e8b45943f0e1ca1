<script lang="ts">
	// The balls in store, what they are enough for, and their labels.
	import { PrepareBallsPage as say } from '$lib/words/prepare';
	import EmptyState from '$lib/ui/EmptyState.svelte';
	import LabelReader from '$lib/stages/search/LabelReader.svelte';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import { actTo, pressTo } from '$lib/ui/offered';
	import ColourPatterns from '$lib/ui/ColourPatterns.svelte';
	import { newKey } from '$lib/ui/new-key';
	import { papers } from '$lib/ui/reader';
	import BallFigure from '$lib/stages/prepare/BallFigure.svelte';
	import { farWords } from '$lib/stages/prepare/far-words';
	import LabelPlaces from '$lib/stages/prepare/LabelPlaces.svelte';
	import { labelGrids, labelSizes, labelsOn } from '$lib/stages/prepare/label-sizes';
	import { ballColours, labelCutWords, metresWords } from '$lib/stages/prepare/label-words';
	import SmallPrinter from '$lib/stages/prepare/SmallPrinter.svelte';
	import { groupBy } from '$lib/core/group-by';
	import { nearDayWords } from '$lib/ui/day-words';
	import { invalidateAll } from '$app/navigation';
	import { untrack } from 'svelte';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const system = $derived(data.group.lengthSystem);
	const blank = $derived(form && 'blank' in form ? form.blank : null);
	let size = $state(untrack(() => data.size));
	let paper = $state(untrack(() => data.paper));
	let begin = $state(1);
	const grid = $derived(labelGrids[paper][size]);
	const oldest = $derived(data.balls.at(-1)?.id);
	let key = $state(newKey());
	const blankKey = newKey();
	/** The address of blank labels that were reserved. */
	const blankHref = $derived(
		`/prepare/labels.pdf?block=${data.block}&paper=${paper}&size=${size}&from=${begin}`
	);
	let chosen = $state<string[]>([]);
	const codesOf = (balls: typeof data.balls) => balls.map(({ code }) => code);
	/** What is chosen in one tap: all, what is not printed yet, those of a day, those of a colour. */
	const sets = $derived([
		{ label: say.all(), codes: codesOf(data.balls) },
		{
			label: say.notPrintedYet(),
			codes: codesOf(data.balls.filter(({ isPrinted }) => !isPrinted))
		},
		...[...groupBy(data.balls, ({ content }) => content.madeOn)]
			.toSorted(([one], [other]) => (one < other ? 1 : -1))
			.slice(0, 4)
			.map(([day, balls]) => ({
				label: nearDayWords(day, data.group.today),
				codes: codesOf(balls)
			})),
		...[...groupBy(data.balls, ({ content }) => ballColours(content))].map(([label, balls]) => ({
			label,
			codes: codesOf(balls)
		}))
	]);
	const isChosen = (codes: readonly string[]) =>
		codes.length > 0 &&
		codes.length === chosen.length &&
		codes.every((code) => chosen.includes(code));
	/** The sheet is on its way: another press is another sheet, and what was printed is marked. */
	function sent(): void {
		setTimeout(() => {
			key = newKey();
			void invalidateAll();
		}, 1500);
	}
</script>

<PageTitle />
<ColourPatterns />

<div
	class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_minmax(0,22rem)]"
>
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<form class="sheet p-4" method="POST" {...actTo('?/sheet')} id="labels" onsubmit={sent}>
			<div class="flex flex-wrap items-baseline gap-x-4">
				<h2>{say.ballsAndChainsThere()}</h2>
				<p class="quiet text-[0.9375rem]">{say.tickThoseWhoseLabelIs()}</p>
			</div>
			{#if data.balls.length === 0}
				<div class="mt-2">
					<EmptyState words={say.noneYet()} href="/prepare" act={say.windOneAtTheTable()} />
				</div>
			{:else}
				<input type="hidden" name="key" value={key} />
				<div class="needs-scripts mt-2 flex flex-wrap gap-2" role="group" aria-label={say.choose()}>
					{#each sets as { label, codes } (label)}
						<button
							type="button"
							class="min-h-11 rounded-lg bg-base-200 px-3 font-semibold disabled:opacity-50 aria-pressed:bg-neutral aria-pressed:text-neutral-content"
							aria-pressed={isChosen(codes)}
							disabled={codes.length === 0}
							onclick={() => (chosen = isChosen(codes) ? [] : codes)}
							>{label} <span class="figure font-normal">{codes.length}</span></button
						>
					{/each}
				</div>
				<div class="mt-3 flex flex-wrap items-center gap-3">
					<button class="btn btn-accent"
						>{chosen.length === 0
							? say.createSheet()
							: say.printLabels({ count: chosen.length })}</button
					>
					{#if data.printer}
						<button
							class="btn h-auto min-h-11 max-w-full shrink whitespace-normal"
							formmethod="POST"
							{...pressTo('?/print')}>{say.sendToTheSmallPrinter()}</button
						>
					{/if}
					{#if form && 'sheet' in form && form.sheet}<p
							class="font-semibold text-error"
							role="alert"
						>
							{form.sheet}
						</p>{/if}
				</div>
				<ul class="mt-2 grid grid-cols-[repeat(auto-fill,minmax(min(100%,15rem),1fr))] gap-2">
					{#each data.balls as { id, code, sort, content, isPrinted } (id)}
						<li
							class="flex flex-wrap items-center gap-2 rounded-lg border border-base-300 p-2 has-checked:border-primary has-checked:bg-primary/10"
							data-ball={code}
						>
							<label class="grid min-h-11 min-w-11 cursor-pointer place-items-center">
								<input
									class="checkbox"
									type="checkbox"
									name="code"
									value={code}
									bind:group={chosen}
								/>
								<span class="sr-only">{say.printTheLabelOf({ code })}</span>
							</label>
							<BallFigure colours={content.colours} size={44} />
							<p class="min-w-24 flex-1 text-sm leading-snug">
								<a
									class="figure link text-base font-bold tracking-wider"
									href="/prepare/things/{code}">{code}</a
								>
								<span class="block"
									>{say.bags({ ballColours: ballColours(content), sort, bags: content.bags })}</span
								>
								<span class="quiet block"
									>{metresWords(content, system)} · {labelCutWords(content, system)}</span
								>
								{#if isPrinted}<span class="block font-semibold text-secondary" data-printed-label
										>✓ {say.printed()}</span
									>{/if}
							</p>
						</li>
					{/each}
				</ul>
				{#if data.hasOlder}
					<a class="btn mt-3 font-normal" href="?before={oldest}">{say.older()}</a>
				{/if}
				<details class="mt-2">
					<summary class="flex min-h-11 cursor-pointer items-center">{say.paperAndSize()}</summary>
					<fieldset class="grid gap-3">
						<legend class="sr-only">{say.theSheetOfLabels()}</legend>
						<div class="flex flex-wrap items-end gap-3">
							<label class="grid gap-1">
								{say.paper()}
								<select class="field" name="paper" bind:value={paper}>
									{#each papers as one (one)}<option value={one}
											>{one === 'a4' ? 'A4' : say.letter()}</option
										>{/each}
								</select>
							</label>
							<label class="grid gap-1">
								{say.labels()}
								<select class="field" name="size" bind:value={size}>
									{#each labelSizes as one (one)}
										<option value={one}
											>{say.onASheet({ one, labelsOn: labelsOn(labelGrids[paper][one]) })}</option
										>
									{/each}
								</select>
							</label>
							<label class="grid gap-1">
								{say.firstLabel()}
								<input class="field w-24" name="from" inputmode="numeric" bind:value={begin} />
							</label>
						</div>
						<LabelPlaces {grid} {begin} onbegin={(at) => (begin = at)} />
					</fieldset>
				</details>
			{/if}
		</form>
	</div>
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		{#if data.far.length > 0}
			<section class="sheet p-4" aria-labelledby="how-far">
				<h2 id="how-far">{say.whatTheyAreEnoughFor()}</h2>
				<ul class="mt-1">
					{#each data.far as plan (plan.id)}
						<li class="border-t border-base-300 py-1.5 first:border-t-0" data-far={plan.name}>
							<span class="font-semibold">{plan.name}</span>: {farWords(plan)}
						</li>
					{/each}
				</ul>
			</section>
		{/if}
		<form class="sheet grid gap-2 p-4" action="/prepare/things">
			<h2>{say.findALabel()}</h2>
			<label class="grid gap-1">
				{say.labelCode()}
				<input
					class="field tracking-widest uppercase"
					name="code"
					autocomplete="off"
					autocapitalize="characters"
				/>
			</label>
			<button class="btn">{say.open()}</button>
			<LabelReader />
		</form>
		<form class="sheet grid gap-2 p-4" method="POST" {...actTo('?/blank#blank')} id="blank">
			<h2>{say.blankLabels()}</h2>
			<p class="quiet text-[0.9375rem]">
				{say.forATableWithoutNetwork()}
			</p>
			<input type="hidden" name="key" value={blankKey} />
			<label class="grid gap-1">
				{say.howMany()}
				<input
					class="field"
					name="labels"
					inputmode="numeric"
					autocomplete="off"
					value={blank?.typed ?? String(labelsOn(grid))}
					aria-invalid={blank ? 'true' : undefined}
					aria-describedby={blank ? 'blank-problem' : undefined}
				/>
			</label>
			{#if blank}<p class="font-semibold text-error" id="blank-problem" role="alert">
					{blank.problem}
				</p>{/if}
			<button class="btn">{say.reserveCodes()}</button>
			{#if data.block !== null}
				<p class="font-semibold" role="status">
					{say.theCodesAreSetAside()}
					<a class="link" href={blankHref} data-sveltekit-reload>{say.theirSheetOfLabels()}</a>
				</p>
			{/if}
		</form>
		{#if data.printer}
			<SmallPrinter
				printer={data.printer}
				problem={form && 'printer' in form ? (form.printer ?? null) : null}
			/>
		{/if}
		<section class="sheet grid gap-2 p-4">
			<h2>{say.whatToCutNext()}</h2>
			<p class="quiet text-[0.9375rem]">
				{say.inTheOrderOfThe()}
			</p>
			<a class="btn" href="/prepare/worksheet.pdf" data-sveltekit-reload
				>{say.workSheetForTheWall()}</a
			>
		</section>
	</div>
</div>
