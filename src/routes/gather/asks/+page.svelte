<script lang="ts">
	// What the season's plans draw from the store, what they lack, and the sheet that asks for it.
	import PageTitle from '$lib/ui/PageTitle.svelte';
	import { actTo } from '$lib/ui/offered';
	import { enhance } from '$app/forms';
	import ColourPatterns from '$lib/ui/ColourPatterns.svelte';
	import Swatch from '$lib/ui/Swatch.svelte';
	import { keepTyped } from '$lib/ui/keep-typed';
	import LackingFilm from '$lib/stages/gather/LackingFilm.svelte';
	import Table from '$lib/ui/Table.svelte';
	import { basisWords } from '$lib/ui/basis-words';
	import { drawnWords, dryingWords, lackingWords, rejectWords } from '$lib/stages/gather/ask-words';
	import { wholeNumber } from '$lib/ui/number-words';
	import { queryOf } from '$lib/ui/query';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const share = ({ wanted, drawn }: { wanted: number; drawn: number }) =>
		wanted > 0 ? (drawn / wanted) * 100 : 0;
	const papers = [
		{ paper: 'a4', label: 'A4' },
		{ paper: 'letter', label: 'Letter' }
	];
	/** The paper this device prints on first. */
	const papersInOrder = $derived(
		papers.toSorted(
			(a, b) => Number(b.paper === data.group.paper) - Number(a.paper === data.group.paper)
		)
	);
	const season = $derived(data.plans.filter(({ mats, begun }) => mats > 0 || begun > 0));
	let bringTo = $state('');
	let until = $state('');
	const sheet = $derived(
		(paper: string) =>
			`/gather/asks/sheet.pdf?${queryOf({ place: data.place?.id ?? '', paper, to: bringTo.trim(), until })}`
	);
</script>

<PageTitle />
<ColourPatterns />

<div
	class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_minmax(0,24rem)]"
