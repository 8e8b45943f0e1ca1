<script lang="ts">
	// What a mat needs that one press does: a kind word to whoever has it, or that it is finished.
	import { NeedAct as say } from '$lib/words/making';
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
		label={say.writeTo({ name: mat.maker.name })}
		words={say.aMessageAbout({ code: mat.code })}
		kept={say.writtenItLiesInThe()}
	/>
{:else if need === 'finish'}
	<PressButton
		type="finish"
		mat={mat.code}
		label={say.finished2()}
		words={say.finished({ code: mat.code })}
		kept={say.finishedItWaitsUnderCheck()}
		{isMain}
	/>
{/if}
