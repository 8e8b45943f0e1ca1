<script lang="ts">
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
				? `${techniqueWords[kind]}: hooks of ${hooksMm.toSorted((a, b) => a - b).join(', ')} mm`
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
		counts.map((text) =>
			whole(text) === null ? `“${text}” is not a count. Write whole bags, such as 600.` : ''
		)
	);
	const hoursProblem = $derived(
		hours.trim() === '' || /^\d{1,5}([.,]\d+)?$/.test(hours.trim())
			? ''
			: `“${hours}” is not a number of hours.`
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
			problem = 'Tick at least one way to make mats.';
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
			else problem = (answer.problems ?? ['That could not be worked out.']).join(' ');
		} catch {
			problem = 'The server could not be reached. What is typed here is still here; try again.';
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
	<h2>What can I make?</h2>
	<p class="text-[0.9375rem]">
		{isOfStore
			? 'The counts are what is in the store, sorted and fit for strand; type over them to try others. Say'
			: 'Count the bags that are sorted and fit for strand, say'} what hours and tools there are, and
		take the best mix of mats of {bench.readable(bench.plan.target.widthMm, 'mat')} ×
		{bench.readable(bench.plan.target.lengthMm, 'mat')}.
	</p>
	<div class="grid gap-3 @min-[38rem]:grid-cols-2">
		{#each kinds as { kind }, at (kind)}
			<div>
				<label class="mb-1 block text-[0.9375rem]" for="count-{at}">Bags: {kind}</label>
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
				>Hours of hands; empty for no limit</label
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
		<legend class="mb-1 text-[0.9375rem]">Tools and trained hands for</legend>
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
			For
			<select class="field w-auto max-w-full" bind:value={goal}>
				<option value="mats">most mats</option>
				<option value="area">most area to lie on</option>
			</select>
		</label>
		<button type="button" class="btn btn-neutral" onclick={work} aria-busy={isWorking}
			>Find the best mix</button
		>
	</div>
	{#if problem}<p class="font-semibold text-error" role="alert">{problem}</p>{/if}
	<div aria-live="polite">
		{#if mix}
			<div class="grid gap-3">
				<p class="text-lg">
					<strong class="figure" data-mix
						>{wholeNumber(mix.mats)} {mix.mats === 1 ? 'mat' : 'mats'}</strong
					>,
					{areaWords(mix.area_m2, bench.system)} to lie on, in {figure(mix.hours)} hours, {basisWords(
						bench.practice.basis
					)}.
				</p>
				{#if mix.made.length > 0}
					<div class="overflow-x-auto">
						<table class="w-full text-left text-[0.9375rem]">
							<thead class="quiet">
								<tr>
									<th class="py-1 pr-3 font-normal" scope="col">Mats</th>
									<th class="px-3 font-normal" scope="col">From</th>
									<th class="px-3 font-normal" scope="col">By</th>
									<th class="px-3 text-right font-normal" scope="col">Bags each</th>
									<th class="px-3 text-right font-normal" scope="col">Hours each</th>
									<th scope="col"><span class="sr-only">Take it up</span></th>
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
												>Take it up</button
											>
										</td>
									</tr>
								{/each}
							</tbody>
						</table>
					</div>
				{:else}
					<p class="text-[0.9375rem]">
						Not one whole mat comes of these bags and hours. Ask for more, or make it smaller.
					</p>
				{/if}
				<p class="quiet text-[0.9375rem]">
					Left over: {Object.entries(mix.left)
						.map(([kind, left]) => `${wholeNumber(Math.floor(left))} ${kind}`)
						.join(', ')}.
				</p>
			</div>
		{/if}
	</div>
	{#if thisPlan}
		<p class="text-[0.9375rem]">
			By the plan on the bench alone:
			{thisPlan.count === 0
				? 'not one whole mat'
				: `${wholeNumber(thisPlan.count)} ${thisPlan.count === 1 ? 'mat' : 'mats'}`}{#if thisPlan.largest && thisPlan.count === 0};
				the longest of its width would be {bench.readable(thisPlan.largest.lengthMm, 'mat')}{/if}.
		</p>
	{/if}
</div>
