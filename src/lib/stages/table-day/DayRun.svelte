<script lang="ts">
	// On the day and after it: its stations on their tablets, what was done against what was foreseen,
	// and the end, when who came is kept and the works are learned.
	import { DayRun as say } from '$lib/words/table-day';
	import { actTo } from '$lib/ui/offered';
	import { lineStations } from '$lib/core/assembly-line/assembly-line';
	import { getOutbox } from '$lib/entries/outbox-context';
	import TrestleSaid from '$lib/stages/prepare/TrestleSaid.svelte';
	import { EntryActions } from '$lib/stages/prepare/trestle.svelte';
	import Ticks from '$lib/stages/people/Ticks.svelte';
	import { figure } from '$lib/ui/number-words';
	import type { LengthSystem } from '$lib/core/units/format-length';
	import { massWords } from '$lib/ui/unit-words';
	import { countWords } from './count-words';
	import type { DayWork, PlannedDay } from './day-view';
	import { stationWords } from './day-words';
	import type { DayLot, Taught } from './learned';
	import { learnedOf } from './learned';
	import { unannounced, wasThere, withComings } from './there';
	import WhoIsHere from './WhoIsHere.svelte';
	import type { DayLack, DayTaps, WeighedScrap } from './taps';
	import { tapWords } from './taps';

	interface Props {
		day: PlannedDay;
		work: DayWork;
		taps: DayTaps;
		/** What was tapped while it was open. */
		lots: readonly DayLot[];
		/** What it taught, once it is ended. */
		taught: readonly Taught[];
		lacks: readonly DayLack[];
		scrap: WeighedScrap | null;
		others: readonly { readonly id: string; readonly name: string }[];
		minute: number | null;
		system: LengthSystem;
		problem: string;
	}
	const { day, work, taps, lots, taught, lacks, scrap, others, minute, system, problem }: Props =
		$props();
	const trestle = new EntryActions(getOutbox());
	const { done } = $derived(taps);
	const learned = $derived(learnedOf(day, work, lots));
	const speedWords = ({ station, units, minutes }: Pick<Taught, 'station' | 'units' | 'minutes'>) =>
		say.overMinutesOfTheUsual({
			stationWords: stationWords[station],
			minutes: figure((minutes * 60) / units),
			nouns: nouns[station],
			minutes2: figure(minutes)
		});
	const nouns = {
		flatten: say.sABag(),
		cut: say.sABag(),
		join: say.sAJoint(),
		ball: say.sABall()
	};
	const lackNouns: Readonly<Record<string, string>> = {
		bag: say.bags(),
		flat: say.flatBags(),
		piece: say.pieces(),
		strand: say.piecesOfStrand()
	};
</script>

