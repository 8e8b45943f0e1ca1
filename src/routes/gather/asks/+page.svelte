<script lang="ts">
	// What the season's plans draw from the store, what they lack, and the sheet that asks for it.
	import { GatherAsksPage as msg } from '$lib/words/gather';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import { actTo } from '$lib/ui/offered';
	import { enhance } from '$app/forms';
	import ColourPatterns from '$lib/ui/ColourPatterns.svelte';
	import Swatch from '$lib/ui/Swatch.svelte';
	import { keepTyped } from '$lib/ui/keep-typed';
	import LackingFilm from '$lib/stages/gather/LackingFilm.svelte';
	import Table from '$lib/ui/Table.svelte';
	import { basisWords } from '$lib/ui/basis-words';
	import { drawnWords, dryingWords, lackingWords, rejectWords } from '$lib/stages/gather/ask-words';
	import { nearDayWords } from '$lib/ui/day-words';
	import { wholeNumber } from '$lib/ui/number-words';
	import { queryOf } from '$lib/ui/query';
	import type { ColourName } from '$lib/core/colour/colours';
	import { nearestColour } from '$lib/core/colour/near-colour';
	import { colourLooks } from '$lib/ui/colour-looks';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const share = ({ wanted, drawn }: { wanted: number; drawn: number }) =>
		wanted > 0 ? (drawn / wanted) * 100 : 0;
	const papers = [
		{ paper: 'a4', label: 'A4' },
		{ paper: 'letter', label: msg.letter() }
	];
	/** The paper this device prints on first. */
	const papersInOrder = $derived(
		papers.toSorted(
			(a, b) => Number(b.paper === data.group.paper) - Number(a.paper === data.group.paper)
		)
	);
	const season = $derived(
		data.plans.filter(({ mats, begun, fromAsks }) => mats > 0 || begun > 0 || fromAsks > 0)
	);
	const films = Object.fromEntries(
		(Object.entries(colourLooks) as [ColourName, { film: string }][]).flatMap(([name, { film }]) =>
			name === 'mixed' ? [] : [[name, film]]
		)
	) as Partial<Record<ColourName, string>>;
	/** The colour that could stand in for one that is lacking. */
	const nearestTo = (colour: ColourName) => nearestColour(colour, films);
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
		<h2 id="season">{msg.whatToMakeThisSeason()}</h2>
		{#if data.plans.length === 0}
			<p class="mt-2">
				{msg.noPlanIsKeptYet()}
				<a class="link" href="/plan">{msg.planAMat()}</a>{msg.thenSayHereHowMany()}
			</p>
		{:else}
			<p class="quiet mt-1 text-[0.9375rem]">
				{msg.sayHowManyMatsOf()}
			</p>
			<Table
				heads={[msg.plan(), msg.forAsks(), msg.matsWanted(), msg.canUse(), msg.missing()]}
				stacks
			>
				{#each data.plans as { id, name, mats, begun, fromAsks, kind, near, isRemoved, allocation } (id)}
					{@const isWrong = form?.plan === id}
					<tr class="align-top" data-plan={name}>
						<th class="min-w-40" scope="row">
							{#if isRemoved}{name}
								<span class="quiet block text-sm font-normal">{msg.thisPlanWasRemovedIts()}</span
								>{:else}<a class="link-row" href="/plan/{id}">{name}</a>{/if}
							{#if begun > 0}<span class="quiet block text-sm font-normal" data-begun
									>{msg.begunTheyAskOnlyFor({ begun })}</span
								>{/if}
						</th>
						<td data-for-asks={fromAsks} data-label={msg.forAsks()}>
							{#if fromAsks > 0}<a class="link-row" href="/season#chain">{fromAsks}</a>{:else}0{/if}
						</td>
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
										aria-label={msg.matsWantedOf({ name })}
										aria-invalid={isWrong ? 'true' : undefined}
										aria-describedby={isWrong ? `${id}-problem` : undefined}
										onchange={(event) => event.currentTarget.form?.requestSubmit()}
									/>
									{#if isWrong}<p class="mt-1 text-sm font-semibold text-error" id="{id}-problem">
											{form?.problem}
										</p>{/if}
								</div>
								<button class="btn px-3 font-normal">{msg.set()}</button>
							</form>
						</td>
						{#if mats > 0 || begun > 0 || fromAsks > 0}
							<td data-drawn data-label="Can draw">
								{drawnWords(allocation)}
								<span
									class="mt-1 block h-2 w-28 rounded-full bg-base-300"
									role="img"
									aria-label={msg.ofWhatItNeeds({ round: Math.round(share(allocation)) })}
									><span
										class="block h-2 rounded-full bg-secondary"
										style="width: {share(allocation)}%"
									></span></span
								>
								<span class="quiet text-sm"
									>{msg.ofBags({
										ceil: wholeNumber(Math.ceil(allocation.wanted)),
										kind: kind ?? msg.noneOfYourKindsIs()
									})}</span
								>
								{#if near}
									<span class="block text-sm"
										>{msg.itsBagIsWithinA({ near })}
										<a class="link" href="/plan/{id}?step=bag">{msg.planWithThatKind()}</a>
										{msg.toDrawOnTheStore()}</span
									>
								{/if}
							</td>
							<td data-lacks data-label="Lacks">{lackingWords(allocation) || msg.nothing()}</td>
						{:else}
							<td></td><td></td>
						{/if}
					</tr>
				{/each}
			</Table>
		{/if}
		<p class="mt-2"><a class="link-row" href="/season#chain">{msg.seeTheChain()}</a></p>
	</section>

	<section class="sheet p-4" aria-labelledby="ask">
		<h2 id="ask">{msg.whatToAskFor()}</h2>
		<form class="mt-2" data-sveltekit-keepfocus data-sveltekit-noscroll>
			<label class="grid gap-1 text-[0.9375rem]">
				{msg.ask()}
				<select
					class="field"
					name="place"
					value={data.place?.id ?? ''}
					onchange={(event) => event.currentTarget.form?.requestSubmit()}
				>
					<option value="">{msg.everySource()}</option>
					{#each data.places as { id, name } (id)}<option value={id}>{name}</option>{/each}
				</select>
			</label>
			<noscript><button class="btn mt-2">{msg.askThisPlace()}</button></noscript>
		</form>
		<p class="quiet mt-2 text-[0.9375rem]">
			{msg.aboutOf100WillBe({
				part: data.place ? msg.ofSBags({ name: data.place.name }) : msg.ofAllBags(),
				reject: rejectWords(data.soFar),
				round: Math.round(data.rejectedShare * 100),
				basis: basisWords(data.basis)
			})}
		</p>
		{#if season.length === 0}
			<p class="mt-2">{msg.noMatsAreWantedYet()}</p>
		{:else if data.asks.length === 0}
			<p class="mt-2 font-semibold text-secondary">
				{msg.nothingIsLackingTheStore()}
			</p>
		{:else}
			<LackingFilm asks={data.asks} />
			<Table
				heads={[
					msg.kind(),
					msg.colour(),
					{ label: msg.lacking(), isFigure: true },
					{ label: msg.askFor(), isFigure: true }
				]}
			>
				{#each data.asks as { kind, colour, bags, toAsk, toAskBy, by, source } ((kind ?? '') + colour)}
					<tr data-ask="{kind} {colour}">
						<th class="font-semibold" scope="row">{kind ?? msg.otherBags()}</th>
						<td
							>{#if colour === 'any'}{msg.anyColour()}{:else}<Swatch {colour} />{@const near =
									nearestTo(colour)}{#if near}<span
										class="quiet block text-sm"
										data-near={near.colour}
										>{msg.looksMostLike({
											colour: near.colour,
											difference: Math.round(near.difference)
										})}</span
									>{/if}{/if}</td
						>
						<td class="figure text-right">{wholeNumber(Math.ceil(bags))}</td>
						<td class="text-right font-semibold"
							><span class="figure">{wholeNumber(toAsk)}</span>{#if by}<span
									class="quiet block text-sm font-normal"
									data-by={by}
									>{msg.byDay({
										part: wholeNumber(toAskBy),
										day: nearDayWords(by, data.group.today)
									})}</span
								>{/if}{#if source && !data.place}<span
									class="quiet block text-sm font-normal"
									data-source={source.id}>{source.name}</span
								>{/if}</td
						>
					</tr>
				{/each}
			</Table>
		{/if}
		{#if data.drying.length > 0}
			<p class="mt-3 text-[0.9375rem]">
				<a class="link" href="/gather/sort">{msg.hangingToDry()}</a>{msg.notCountedYet({
					drying: dryingWords(data.drying)
				})}
			</p>
		{/if}
		<div class="needs-scripts mt-4 grid gap-3 @min-[38rem]:grid-cols-2">
			<label class="grid min-w-0 gap-1 text-[0.9375rem]">
				{msg.bringThemTo()}
				<input class="field min-w-0" maxlength="80" autocomplete="off" bind:value={bringTo} />
			</label>
			<label class="grid min-w-0 gap-1 text-[0.9375rem]">
				{msg.until()}
				<input class="field min-w-0" type="date" bind:value={until} />
			</label>
		</div>
		<div class="mt-3 flex flex-wrap gap-2">
			{#each papersInOrder as { paper, label }, at (paper)}
				<a
					class="btn {at === 0 ? 'btn-accent' : 'font-normal'}"
					href={sheet(paper)}
					data-sveltekit-reload>{at === 0 ? msg.askSheet({ label }) : label}</a
				>
			{/each}
		</div>
		<p class="quiet mt-2 text-sm">
			{msg.aPageToHangUp({ name: data.group.name })}
		</p>
	</section>
</div>
