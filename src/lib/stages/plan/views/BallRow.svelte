<script lang="ts">
	// The balls in the order they are worked; the mat shows where each runs out.
	import { BallRow as say } from '$lib/words/plan';
	import ArrowLeft from '@lucide/svelte/icons/arrow-left';
	import ArrowRight from '@lucide/svelte/icons/arrow-right';
	import Plus from '@lucide/svelte/icons/plus';
	import Trash from '@lucide/svelte/icons/trash-2';
	import type { DndEvent, Options } from 'svelte-dnd-action';
	import type { ActionReturn } from 'svelte/action';
	import type { Attachment } from 'svelte/attachments';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import type { ColourName } from '$lib/core/colour/colours';
	import { colourNames } from '$lib/core/colour/colours';
	import type { ColourCounts } from '$lib/core/colour/order';
	import { neverBesideItself, noiseOrder, symmetricOrder } from '$lib/core/colour/order';

	const { bench, balls }: { bench: Bench; balls: number } = $props();
	interface Placed {
		readonly id: number;
		readonly colour: ColourName;
	}
	/** The colours as typed: their text is the same while the plan around them changes. */
	const typed = $derived(bench.fields.colours);
	const colours = $derived(typed.split(' ').filter(Boolean) as ColourName[]);
	// While a ball is dragged its row runs ahead of the plan.
	let dragged = $state<Placed[] | null>(null);
	const row = $derived(dragged ?? colours.map((colour, id): Placed => ({ id, colour })));
	let chosen = $state<number | null>(null);
	const isOneColour = $derived(new Set(colours).size === 1);
	const isRepeated = $derived(colours.length > 0 && balls > colours.length);

	const set = (next: readonly ColourName[]) => bench.choose({ colours: next.join(' ') });
	const move = (index: number, by: 1 | -1) => {
		const next = [...colours];
		const [ball] = next.splice(index, 1);
		if (!ball) return;
		next.splice(index + by, 0, ball);
		chosen = index + by;
		set(next);
	};
	const counts = (): ColourCounts => {
		const counted: Partial<Record<ColourName, number>> = {};
		for (const colour of colours) counted[colour] = (counted[colour] ?? 0) + 1;
		return counted;
	};
	type Zone = ActionReturn<Options<Placed>>;
	const zoneOptions = () => ({
		items: row,
		flipDurationMs: 0,
		dropTargetStyle: {},
		zoneTabIndex: -1,
		zoneItemTabIndex: -1,
		dragDisabled: colours.length < 2
	});
	/** Dragging is loaded once there is something to drag; the buttons do the same without it. */
	const sortable: Attachment<HTMLElement> = (node) => {
		let zone: Zone | undefined;
		let isGone = false;
		const listen = (name: 'consider' | 'finalize', act: (items: Placed[]) => void) => {
			const hear = (event: Event) => act((event as CustomEvent<DndEvent<Placed>>).detail.items);
			node.addEventListener(name, hear);
			return () => node.removeEventListener(name, hear);
		};
		const quiet = [
			listen('consider', (items) => (dragged = items)),
			listen('finalize', (items) => {
				dragged = null;
				chosen = null;
				set(items.map(({ colour }) => colour));
			})
		];
		$effect(() => {
			const options = zoneOptions();
			if (zone) return zone.update?.(options);
			if (options.dragDisabled) return;
			void import('svelte-dnd-action').then((loaded) => {
				if (!isGone && !zone) zone = loaded.dndzone(node, zoneOptions());
			});
		});
		return () => {
			isGone = true;
			zone?.destroy?.();
			for (const stop of quiet) stop();
		};
	};
	let refusal = $state('');
	const mirror = () => {
		const { order, isSymmetric } = symmetricOrder(counts());
		refusal = isSymmetric ? '' : say.moreThanOneColourIs();
		set(order);
	};
	const mixUp = () => {
		refusal = '';
		set(noiseOrder(counts(), Math.random));
	};
	const keepApart = () => {
		const order = neverBesideItself(counts());
		refusal = order || isOneColour ? '' : say.oneColourIsMoreThan();
		if (order) set(order);
	};