<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-4" id="run" aria-label={say.today()}>
	<h3 class="text-lg font-semibold">
		{day.isClosed ? say.results() : day.isOpen ? say.theDayIsOpen() : say.today()}
	</h3>
	{#if problem}<p class="font-semibold text-error" role="alert">{problem}</p>{/if}
	<p>
		<strong data-made>{countWords('balls', done.ball)}</strong>
		{say.wound()}
		{#if day.foreseen}
			{say.expected({
				count: countWords('balls', day.foreseen.balls)
			})}{#if day.foreseen.low < day.foreseen.high}{say.rangeTo({
					low: day.foreseen.low,
					high: day.foreseen.high
				})}{/if}
		{/if}
		{#if day.ballsWanted !== null}{say.wanted({ ballsWanted: day.ballsWanted })}{/if}
	</p>
	<p class="quiet">{lineStations.map((station) => tapWords(station, done[station])).join(' · ')}</p>
	{#if taps.last.length > 0}
		<p data-lacks>
			{#if lacks.length === 0}{say.theStoreAgreesWithWhat()}
			{:else}{say.theBookHadLessThan({
					lacks: lacks
						.map(({ form, amount }) => `${figure(amount)} ${lackNouns[form] ?? form}`)
						.join(', ')
				})}
				<a class="link" href="/prepare">{say.countThePilesAgain()}</a>.{/if}
			{#if scrap}
				{say.scrapWeighed({
					mass: massWords(scrap.weighedG, system)
				})}{#if Math.abs(scrap.moreG) >= 1}{say.ismoregSelectYesOtherThan({
						mass: massWords(Math.abs(scrap.moreG), system),
						isMoreG: scrap.moreG > 0 ? 'yes' : 'no'
					})}{/if}.
			{/if}
		</p>
	{/if}
	{#if !day.isClosed}
		<ul class="flex flex-wrap gap-2">
			{#each lineStations as station (station)}
				<li>
					<a class="btn" href="/prepare/days/{day.id}/{station}"
						>{say.tablet({ stationWords: stationWords[station] })}</a
					>
				</li>
			{/each}
			<li><a class="btn" href="/prepare/days/{day.id}/wall">{say.wallView()}</a></li>
		</ul>
		{#if !day.isOpen}
			<form method="POST" {...actTo('?/open')}>
				<input type="hidden" name="version" value={day.version} />
				<button class="btn btn-accent">{say.openTheDay()}</button>
				<span class="quiet">{say.whatIsForeseenNowIs()}</span>
			</form>
		{/if}
		{#if minute !== null}
			<WhoIsHere
				day={withComings(day, others, trestle.ahead, unannounced)}
				{others}
				{minute}
				{trestle}
			/>
			<TrestleSaid {trestle} />
		{/if}
		<details>
			<summary class="min-h-11 cursor-pointer py-2 font-semibold">{say.endTheDay()}</summary>
			<form class="grid grid-cols-[minmax(0,1fr)] gap-3" method="POST" {...actTo('?/close')}>
				<input type="hidden" name="version" value={day.version} />
				<Ticks
					title={say.whoCame()}
					name="came"
					options={day.people.map(({ id, name }) => ({ value: id, label: name }))}
					ticked={day.people.filter((one) => wasThere(one, day)).map(({ id }) => id)}
				/>
				{#if learned.length > 0}
					<fieldset class="grid gap-1">
						<legend class="font-semibold">{say.speedsMeasuredToday()}</legend>
						{#each learned as one (one.station)}
							<div data-learned={one.station} data-odd={one.isOdd}>
								<input type="hidden" name="shown" value={one.station} />
								<label class="flex min-h-11 items-center gap-2">
									<input
										class="checkbox"
										type="checkbox"
										name="teaches"
										value={one.station}
										checked={!one.isOdd}
									/>
									{speedWords(one)}
								</label>
								{#if one.isOdd}
									<p class="font-semibold">
										{say.thatIsFarFromThe({
											knownS: figure(one.knownS),
											nouns: nouns[one.station]
										})}
									</p>
								{/if}
							</div>
						{/each}
					</fieldset>
				{/if}
				<button class="btn justify-self-start btn-accent">{say.endTheDay()}</button>
			</form>
		</details>
	{/if}
	{#if taught.length > 0}
		<div>
			<h4 class="font-semibold">{say.speedsMeasuredThatDay()}</h4>
			<ul class="grid gap-2">
				{#each taught as one (one.id)}
					<li class="flex flex-wrap items-center gap-x-3" data-learned={one.station}>
						<span class={one.isLeftOut ? 'line-through' : ''}>{speedWords(one)}</span>
						<form method="POST" {...actTo('?/teaches')}>
							<input type="hidden" name="speed" value={one.id} />
							<input type="hidden" name="out" value={one.isLeftOut ? 'no' : 'yes'} />
							<button class="btn"
								>{one.isLeftOut ? say.yesUseIt() : say.leaveItOut()}<span class="sr-only"
									>: {stationWords[one.station]}</span
								></button
							>
						</form>
					</li>
				{/each}
			</ul>
			<p class="quiet">
				{say.theyStandUnder()}
				<a class="link" href="/measures">{say.measures()}</a>{say.theNextDayIsPlanned()}
			</p>
		</div>
	{/if}
</section>
