<script lang="ts">
	// A sack of mixed bags: what lies in it is tapped or typed, kind by kind, and what mats it gives is said
	// at once: which kinds go together, what is kept apart and why, and what leaving one out would change.
	import { FromSack as say } from '$lib/words/plan';
	import { fromSack, sackLimits } from '$lib/core/back/from-sack';
	import { estimatePlan } from '$lib/core/estimate/estimate';
	import { totalSeconds } from '$lib/core/effort/stations';
	import { startingPlan } from '$lib/core/model/starting-plan';
	import type { Practice } from '$lib/core/practice/practice';
	import type { TechniqueKind } from '$lib/core/techniques/technique';
	import type { LengthSystem } from '$lib/core/units/format-length';
	import { formatLength } from '$lib/core/units/format-length';
	import { basisWords } from '$lib/ui/basis-words';
	import Sack from '$lib/ui/Sack.svelte';
	import { figure, fixed, wholeNumber } from '$lib/ui/number-words';
	import { linkTo } from '$lib/ui/offered';
	import { queryOf } from '$lib/ui/query';
	import { techniqueWords } from '$lib/ui/technique-words';
	import type { ToolLine } from '$lib/stages/prepare/tool-line';
	import { untrack } from 'svelte';
	import { planToWord } from '../document/plan-link';
	import type { CountedBags } from '../fields/mix-request';
	import { isWayOpen, kindsToCount, planOfWay, waysThere } from '../fields/mix-request';
	import PieceOrder from '../parts/PieceOrder.svelte';

	interface Props {
		kinds: readonly CountedBags[];
		practice: Practice;
		tools: readonly ToolLine[];
		system: LengthSystem;
		/** Counts by kind as the address has them, with commas between. */
		first: string;
	}
	const { kinds: known, practice, tools, system, first }: Props = $props();
	const kinds = $derived(kindsToCount(startingPlan, known).slice(0, sackLimits.kinds.atMost));
	const batch = 20;
	let counts = $state(
		untrack(() => {
			const said = first === '' ? [] : first.split(',');
			return kinds.map(({ count }, at) => (said.length > 0 ? (said[at] ?? '0') : String(count)));
		})
	);
	const whole = (text: string | undefined): number | null =>
		/^\d{1,6}$/.test((text ?? '').trim()) ? Number(text) : (text ?? '').trim() === '' ? 0 : null;
	const problems = $derived(
		counts.map((text) => (whole(text) === null ? say.notACount({ text }) : null))
	);
	function put(at: number, text: string): void {
		counts[at] = text;
		// The address keeps what was typed, through a reload and for whoever is sent it.
		const url = new URL(location.href);
		url.searchParams.set('counts', counts.map((one) => String(whole(one) ?? 0)).join(','));
		history.replaceState(history.state, '', url);
	}
	const more = (at: number, by: number) =>
		put(at, String(Math.max(0, (whole(counts[at]) ?? 0) + by)));

	const ways = $derived(waysThere(tools));
	let chosen = $state<string | null>(null);
	const way = $derived(
		ways.find(({ name }) => name === chosen) ??
			ways.find((one) => isWayOpen(one, tools.length > 0)) ??
			ways[0]
	);
	const wayName = (kind: TechniqueKind, tool: ToolLine | null) =>
		tool ? `${techniqueWords[kind]}: ${tool.name}` : techniqueWords[kind];
	const answer = $derived.by(() => {
		if (!way || problems.some((one) => one !== null)) return null;
		const sack = kinds.map(({ kind, bag }, at) => ({
			name: kind,
			bag,
			count: whole(counts[at]) ?? 0
		}));
		const largest = sack.reduce((most, one) => (one.count > most.count ? one : most));
		if (largest.count === 0) return null;
		return fromSack(sack, planOfWay(way, startingPlan, largest.bag), practice);
	});
	/** Mats it gives in four cases of five. */
	const range = $derived.by(() => {
		if (!answer?.plan) return null;
		const { expected, low, high } = estimatePlan(answer.plan, practice).tally.toPrepare;
		return { low: (answer.mats * expected) / high, high: (answer.mats * expected) / low };
	});
	const most = $derived(Math.max(1, ...counts.map((text) => whole(text) ?? 0)));
	const toPlan = $derived(answer?.plan ? `/plan?${queryOf({ p: planToWord(answer.plan) })}` : null);
	const whyWords = (why: string, by: number) => {
		const percent = Math.round(by * 100);
		switch (why) {
			case 'thicker':
				return say.thicker({ percent });
			case 'thinner':
				return say.thinner({ percent });
			case 'too-many-kinds':
				return say.tooManyKinds();
			default:
				return say.notCut();
		}
	};
</script>

<div
	class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]"