>
	<section class="sheet p-4" aria-labelledby="season">
		<h2 id="season">What the season still makes</h2>
		{#if data.plans.length === 0}
			<p class="mt-2">
				No plan is kept yet. <a class="link" href="/plan">Plan a mat</a>, then say here how many are
				wanted.
			</p>
		{:else}
			<p class="quiet mt-1 text-[0.9375rem]">
				Say how many mats of each plan are wanted. The store is dealt out from the top; named
				colours come first. Balls and cut pieces count as the plan has them.
			</p>
			<Table heads={['Plan', 'Mats wanted', 'Can draw', 'Lacks']} stacks>
				{#each data.plans as { id, name, mats, begun, kind, near, isRemoved, allocation } (id)}
					{@const isWrong = form?.plan === id}
					<tr class="align-top" data-plan={name}>
						<th class="min-w-40" scope="row">
							{#if isRemoved}{name}
								<span class="quiet block text-sm font-normal"
									>This plan was removed. Its mats are wanted until you set 0.</span
								>{:else}<a class="link-row" href="/plan/{id}">{name}</a>{/if}
							{#if begun > 0}<span class="quiet block text-sm font-normal" data-begun
									>{begun} begun: they ask only for what they lack</span
								>{/if}
						</th>
						<td>
							<form
								class="flex items-start gap-2"
								method="POST"
								{...actTo('?/want')}
								use:enhance={keepTyped}
							>
								<input type="hidden" name="plan" value={id} />
								<input type="hidden" name="seen" value={isWrong ? form?.seen : mats} />
								<div>
									<input
										class="field w-20"
										name="mats"
										inputmode="numeric"
										value={isWrong ? form?.mats : mats}
										aria-label="Mats wanted of {name}"
										aria-invalid={isWrong ? 'true' : undefined}
										aria-describedby={isWrong ? `${id}-problem` : undefined}
										onchange={(event) => event.currentTarget.form?.requestSubmit()}
									/>
									{#if isWrong}<p class="mt-1 text-sm font-semibold text-error" id="{id}-problem">
											{form?.problem}
										</p>{/if}
								</div>
								<button class="btn px-3 font-normal">Set</button>
							</form>
						</td>
						{#if mats > 0 || begun > 0}
							<td data-drawn data-label="Can draw">
								{drawnWords(allocation)}
								<span
									class="mt-1 block h-2 w-28 rounded-full bg-base-300"
									role="img"
									aria-label="{Math.round(share(allocation))} % of what it needs"
									><span
										class="block h-2 rounded-full bg-secondary"
										style="width: {share(allocation)}%"
									></span></span
								>
								<span class="quiet text-sm"
									>of {wholeNumber(Math.ceil(allocation.wanted))} bags: {kind ??
										'none of your kinds is like its bag'}</span
								>
								{#if near}
									<span class="block text-sm"
										>Its bag is within a few per cent of your {near}:
										<a class="link" href="/plan/{id}?step=bag">plan with that kind</a> to draw on the
										store.</span
									>
								{/if}
							</td>
							<td data-lacks data-label="Lacks">{lackingWords(allocation) || 'nothing'}</td>
						{:else}
							<td></td><td></td>
						{/if}
					</tr>
				{/each}
			</Table>
		{/if}
	</section>

	<section class="sheet p-4" aria-labelledby="ask">
		<h2 id="ask">What to ask for</h2>
		<form class="mt-2" data-sveltekit-keepfocus data-sveltekit-noscroll>
			<label class="grid gap-1 text-[0.9375rem]">
				Asked of
				<select
					class="field"
					name="place"
					value={data.place?.id ?? ''}
					onchange={(event) => event.currentTarget.form?.requestSubmit()}
				>
					<option value="">every place</option>
					{#each data.places as { id, name } (id)}<option value={id}>{name}</option>{/each}
				</select>
			</label>
			<noscript><button class="btn mt-2">Ask this place</button></noscript>
		</form>
		<p class="quiet mt-2 text-[0.9375rem]">
			{data.place ? `Of ${data.place.name}'s bags` : 'Of all bags'},
			{rejectWords(data.soFar)}; {Math.round(data.rejectedShare * 100)} % are expected to be no good for
			strand, so a few more are asked for. Counted {basisWords(data.basis)}.
		</p>
		{#if season.length === 0}
			<p class="mt-2">No mats are wanted yet, so nothing is lacking.</p>
		{:else if data.asks.length === 0}
			<p class="mt-2 font-semibold text-secondary">
				Nothing is lacking: the store covers the season.
			</p>
		{:else}
			<LackingFilm asks={data.asks} />
			<Table
				heads={[
					'Kind',
					'Colour',
					{ label: 'Lacking', isFigure: true },
					{ label: 'Ask for', isFigure: true }
				]}
			>
				{#each data.asks as { kind, colour, bags, toAsk } ((kind ?? '') + colour)}
					<tr data-ask="{kind} {colour}">
						<th class="font-semibold" scope="row">{kind ?? 'other bags'}</th>
						<td
							>{#if colour === 'any'}any colour{:else}<Swatch {colour} />{/if}</td
						>
						<td class="figure text-right">{wholeNumber(Math.ceil(bags))}</td>
						<td class="figure text-right font-semibold">{wholeNumber(toAsk)}</td>
					</tr>
				{/each}
			</Table>
		{/if}
		{#if data.drying.length > 0}
			<p class="mt-3 text-[0.9375rem]">
				<a class="link" href="/gather/sort">Hanging to dry</a>, not counted yet: {dryingWords(
					data.drying
				)}.
			</p>
		{/if}
		<div class="needs-scripts mt-4 grid gap-3 @min-[38rem]:grid-cols-2">
			<label class="grid min-w-0 gap-1 text-[0.9375rem]">
				Bring them to
				<input class="field min-w-0" maxlength="80" autocomplete="off" bind:value={bringTo} />
			</label>
			<label class="grid min-w-0 gap-1 text-[0.9375rem]">
				Until
				<input class="field min-w-0" type="date" bind:value={until} />
			</label>
		</div>
		<div class="mt-3 flex flex-wrap gap-2">
			{#each papersInOrder as { paper, label }, at (paper)}
				<a
					class="btn {at === 0 ? 'btn-accent' : 'font-normal'}"
					href={sheet(paper)}
					data-sveltekit-reload>{at === 0 ? `Ask sheet, ${label}` : label}</a
				>
			{/each}
		</div>
		<p class="quiet mt-2 text-sm">
			A page to hang up, in the name of {data.group.name}: how many are wanted, how to fold them,
			and what not to bring.
		</p>
	</section>
</div>
