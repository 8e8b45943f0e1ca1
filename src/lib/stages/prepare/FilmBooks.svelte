<script lang="ts">
	// The books of film: where every gram in the store lies, as one strip.
	import { FilmBooks as say } from '$lib/words/prepare';
	import type { LengthSystem } from '$lib/core/units/format-length';
	import { massWords } from '$lib/ui/unit-words';
	import { formWords } from '$lib/ui/store-words';
	import { filmByForm } from './places';
	import type { TablePile } from './table-view';

	const { piles, system }: { piles: readonly TablePile[]; system: LengthSystem } = $props();
	const parts = $derived(filmByForm(piles));
	const all = $derived(parts.reduce((sum, { filmMg }) => sum + filmMg, 0));
</script>

{#if all > 0}
	<section class="sheet p-4" aria-labelledby="film-books">
		<h2 class="text-base" id="film-books">
			<span data-film-all>{massWords(all / 1000, system)}</span>
			{say.ofFilmInTheStore()}
		</h2>
		<div
			class="mt-2 flex h-4 overflow-hidden rounded border border-base-content"
			aria-hidden="true"
		>
			{#each parts as { form, filmMg }, nth (form)}
				<span
					class="{nth % 2
						? 'bg-primary/60'
						: 'bg-primary/25'} border-r border-base-content last:border-r-0"
					style:flex-grow={filmMg}
				></span>
			{/each}
		</div>
		<ul class="mt-2 flex flex-wrap gap-x-5 text-[0.9375rem]">
			{#each parts as { form, filmMg } (form)}
				<li data-film={form}>
					{formWords[form]}
					<span class="figure font-semibold">{massWords(filmMg / 1000, system)}</span>
				</li>
			{/each}
		</ul>
	</section>
{/if}
