<script lang="ts">
	// Who waits for mats: a dot for each that is asked for, full once it is there.
	import { Waiting as say } from '$lib/words/hand-over';
	import { nearDayWords } from '$lib/ui/day-words';
	import type { AskLine } from './hand-over-view';

	const { asks, today }: { asks: readonly AskLine[]; today: string } = $props();
	const open = $derived(asks.filter(({ isDone }) => !isDone));
	const most = 30;
</script>

<section class="sheet px-4 py-3" aria-labelledby="waiting">
	<h2 id="waiting">{say.whoIsWaiting()}</h2>
	{#if open.length === 0}<p class="mt-1">{say.nobodyWaits()}</p>{/if}
	<ul class="mt-1">
		{#each open as ask (ask.id)}
			<li class="border-t border-base-300 py-2 first:border-t-0" data-waits={ask.id}>
				<p class="flex flex-wrap justify-between gap-x-3">
					<strong class="break-words">{ask.placeName}</strong>
					<span>{say.by({ mats: ask.mats, by: nearDayWords(ask.byDay, today) })}</span>
				</p>
				<p class="mt-1 flex flex-wrap gap-1" aria-hidden="true">
					{#each { length: Math.min(ask.mats, most) } as _, nth (nth)}
						<span
							class="size-3.5 rounded-full border border-base-content {nth < ask.handed
								? 'bg-secondary'
								: ''}"
						></span>
					{/each}
				</p>
				<p class="quiet text-[0.9375rem]">
					{say.deliveredAndReady({ handed: ask.handed, ready: ask.counts.ready })}
				</p>
			</li>
		{/each}
	</ul>
	<p><a class="link-row" href="/hand-over/asks">{say.askedAndPromised()}</a></p>
</section>
