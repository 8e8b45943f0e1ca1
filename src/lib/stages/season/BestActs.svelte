<script lang="ts">
	// The acts of the best plan, the one that adds most first: each to be taken by one tap, or left.
	import { BestActs as say } from '$lib/words/season';
	import PressOnce from '$lib/entries/PressOnce.svelte';
	import { listWords } from '$lib/ui/list-words';
	import { actTo } from '$lib/ui/offered';
	import type { BestSaid } from './best-season';
	import { addsWords, moreBagsWords } from './season-words';

	interface Props {
		said: BestSaid;
		names: Readonly<Record<string, string>>;
		planNames: Readonly<Record<string, string>>;
		/** Who begins next was decided so before, and is so still. */
		isBeginKept: boolean;
	}
	const { said, names, planNames, isBeginKept }: Props = $props();
	const nameOf = (id: string) => names[id] ?? say.theTable();
	const named = (ids: readonly string[]) => ids.filter((id) => names[id] !== undefined);
	const begin = $derived(named(said.begin));
	const later = $derived(named(said.later));
	const passes = $derived(said.passes.toSorted((one, other) => other.adds - one.adds));
	const hasBegin = $derived(said.beginAdds >= 0.02 && begin.length + later.length > 0);
	const hasNone = $derived(passes.length === 0 && !hasBegin && !said.plan);
</script>

<section class="sheet grid gap-1 p-4" aria-labelledby="acts">
	<h2 id="acts">{say.hands()}</h2>
	<p class="quiet">{say.eachIsYours()}</p>
	{#if hasNone}<p data-no-act>{say.nothingBetter()}</p>{/if}
	<ul>
		{#each passes as { mat, from, to, adds } (mat)}
			<li class="act" data-pass={mat} data-adds={adds}>
				<p>
					<strong>{say.passOn({ mat, to: nameOf(to) })}</strong>
					<a class="inline-flex min-h-11 link items-center" href="/make/{mat}"
						>{say.nowWith({ from: nameOf(from) })}</a
					>
				</p>
				<p class="adds">{addsWords(adds)}</p>
				<div>
					<PressOnce
						type="hand-on"
						typed={{ mat, person: to }}
						label={say.takeIt()}
						words={say.passOn({ mat, to: nameOf(to) })}
						kept={say.taken()}
					/>
				</div>
			</li>
		{/each}
		{#if hasBegin}
			<li class="act" data-begin={begin.length} data-adds={said.beginAdds}>
				<p>
					{#if begin.length > 0}<strong
							>{say.yarnGoesTo({ names: begin.slice(0, 8).map(nameOf).join(', ') })}</strong
						>{/if}
					{#if later.length > 0}{say.helpAtTheTable({
							names: listWords(later.slice(0, 8).map(nameOf)),
							count: later.length
						})}{/if}
				</p>
				<p class="adds">{addsWords(said.beginAdds)}</p>
				<form method="POST" {...actTo('?/begin')}>
					{#each begin as id (id)}<input type="hidden" name="begin" value={id} />{/each}
					{#each later as id (id)}<input type="hidden" name="later" value={id} />{/each}
					<button class="btn">{say.takeIt()}</button>
				</form>
			</li>
		{/if}
		{#if said.plan}
			<li class="act" data-plan={said.plan.id} data-adds={said.plan.adds}>
				<p><strong>{say.startBy({ plan: planNames[said.plan.id] ?? '' })}</strong></p>
				<p class="adds">{addsWords(said.plan.adds)}, {moreBagsWords(said.plan.moreBags)}</p>
				<form method="POST" {...actTo('?/next')}>
					<input type="hidden" name="plan" value={said.plan.id} />
					<button class="btn">{say.takeIt()}</button>
				</form>
			</li>
		{/if}
	</ul>
	{#if isBeginKept}
		<form method="POST" class="flex flex-wrap items-center gap-x-3" {...actTo('?/begin')}>
			<span>{say.orderIsKept()}</span>
			<button class="btn btn-ghost px-3 font-normal" data-drop="begin">{say.anyOrder()}</button>
		</form>
	{/if}
</section>

<style>
	.act {
		display: grid;
		grid-template-columns: minmax(0, 1fr) auto 7rem;
		gap: 0.25rem 1rem;
		align-items: center;
		padding-block: 0.75rem;
		border-top: 1px solid var(--color-base-300);
	}
	.act:first-child {
		border-top: 0;
	}
	.act > :last-child {
		justify-self: end;
	}
	.adds {
		text-align: right;
		font-weight: 600;
	}
	@media (max-width: 40rem) {
		.act {
			grid-template-columns: minmax(0, 1fr);
		}
		.adds {
			text-align: left;
		}
		.act > :last-child {
			justify-self: start;
		}
	}
</style>
