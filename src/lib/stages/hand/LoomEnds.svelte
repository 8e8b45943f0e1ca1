<script lang="ts">
	// The two ends of a loom: which is being woven, how each began, and whether they will meet as opposites.
	import { meetingCheck } from '$lib/core/techniques/peg-loom/meeting';
	import type { Side } from '$lib/entries/types/row';
	import { sides } from '$lib/entries/types/row';
	import type { CountedMat, Made } from './mat-view';

	interface Props {
		mat: Pick<CountedMat, 'rows' | 'look' | 'said'>;
		made: Made;
		side: Side;
		/** Says how an end began; null where nobody may say it here. */
		onpass: ((side: Side, pass: 'over' | 'under') => void) | null;
	}
	let { mat, made, side = $bindable(), onpass }: Props = $props();
	const total = $derived(mat.rows?.total ?? 0);
	const left = $derived(Math.max(0, total - made.near - made.far));
	const loom = $derived(mat.look?.loom ?? null);
	/** How each end began: as it was said, else as it is planned. */
	const first = $derived({
		near: mat.said.firstPass.near ?? 'over',
		far: mat.said.firstPass.far ?? loom?.farFirstPass ?? 'over'
	});
	const meeting = $derived.by(() => {
		if (!loom || total < 2) return null;
		// Whoever weaves what is left, the rows of both ends come to the same.
		const far = Math.max(1, Math.min(total - 1, made.far));
		return meetingCheck(
			{ rows: total - far, firstPass: first.near },
			{ rows: far, firstPass: first.far },
			loom.strands,
			left >= 1 ? 1 : 0
		);
	});
</script>

<fieldset class="flex flex-wrap gap-x-6">
	<legend class="font-semibold">Which end</legend>
	{#each sides as end (end)}
		<label class="flex min-h-11 items-center gap-3">
			<input class="radio" type="radio" name="side" value={end} bind:group={side} />
			{end} end, {made[end]} rows
		</label>
	{/each}
</fieldset>
{#if onpass}
	<p class="flex flex-wrap items-center gap-x-4 gap-y-2" data-first-pass>
		The first pass of the {side} end went {first[side]} the strand at the weaver’s own left.
		<button
			class="btn h-auto min-h-11"
			onclick={() => onpass(side, first[side] === 'over' ? 'under' : 'over')}
			>No, it went {first[side] === 'over' ? 'under' : 'over'}</button
		>
	</p>
{/if}
<p class="quiet" data-gap>{left} rows still fit between the ends.</p>
{#if meeting}
	<p class={meeting.verdict === 'fine' ? 'quiet' : 'font-semibold'} data-meeting={meeting.verdict}>
		{#if meeting.verdict === 'fine'}Where they meet, the passes are opposites.
		{:else if meeting.verdict === 'add-row'}Where they meet, two rows would be alike: weave one row
			more, or one less, before closing.
		{:else}Two rows are alike where they meet: take one out, or press them together for one more.{/if}
	</p>
{/if}
