<script lang="ts">
	// A mat as it was made, and the fifteen places a hand goes over: each is tapped for what is found there.
	import { CheckMap as say } from '$lib/words/check';
	import { mapPlaces } from '$lib/core/check/judge-mat';
	import type { FoundFault } from '$lib/core/check/judge-mat';
	import MatStrip from '$lib/stages/making/MatStrip.svelte';
	import ColourPatterns from '$lib/ui/ColourPatterns.svelte';
	import type { MadeMatLine } from './check-view';
	import { wholeMat } from '$lib/stages/making/mat-view';
	import { faultWords } from './check-words';
	import { mapPlaceOf } from './places';

	interface Props {
		mat: Pick<MadeMatLine, 'look' | 'rows'>;
		goesThrough: readonly boolean[];
		faults: readonly FoundFault[];
		/** Says which place was tapped, and at which spot where a finger or a pointer showed one; null where nothing is marked any more. */
		ontap:
			| ((place: number, spot: { readonly along: number; readonly across: number } | null) => void)
			| null;
	}
	const { mat, goesThrough, faults, ontap }: Props = $props();
	const places = Array.from({ length: mapPlaces.along * mapPlaces.across }, (_, at) => at);
	const kinds = $derived([...new Set(faults.map(({ kind }) => kind))]);
	const at = (place: number) => faults.filter((fault) => mapPlaceOf(fault) === place);
	let map = $state<HTMLElement>();
	/** Where on the mat a pointer tapped; a key taps a place and no spot of it. */
	function spotOf({ detail, clientX, clientY }: MouseEvent) {
		const box = map?.getBoundingClientRect();
		if (detail === 0 || !box || box.width === 0) return null;
		const share = (offset: number, size: number) =>
			Math.round(Math.min(1, Math.max(0, offset / size)) * 1000) / 1000;
		return {
			along: share(clientX - box.left, box.width),
			across: share(clientY - box.top, box.height)
		};
	}
	const wordsOf = (place: number) => {
		const found = [
			...(goesThrough[place] ? [say.aFingertipGoesThrough()] : []),
			...at(place).map(({ kind }) => faultWords[kind].name)
		];
		return found.length > 0 ? found.join(', ') : say.nothingFound();
	};
</script>

<ColourPatterns />
<div class="relative">
	<MatStrip mat={wholeMat(mat)} longestMm={mat.look?.lengthMm ?? 1850} isWhole />
	<div class="absolute inset-0 grid grid-cols-5 grid-rows-3" data-map bind:this={map}>
		{#each places as place (place)}
			{@const marks = at(place).length}
			<button
				type="button"
				class="m-0.5 grid min-h-11 place-items-center rounded border-2 {goesThrough[place]
					? 'border-error'
					: 'border-base-content/40'} {goesThrough[place] || marks > 0 ? 'bg-base-100/85' : ''}"
				disabled={ontap === null}
				aria-label={say.placeAlongAcross({
					place: (place % mapPlaces.along) + 1,
					floor: Math.floor(place / mapPlaces.along) + 1,
					wordsOf: wordsOf(place)
				})}
				data-place={place}
				onclick={(event) => ontap?.(place, spotOf(event))}
				><span aria-hidden="true" class="font-semibold">{goesThrough[place] ? '○' : ''}</span
				></button
			>
		{/each}
	</div>
	<!-- Each fault stands where it was found; a number tells which it is. -->
	<div class="pointer-events-none absolute inset-0">
		{#each faults as fault, nth (nth)}
			<span
				class="absolute grid size-6 -translate-1/2 place-items-center rounded-full border-2 border-base-100 bg-error text-sm font-semibold text-error-content"
				style:left="{Math.min(97, Math.max(3, fault.along * 100))}%"
				style:top="{Math.min(90, Math.max(10, fault.across * 100))}%"
				aria-hidden="true"
				data-fault-at={fault.kind}>{kinds.indexOf(fault.kind) + 1}</span
			>
		{/each}
	</div>
</div>
{#if kinds.length > 0}
	<p class="text-[0.9375rem]">
		{kinds.map((kind, nth) => `${nth + 1} ${faultWords[kind].name}`).join(' · ')}
	</p>
{/if}
