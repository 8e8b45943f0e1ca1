<script lang="ts">
	// The picture with the edges that were found in it: each can be dragged, or moved by keys.
	import { PhotoPicture as say } from '$lib/words/photo';
	import type { Place } from '$lib/core/photo/board';
	import type { PhotoBench } from './photo-bench.svelte';
	import { edgeWords } from './photo-words';

	interface Props {
		bench: PhotoBench;
		/** Taps on the picture itself are wanted, in its pixels. */
		ontap?: ((place: Place) => void) | undefined;
		taps?: readonly Place[];
	}
	const { bench, ontap, taps = [] }: Props = $props();
	let image = $state<HTMLImageElement>();
	let natural = $state({ width: 1600, height: 1200 });
	/** Pixels of the measured picture: what edges are in. Where another machine measured, the picture's own, made as small. */
	const size = $derived.by(() => {
		if (bench.size) return bench.size;
		const by = Math.min(1, 2400 / Math.max(natural.width, natural.height));
		return { width: Math.round(natural.width * by), height: Math.round(natural.height * by) };
	});
	const unit = $derived(size.width / 400);
	let shownWidth = $state(366);
	/** Pixels of the picture in one of the screen: a finger wants so many of these. */
	const pixel = $derived(size.width / Math.max(1, shownWidth));
	const middle = (a: Place, b: Place): Place => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
	type Ends = 'from' | 'to' | 'both';
	let dragged = $state<{ name: string; ends: Ends; x: number; y: number } | null>(null);

	function placeOf(event: PointerEvent | MouseEvent): Place {
		const box = image?.getBoundingClientRect();
		if (!box) return [0, 0];
		return [
			((event.clientX - box.left) / box.width) * size.width,
			((event.clientY - box.top) / box.height) * size.height
		];
	}
	/** A finger this near takes a handle, in pixels of the screen; the nearest one where there are several. */
	const reach = 26;
	function take(event: PointerEvent): void {
		const [x, y] = placeOf(event);
		const scale = (image?.getBoundingClientRect().width ?? size.width) / size.width;
		const handles = bench.edges.flatMap(({ name, from, to }) =>
			(
				[
					['from', from],
					['to', to],
					['both', middle(from, to)]
				] as const
			).map(([ends, at]) => ({
				name,
				ends,
				away: Math.hypot(at[0] - x, at[1] - y) * scale
			}))
		);
		const nearest = handles.reduce<(typeof handles)[number] | null>(
			(best, one) => (one.away < (best?.away ?? reach) ? one : best),
			null
		);
		if (!nearest) return;
		dragged = { name: nearest.name, ends: nearest.ends, x, y };
		(event.currentTarget as Element).setPointerCapture(event.pointerId);
		event.preventDefault();
	}
	function drag(event: PointerEvent): void {
		if (!dragged) return;
		const [x, y] = placeOf(event);
		bench.move(dragged.name, dragged.ends, x - dragged.x, y - dragged.y);
		dragged = { ...dragged, x, y };
	}
	const ways: Readonly<Record<string, Place>> = {
		ArrowLeft: [-1, 0],
		ArrowRight: [1, 0],
		ArrowUp: [0, -1],
		ArrowDown: [0, 1]
	};
	function key(event: KeyboardEvent, name: string, ends: Ends): void {
		const way = ways[event.key];
		if (!way) return;
		event.preventDefault();
		const far = event.shiftKey ? 8 : 1;
		bench.move(name, ends, way[0] * far, way[1] * far);
	}
	const endWords: Readonly<Record<Ends, string>> = {
		from: say.firstEnd(),
		to: say.secondEnd(),
		both: say.wholeEdge()
	};
</script>

<figure class="grid grid-cols-[minmax(0,1fr)] gap-2">
	<div class="relative overflow-hidden rounded-2xl bg-base-300" bind:clientWidth={shownWidth}>
		<img
			class="block max-h-[75vh] w-full object-contain"
			src={bench.address}
			alt={say.thePhoto()}
			bind:this={image}
			onload={() => image && (natural = { width: image.naturalWidth, height: image.naturalHeight })}
			style="aspect-ratio: {size.width} / {size.height}; max-height: none"
		/>
		<!-- svelte-ignore a11y_no_noninteractive_element_interactions, a11y_click_events_have_key_events -->
		<svg
			class="absolute inset-0 size-full touch-pan-y"
			viewBox="0 0 {size.width} {size.height}"
			role="group"
			aria-label={say.thePhoto()}
			onpointerdown={take}
			onpointermove={drag}
			onpointerup={() => (dragged = null)}
			onpointercancel={() => (dragged = null)}
			onclick={(event) => ontap?.(placeOf(event))}
		>
			{#each bench.edges as { name, from, to } (name)}
				<g data-edge={name}>
					<line
						class="stroke-base-100"
						stroke-width={3.4 * unit}
						x1={from[0]}
						y1={from[1]}
						x2={to[0]}
						y2={to[1]}
					/>
					<line
						class="stroke-primary"
						stroke-width={1.7 * unit}
						x1={from[0]}
						y1={from[1]}
						x2={to[0]}
						y2={to[1]}
					/>
					{#each [['both', middle(from, to)], ['from', from], ['to', to]] as const as [ends, at] (ends)}
						<circle
							class="cursor-grab touch-none fill-transparent outline-none [&:focus-visible]:fill-accent/60"
							cx={at[0]}
							cy={at[1]}
							r={22 * pixel}
							tabindex="0"
							role="slider"
							aria-label={say.moveTheEdge({ edge: edgeWords(name), end: endWords[ends] })}
							aria-valuenow={Math.round(at[0])}
							aria-valuetext="{Math.round(at[0])}, {Math.round(at[1])}"
							onkeydown={(event) => key(event, name, ends)}
						/>
						<circle
							class="pointer-events-none fill-base-100 stroke-primary"
							stroke-width={1.2 * unit}
							cx={at[0]}
							cy={at[1]}
							r={(ends === 'both' ? 2.2 : 3.2) * unit}
						/>
					{/each}
				</g>
			{/each}
			{#each taps as [x, y], nth (nth)}
				<circle
					class="fill-accent stroke-base-content"
					stroke-width={unit}
					cx={x}
					cy={y}
					r={5 * unit}
				/>
			{/each}
		</svg>
	</div>
	{#if bench.edges.length > 0}
		<figcaption class="flex flex-wrap items-center gap-x-4 gap-y-1 text-[0.9375rem]">
			<span class="quiet">{say.keysMoveIt()}</span>
			{#if bench.isMoved}
				<button type="button" class="btn font-normal" onclick={() => bench.layBack()}
					>{say.layBack()}</button
				>
			{/if}
		</figcaption>
	{/if}
</figure>
