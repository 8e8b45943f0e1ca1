<script lang="ts">
	// The sources as sacks, each as high as what it usually brings: the one tapped is where these bags come from.
	import { SourceSacks as say } from '$lib/words/gather';
	import { wholeNumber } from '$lib/ui/number-words';

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
	const usual = ({ bags, dropOffs }: Source) => (dropOffs > 0 ? bags / dropOffs : 0);
	const most = $derived(Math.max(1, ...sources.map(usual)));
	/** Of the drawing's 44 units: no sack is so small that it cannot be seen. */
	const height = (source: Source) => 18 + (26 * usual(source)) / most;
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
			<svg viewBox="0 0 44 46" class="h-10" aria-hidden="true">
				<g transform="translate(22 45) scale({height(source) / 44})">
					<path
						d="M-14 0c-4-9-2-20 8-28c-4-5-4-12 0-14h12c4 2 4 9 0 14c10 8 12 19 8 28Z"
						class="fill-base-200 stroke-base-content"
						stroke-width="2"
					/>
					<path d="M-6-28h12" class="stroke-base-content" stroke-width="2" />
				</g>
			</svg>
			<span class="w-full text-[0.9375rem] font-semibold break-words">{source.name}</span>
			{#if usual(source) > 0}
				<span class="quiet text-[0.8125rem]">{say.about({ bags: wholeNumber(usual(source)) })}</span
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
