<script lang="ts">
	// Good mats, rolled on their shelf, each as thick as it rolls: a tap, a key or a drag packs one.
	import { Shelf as say } from '$lib/words/hand-over';
	import type { LengthSystem } from '$lib/core/units/format-length';
	import { formatLength } from '$lib/core/units/format-length';
	import ColourPatterns from '$lib/ui/ColourPatterns.svelte';
	import type { ReadyMat } from './hand-over-view';

	interface Props {
		mats: readonly ReadyMat[];
		chosen: readonly string[];
		system: LengthSystem;
		ontoggle: (code: string) => void;
	}
	const { mats, chosen, system, ontoggle }: Props = $props();
	/** A roll of which no plan says how thick it is drawn like most. */
	const usualRollMm = 190;
	const most = $derived(Math.max(usualRollMm, ...mats.map(({ rollMm }) => rollMm ?? 0)));
	const radius = ({ rollMm }: ReadyMat) => (26 * (rollMm ?? usualRollMm)) / most;
	/** The end of a roll: the mat wound in itself. */
	function spiral(outer: number): string {
		const turns = 2.5;
		const points = Array.from({ length: 41 }, (_, at) => {
			const share = at / 40;
			const angle = share * turns * 2 * Math.PI;
			const r = outer * (1 - 0.85 * share);
			return `${(r * Math.cos(angle)).toFixed(1)} ${(r * Math.sin(angle)).toFixed(1)}`;
		});
		return `M${points.join('L')}`;
	}
</script>

<ColourPatterns />
<fieldset>
	<legend class="figure text-lg font-semibold">{say.onTheShelf()}</legend>
	{#if mats.length === 0}
		<p class="mt-2">{say.noMatIsReady()} <a class="link-row" href="/check">{say.check()}</a></p>
	{:else}
		<p class="quiet text-[0.9375rem]">{say.tapOrDragToPack()}</p>
		<ul class="mt-2 grid grid-cols-[repeat(auto-fill,minmax(5.25rem,1fr))] gap-y-3">
			{#each mats as mat (mat.code)}
				{@const isPacked = chosen.includes(mat.code)}
				<li class="grid" data-ready={mat.code}>
					<label
						class="grid cursor-pointer content-end justify-items-center rounded-lg pt-1 text-center leading-tight has-checked:bg-primary/10 has-focus-visible:outline-3 has-focus-visible:outline-primary"
						draggable="true"
						ondragstart={(event) => event.dataTransfer?.setData('text/plain', mat.code)}
					>
						<input
							class="sr-only"
							type="checkbox"
							checked={isPacked}
							onchange={() => ontoggle(mat.code)}
						/>
						<svg viewBox="-30 -56 60 60" class="h-16" aria-hidden="true">
							<g transform="translate(0 {-radius(mat)})">
								<circle
									r={radius(mat)}
									fill="url(#film-{mat.colour})"
									class="stroke-base-content {isPacked ? 'opacity-40' : ''}"
									stroke-width="2"
									stroke-dasharray={isPacked ? '5 4' : undefined}
								/>
								{#if !isPacked}<path
										d={spiral(radius(mat) - 1)}
										class="fill-none stroke-base-content"
										stroke-width="1.4"
									/>{/if}
							</g>
						</svg>
						<span class="w-full border-t-4 border-base-content pt-1">
							<strong class="figure">{mat.code}</strong>
							<span class="quiet block text-[0.8125rem]"
								>{formatLength(mat.lengthMm, system, 'mat')}</span
							>
							<span class="sr-only">{mat.planName}</span>
							{#if isPacked}<span class="block text-[0.8125rem] font-semibold">{say.packed()}</span
								>{/if}
						</span>
					</label>
				</li>
			{/each}
		</ul>
	{/if}
</fieldset>
