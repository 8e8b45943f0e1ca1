<script lang="ts">
	// The table: bags at one end, balls at the other, piles lying at each place, the weft under them.
	import type { LengthSystem } from '$lib/core/units/format-length';
	import { pileWord } from '$lib/core/prepare/piles';
	import { queryOf } from '$lib/ui/query';
	import { lyingAt, places } from './places';
	import type { WorkFor } from './next-act';
	import { nextAct } from './next-act';
	import { bagsWorth } from './pile-words';
	import PileTap from './PileTap.svelte';
	import type { TablePile } from './table-view';
	import type { EntryActions } from './trestle.svelte';

	interface Props {
		piles: readonly TablePile[];
		work: WorkFor;
		trestle: EntryActions;
		system: LengthSystem;
		/** The pile whose plain form is open. */
		open: string | null;
		/** What of the address stays when a pile is opened. */
		query: Readonly<Record<string, string>>;
	}
	const { piles, work, trestle, system, open, query }: Props = $props();
	const lying = $derived(lyingAt(piles));
	/** The spots of each place as they were taken first: a pile that is used up leaves its spot empty until the page is left. */
	const taken: string[][] = places.map(() => []);
	const spots = $derived(
		lying.map((there, place) => {
			const own = (taken[place] ??= []);
			for (const pile of there) if (!own.includes(pileWord(pile))) own.push(pileWord(pile));
			return own.map((word) => ({
				word,
				pile: there.find((pile) => pileWord(pile) === word) ?? null
			}));
		})
	);
	const most = $derived(Math.max(1, ...lying.flat().map((pile) => bagsWorth(pile))));
	/** The pile that is dragged; its film goes to the place after its own. */
	let dragged = $state.raw<TablePile | null>(null);
	const isGoal = (place: number) =>
		dragged !== null && lying[place - 1]?.some((pile) => pile === dragged) === true;
	function drop(event: DragEvent) {
		event.preventDefault();
		const act = dragged && nextAct(dragged, work);
		dragged = null;
		if (act?.type) void trestle.act(act);
	}
	const hrefOf = (pile: TablePile) =>
		pile.form === 'ball' || pile.form === 'chain'
			? '/prepare/balls'
			: `?${queryOf({ ...query, pile: pileWord(pile) })}#pile`;
</script>

<div
	class="grid overflow-hidden rounded-xl border border-base-300 bg-base-100 @min-[44rem]:grid-cols-[1.6fr_1fr_1fr_1fr_1fr]"
	data-trestle
>
	{#each places as { name, forms, empty }, place (name)}
		<section
			class="min-w-0 border-base-300 pb-2 not-first:@max-[44rem]:border-t {isGoal(place)
				? 'bg-accent/40 outline-2 -outline-offset-2 outline-primary outline-dashed'
				: ''}"
			aria-labelledby="place-{place}"
			data-place={forms[0]}
			ondragover={(event) => isGoal(place) && event.preventDefault()}
			ondrop={drop}
		>
			<h3
				class="border-b border-base-300 px-3 pt-2 pb-1 text-base font-semibold"
				id="place-{place}"
			>
				{name}
			</h3>
			{#if spots[place]?.length}
				<ul class="flex flex-wrap items-end gap-x-1 gap-y-2 px-1 pt-2">
					{#each spots[place] as { word, pile } (word)}
						<li class="w-20">
							{#if pile}
								<PileTap
									{pile}
									act={nextAct(pile, work)}
									{most}
									{trestle}
									{system}
									href={hrefOf(pile)}
									action="?{queryOf(query)}&/keep"
									isOpen={open === pileWord(pile)}
									ondrag={(one) => (dragged = one)}
								/>
							{:else}<div
									class="mx-1 h-10 rounded-lg border-2 border-dashed border-base-300"
									data-spot={word}
								></div>{/if}
						</li>
					{/each}
				</ul>
			{:else}<p class="quiet px-3 py-2 text-sm">{empty}</p>{/if}
		</section>
	{/each}
</div>
