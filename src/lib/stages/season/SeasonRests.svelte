<script lang="ts">
	// All that a forecast rests on, each opening to where it came from; thin data says so.
	import { shortDayWords } from '$lib/ui/day-words';
	import { fixed, wholeNumber } from '$lib/ui/number-words';
	import type { SeasonBasis } from './season-view';

	const { basis }: { basis: SeasonBasis } = $props();
	/** Fewer than so many say little. */
	const enough = 6;
	const bags = (mats: number) => wholeNumber(mats * basis.bagsPerMat);
	const mean = (all: readonly number[]) => all.reduce((sum, one) => sum + one, 0) / all.length;
	const spread = (all: readonly number[]) =>
		`${bags(Math.min(...all))} to ${bags(Math.max(...all))}, ${bags(mean(all))} on average`;
	const thin = (count: number) =>
		count === 0
			? ' None is known yet: what tables usually do stands for it.'
			: count < enough
				? ` Only ${count === 1 ? 'one is' : `${count} are`} known: this says little, and the band is wide.`
				: '';
	const weeks = $derived(
		[...basis.mats, ...basis.freeMakers].reduce((sum, one) => sum + one.weeks.length, 0)
	);
	const checked = $derived(basis.checks.good + basis.checks.mended);
</script>

<section class="sheet p-4" aria-labelledby="rests">
	<h2 id="rests">What it rests on</h2>
	<p class="quiet text-[0.9375rem]">
		A mat takes {wholeNumber(basis.bagsPerMat)} bags, by the plans.
	</p>
	<details data-rests="bags">
		<summary class="min-h-11 cursor-pointer py-2">Bags sorted a week</summary>
		<p>
			{basis.bagsPerWeek.length > 0
				? `In ${basis.bagsPerWeek.length} weeks: ${spread(basis.bagsPerWeek)}.`
				: ''}{thin(basis.bagsPerWeek.length)}
			{bags(basis.bagMats)} lie there, and {bags(basis.strandMats)} in balls.
			<a class="link" href="/gather">Gather</a>
		</p>
	</details>
	<details data-rests="days">
		<summary class="min-h-11 cursor-pointer py-2">Table days</summary>
		<p>
			{basis.perTableDay.length > 0
				? `Bags wound at the last ${basis.perTableDay.length}: ${spread(basis.perTableDay)}.`
				: ''}{thin(basis.perTableDay.filter((made) => made > 0).length)}
			To come: {basis.tableDays.length === 0
				? 'none'
				: basis.tableDays
						.map(
							({ day, attendance }) =>
								`${shortDayWords(day)} (${Math.round(100 * attendance)} % of those who said yes come)`
						)
						.join(', ')}. <a class="link" href="/prepare/days">Table days</a>
		</p>
	</details>
	<details data-rests="makers">
		<summary class="min-h-11 cursor-pointer py-2">Makers’ weeks</summary>
		<p>
			{basis.mats.length} mats are in hand, {fixed(
				basis.mats.reduce((sum, { done }) => sum + done, 0),
				1
			)} mats’ worth of them made; {basis.freeMakers.length} people who made one have none just now. {weeks}
			weeks of theirs are known.{thin(weeks)} <a class="link" href="/make">Make</a>
		</p>
	</details>
	<details data-rests="checks">
		<summary class="min-h-11 cursor-pointer py-2">Checks</summary>
		<p>
			{basis.checks.good} of {checked} were good at once.{thin(checked)}
			<a class="link" href="/check">Check</a>
		</p>
	</details>
</section>
