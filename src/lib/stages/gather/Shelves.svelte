<script lang="ts">
	import { Shelves as say } from '$lib/words/gather';
	import { page } from '$app/state';
	// The store as it stands: film stacked by kind and colour, as high as there is of it, rings and balls beside.
	import type { Snippet } from 'svelte';
	import { filmImage } from '$lib/ui/colour-looks';
	import { queryOf } from '$lib/ui/query';
	import type { LineForm } from '$lib/core/store/forms';
	import { amountWords, formWords } from '$lib/ui/store-words';
	import type { ShelfOfKind } from './shelves';
	import type { StoreFilter, StoreLine } from './store-view';

	interface Props {
		shelves: readonly ShelfOfKind[];
		filter: StoreFilter;
		/** The line whose history is open. */
		line: { readonly kind: string; readonly colour: string; readonly form: string } | null;
	}
	const { shelves, filter, line }: Props = $props();
	const system = $derived(page.data.group.lengthSystem);
	const isOpen = (one: StoreLine) =>
		line?.kind === one.kindId && line.colour === one.colour && line.form === one.form;
	const href = (one: StoreLine) =>
		`?${queryOf({ ...filter, kind: one.kindId, colour: one.colour, form: one.form })}#history`;
	/** What lies there if it is not for strand, in short. */
	const beside: Readonly<Record<LineForm, string>> = {
		...formWords,
		stuffing: say.forStuffing(),
		piece: 'rings',
		flat: say.flattened(),
		strand: 'joined',
		chain: say.inChains()
	};
	const balls = (amount: number) => Math.min(9, Math.ceil(amount));
</script>

{#snippet pile(one: StoreLine, drawing: Snippet<[StoreLine]>, heightPx?: number)}
	<li>
		<a
			class="block w-20 {isOpen(one) ? 'bg-primary/12 outline-2 outline-primary' : ''}"
			href={href(one)}
			data-stack="{one.kind} {one.colour} {one.form}"
			data-height={heightPx === undefined ? undefined : Math.round(heightPx * 10) / 10}
			aria-current={isOpen(one) ? 'true' : undefined}
		>
			{@render drawing(one)}
			<span class="block min-h-16 w-full border-t-4 border-base-content/70 pt-1 text-center">
				<span class="figure block font-bold">{amountWords(one.form, one.amount, system)}</span>
				<span class="quiet block text-sm leading-tight"
					>{one.colour}{one.form === 'bag' ? '' : `, ${beside[one.form]}`}</span
				>
			</span>
		</a>
	</li>
{/snippet}
{#snippet lying(one: StoreLine)}
	<svg class="mx-auto block" width="64" height="44" viewBox="0 0 64 44" aria-hidden="true">
		{#if one.form === 'ball'}
			{#each { length: balls(one.amount) } as _, nth (nth)}
				<circle
					cx={12 + (nth % 3) * 20}
					cy={36 - Math.floor(nth / 3) * 13}
					r="8.5"
					fill="url(#film-{one.colour})"
					class="stroke-base-content"
				/>
			{/each}
		{:else if one.form === 'piece' || one.form === 'strand' || one.form === 'chain'}
			{#each [0, 1, 2] as nth (nth)}
				<ellipse cx="32" cy={34 - nth * 9} rx="26" ry="7" fill="none" class="stroke-base-content" />
				<ellipse
					cx="32"
					cy={34 - nth * 9}
					rx="24"
					ry="5"
					fill="none"
					stroke="url(#film-{one.colour})"
					stroke-width="4"
				/>
			{/each}
		{:else}
			<path
				d="M10 42c-6-10-1-22 6-26h32c7 4 12 16 6 26Z"
				fill="url(#film-{one.colour})"
				class="stroke-base-content"
			/>
		{/if}
	</svg>
{/snippet}

<section class="sheet p-4" aria-labelledby="shelves">
	<h2 id="shelves">{say.onTheShelves()}</h2>
	<p class="quiet text-[0.9375rem]">
		{say.theHigherThePileThe()}
	</p>
	{#each shelves as shelf (shelf.kindId)}
		<h3 class="mt-3 text-base font-semibold">{shelf.kind}</h3>
		<ul class="flex flex-wrap items-end">
			{#each shelf.stacks as stack (stack.colour + stack.form)}
				{#snippet film()}
					<span
						class="film-stack border border-base-content {stack.form === 'stuffing'
							? 'border-dashed'
							: ''}"
						style:height="{stack.heightPx}px"
						style:--film={filmImage(stack.colour)}
					></span>
				{/snippet}
				{@render pile(stack, film, stack.heightPx)}
			{/each}
			{#each shelf.beside as one (one.colour + one.form)}
				{@render pile(one, lying)}
			{/each}
		</ul>
	{/each}
</section>
