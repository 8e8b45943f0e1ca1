<script lang="ts">
	// The two ends of a loom: which is being woven, how each began, and whether they will meet as opposites.
	import { LoomEnds as msg } from '$lib/words/making';
	import type { Side } from '$lib/entries/types/row';
	import { sides } from '$lib/entries/types/row';
	import { firstPasses, meetingOf } from './loom-meeting';
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
	const first = $derived(firstPasses(mat));
	const meeting = $derived(meetingOf(mat, made));
</script>

<fieldset class="flex flex-wrap gap-x-6">
	<legend class="font-semibold">{msg.whichEnd()}</legend>
	{#each sides as end (end)}
		<label class="flex min-h-11 items-center gap-3">
			<input class="radio" type="radio" name="side" value={end} bind:group={side} />
			{msg.endRows({ end, made: made[end] })}
		</label>
	{/each}
</fieldset>
{#if onpass}
	<p class="flex flex-wrap items-center gap-x-4 gap-y-2" data-first-pass>
		{msg.theFirstPassOfThe({ side, first: first[side] })}
		<button
			class="btn h-auto min-h-11"
			onclick={() => onpass(side, first[side] === 'over' ? 'under' : 'over')}
			>{msg.noItWentIsfirstSelect({ isFirst: first[side] === 'over' ? 'yes' : 'no' })}</button
		>
	</p>
{/if}
<p class="quiet" data-gap>{msg.rowsStillFitBetweenThe({ left })}</p>
{#if meeting}
	<p class={meeting.verdict === 'fine' ? 'quiet' : 'font-semibold'} data-meeting={meeting.verdict}>
		{#if meeting.verdict === 'fine'}{msg.whereTheyMeetThePasses()}
		{:else if meeting.verdict === 'add-row'}{msg.whereTheyMeetTwoRows()}
		{:else}{msg.twoRowsAreAlikeWhere()}{/if}
	</p>
{/if}
