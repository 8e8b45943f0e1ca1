<script lang="ts">
	// The balls of a mat by their labels, what it still takes of each colour against them, and which to give next.
	import { listWords } from '$lib/ui/list-words';
	import { StrandInHand as say } from '$lib/words/making';
	import type { LengthSystem } from '$lib/core/units/format-length';
	import CodeField from '$lib/entries/CodeField.svelte';
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
	/** The balls given of a colour, by the colour that most of each is of. */
	const ballsOf = (colour: string) =>
		issued
			.filter(
				({ content }) => content.colours.toSorted((a, b) => b.bags - a.bags)[0]?.colour === colour
			)
			.map(({ code }) => code);
	/** Balls of colours its plan has none of. */
	const others = $derived(
		issued.filter(
			({ code }) => !(strand?.left ?? []).some(({ colour }) => ballsOf(colour).includes(code))
		)
	);
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
			const sent = await outbox.add('issue', typed, say.givenFor({ code, code2: mat.code }));
			if (sent.outcome === 'refused') {
				not.push(...Object.values(sent.problems));
				await outbox.drop(sent.key).catch(() => {});
			} else if (sent.outcome === 'lost') not.push(say.noNetwork({ code }));
		}
		isGiving = false;
		said = not.length > 0 ? say.notGiven({ not: not.join(' ') }) : say.given();
	}
</script>

<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-2 p-4" aria-labelledby="strand">
	<h2 class="text-lg" id="strand" tabindex="-1">{say.yarnAtHand()}</h2>
	{#if issued.length === 0}
		<p>{say.noBallWasGivenFor()}</p>
	{/if}
	<ul class="grid gap-2">
		{#each strand?.left ?? [] as { colour, neededM, inHandM, lacksM } (colour)}
			{@const row = strand?.lacks.find((one) => one.colour === colour)?.row}
			<li class={lacksM > 0 && issued.length > 0 ? 'font-semibold' : ''} data-colour={colour}>
				<span class="flex items-center gap-2"
					><svg width="22" height="22" class="shrink-0" aria-hidden="true"
						><circle
							cx="11"
							cy="11"
							r="9.5"
							fill="url(#film-{colour})"
							class="stroke-base-content"
						/></svg
					>{say.atHandStillNeeded({
						colour,
						metres: metresWords(inHandM),
						metres2: metresWords(neededM)
					})}{#if row !== undefined && issued.length > 0};
						{inHandM < 0.05 ? say.wantedInRow({ row }) : say.itEndsInRow({ row })}{/if}</span
				>
				<span class="block pl-7 font-normal" data-balls={colour}>
					{#each ballsOf(colour) as code (code)}
						<a class="mr-3 inline-flex min-h-11 link items-center" href="/prepare/things/{code}"
							>{code}</a
						>
					{/each}
				</span>
			</li>
		{/each}
	</ul>
	{#if others.length > 0}
		<p>
			{#each others as { code, content } (code)}
				<a class="mr-3 inline-flex min-h-11 link items-center" href="/prepare/things/{code}"
					>{code}, {listWords(content.colours.map(({ colour }) => colour))}</a
				>
			{/each}
		</p>
	{/if}
	{#if offered.length > 0}
		<p data-offered={offered.map(({ code }) => code).join(' ')}>
			{isStriped ? say.soThatItsStripesCome() : say.readyBalls()}
			{#each offered as { code, colour, metres }, at (code)}{at > 0 ? ', ' : ' '}<strong
					>{code}</strong
				>
				{colour}
				{metresWords(metres)}{/each}.
		</p>
		<button class="btn h-auto min-h-11" disabled={isGiving} onclick={() => void giveAll()}
			>{say.give({
				part: offered.length === 1 ? say.thatOne() : say.these({ length: offered.length })
			})}</button
		>
	{:else if strand?.left.some(({ lacksM }) => lacksM > 0.05)}
		<p class="quiet">{say.noReadyBallSuitsIt()}</p>
	{/if}
	<p class="quiet" role="status">{said}</p>
</section>
<EntryForm {form} title={say.giveItABall()} act={say.give2()} stays={['mat']} isMain={false}>
	<input type="hidden" name="mat" value={mat.code} />
	<CodeField {form} field="ball" label={say.theBallsLabel()} />
</EntryForm>
