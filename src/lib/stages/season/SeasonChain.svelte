<script lang="ts">
	// From what is asked to what to ask which source for: each number opens the next link of it.
	import { SeasonChain as say } from '$lib/words/season';
	import { nearDayWords } from '$lib/ui/day-words';
	import { listWords } from '$lib/ui/list-words';
	import { smallNumber, wholeNumber } from '$lib/ui/number-words';
	import { groupBy } from '$lib/core/group-by';
	import type { CountingState } from '$lib/core/hand-over/chain';
	import type { SeasonChainNow } from './season-chain';

	interface Props {
		chain: SeasonChainNow;
		today: string;
	}
	const { chain, today }: Props = $props();
	const stateWords: Readonly<Record<CountingState, string>> = {
		ready: say.ready(),
		'to-check': say.toCheck(),
		'to-mend': say.toMend(),
		'being-made': say.beingMade()
	};
	const near = (day: string) => nearDayWords(day, today);
	const statesOf = (mats: readonly { readonly state: CountingState }[]) =>
		listWords(
			[...groupBy(mats, ({ state }) => state)].map(
				([state, own]) => `${smallNumber(own.length)} ${stateWords[state]}`
			)
		);
	const wishes = $derived(chain.plans.filter(({ wish }) => wish > 0));
	/** Bags to ask for by kind: who asks for one asks for all its colours. */
	const bags = $derived([...groupBy(chain.bags, ({ kind }) => kind)]);
	const bagWords = ({ colour, toAsk, toAskBy, by }: Props['chain']['bags'][number]) => {
		const what = { bags: wholeNumber(toAsk), colour: colourOf(colour) };
		return by ? say.bagBy({ ...what, part: wholeNumber(toAskBy), day: near(by) }) : say.bag(what);
	};
	const colourOf = (colour: string) => (colour === 'any' ? say.anyColour() : colour);
</script>

<section class="sheet p-4" id="chain" aria-labelledby="chain-title">
	<h2 id="chain-title">{say.title()}</h2>
	<p class="quiet">{say.intro()}</p>
	<ol class="mt-2">
		{#each chain.asks as ask (ask.id)}
			<li class="border-t border-base-300 py-2" data-ask={ask.id}>
				<p class="flex flex-wrap items-center gap-x-2">
					<a class="inline-flex min-h-11 link items-center font-semibold" href="/hand-over/asks"
						>{say.asks({ place: ask.placeName, day: near(ask.byDay) })}: {say.open({
							open: ask.open
						})}</a
					>
					<span aria-hidden="true">→</span>
					<a
						class="inline-flex min-h-11 link items-center"
						href="/make"
						data-counted={ask.counted.length}
						>{ask.counted.length === 0
							? say.none()
							: say.countOf({
									count: ask.counted.length,
									open: ask.open,
									list: statesOf(ask.counted)
								})}</a
					>
					<span aria-hidden="true">→</span>
					{#if ask.toBegin === 0}<span>{say.nothingToBegin()}</span>
					{:else}
						<a
							class="inline-flex min-h-11 link items-center"
							href={ask.plan ? '/make#begin' : '/plan'}
							data-to-begin={ask.toBegin}
							>{ask.isLate
								? say.beginLate({ count: ask.toBegin })
								: say.toBegin({ count: ask.toBegin, day: near(ask.beginBy ?? ask.byDay) })}{ask.plan
								? `, ${say.by({ plan: ask.plan.name })}`
								: `: ${say.noPlan()}`}</a
						>
					{/if}
				</p>
				{#if ask.maybe.length > 0}<p class="quiet">{say.maybe({ count: ask.maybe.length })}</p>{/if}
			</li>
		{/each}
		{#if wishes.length > 0}
			<li class="border-t border-base-300 py-2">
				<a class="inline-flex min-h-11 link items-center" href="/gather/asks"
					>{say.wishes()}: {listWords(
						wishes.map(({ wish, name }) => say.wish({ count: wish, plan: name }))
					)}</a
				>
			</li>
		{/if}
		<li class="border-t border-base-300 py-2" data-balls>
			<strong>{say.balls()}</strong>
			<a class="inline-flex min-h-11 link items-center" href="/prepare/balls"
				>{chain.balls.length === 0
					? say.noBalls()
					: chain.balls
							.map(({ colour, balls }) =>
								say.ball({ balls: wholeNumber(balls), colour: colourOf(colour) })
							)
							.join(', ')}</a
			>
		</li>
		<li class="border-t border-base-300 py-2" data-bags>
			<strong>{say.bags()}</strong>
			{#if chain.bags.length === 0}<a
					class="inline-flex min-h-11 link items-center"
					href="/gather/store">{say.noBags()}</a
				>{:else}
				<ul>
					{#each bags as [, own] (own[0]?.kind)}
						{@const source = own.find((one) => one.source)?.source}
						<li data-kind={own[0]?.kind}>
							<a
								class="inline-flex min-h-11 link items-center"
								href="/gather/asks{source ? `?place=${source.id}` : ''}"
								>{own[0]?.kind ?? say.otherBags()}: {own.map(bagWords).join(', ')}{source
									? `, ${say.fromSource({ source: source.name })}`
									: ''}</a
							>
						</li>
					{/each}
				</ul>
			{/if}
		</li>
	</ol>
</section>
