<script lang="ts">
	// The balls of a mat by their labels, and what it still takes of each colour against them.
	import type { ColourName } from '$lib/core/colour/colours';
	import { runsOutAt, strandLeft } from '$lib/core/hand/strand-left';
	import type { LengthSystem } from '$lib/core/units/format-length';
	import EntryField from '$lib/entries/EntryField.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import type { BallContent } from '$lib/stages/prepare/balls';
	import { strandWords } from '$lib/ui/unit-words';
	import { untrack } from 'svelte';
	import type { MatInHand } from './mat-view';

	interface Props {
		mat: MatInHand;
		balls: readonly {
			readonly entryId: number;
			readonly code: string;
			readonly content: BallContent;
		}[];
		system: LengthSystem;
		sent?: SentForm | null | undefined;
	}
	const { mat, balls, system, sent }: Props = $props();
	const form = untrack(
		() => new TypedForm('issue', { mat: mat.code, ball: '' }, getOutbox(), sent)
	);
	/** Metres that were given, by colour: those of a ball of several colours by their bags. */
	const issuedM = $derived.by(() => {
		const sum: Partial<Record<ColourName, number>> = {};
		for (const { content } of balls)
			for (const { colour, bags } of content.colours)
				sum[colour] =
					(sum[colour] ?? 0) +
					content.metres.expected * (content.bags > 0 ? bags / content.bags : 1);
		return sum;
	});
	const made = $derived(mat.made.near + mat.made.far);
	const stripes = $derived(mat.look?.stripes ?? []);
	const left = $derived(
		mat.look && mat.look.rowM > 0 && stripes.length > 0 && balls.length > 0
			? strandLeft(stripes, made, mat.look.rowM, issuedM)
			: []
	);
</script>

<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-2 p-4" aria-label="Strand in hand">
	<h2 class="text-lg">Strand in hand</h2>
	{#if balls.length === 0}
		<p>No ball was given for it by its label yet.</p>
	{:else}
		<p>
			{#each balls as { entryId, code, content } (entryId)}
				<a class="mr-3 inline-flex min-h-11 link items-center" href="/prepare/things/{code}"
					>{code}, {content.colours.map(({ colour }) => colour).join(' and ')}</a
				>
			{/each}
		</p>
		<ul>
			{#each left as { colour, neededM, inHandM, lacksM } (colour)}
				{@const row = runsOutAt(stripes, made, mat.look?.rowM ?? 1, colour, inHandM)}
				<li class={lacksM > 0 ? 'font-semibold' : ''} data-colour={colour}>
					{colour}: {inHandM < 0.05 ? 'none' : strandWords(inHandM * 1000, system)} in hand, {strandWords(
						neededM * 1000,
						system
					)} still to go{#if row !== null}; {inHandM < 0.05
							? `wanted in row ${row}`
							: `it ends in row ${row}`}{/if}
				</li>
			{/each}
		</ul>
	{/if}
</section>
<EntryForm {form} title="Give it a ball" act="Give it" stays={['mat']} isMain={false}>
	<input type="hidden" name="mat" value={mat.code} />
	<EntryField {form} field="ball" label="The ball’s label" autocomplete="off" />
</EntryForm>
