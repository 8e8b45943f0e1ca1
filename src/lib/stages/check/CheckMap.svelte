<script lang="ts">
	// A mat as it was made, and the fifteen places a hand goes over: each is tapped for what is found there.
	import { mapPlaces } from '$lib/core/check/judge-mat';
	import type { FoundFault } from '$lib/core/check/judge-mat';
	import MatStrip from '$lib/stages/hand/MatStrip.svelte';
	import ColourPatterns from '$lib/ui/ColourPatterns.svelte';
	import type { MadeMatLine } from './check-view';
	import { wholeOf } from './check-view';
	import { faultWords } from './check-words';
	import { placeOf } from './places';

	interface Props {
		mat: Pick<MadeMatLine, 'look' | 'rows'>;
		goesThrough: readonly boolean[];
		faults: readonly FoundFault[];
		/** Says which place was tapped; null where nothing is marked any more. */
		ontap: ((place: number) => void) | null;
	}
	const { mat, goesThrough, faults, ontap }: Props = $props();
	const places = Array.from({ length: mapPlaces.along * mapPlaces.across }, (_, at) => at);
	const at = (place: number) => faults.filter((fault) => placeOf(fault) === place);
	const wordsOf = (place: number) => {
		const found = [
			...(goesThrough[place] ? ['a fingertip goes through'] : []),
			...at(place).map(({ kind }) => faultWords[kind].name)
		];
		return found.length > 0 ? found.join(', ') : 'nothing found';
	};
</script>

<ColourPatterns />
<div class="relative">
	<MatStrip mat={wholeOf(mat)} longestMm={mat.look?.lengthMm ?? 1850} isWhole />
	<div class="absolute inset-0 grid grid-cols-5 grid-rows-3" data-map>
		{#each places as place (place)}
			{@const marks = at(place).length}
			<button
				type="button"
				class="m-0.5 grid min-h-11 place-items-center rounded border-2 {goesThrough[place]
					? 'border-error'
					: 'border-base-content/40'} {goesThrough[place] || marks > 0 ? 'bg-base-100/85' : ''}"
				disabled={ontap === null}
				aria-label="Place {(place % mapPlaces.along) + 1} along, {Math.floor(
					place / mapPlaces.along
				) + 1} across: {wordsOf(place)}"
				data-place={place}
				onclick={() => ontap?.(place)}
				><span aria-hidden="true" class="font-semibold"
					>{goesThrough[place] ? '○' : ''}{marks > 0 ? ` ${marks}` : ''}</span
				></button
			>
		{/each}
	</div>
</div>
