<script lang="ts">
	import { SettingsPage as say } from '$lib/words/house';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import StagePage from '$lib/ui/StagePage.svelte';
	import WhoReads from '$lib/ui/WhoReads.svelte';
	import MoreLinks from '$lib/ui/MoreLinks.svelte';
	import { actTo } from '$lib/ui/offered';
	import { looks } from '$lib/ui/looks';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const units = [
		{ value: 'cm', label: say.centimetresAndGrams() },
		{ value: 'ft', label: say.feetAndInchesPoundsAnd() }
	];
	const terms = [
		{ value: 'us', label: say.usSingleHalfDoubleDouble() },
		{ value: 'uk', label: say.ukDoubleHalfTrebleTreble() }
	];
	const papers = [
		{ value: 'a4', label: 'A4' },
		{ value: 'letter', label: say.letter() }
	];
</script>

{#snippet choice(
	label: string,
	name: string,
	value: string,
	options: readonly { value: string; label: string }[],
	none = ''
)}
	<label class="grid gap-1">
		{label}
		<select class="field" {name} {value}>
			{#if none}<option value="">{none}</option>{/if}
			{#each options as option (option.value)}<option value={option.value}>{option.label}</option
				>{/each}
		</select>
	</label>
{/snippet}

<StagePage>
	<PageTitle />
	<div class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-2">
		{#if form?.message}<p class="font-semibold text-error" role="alert">{form.message}</p>{/if}
		<form class="sheet grid gap-4 p-6" method="POST" {...actTo('?/words')}>
			<h2>{say.onThisDevice()}</h2>
			{@render choice('Units', 'lengths', data.own.lengths ?? '', units, say.asTheGroupHasThem())}
			{@render choice(
				say.stitchNames(),
				'terms',
				data.own.terms ?? '',
				terms,
				say.asTheGroupHasThem()
			)}
			{@render choice('Paper', 'paper', data.own.paper ?? '', papers, say.toMatchTheUnits())}
			<label class="grid gap-1">
				{say.look()}
				<select class="field" name="look" value={data.look}>
					{#each looks as { look, label } (look)}<option value={look}>{label}</option>{/each}
				</select>
			</label>
			<input type="hidden" name="back" value="/settings" />
			<button class="btn btn-accent">{say.saveForThisDevice()}</button>
		</form>
		{#if data.choices}
			<form class="sheet grid gap-4 p-6" method="POST" {...actTo('?/group')}>
				<h2>{say.forTheWholeGroup()}</h2>
				<p class="quiet">{say.forEveryDeviceWithoutSettings()}</p>
				<label class="grid gap-1">
					{say.nameOfTheGroup()}
					<input
						class="field"
						name="name"
						autocomplete="off"
						value={form?.name ?? data.group.name}
						aria-invalid={form?.nameProblem ? 'true' : undefined}
						aria-describedby={form?.nameProblem ? 'name-problem' : 'name-hint'}
					/>
					{#if form?.nameProblem}
						<span class="font-semibold text-error" id="name-problem">{form.nameProblem}</span>
					{:else}
						<span class="quiet text-[0.9375rem]" id="name-hint">{say.itStandsOnListsAnd()}</span>
					{/if}
				</label>
				{@render choice('Units', 'lengths', data.choices.lengthSystem, units)}
				{@render choice(say.stitchNames(), 'terms', data.choices.stitchTerms, terms)}
				<label class="grid gap-1">
					{say.timeZoneOfTheHall()}
					<select class="field" name="timeZone" value={data.group.timeZone}>
						{#if !data.zones.includes(data.group.timeZone)}
							<option value={data.group.timeZone}>{data.group.timeZone}</option>
						{/if}
						{#each data.zones as zone (zone)}<option value={zone}
								>{zone.replaceAll('_', ' ')}</option
							>{/each}
					</select>
					<span class="quiet text-[0.9375rem]">{say.daysChangeAtMidnightIn()}</span>
				</label>
				<label class="grid gap-1">
					{say.languageAndCountryWhoseWay()}
					<input
						class="field"
						name="locale"
						value={form?.locale ?? data.group.locale}
						aria-invalid={form?.problem ? 'true' : undefined}
						aria-describedby={form?.problem ? 'locale-problem' : 'locale-hint'}
					/>
					{#if form?.problem}
						<span class="font-semibold text-error" id="locale-problem">{form.problem}</span>
					{:else}
						<span class="quiet text-[0.9375rem]" id="locale-hint">{say.suchAsEnGbPt()}</span>
					{/if}
				</label>
				<label class="grid gap-1"
					>{say.daysThatPagesStayOn()}
					<input
						class="field w-24"
						name="offlineDays"
						type="number"
						inputmode="numeric"
						min="1"
						max="60"
						value={data.group.offlineDays}
					/>
				</label>
				<input type="hidden" name="asks_teens" value="yes" />
				<label class="flex min-h-11 items-center gap-3">
					<input
						class="checkbox"
						type="checkbox"
						name="teens"
						value="yes"
						checked={data.choices.teensCutSharp}
					/>
					{say.teenagersSharp()}
				</label>
				<button class="btn">{say.saveForAll()}</button>
			</form>
		{/if}
	</div>
	<section
		class="sheet mt-4 flex flex-wrap items-center gap-x-8 gap-y-2 px-4 py-3"
		aria-label={say.whoReads()}
	>
		<WhoReads groupName={data.group.name} account={data.account} />
	</section>
	<div class="mt-4"><MoreLinks /></div>
</StagePage>