</script>

<div class="grid gap-2">
	<p class="text-[0.9375rem]" id="ball-row">
		{isOneColour ? say.allOfOneColour() : say.stripesFallWhereEachBall()}
		{#if colours.length === 0}
			{say.addTheBallsColoursIn()}
		{:else}
			{say.dragABallOrPick({
				part: isRepeated
					? say.theseRepeatOverBalls({ length: colours.length, ceil: Math.ceil(balls) })
					: ''
			})}
		{/if}
	</p>
	<div class="flex flex-wrap items-center gap-2">
		<div
			class="flex min-h-11 flex-wrap items-center gap-2"
			role="list"
			aria-labelledby="ball-row"
			{@attach sortable}
		>
			{#each row as { id, colour }, index (id)}
				<div role="listitem">
					<button
						type="button"
						class="block rounded-full aria-pressed:outline-3 aria-pressed:outline-offset-2 aria-pressed:outline-primary"
						aria-pressed={chosen === index}
						aria-label={say.ball({ index: index + 1, colour })}
						onclick={() => (chosen = chosen === index ? null : index)}
					>
						<svg width="44" height="44" viewBox="0 0 44 44" aria-hidden="true">
							<circle
								cx="22"
								cy="22"
								r="17"
								fill="url(#film-{colour})"
								class="stroke-base-content"
							/>
							<path
								d="M9 16c9 6 17 6 26 0M7 24c10 6 20 6 30 0M11 32c8 4 14 4 22 0"
								fill="none"
								stroke="#14201f"
								stroke-opacity="0.45"
							/>
						</svg>
					</button>
				</div>
			{/each}
		</div>
		<button
			type="button"
			class="btn btn-square rounded-full"
			aria-label={say.addABall()}
			onclick={() => {
				const place = colours.length;
				set([...colours, colours.at(-1) === 'blue' ? 'white' : 'blue']);
				chosen = place;
			}}><Plus class="size-5" /></button
		>
		{#if colours.length > 2}
			<button type="button" class="btn btn-ghost font-normal" onclick={mirror}
				>{say.mirror()}</button
			>
			<button type="button" class="btn btn-ghost font-normal" onclick={mixUp}
				>{say.mixedUp()}</button
			>
			<button type="button" class="btn btn-ghost font-normal" onclick={keepApart}
				>{say.neverBesideItself()}</button
			>
		{/if}
	</div>
	{#if chosen !== null && colours[chosen]}
		{@const index = chosen}
		<div
			class="flex flex-wrap items-center gap-2"
			role="group"
			aria-label={say.ball2({ index: index + 1 })}
		>
			<label class="flex items-center gap-2 text-[0.9375rem]">
				{say.colourOfBall({ index: index + 1 })}
				<select
					class="field w-auto max-w-full"
					value={colours[index]}
					onchange={(event) =>
						set(
							colours.map((colour, at) =>
								at === index ? (event.currentTarget.value as ColourName) : colour
							)
						)}
				>
					{#each colourNames as name (name)}<option value={name}>{name}</option>{/each}
				</select>
			</label>
			<button
				type="button"
				class="btn btn-square"
				aria-label={say.moveItLeft()}
				disabled={index === 0}
				onclick={() => move(index, -1)}><ArrowLeft class="size-5" /></button
			>
			<button
				type="button"
				class="btn btn-square"
				aria-label={say.moveItRight()}
				disabled={index === colours.length - 1}
				onclick={() => move(index, 1)}><ArrowRight class="size-5" /></button
			>
			<button
				type="button"
				class="btn btn-square"
				aria-label={say.remove()}
				onclick={() => {
					set(colours.filter((_, at) => at !== index));
					chosen = null;
				}}><Trash class="size-5" /></button
			>
		</div>
	{/if}
	{#if refusal}<p class="text-[0.9375rem] font-semibold" role="status">{refusal}</p>{/if}
	<input type="hidden" name="colours" value={bench.fields.colours} />
</div>
