<script lang="ts">
	// What is lacking, as film that is still missing: the outline of every stack that would close the gap.
	import { LackingFilm as say } from '$lib/words/gather';
	import type { LackedColour } from '$lib/core/store/allocate-store';
	import { wholeNumber } from '$lib/ui/number-words';
	import { tallestPx } from './shelves';

	interface Props {
		asks: readonly {
			readonly kind: string | null;
			readonly colour: LackedColour;
			readonly toAsk: number;
		}[];
	}
	const { asks }: Props = $props();
	const most = $derived(Math.max(1, ...asks.map(({ toAsk }) => toAsk)));
	const height = (bags: number) => Math.max(6, (tallestPx * bags) / most);
	const edges = (heightPx: number) =>
		Array.from({ length: Math.floor(heightPx / 6) }, (_, at) => `M1 ${(at + 1) * 6}h62`).join('');
</script>

<ul class="mt-3 flex flex-wrap items-end gap-x-3" aria-label={say.filmStillMissing()}>
	{#each asks as { kind, colour, toAsk } (`${kind} ${colour}`)}
		{@const px = height(toAsk)}
		<li class="grid w-24 content-end justify-items-center" data-missing="{kind} {colour}">
			<svg width="64" height={px + 2} viewBox="0 0 64 {px + 2}" aria-hidden="true">
				<rect
					x="1"
					y="1"
					width="62"
					height={px}
					rx="3"
					fill={colour === 'any' ? 'none' : `url(#film-${colour})`}
					fill-opacity="0.35"
					class="stroke-base-content"
					stroke-dasharray="5 4"
				/>
				<path d={edges(px)} class="stroke-base-content/20" stroke-dasharray="3 3" />
			</svg>
			<span class="block min-h-16 w-full border-t-4 border-base-content/70 pt-1 text-center">
				<span class="figure block font-bold">{wholeNumber(toAsk)}</span>
				<span class="quiet block text-sm leading-tight"
					>{kind ?? say.otherBags()}{colour === 'any' ? '' : `, ${colour}`}</span
				>
			</span>
		</li>
	{/each}
</ul>
