<script lang="ts">
	import { isOver } from '$lib/core/peg-loom/over-under';
	import { endsOf, meetingCheck } from '$lib/core/peg-loom/meeting';
	import type { PegLoomMat, PegLoomTechnique } from '$lib/core/peg-loom/peg-loom-mat';

	const { mat, technique }: { mat: PegLoomMat; technique: PegLoomTechnique } = $props();
	const shown = $derived(Math.min(mat.pegs, 12));
	const cell = 17;
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
		const first = near.map((row) => ({ name: `row ${row}`, over: (s: number) => isOver(row, s) }));
		if (!meeting) return first;
		const lastNear = ends[0].rows;
		return [
			...first.slice(0, 3),
			{ name: `near, row ${lastNear}`, over: (s: number) => isOver(lastNear, s) },
			{ name: `far, row ${ends[1].rows}`, over: farOver }
		];
	});
</script>

<p class="text-[15px]">
	Over and under, from the near left corner: each pass does the opposite of the last{#if meeting}.
		Where the ends meet the rows are <strong
			>{meeting.verdict === 'fine' ? 'opposites: good' : 'alike: add or drop one'}</strong
		>{/if}.
</p>
<div class="overflow-x-auto">
	<table class="text-sm">
		<caption class="sr-only">Over and under</caption>
		<tbody>
			{#each lines as { name, over } (name)}
				<tr>
					<th class="pr-2 text-left font-normal whitespace-nowrap" scope="row">{name}</th>
					{#each { length: shown } as _, strand (strand)}
						<td class="p-0">
							<svg width={cell} height={cell} viewBox="0 0 17 17" aria-hidden="true">
								{#if over(strand + 1)}
									<rect x="6" width="5" height="17" class="fill-primary/35" />
									<rect y="5" width="17" height="7" class="fill-base-content" />
								{:else}
									<rect y="5" width="17" height="7" class="fill-base-content/35" />
									<rect x="6" width="5" height="17" class="fill-primary" />
								{/if}
							</svg>
							<span class="sr-only">{over(strand + 1) ? 'over' : 'under'}</span>
						</td>
					{/each}
				</tr>
			{/each}
		</tbody>
	</table>
</div>
