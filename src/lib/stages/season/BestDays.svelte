<script lang="ts">
	// What the next table days aim at, and which bags to ask which source for: so that the yarn of the plan is there.
	import { BestDays as say } from '$lib/words/season';
	import { groupBy } from '$lib/core/group-by';
	import { nearDayWords } from '$lib/ui/day-words';
	import { listWords } from '$lib/ui/list-words';
	import { wholeNumber } from '$lib/ui/number-words';
	import { actTo } from '$lib/ui/offered';
	import type { DayAim } from './day-aims';
	import type { SeasonChainNow } from './season-chain';

	interface Props {
		aims: readonly DayAim[];
		bags: SeasonChainNow['bags'];
		today: string;
	}
	const { aims, bags, today }: Props = $props();
	const near = (day: string) => nearDayWords(day, today);
	const aimWords = ({ balls, colour, strands, checks, pillows }: DayAim) =>
		listWords([
			...(balls > 0
				? [colour && colour !== 'any' ? say.ballsOf({ balls, colour }) : say.balls({ balls })]
				: []),
			...(strands > 0 ? [say.strands({ strands })] : []),
			...(checks > 0 ? [say.checks({ checks })] : []),
			...(pillows > 0 ? [say.pillows({ pillows })] : [])
		]);
	/** Who asks a source asks for all it may bring. */
	const asks = $derived([...groupBy(bags, ({ source }) => source?.id ?? '').values()]);
	const bagWords = ({ kind, colour, toAsk, toAskBy, by }: Props['bags'][number]) => {
		const what = {
			bags: wholeNumber(by ? toAskBy : toAsk),
			kind: kind ?? say.anyKind(),
			colour: colour === 'any' ? say.anyColour() : colour
		};
		return by ? say.bagsBy({ ...what, day: near(by) }) : say.bags(what);
	};
</script>

{#if aims.length > 0}
	<section class="sheet grid gap-1 p-4" aria-labelledby="aims">
		<h2 id="aims">{say.tableDays()}</h2>
		<ul>
			{#each aims as aim (aim.id)}
				<li
					class="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-t border-base-300 py-3 first:border-t-0"
					data-aim={aim.day}
				>
					<p class="min-w-0">
						<a
							class="inline-flex min-h-11 link items-center font-semibold"
							href="/prepare/days/{aim.id}">{near(aim.day)}</a
						>: {aimWords(aim)}
						<span class="quiet">{say.forPlan({ plan: aim.plan.name })}</span>
					</p>
					<form method="POST" {...actTo('?/aim')}>
						<input type="hidden" name="day" value={aim.id} />
						<input type="hidden" name="plan" value={aim.plan.id} />
						<input type="hidden" name="balls" value={aim.balls} />
						<input type="hidden" name="strands" value={aim.strands} />
						<input type="hidden" name="checks" value={aim.checks} />
						<input type="hidden" name="pillows" value={aim.pillows} />
						<button class="btn">{say.takeIt()}</button>
					</form>
				</li>
			{/each}
		</ul>
	</section>
{/if}
{#if bags.length > 0}
	<section class="sheet grid gap-1 p-4" aria-labelledby="ask-for">
		<h2 id="ask-for">{say.askFor()}</h2>
		<ul>
			{#each asks as own (own[0]?.source?.id ?? '')}
				{@const source = own[0]?.source}
				<li
					class="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-t border-base-300 py-2 first:border-t-0"
					data-ask-for={source?.name ?? ''}
				>
					<div class="min-w-0">
						{#if source}<strong>{source.name}</strong>{/if}
						<ul>
							{#each own as bag (`${bag.kind} ${bag.colour}`)}<li>{bagWords(bag)}</li>{/each}
						</ul>
					</div>
					<a class="btn" href="/gather/asks{source ? `?place=${source.id}` : ''}"
						>{say.writeToThem()}</a
					>
				</li>
			{/each}
		</ul>
	</section>
{/if}
