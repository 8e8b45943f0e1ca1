<script lang="ts">
	// Where a colour will not do: what else there is to do, each way drawn as the mat would look.
	import { listWords } from '$lib/ui/list-words';
	import { WaysOut as msg } from '$lib/words/making';
	import { actTo } from '$lib/ui/offered';
	import type { ColourName } from '$lib/core/colour/colours';
	import type { WayOut } from '$lib/core/making/ways-out';
	import { waysOut } from '$lib/core/making/ways-out';
	import { stripesText } from '$lib/entries/types/mat-course';
	import { getOutbox } from '$lib/entries/outbox-context';
	import { newKey } from '$lib/ui/new-key';
	import { smallNumber } from '$lib/ui/number-words';
	import { addAndSay } from '$lib/entries/add-and-say';
	import type { MatInHand } from './mat-view';
	import { lacksSoon } from './mat-view';
	import { lackWords } from './mat-words';
	import MatStrip from './MatStrip.svelte';
	import { strandOf } from './strand-in-hand';

	interface Props {
		mat: MatInHand;
		/** Strand in the store that suits it, by colour, m. */
		thereM: Partial<Readonly<Record<ColourName, number>>>;
	}
	const { mat, thereM }: Props = $props();
	const outbox = getOutbox();
	const key = newKey();
	const ways = $derived.by(() => {
		const { look, made, said } = mat;
		// From both ends the rows that are left lie in the middle: there a ball is sent.
		if (!look || lacksSoon(mat).length === 0) return [];
		const { givenM } = strandOf(look, made, said);
		const { stripes, rowM, ballM } = look;
		const all = waysOut({
			stripes,
			made: made.near + made.far,
			rowM,
			givenM,
			storeM: thereM,
			ballM
		});
		return made.far > 0 ? all.filter(({ way }) => way === 'ball') : all;
	});
	let said = $state('');
	const titleOf = (one: WayOut): string => {
		switch (one.way) {
			case 'ball':
				return msg.send({
					balls: listWords(
						one.balls.map(({ colour, count }) => msg.moreOf({ count: smallNumber(count), colour }))
					)
				});
			case 'mirror':
				return msg.mirrorItFromRow({ row: one.row + 1 });
			case 'spread':
				return msg.spreadWhatIsLeftNarrower();
			case 'order':
				return msg.changeTheOrderOfThe();
		}
	};
	async function take(event: SubmitEvent, one: WayOut): Promise<void> {
		event.preventDefault();
		const typed = { mat: mat.code, stripes: stripesText(one.stripes) };
		const act = { type: 'stripes', typed, words: msg.howGoesOn({ code: mat.code }) };
		said = await addAndSay(outbox, act, msg.saved());
	}
</script>

{#if ways.length > 0}
	<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-4" aria-labelledby="ways">
		<h2 class="text-lg" id="ways">
			{msg.whatYouCanDo({ lacksSoon: lacksSoon(mat).map(lackWords).join(', ') })}
		</h2>
		<ul class="grid grid-cols-[minmax(0,1fr)] gap-3 @min-[40rem]:grid-cols-2">
			{#each ways as one, at (one.way)}
				<li class="grid grid-cols-[minmax(0,1fr)] gap-1" data-way={one.way}>
					<h3 class="font-semibold">{titleOf(one)}</h3>
					<MatStrip
						mat={{
							...mat,
							look: mat.look && { ...mat.look, stripes: one.stripes },
							lacks: [],
							course: null
						}}
						longestMm={mat.look?.lengthMm ?? 1850}
						isWhole
					/>
					{#if one.way === 'ball'}
						<a class="btn h-auto min-h-11" href="#strand">{msg.chooseTheBall()}</a>
					{:else}
						<form
							method="POST"
							{...actTo('?/keep', 'stripes')}
							onsubmit={(event) => void take(event, one)}
						>
							<input type="hidden" name="type" value="stripes" />
							<input type="hidden" name="key" value="{key.slice(0, -1)}{at}" />
							<input type="hidden" name="mat" value={mat.code} />
							<input type="hidden" name="stripes" value={stripesText(one.stripes)} />
							<button class="btn h-auto min-h-11"
								>{msg.carryOn()}<span class="sr-only">: {titleOf(one)}</span></button
							>
						</form>
					{/if}
				</li>
			{/each}
		</ul>
		<p class="quiet" role="status">{said}</p>
	</section>
{:else if said}<p class="quiet" role="status">{said}</p>{/if}