>
	<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-4" aria-labelledby="in-the-sack">
		<h2 id="in-the-sack">{say.inTheSack()}</h2>
		<ul class="grid grid-cols-2 gap-3 @min-[40rem]:grid-cols-3 @min-[76rem]:grid-cols-4">
			{#each kinds as { kind }, at (kind)}
				<li class="grid content-start gap-1 text-center" data-sack={kind}>
					<button
						type="button"
						class="btn grid h-auto justify-items-center gap-0 px-2 py-2 font-normal"
						aria-label={say.add({ batch, kind })}
						onclick={() => more(at, batch)}
					>
						<Sack
							size={0.45 + 0.55 * Math.sqrt((whole(counts[at]) ?? 0) / most)}
							class="h-16 w-14"
						/>
						<span class="leading-tight font-semibold break-words">{kind}</span>
						<span class="quiet text-sm">+ {batch}</span>
					</button>
					<div class="grid grid-cols-[2.75rem_minmax(0,1fr)] gap-1">
						<button
							type="button"
							class="btn px-0"
							aria-label={say.less({ batch, kind })}
							onclick={() => more(at, -batch)}>−</button
						>
						<input
							class="field figure min-w-0 text-center"
							inputmode="numeric"
							aria-label={say.count({ kind })}
							value={counts[at]}
							oninput={(event) => put(at, event.currentTarget.value)}
							aria-invalid={problems[at] ? 'true' : undefined}
						/>
					</div>
					{#if problems[at]}<p class="font-semibold text-error" role="alert">{problems[at]}</p>{/if}
				</li>
			{/each}
		</ul>
		<label class="grid gap-1 text-[0.9375rem]">
			{say.madeBy()}
			<select
				class="field"
				value={way?.name}
				onchange={(event) => (chosen = event.currentTarget.value)}
			>
				{#each ways as one (one.name)}<option value={one.name}>{wayName(one.kind, one.tool)}</option
					>{/each}
			</select>
		</label>
		<p class="quiet text-[0.9375rem]">{say.sortedBags()}</p>
	</section>
	<section
		class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-4"
		aria-labelledby="it-gives"
		aria-live="polite"
	>
		<h2 id="it-gives">{say.itGives()}</h2>
		{#if !answer}
			<p>{say.tapASack()}</p>
		{:else if !answer.plan || !answer.model}
			<p>{say.noMat()}</p>
		{:else}
			{@const { model, plan, together } = answer}
			<p class="text-xl">
				<strong class="figure" data-mats={answer.mats.toFixed(2)}
					>{answer.mats < 10 ? fixed(answer.mats, 1) : wholeNumber(Math.floor(answer.mats))}</strong
				>
				{say.matsOf({
					width: formatLength(model.mat.widthMm, system, 'mat'),
					length: formatLength(model.mat.lengthMm, system, 'mat')
				})}
			</p>
			{#if range}<p class="text-[0.9375rem]" data-range>
					{say.from({ low: fixed(range.low, 1), high: fixed(range.high, 1) })}
				</p>{/if}
			<p class="quiet text-[0.9375rem]">
				{say.eachTakes({
					hours: figure(totalSeconds(model.seconds) / 3600),
					basis: basisWords(practice.basis)
				})}
			</p>
			<ol class="grid gap-1">
				{#each together as { name, verdict }, nth (name)}
					{@const kind = model.kinds?.[nth]}
					{@const made = kind?.like.yield ?? model.yield}
					<li class="border-t border-base-300 py-1 first:border-t-0" data-together={name}>
						<strong>{nth + 1} {name}</strong>
						<span class="text-[0.9375rem]"
							>{say.bagsEach({
								bags: wholeNumber(Math.ceil(kind?.toPrepare ?? model.toPrepare)),
								pieces: made.pieces,
								width: formatLength(made.stripWidthMm, system, 'small')
							})}{verdict === 'alternate' ? ` · ${say.inTurn()}` : ''}</span
						>
					</li>
				{/each}
			</ol>
			{#if model.kinds}<PieceOrder
					kinds={model.kinds}
					names={together.map(({ name }) => name)}
				/>{/if}
			{#if answer.apart.length > 0}
				<h3 class="font-semibold">{say.keptApart()}</h3>
				<ul class="grid gap-1">
					{#each answer.apart as { name, count, why, by } (name)}
						<li class="text-[0.9375rem]" data-apart={name}>
							<strong>{wholeNumber(count)} {name}</strong>: {whyWords(why, by)}
						</li>
					{/each}
				</ul>
			{/if}
			{#if answer.without.length > 0}
				<details>
					<summary class="min-h-11 cursor-pointer py-2">{say.leavingOut()}</summary>
					<ul class="grid gap-1">
						{#each answer.without as { name, mats, thicknessCv } (name)}
							<li class="text-[0.9375rem]" data-without={name}>
								{say.without({
									name,
									mats: fixed(mats, 1),
									spread: Math.round(thicknessCv * 100),
									was: Math.round(answer.thicknessCv * 100)
								})}
							</li>
						{/each}
					</ul>
				</details>
			{/if}
			{#if toPlan && plan}<a class="btn justify-self-start btn-accent" {...linkTo(toPlan)}
					>{say.planThisMat()}</a
				>{/if}
		{/if}
	</section>
</div>
