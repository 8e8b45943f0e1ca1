<script lang="ts">
	// What somebody learns next, and who sits there on the next table day. No marks: nobody is counted or compared.
	import { NextAct as say } from '$lib/words/know-how';
	import { seatWords, type SeatName } from '$lib/stages/people/seats';
	import { nearDayWords } from '$lib/ui/day-words';
	import { listWords } from '$lib/ui/list-words';
	import { actTitles } from './links/lesson-titles';
	import type { NextAct, NextWhy } from './next-act';

	interface Props {
		name: string;
		next: NextAct & { readonly day: string | null; readonly beside: readonly string[] };
		today: string;
	}
	const { name, next, today }: Props = $props();
	const station = $derived(
		next.station === 'cut' ? seatWords['cut-sharp'] : seatWords[next.station as SeatName]
	);
	const why: Record<NextWhy, (said: { name: string; station: string }) => string> = {
		seat: say.whySeat,
		on: say.whyOn,
		after: say.whyAfter,
		begin: say.whyBegin
	};
	const day = $derived(next.day === null ? null : nearDayWords(next.day, today));
</script>

<section class="sheet grid gap-2 p-4" aria-labelledby="next-act" data-next-act={next.act}>
	<h2 id="next-act">{say.nextFor({ name })}</h2>
	<a class="grid grid-cols-[7rem_minmax(0,1fr)] items-center gap-3" href="/know-how/{next.act}">
		<img
			class="rounded border border-base-300 bg-white object-contain p-1"
			src="/know-how/{next.act}/picture.svg"
			alt=""
			width="228"
			height="170"
		/>
		<span>
			<span class="block link text-lg font-semibold">{actTitles[next.act]}</span>
			<span class="quiet block">{why[next.why]({ name, station })}</span>
		</span>
	</a>
	{#if day}
		<p data-beside>
			{next.beside.length > 0
				? say.besideOn({ day, names: listWords(next.beside) })
				: say.nobodyBeside({ day })}
		</p>
	{/if}
</section>
