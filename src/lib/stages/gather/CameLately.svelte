<script lang="ts">
	// What came in lately: a sack a drop-off, as high as its count, by day. Each opens to be edited.
	import { CameLately as say } from '$lib/words/gather';
	import { groupBy } from '$lib/core/group-by';
	import { nearDayWords } from '$lib/ui/day-words';
	import { wholeNumber } from '$lib/ui/number-words';
	import Sack from '$lib/ui/Sack.svelte';
	import { scrollByKey } from '$lib/ui/scroll-by-key';

	interface Line {
		readonly id: number;
		readonly place: string;
		readonly cameOn: string;
		readonly bags: number;
		readonly damp: number | null;
		readonly takenBack: string | null;
	}
	const { lines, today }: { lines: readonly Line[]; today: string } = $props();
	const shown = $derived(lines.filter(({ takenBack }) => takenBack === null).slice(0, 12));
	const days = $derived([...groupBy(shown, ({ cameOn }) => cameOn)]);
	const most = $derived(Math.max(1, ...shown.map(({ bags }) => bags)));
	const size = (bags: number) => 0.4 + (0.6 * bags) / most;
</script>

<ol
	class="flex gap-x-5 gap-y-3 overflow-x-auto pb-2 @min-[48rem]/page:flex-wrap"
	{@attach scrollByKey}
>
	{#each days as [day, came] (day)}
		<li class="shrink-0">
			<h3 class="quiet text-[0.9375rem] font-normal">{nearDayWords(day, today)}</h3>
			<ul class="flex items-end gap-1">
				{#each came as { id, place, bags, damp } (id)}
					<li>
						<a
							class="grid w-24 justify-items-center rounded-lg px-1 py-1 text-center leading-tight hover:bg-base-200"
							href="?edit={id}"
							data-sveltekit-noscroll
							data-lately={id}
						>
							<Sack size={size(bags)} isDamp={damp !== null} class="h-14" />
							<strong class="figure">{wholeNumber(bags)}</strong>
							<span class="w-full text-[0.875rem] break-words">{place}</span>
							{#if damp !== null}<span class="quiet text-[0.8125rem]">{say.damp()}</span>{/if}
							<span class="sr-only">{say.edit()}</span>
						</a>
					</li>
				{/each}
			</ul>
		</li>
	{/each}
</ol>
