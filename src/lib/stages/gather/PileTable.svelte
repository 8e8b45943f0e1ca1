<script lang="ts">
	// The sorting table: a drawn bag for each pile. Tapped for one, held for a batch, undone.
	import { PileTable as say } from '$lib/words/gather';
	import type { ColourName } from '$lib/core/colour/colours';
	import type { PileName } from '$lib/core/gather/tapped';
	import { gradeOfPile, pileNames } from '$lib/core/gather/tapped';
	import { wholeNumber } from '$lib/ui/number-words';
	import FindingDrawing from './FindingDrawing.svelte';
	import type { Taps } from './taps.svelte';

	const { taps, colour, batch = 20 }: { taps: Taps; colour: ColourName; batch?: number } = $props();
	const words: Readonly<Record<PileName, string>> = {
		sound: say.good(),
		'hole-at-edge': say.holeAtTheSeam(),
		'hole-in-body': say.holeInTheBody(),
		damp: say.dampOrSmells(),
		brittle: say.brittle(),
		soiled: say.soiled()
	};
	const ways = {
		strand: say.yarn(),
		stuffing: say.stuffing(),
		drying: say.hangIt(),
		reject: say.out()
	} as const;
	/** How long a finger rests before it means a batch. */
	const holdMs = 450;
	let timer: ReturnType<typeof setTimeout> | undefined;
	let wasHeld = false;

	function rest(pile: PileName) {
		wasHeld = false;
		clearTimeout(timer);
		timer = setTimeout(() => {
			wasHeld = true;
			taps.add(pile, batch);
		}, holdMs);
	}
	const lift = () => clearTimeout(timer);
	function tap(pile: PileName) {
		lift();
		if (!wasHeld) taps.add(pile, 1);
		wasHeld = false;
	}
	/** Figures on the keyboard, while the table has the focus; with shift, a batch. */
	function press(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || event.altKey) return;
		const nth = /^(?:Digit|Numpad)([1-6])$/.exec(event.code)?.[1];
		const pile = nth && pileNames[Number(nth) - 1];
		if (!pile) return;
		event.preventDefault();
		taps.add(pile, event.shiftKey ? batch : 1);
	}
	/** Said when the hand rests, not at every tap. */
	let said = $state('');
	$effect(() => {
		const all = pileNames
			.filter((pile) => taps.onPile[pile] > 0)
			.map((pile) => `${words[pile]} ${taps.onPile[pile]}`)
			.join(', ');
		const settled = setTimeout(() => (said = all), 900);
		return () => clearTimeout(settled);
	});
</script>

<div class="needs-scripts grid gap-2">
	<p class="quiet text-[0.9375rem]" id="how-to-tap">
		{say.tapForOneHoldFor({ batch })}
	</p>
	<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
	<ul
		class="grid grid-cols-[repeat(auto-fit,minmax(min(100%,max(8.5rem,30%)),1fr))] gap-2"
		aria-label={say.piles()}
		onkeydown={press}
	>
		{#each pileNames as pile, at (pile)}
			{@const count = taps.onPile[pile]}
			<li>
				<button
					type="button"
					class="pile grid w-full touch-manipulation grid-cols-[auto_1fr] items-center gap-x-2 rounded-xl border-2 p-2 text-left select-none {count >
					0
						? 'border-primary bg-primary/12'
						: 'border-base-300 bg-base-100'}"
					data-tap={pile}
					aria-describedby="how-to-tap"
					onpointerdown={() => rest(pile)}
					onpointerup={lift}
					onpointerleave={lift}
					onpointercancel={lift}
					oncontextmenu={(event) => event.preventDefault()}
					onclick={() => tap(pile)}
				>
					<FindingDrawing reason={pile} {colour} />
					<span class="text-right">
						<span class="figure block text-3xl leading-none font-bold" data-count
							>{wholeNumber(count)}</span
						>
						<span class="quiet text-sm">{say.goesTo({ way: ways[gradeOfPile(pile)] })}</span>
					</span>
					<span class="col-span-2 mt-1 flex items-baseline justify-between gap-2 font-semibold">
						{words[pile]}
						<kbd class="quiet text-xs font-normal" aria-hidden="true">{at + 1}</kbd>
					</span>
				</button>
			</li>
		{/each}
	</ul>
	<div class="flex flex-wrap items-center gap-3">
		<button type="button" class="btn" disabled={taps.made.length === 0} onclick={() => taps.undo()}
			>{say.undo()}</button
		>
		<span class="quiet text-[0.9375rem]" data-tapped
			>{say.tappedSoFar({ all: wholeNumber(taps.all) })}</span
		>
	</div>
	<p class="sr-only" aria-live="polite">{said}</p>
</div>
