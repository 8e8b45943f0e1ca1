<script lang="ts">
	import { OverUnderChart as say } from '$lib/words/plan';
	import { isOver } from '$lib/core/techniques/peg-loom/over-under';
	import { endsOf, meetingCheck } from '$lib/core/techniques/peg-loom/meeting';
	import type { PegLoomMat, PegLoomTechnique } from '$lib/core/techniques/peg-loom/peg-loom-mat';

	const { mat, technique }: { mat: PegLoomMat; technique: PegLoomTechnique } = $props();
	const shown = $derived(Math.min(mat.pegs, 12));
	const cell = 17;
	/** The bars of one thread at every crossing where the weft lies over, or where it dives under. */
	const bars = (crossings: readonly boolean[], isOver: boolean, thread: 'warp' | 'weft') =>
		crossings
			.map((over, at) => {
				if (over !== isOver) return '';
				const x = at * cell;
				return thread === 'weft' ? `M${x} 5h${cell}v7h${-cell}z` : `M${x + 6} 0h5v${cell}h-5z`;
			})
			.join('');
	const farFirst = $derived(technique.farFirstPass ?? 'over');
	const ends = $derived(endsOf(mat.rows, farFirst));
	const meeting = $derived(
		technique.ends === 'both' && mat.rows >= 2 ? meetingCheck(...ends, mat.pegs) : null
	);
	/** The far row that meets the near one, in the near weaver's own counting. */
	const farOver = $derived((strand: number) => {
		const fromFarLeft = mat.pegs - strand + 1;
		return ((ends[1].rows - 1 + fromFarLeft - 1) % 2 === 0) === (farFirst === 'over');
	});
	const lines = $derived.by(() => {
		const near = [1, 2, 3, 4, 5].filter((row) => row <= mat.rows);
		const first = near.map((row) => ({
			name: say.row({ row }),
			over: (s: number) => isOver(row, s)
		}));
		if (!meeting) return first;
		const lastNear = ends[0].rows;
		return [
			...first.slice(0, 3),
			{ name: say.nearRow({ lastNear }), over: (s: number) => isOver(lastNear, s) },
			{ name: say.farRow({ rows: ends[1].rows }), over: farOver }
		];
	});
</script>

<p class="text-[0.9375rem]">
	{say.overAndUnderFromThe()}{#if meeting}{say.whereTheEndsMeetThe()}
		<strong>{meeting.verdict === 'fine' ? say.oppositesGood() : say.alikeAddOrDropOne()}</strong
		>{/if}.
</p>
<ul class="text-sm">
	{#each lines as { name, over } (name)}
		{@const crossings = Array.from({ length: shown }, (_, strand) => over(strand + 1))}
		<li class="flex flex-wrap items-center gap-x-2">
			<span class="w-28 whitespace-nowrap">{name}</span>
			<svg
				class="max-w-full"
				width={shown * cell}
				height={cell}
				viewBox="0 0 {shown * cell} {cell}"
				role="img"
				aria-label={crossings.map((isOver) => (isOver ? 'over' : 'under')).join(', ')}
			>
				<path d={bars(crossings, false, 'weft')} class="fill-base-content/35" />
				<path d={bars(crossings, true, 'warp')} class="fill-primary/35" />
				<path d={bars(crossings, false, 'warp')} class="fill-primary" />
				<path d={bars(crossings, true, 'weft')} class="fill-base-content" />
			</svg>
		</li>
	{/each}
</ul>
