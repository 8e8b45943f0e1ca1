<script lang="ts">
	import { MakeView as msg } from '$lib/words/plan';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import { kindOfBag } from '$lib/core/bag/same-bag';
	import { countOfMats, largestMat } from '$lib/core/back/largest-mat';
	import { techniqueWords } from '$lib/ui/technique-words';
	import type { Way } from '$lib/stages/plan/fields/mix-request';
	import {
		isWayOpen,
		kindsToCount,
		mixRequest,
		planOfWay,
		waysThere
	} from '$lib/stages/plan/fields/mix-request';
	import { basisWords } from '$lib/ui/basis-words';
	import { linkTo } from '$lib/ui/offered';
	import { figure, wholeNumber } from '$lib/ui/number-words';
	import { areaWords } from '$lib/ui/unit-words';

	const { bench }: { bench: Bench } = $props();
	interface Made {
		kind: string;
		method: string;
		mats: number;
		bags: number;
		hours: number;
	}
	interface Mix {
		made: Made[];
		mats: number;
		area_m2: number;
		hours: number;
		left: Record<string, number>;
	}

	const kinds = $derived(kindsToCount(bench.plan, bench.kinds));
	/** What was typed over the store's own counts, by kind. */
	let typed = $state<Record<string, string>>({});
	const counts = $derived(kinds.map(({ kind, count }) => typed[kind] ?? String(count)));
	const isOfStore = $derived(bench.kinds.some(({ count }) => count > 0));
	let hours = $state('120');
	let goal = $state<'mats' | 'area'>('mats');
	const ways = $derived(waysThere(bench.tools));
	/** Ways that were ticked or unticked by hand; the others are open where their tools are there. */
	let ticked = $state<Record<string, boolean>>({});
	const isTicked = (way: Way) => ticked[way.name] ?? isWayOpen(way, bench.tools.length > 0);
	const nameOf = ({ kind, tool, hooksMm }: Way) =>
		tool
			? `${techniqueWords[kind]}: ${tool.name}`
			: hooksMm.length > 0
				? msg.hooksOfMm({
						techniqueWords: techniqueWords[kind],
						toSorted: hooksMm.toSorted((a, b) => a - b).join(', ')
					})
				: techniqueWords[kind];
	const madeBy = ({ method }: Made) => {
		const way = wayOf(method);
		return way ? nameOf(way) : method;
	};
	const wayOf = (name: string) => ways.find((way) => way.name === name);
	let mix = $state.raw<Mix | null>(null);
	let problem = $state('');
	let isWorking = $state(false);

	const whole = (text: string): number | null =>
		/^\d{1,6}$/.test(text.trim()) ? Number(text.trim()) : null;
	const countProblems = $derived(
		counts.map((text) => (whole(text) === null ? msg.isNotACountWrite({ text }) : ''))
	);
	const hoursProblem = $derived(
		hours.trim() === '' || /^\d{1,5}([.,]\d+)?$/.test(hours.trim())
			? ''
			: msg.isNotANumberOf({ hours })
	);
	const hoursThere = $derived(hours.trim() === '' ? null : Number(hours.replace(',', '.')));
	/** What the plan on the bench alone would give, of its own kind of bag. */
	const thisPlan = $derived.by(() => {
		const same = kindOfBag(
			bench.plan.bag,
			kinds.map(({ bag }) => bag)
		);
		const own = kinds.findIndex(({ bag }) => bag === same);
		const sortedBags = whole(counts[own] ?? '') || undefined;
		if (!sortedBags) return null;
		const means = { sortedBags, hours: hoursThere || undefined };
		return {
			count: countOfMats(bench.plan, means, bench.practice),
			largest: largestMat(bench.plan, means, bench.practice)
		};
	});

	async function work() {
		problem = '';
		if (countProblems.some(Boolean) || hoursProblem) return;
		const open = ways.filter(isTicked);
		if (open.length === 0) {
			problem = msg.tickAtLeastOneWay();
			return;
		}
		isWorking = true;
		try {
			const store = kinds.map((one, at) => ({ ...one, count: whole(counts[at] ?? '') ?? 0 }));
			const response = await fetch('/api/mix', {
				method: 'POST',
				headers: { 'content-type': 'application/json' },
				body: JSON.stringify(mixRequest(store, bench.plan, open, goal, hoursThere || null))
			});
			const answer = await response.json();
			if (response.ok) mix = answer;
			else problem = (answer.problems ?? [msg.thatCouldNotBeWorked()]).join(' ');
		} catch {
			problem = msg.theServerCouldNotBe();
		} finally {
			isWorking = false;
		}
	}
	const takeUp = (made: Made) => {
		const bag = kinds.find(({ kind }) => kind === made.kind)?.bag ?? bench.plan.bag;
		const way = wayOf(made.method);
		if (way) bench.takeUp(planOfWay(way, bench.plan, bag));
	};
</script>

