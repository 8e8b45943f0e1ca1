<script lang="ts">
	// The sources as sacks, each as high as what it usually brings: the one tapped is where these bags come from.
	import { SourceSacks as say } from '$lib/words/gather';
	import { usualDropOff } from '$lib/core/gather/odd-count';
	import { wholeNumber } from '$lib/ui/number-words';

	import Sack from '$lib/ui/Sack.svelte';

	interface Source {
		readonly name: string;
		readonly bags: number;
		readonly dropOffs: number;
	}
	interface Props {
		sources: readonly Source[];
		chosen: string;
		/** Another source is typed. */
		isOther: boolean;
		onchoose: (name: string) => void;
		onother: () => void;
	}
	const { sources, chosen, isOther, onchoose, onother }: Props = $props();
	const most = $derived(Math.max(1, ...sources.map(usualDropOff)));
	/** Of the drawing's 44 units: no sack is so small that it cannot be seen. */
	const height = (source: Source) => 18 + (26 * usualDropOff(source)) / most;
	const look =
		'grid w-[6.5rem] shrink-0 justify-items-center rounded-lg border-2 border-base-300 bg-base-100 px-1.5 py-1.5 text-center leading-tight aria-pressed:border-primary aria-pressed:bg-primary/10';
</script>

<div class="needs-scripts flex gap-2 overflow-x-auto pb-1" role="group" aria-label={say.sources()}>
	{#each sources as source (source.name)}
		<button
			type="button"
			class={look}
			aria-pressed={chosen === source.name}
			data-source={source.name}
			onclick={() => onchoose(source.name)}
		>
			<Sack size={height(source) / 44} class="h-10" />
			<span class="w-full text-[0.9375rem] font-semibold break-words">{source.name}</span>
			{#if usualDropOff(source) > 0}
				<span class="quiet text-[0.8125rem]"
					>{say.about({ bags: wholeNumber(usualDropOff(source)) })}</span
				>
			{/if}
		</button>
	{/each}
	{#if sources.length > 0}
		<button
			type="button"
			class="{look} content-center border-dashed"
			aria-pressed={isOther}
			onclick={onother}
			><span class="text-[0.9375rem] font-semibold">{say.anotherSource()}</span></button
		>
	{/if}
</div>
