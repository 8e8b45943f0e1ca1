<script lang="ts">
	// The balls of a mat by their labels, what it still takes of each colour against them, and which to give next.
	import type { LengthSystem } from '$lib/core/units/format-length';
	import EntryField from '$lib/entries/EntryField.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import { strandWords } from '$lib/ui/unit-words';
	import { untrack } from 'svelte';
	import type { MatInHand } from './mat-view';
	import { strandOf } from './strand-in-hand';

	interface Props {
		mat: MatInHand;
		/** Balls that lie there, chosen so that its stripes come out. */
		offered: readonly {
			readonly code: string;
			readonly colour: string;
			readonly metres: number;
		}[];
		system: LengthSystem;
		sent?: SentForm | null | undefined;
	}
	const { mat, offered, system, sent }: Props = $props();
	const outbox = getOutbox();
	const form = untrack(() => new TypedForm('issue', { mat: mat.code, ball: '' }, outbox, sent));
	const { issued } = $derived(mat.said);
	const strand = $derived(mat.look ? strandOf(mat.look, mat.made, mat.said) : null);
	const isStriped = $derived(new Set(mat.look?.stripes.map(({ colour }) => colour) ?? []).size > 1);
	const metresWords = (metres: number) =>
		metres < 0.05 ? 'none' : strandWords(metres * 1000, system);
	let said = $state('');
	let isGiving = $state(false);
	/** Each ball is an entry of its own: where one is not there any more, the others are given all the same. */
	async function giveAll(): Promise<void> {
		if (isGiving) return;
		isGiving = true;
		said = '';
		const not: string[] = [];
		for (const { code } of offered) {
			const typed = { mat: mat.code, ball: code };
			const sent = await outbox.add('issue', typed, `${code} given for ${mat.code}`);
			if (sent.outcome === 'refused') {
				not.push(...Object.values(sent.problems));
				await outbox.drop(sent.key).catch(() => {});
			} else if (sent.outcome === 'lost') not.push(`${code}: the network is away.`);
		}
		isGiving = false;
		said = not.length > 0 ? `Not given: ${not.join(' ')}` : 'Given.';
	}
</script>

<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-2 p-4" aria-labelledby="strand">
	<h2 class="text-lg" id="strand" tabindex="-1">Strand in hand</h2>
	{#if issued.length === 0}
		<p>No ball was given for it by its label yet.</p>
	{:else}
		<p>
			{#each issued as { code, content } (code)}
				<a class="mr-3 inline-flex min-h-11 link items-center" href="/prepare/things/{code}"
					>{code}, {content.colours.map(({ colour }) => colour).join(' and ')}</a
				>
			{/each}
		</p>
	{/if}
	<ul>
		{#each strand?.left ?? [] as { colour, neededM, inHandM, lacksM } (colour)}
			{@const row = strand?.lacks.find((one) => one.colour === colour)?.row}
			<li class={lacksM > 0 && issued.length > 0 ? 'font-semibold' : ''} data-colour={colour}>
				{colour}: {metresWords(inHandM)} in hand, {metresWords(neededM)} still to go{#if row !== undefined && issued.length > 0};
					{inHandM < 0.05 ? `wanted in row ${row}` : `it ends in row ${row}`}{/if}
			</li>
		{/each}
	</ul>
	{#if offered.length > 0}
		<p data-offered={offered.map(({ code }) => code).join(' ')}>
			{isStriped ? 'So that its stripes come out, of what lies there:' : 'Of what lies there:'}
			{#each offered as { code, colour, metres }, at (code)}{at > 0 ? ', ' : ' '}<strong
					>{code}</strong
				>
				{colour}
				{metresWords(metres)}{/each}.
		</p>
		<button class="btn h-auto min-h-11" disabled={isGiving} onclick={() => void giveAll()}
			>Give {offered.length === 1 ? 'that one' : `these ${offered.length}`}</button
		>
	{:else if strand?.left.some(({ lacksM }) => lacksM > 0.05)}
		<p class="quiet">No ball that lies there suits it.</p>
	{/if}
	<p class="quiet" role="status">{said}</p>
</section>
<EntryForm {form} title="Give it a ball" act="Give it" stays={['mat']} isMain={false}>
	<input type="hidden" name="mat" value={mat.code} />
	<EntryField {form} field="ball" label="The ball’s label" autocomplete="off" />
</EntryForm>