<div class="grid gap-4">
	<div class="flex flex-wrap items-center justify-between gap-3">
		<h2>{msg.whatCanIMake()}</h2>
		<a class="btn font-normal" {...linkTo('/plan/sack')}>{msg.fromASack()}</a>
	</div>
	<p class="text-[0.9375rem]">
		{msg.isofstoreSelectYesOtherWhat({
			isOfStore: isOfStore ? 'yes' : 'no',
			readable: bench.readable(bench.plan.target.widthMm, 'mat'),
			readable2: bench.readable(bench.plan.target.lengthMm, 'mat')
		})}
	</p>
	<div class="grid gap-3 @min-[38rem]:grid-cols-2">
		{#each kinds as { kind }, at (kind)}
			<div>
				<label class="mb-1 block text-[0.9375rem]" for="count-{at}">{msg.bags({ kind })}</label>
				<input
					class="field"
					id="count-{at}"
					inputmode="numeric"
					value={counts[at]}
					oninput={(event) => (typed[kind] = event.currentTarget.value)}
					aria-invalid={countProblems[at] ? 'true' : undefined}
					aria-describedby={countProblems[at] ? `count-${at}-problem` : undefined}
				/>
				{#if countProblems[at]}<p
						class="mt-1 text-[0.9375rem] font-semibold text-error"
						id="count-{at}-problem"
					>
						{countProblems[at]}
					</p>{/if}
			</div>
		{/each}
		<div>
			<label class="mb-1 block text-[0.9375rem]" for="hours-there"
				>{msg.workingHoursEmptyNoLimit()}</label
			>
			<input
				class="field"
				id="hours-there"
				inputmode="decimal"
				bind:value={hours}
				aria-invalid={hoursProblem ? 'true' : undefined}
				aria-describedby={hoursProblem ? 'hours-there-problem' : undefined}
			/>
			{#if hoursProblem}<p
					class="mt-1 text-[0.9375rem] font-semibold text-error"
					id="hours-there-problem"
				>
					{hoursProblem}
				</p>{/if}
		</div>
	</div>
	<fieldset>
		<legend class="mb-1 text-[0.9375rem]">{msg.toolsAndTrainedHandsFor()}</legend>
		<div class="flex flex-wrap gap-x-6">
			{#each ways as way (way.name)}
				<label class="flex min-h-11 items-center gap-2">
					<input
						class="checkbox"
						type="checkbox"
						checked={isTicked(way)}
						onchange={(event) => (ticked[way.name] = event.currentTarget.checked)}
					/>
					{nameOf(way)}
				</label>
			{/each}
		</div>
	</fieldset>
	<div class="flex flex-wrap items-end gap-3">
		<label class="grid gap-1 text-[0.9375rem]">
			{msg.goal()}
			<select class="field w-auto max-w-full" bind:value={goal}>
				<option value="mats">{msg.mostMats()}</option>
				<option value="area">{msg.mostArea()}</option>
			</select>
		</label>
		<button type="button" class="btn btn-neutral" onclick={work} aria-busy={isWorking}
			>{msg.findTheBestMix()}</button
		>
	</div>
	{#if problem}<p class="font-semibold text-error" role="alert">{problem}</p>{/if}
	<div aria-live="polite">
		{#if mix}
			<div class="grid gap-3">
				<p class="text-lg">
					<strong class="figure" data-mix
						>{wholeNumber(mix.mats)} {mix.mats === 1 ? msg.mat() : msg.mats()}</strong
					>{msg.inHours({
						area: areaWords(mix.area_m2, bench.system),
						hours: figure(mix.hours),
						basis: basisWords(bench.practice.basis)
					})}
				</p>
				{#if mix.made.length > 0}
					<div class="overflow-x-auto">
						<table class="w-full text-left text-[0.9375rem]">
							<thead class="quiet">
								<tr>
									<th class="py-1 pr-3 font-normal" scope="col">{msg.mats2()}</th>
									<th class="px-3 font-normal" scope="col">{msg.from()}</th>
									<th class="px-3 font-normal" scope="col">{msg.by()}</th>
									<th class="px-3 text-right font-normal" scope="col">{msg.bagsEach()}</th>
									<th class="px-3 text-right font-normal" scope="col">{msg.hoursEach()}</th>
									<th scope="col"><span class="sr-only">{msg.useThis()}</span></th>
								</tr>
							</thead>
							<tbody>
								{#each mix.made as made (made.kind + made.method)}
									<tr class="border-t border-base-300">
										<td class="figure py-1 pr-3 text-lg font-bold">{made.mats}</td>
										<td class="px-3">{made.kind}</td>
										<td class="px-3">{madeBy(made)}</td>
										<td class="figure px-3 text-right">{wholeNumber(Math.ceil(made.bags))}</td>
										<td class="figure px-3 text-right">{figure(made.hours)}</td>
										<td class="py-1 text-right">
											<button type="button" class="btn px-3" onclick={() => takeUp(made)}
												>{msg.useThis()}</button
											>
										</td>
									</tr>
								{/each}
							</tbody>
						</table>
					</div>
				{:else}
					<p class="text-[0.9375rem]">
						{msg.notOneWholeMatComes()}
					</p>
				{/if}
				<p class="quiet text-[0.9375rem]">
					{msg.leftOver({
						entries: Object.entries(mix.left)
							.map(([kind, left]) => `${wholeNumber(Math.floor(left))} ${kind}`)
							.join(', ')
					})}
				</p>
			</div>
		{/if}
	</div>
	{#if thisPlan}
		<p class="text-[0.9375rem]">
			{msg.withThisPlanOnly({
				part:
					thisPlan.count === 0
						? msg.notOneWholeMat()
						: msg.countMats({ count: thisPlan.count, said: wholeNumber(thisPlan.count) })
			})}{#if thisPlan.largest && thisPlan.count === 0}{msg.theLongestOfItsWidth({
					readable: bench.readable(thisPlan.largest.lengthMm, 'mat')
				})}{/if}.
		</p>
	{/if}
</div>
