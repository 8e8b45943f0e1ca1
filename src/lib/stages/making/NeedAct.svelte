<script lang="ts">
	// What a mat needs that one press does: a kind word to whoever has it, or that it is finished.
	import type { MatInHand, MatNeed } from './mat-view';
	import PressButton from './PressButton.svelte';

	interface Props {
		mat: Pick<MatInHand, 'code' | 'maker'>;
		need: MatNeed;
		isMain?: boolean;
	}
	const { mat, need, isMain = false }: Props = $props();
</script>

{#if need === 'ask' && mat.maker}
	<PressButton
		type="remind"
		mat={mat.code}
		label="Write to {mat.maker.name}"
		words="a word on {mat.code}"
		kept="Written: it lies in the outbox."
	/>
{:else if need === 'finish'}
	<PressButton
		type="finish"
		mat={mat.code}
		label="It is finished"
		words="{mat.code} finished"
		kept="Finished: it waits under Check."
		{isMain}
	/>
{/if}
